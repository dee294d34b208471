<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** The crust's colour, as computed and as it was turned out. */
enum CrustColour: string
{
    case Pale = 'pale';
    case Straw = 'straw';
    case Golden = 'golden';
    case Amber = 'amber';
    case Dark = 'dark';
    case Burnt = 'burnt';

    /** Browning under which nobody sees any. */
    public const WHITE = 0.05;

    /** The colour that so much browning gives (docs/model.md, section F). */
    public static function of(float $browning): self
    {
        $colour = self::Pale;
        foreach (self::cases() as $case) {
            if ($browning >= $case->begins()) {
                $colour = $case;
            }
        }

        return $colour;
    }

    /** Browning at which the colour begins. */
    public function begins(): float
    {
        return match ($this) {
            self::Pale => 0.0,
            self::Straw => 0.2,
            self::Golden => 0.5,
            self::Amber => 1.2,
            self::Dark => 2.2,
            self::Burnt => 3.5,
        };
    }

    /** Browning at which the next colour begins; infinite for the last. */
    public function ends(): float
    {
        $cases = self::cases();
        $next = $cases[(int) array_search($this, $cases, true) + 1] ?? null;

        return $next === null ? INF : $next->begins();
    }

    /** The middle of its band on the logarithm's scale, by which browning grows with heat. */
    public function middle(): float
    {
        return match ($this) {
            self::Pale => 0.1,
            self::Burnt => 5.0,
            default => sqrt($this->begins() * $this->ends()),
        };
    }

    /** How it looks under white light, in the middle of its band: our own swatches (docs/model.md, section D). */
    public function swatch(): Lab
    {
        return match ($this) {
            self::Pale => new Lab(82, 1, 18),
            self::Straw => new Lab(76, 4, 30),
            self::Golden => new Lab(65, 12, 40),
            self::Amber => new Lab(52, 18, 36),
            self::Dark => new Lab(38, 15, 22),
            self::Burnt => new Lab(22, 6, 8),
        };
    }

    /**
     * The line of browning: straight from swatch to swatch, each at the middle of its band, and on past the first and
     * the last (docs/model.md, section D).
     */
    public static function onTheLine(float $lnBrowning): Lab
    {
        $colours = self::cases();
        $i = 1;
        while ($colours[$i] !== self::Burnt && $lnBrowning > log($colours[$i]->middle())) {
            $i++;
        }
        [$before, $colour] = [$colours[$i - 1], $colours[$i]];
        $from = log($before->middle());

        return $before->swatch()->towards(
            $colour->swatch(), ($lnBrowning - $from) / (log($colour->middle()) - $from),
        );
    }

    /** How a crust looks that browned so much: from white rice to burnt, which gets no darker. */
    public static function looks(float $browning): Lab
    {
        return self::onTheLine(log(max(self::WHITE, min(self::Burnt->middle(), $browning))));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** An amount with its unit, to be shown in the units that whoever reads it has chosen. */
final readonly class Quantity
{
    private function __construct(
        public float $amount, public string $unit, public int $decimals, public ?float $kgPerLitre = null,
        /** What one weighs, g, of what comes by the piece. */
        public ?float $pieceG = null,
    ) {
    }

    public static function of(float $amount, string $unit, int $decimals = 0): self
    {
        return new self($amount, $unit, $decimals);
    }

    public static function grams(float $grams, int $decimals = 0): self
    {
        return new self($grams, 'g', $decimals);
    }

    public static function celsius(float $celsius, int $decimals = 0): self
    {
        return new self($celsius, '°C', $decimals);
    }

    /** A stretch of time, told in hours and minutes. */
    public static function minutes(float $minutes): self
    {
        return new self($minutes, 'h:min', 0);
    }

    /** Minutes and seconds: 5:39. */
    public static function seconds(float $seconds): self
    {
        return new self($seconds, 's', 0);
    }

    /** The same as something that fills a cup so densely. */
    public function filling(?float $kgPerLitre): self
    {
        return new self($this->amount, $this->unit, $this->decimals, $kgPerLitre, $this->pieceG);
    }

    /** The same as something that is counted, each of so much. */
    public function counted(?float $pieceG): self
    {
        return new self($this->amount, $this->unit, $this->decimals, $this->kgPerLitre, $pieceG);
    }

    /** With its decimals; what is less than those can show is told as less, not as nothing. */
    private function plain(): string
    {
        $least = 10 ** -$this->decimals;
        $isTrace = $this->amount > 0 && $this->amount < $least / 2 && in_array($this->unit, ['g', 'ml', 'L'], true);
        $said = number_format($isTrace ? $least : $this->amount, $this->decimals, '.', '');

        return trim(($isTrace ? 'under ' : '')."{$said} {$this->unit}");
    }

    /** In grams, litres and minutes, as a cook reads it. */
    public function text(): string
    {
        return match (true) {
            $this->unit === 's' => Figure::clock($this->amount),
            $this->unit === 'clock' => sprintf('%02d:%02d', intdiv((int) $this->amount, 60), (int) $this->amount % 60),
            // Kitchen scales end at a few kilograms: past one, kilograms read easier.
            $this->unit === 'g' && $this->amount >= 1000 => number_format($this->amount / 1000, 2, '.', '').' kg',
            default => $this->plain(),
        };
    }
}

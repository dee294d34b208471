<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use Orbek\Core\Rice\CookingFront;

/**
 * A spoonful of one boil as it is seen: grains of a bag differ, so their hearts do. Everything about it is drawn from
 * chances that are handed in, so that the same seed shows the same spoonful again.
 */
final readonly class Spoonful
{
    /** Grains of one bag differ by so much in ln tau (our own: hearts seen side by side at half done, .04 to .12). */
    public const SPREAD = 0.09;

    private const GRAINS = 26;

    /** A grain takes so many chances. */
    private const A_GRAIN = 7;

    public const CHANCES = self::GRAINS * self::A_GRAIN;

    /** Swollen to so many times its raw length and thickness when done. */
    private const LONGER = 0.85;

    private const THICKER = 0.35;

    /** Soaked it is longer by so much, and over it goes on swelling. */
    private const SOAKED_LONGER = 0.12;

    private const OVER_LONGER = 0.25;

    /** A dry grain lets light through until it has taken up some water; past done it bursts. */
    private const GLASSY = 0.3;

    private const BURSTS = 0.25;

    /** Below this heart none is seen. */
    private const SEEN = 0.16;

    /** With a wider heart than this a grain cracks in two; with one within these it parts. */
    private const CRACKS = 0.75;

    private const PARTS = [0.4, 0.62];

    /**
     * @param  list<array{x: float, y: float, turn: float, long: float, thick: float, heart: float, up: bool,
     *     glass: bool, split: bool, parts: int}>  $grains
     *     place 0 … 1 across and down, degrees, length and thickness over the raw grain's length, heart's width over
     *     the grain's, whether it rides at the surface, is glassy still, has burst, into how many it parts when
     *     it is pressed
     */
    private function __construct(public array $grains, public float $doneness)
    {
    }

    /**
     * @param  list<float>  $chances CHANCES of them, 0 … 1
     * @param  float  $soaked how far the water has gone in before the boil, 0 dry to 1
     * @param  float  $over time in the boil past done, as a share of the time to it
     */
    public static function of(float $doneness, array $chances, float $soaked = 1.0, float $over = 0.0): self
    {
        $grains = [];
        for ($i = 0; $i < self::GRAINS; $i++) {
            [$x, $y, $turn, $long, $rides, $one, $two] = array_slice($chances, $i * self::A_GRAIN, self::A_GRAIN);
            // Box and Muller's way from two even chances to a normal one.
            $own = self::ofGrain($doneness, sqrt(-2 * log(max(1e-9, $one))) * cos(2 * M_PI * $two));
            $heart = CookingFront::coreRadius($own);
            $seen = $heart < self::SEEN ? 0.0 : self::rounded($heart);
            $grains[] = [
                'x' => self::rounded(($i % 6 + 0.2 + 0.6 * $x) / 6),
                'y' => self::rounded((intdiv($i, 6) + 0.2 + 0.6 * $y) / 5),
                'turn' => round(180 * $turn), 'long' => self::rounded(
                    (1 + self::SOAKED_LONGER * $soaked + self::LONGER * $own) * (1 + self::OVER_LONGER * $over)
                        * (0.9 + 0.2 * $long),
                ),
                'thick' => self::rounded(0.24 * (1 + self::THICKER * $own)),
                'heart' => $seen,
                'parts' => self::parts($seen, $turn > 0.5),
                'glass' => $soaked + $own < self::GLASSY, 'split' => $over > self::BURSTS * (0.5 + $long),
                // About three fifths cooked they are light enough to ride up in the boil.
                'up' => $rides < 1 / (1 + exp(-14 * ($own - 0.58))),
            ];
        }

        return new self($grains, $doneness);
    }

    /** A grain of the same boil whose bag-mates are as done as told: its own front goes faster or slower. */
    public static function ofGrain(float $doneness, float $normal): float
    {
        $cooked = (1 - CookingFront::coreRadius($doneness)) * exp(self::SPREAD * $normal);

        return 1 - max(0.0, 1 - $cooked) ** 2;
    }

    /**
     * A dry grain cracks in two; a half-done one parts where its heart is thin, in two or three; a done one smears.
     */
    private static function parts(float $heart, bool $isInThree): int
    {
        return match (true) {
            $heart > self::CRACKS => 2,
            $heart > self::PARTS[0] && $heart < self::PARTS[1] => $isInThree ? 3 : 2,
            default => 1,
        };
    }

    /** How many show a heart, and how wide it is in the middle one of those, as a share of the grain. */
    public function hearts(): int
    {
        return count(array_filter($this->grains, static fn (array $grain): bool => $grain['heart'] > 0));
    }

    public function heartShare(): float
    {
        $hearts = array_values(array_filter(
            array_column($this->grains, 'heart'), static fn (float $heart): bool => $heart > 0,
        ));
        sort($hearts);

        return $hearts === [] ? 0.0 : $hearts[intdiv(count($hearts), 2)];
    }

    public function ridingUp(): int
    {
        return count(array_filter($this->grains, static fn (array $grain): bool => $grain['up']));
    }

    private static function rounded(float $value): float
    {
        return round($value, 3);
    }
}

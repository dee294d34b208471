<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/**
 * A built pot cut through its middle: how high each layer stands, and what is free under the lid.
 *
 * Layers fill the pot's width up to a shoulder; a mound goes on from there with a foot of 80 % of
 * the width and a 35° slope, cut flat where it would take the free height under the lid
 * (docs/model.md, section E). Layer limits are level.
 */
final readonly class Section
{
    /** Height under the lid that steam needs to turn, cm. */
    public const FREE_CM = 5.0;

    private const FOOT = 0.8;

    private const SLOPE_DEGREES = 35.0;

    /**
     * @param  list<Layer>  $layers bottom to top
     * @param  list<float>  $topsCm each layer's upper limit above the base
     */
    private function __construct(
        public Pot $pot,
        public array $layers,
        public array $topsCm,
        public float $shoulderCm,
        public float $footRadiusCm,
        public float $plateauRadiusCm,
    ) {
    }

    /** @param  list<Layer>  $layers bottom to top */
    public static function of(Pot $pot, array $layers, bool $mound): self
    {
        $areaCm2 = $pot->baseCm2();
        $volumeCm3 = 1000 * array_sum(array_map(static fn (Layer $layer): float => $layer->litres(), $layers));
        $foot = self::FOOT * $pot->diameterCm / 2;
        $slope = tan(deg2rad(self::SLOPE_DEGREES));

        // The highest mound that leaves the free height; none where even a level fill does not.
        $moundCm = 0.0;
        if ($mound) {
            $low = 0.0;
            $high = $foot * $slope;
            for ($i = 0; $i < 40; $i++) {
                $try = ($low + $high) / 2;
                $cap = self::capCm3($foot, $try, $slope);
                $fits = $cap <= $volumeCm3 && ($volumeCm3 - $cap) / $areaCm2 + $try <= $pot->heightCm() - self::FREE_CM;
                $fits ? $low = $try : $high = $try;
            }
            $moundCm = $low;
        }
        $shoulder = ($volumeCm3 - self::capCm3($foot, $moundCm, $slope)) / $areaCm2;

        $tops = [];
        $below = 0.0;
        foreach ($layers as $layer) {
            $below += 1000 * $layer->litres();
            $tops[] = self::levelOf($below, $areaCm2, $shoulder, $foot, $moundCm, $slope);
        }

        return new self($pot, $layers, $tops, $shoulder, $foot, $foot - $moundCm / $slope);
    }

    public function topCm(): float
    {
        return $this->topsCm === [] ? 0.0 : $this->topsCm[count($this->topsCm) - 1];
    }

    /** About how high the food stands as it goes in, before the rice swells. */
    public function layeredCm(): float
    {
        $steamed = array_sum(array_map(static fn (Layer $layer): float => $layer->litres(), $this->layers));

        return $steamed <= 0
            ? 0.0
            : $this->topCm() * array_sum(
                array_map(static fn (Layer $layer): float => $layer->layeredLitres(), $this->layers),
            ) / $steamed;
    }

    /** Free height between the highest point and the rim; negative when it stands over it. */
    public function freeCm(): float
    {
        return $this->pot->heightCm() - $this->topCm();
    }

    public function isTooFull(): bool
    {
        return $this->freeCm() < self::FREE_CM - 0.05;
    }

    /** Half the width of the food at a height above the base, cm; 0 above it. */
    public function halfWidthCm(float $heightCm): float
    {
        return match (true) {
            $heightCm <= $this->shoulderCm => $this->pot->diameterCm / 2,
            $heightCm <= $this->topCm() + 1e-9 => max(
                $this->plateauRadiusCm,
                $this->footRadiusCm - ($heightCm - $this->shoulderCm) / tan(deg2rad(self::SLOPE_DEGREES)),
            ),
            default => 0.0,
        };
    }

    /** A mound of a height is a cone cut flat. */
    private static function capCm3(float $foot, float $height, float $slope): float
    {
        $top = $foot - $height / $slope;

        return M_PI * $height / 3 * ($foot ** 2 + $foot * $top + $top ** 2);
    }

    private static function levelOf(
        float $cm3, float $areaCm2, float $shoulder, float $foot, float $moundCm, float $slope,
    ): float {
        if ($cm3 <= $shoulder * $areaCm2 || $moundCm <= 0) {
            return $cm3 / $areaCm2;
        }

        $low = 0.0;
        $high = $moundCm;
        for ($i = 0; $i < 40; $i++) {
            $try = ($low + $high) / 2;
            self::capCm3($foot, $try, $slope) < $cm3 - $shoulder * $areaCm2 ? $low = $try : $high = $try;
        }

        return $shoulder + $high;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

use Orbek\Core\Rice\CookingFront;

/**
 * One grain pressed flat: its outline, and how much of its section is white heart.
 *
 * Pressed, a section keeps its shares: a heart of so much of the round section's area takes up so much of the flat one's
 * width, and D = 1 − rho² is one minus that share. Only the middle of its length counts: at the tips water comes in from
 * the end too.
 */
final readonly class Grain
{
    /** The tips, so much of the area at either end, tell less. */
    private const TIP = 0.2;

    /** Where a grain is less deep than this many pixels its edge is part of the light. */
    private const EDGE = 1.6;

    /** Its rim is as bright as so large a part of what is not edge is darker than. */
    private const RIM = 0.12;

    /** A heart stands out from the rim by so much of the rim's light over the ground, and so many times the noise. */
    private const STANDS_OUT = 0.16;

    private const OVER_NOISE = 3.0;

    /** Rounds in which a heart's width and its light, each by the other, are found. */
    private const ROUNDS = 12;

    private const POINTS = 10;

    /**
     * @param  list<array{float, float}>  $outline across and down, pixels
     * @param  float  $rim light over the ground
     * @param  float  $excess light over the rim, over the rim's, added up across the middle: px
     * @param  float  $peak the heart's light over the rim, over the rim's, as blurred as it is; 0 where none is seen
     */
    private function __construct(
        public array $outline,
        public int $area,
        public float $long,
        public float $wide,
        /** Its area over that of an ellipse that lies as it does: a bent one or two together have less. */
        public float $full,
        public bool $atEdge,
        public float $rim,
        /** Across the middle, px. */
        public float $section,
        public float $excess,
        public float $peak,
        /** Most light in it, over the ground. */
        public float $brightest,
    ) {
    }

    /**
     * @param  list<int>  $pixels
     * @param  list<float>  $over light over the ground
     * @param  array<int, int>  $deep
     */
    public static function of(array $pixels, array $over, array $deep, int $width, int $height, float $noise): self
    {
        $many = count($pixels);
        $sumX = $sumY = $xx = $yy = $xy = 0.0;
        $atEdge = false;
        foreach ($pixels as $at) {
            $x = $at % $width;
            $y = intdiv($at, $width);
            $sumX += $x;
            $sumY += $y;
            $xx += $x * $x;
            $yy += $y * $y;
            $xy += $x * $y;
            $atEdge = $atEdge || $x === 0 || $y === 0 || $x === $width - 1 || $y === $height - 1;
        }
        $midX = $sumX / $many;
        $midY = $sumY / $many;
        // A pixel has a width of its own.
        $xx = $xx / $many - $midX ** 2 + 1 / 12;
        $yy = $yy / $many - $midY ** 2 + 1 / 12;
        $xy = $xy / $many - $midX * $midY;
        $turn = 0.5 * atan2(2 * $xy, $xx - $yy);
        $apart = hypot(($xx - $yy) / 2, $xy);
        [$most, $less] = [sqrt(($xx + $yy) / 2 + $apart), sqrt(max(1 / 12, ($xx + $yy) / 2 - $apart))];
        [$cos, $sin] = [cos($turn), sin($turn)];
        $slices = [];
        $inner = [];
        $brightest = 0.0;
        foreach ($pixels as $at) {
            $x = $at % $width - $midX;
            $y = intdiv($at, $width) - $midY;
            $slices[(int) floor($x * $cos + $y * $sin)][] = [$at, $y * $cos - $x * $sin];
            if ($deep[$at] > Patches::STEP * self::EDGE) {
                $inner[] = $over[$at];
            }
            $brightest = max($brightest, $over[$at]);
        }
        ksort($slices);
        sort($inner);
        $rim = $inner === [] ? 0.0 : $inner[(int) (self::RIM * count($inner))];
        [$section, $excess, $peak] = self::middle($slices, $many, $over, $deep, max(1e-6, $rim));
        $seen = max(self::STANDS_OUT, self::OVER_NOISE * $noise / max(1e-6, $rim) / M_SQRT2);

        return new self(
            outline: self::outline($slices, $midX, $midY, $cos, $sin), area: $many, long: 4 * $most, wide: 4 * $less,
            full: $many / (4 * M_PI * $most * $less), atEdge: $atEdge, rim: $rim, section: $section,
            excess: $peak > $seen ? max(0.0, $excess) : 0.0, peak: $peak > $seen ? $peak : 0.0, brightest: $brightest,
        );
    }

    /**
     * The middle of its length: how wide it is there, and the light over the rim, both a slice.
     *
     * @param  array<int, list<array{int, float}>>  $slices
     * @param  list<float>  $over
     * @param  array<int, int>  $deep
     * @return array{float, float, float} width, light over the rim added up, the same at its highest
     */
    private static function middle(array $slices, int $many, array $over, array $deep, float $rim): array
    {
        $before = $counted = 0;
        $section = $excess = 0.0;
        $peaks = [];
        foreach ($slices as $slice) {
            $here = count($slice);
            $isMiddle = $before >= self::TIP * $many && $before + $here <= (1 - self::TIP) * $many;
            $before += $here;
            if (! $isMiddle) {
                continue;
            }
            $counted++;
            $section += $here;
            $row = [];
            foreach ($slice as [$at, $across]) {
                if ($deep[$at] > Patches::STEP * self::EDGE) {
                    $light = $over[$at] / $rim - 1;
                    $excess += $light;
                    $row[(int) floor($across)][] = $light;
                }
            }
            $peaks[] = self::highest($row);
        }
        if ($counted === 0) {
            return [0.0, 0.0, 0.0];
        }
        sort($peaks);

        return [$section / $counted, $excess / $counted, $peaks[intdiv(count($peaks), 2)]];
    }

    /**
     * The highest mean of two places side by side: one pixel may be noise.
     *
     * @param  array<int, list<float>>  $row light by place across
     */
    private static function highest(array $row): float
    {
        $highest = 0.0;
        foreach ($row as $place => $light) {
            $two = [...$light, ...$row[$place + 1] ?? []];
            $highest = max($highest, array_sum($two) / count($two));
        }

        return $highest;
    }

    /**
     * @param  array<int, list<array{int, float}>>  $slices
     * @return list<array{float, float}>
     */
    private static function outline(array $slices, float $midX, float $midY, float $cos, float $sin): array
    {
        $along = array_keys($slices);
        $every = max(1, intdiv(count($along), self::POINTS));
        $up = $down = [];
        foreach ($along as $i => $t) {
            if ($i % $every === 0 || $i === count($along) - 1) {
                $across = array_column($slices[$t], 1);
                foreach ([[&$up, max($across) + 0.5], [&$down, min($across) - 0.5]] as [&$side, $q]) {
                    $side[] = [$midX + 0.5 + $t * $cos - $q * $sin, $midY + 0.5 + $t * $sin + $q * $cos];
                }
                unset($side);
            }
        }

        return [...$up, ...array_reverse($down)];
    }

    /**
     * How much brighter than the rim its heart is, over the rim, were the picture not blurred: the narrower a heart, the
     * more of its light the blur has taken from its height.
     *
     * @param  float  $blur sd, px
     */
    public function contrast(float $blur): float
    {
        $contrast = $this->peak;
        for ($round = 0; $round < self::ROUNDS && $contrast > 0; $round++) {
            $contrast = $this->peak / max(0.25, self::within($this->excess / $contrast / (2 * M_SQRT2 * max(0.05, $blur))));
        }

        return $contrast;
    }

    /** The error function (Abramowitz and Stegun, 7.1.27), from 0 up. */
    private static function within(float $x): float
    {
        return 1 - 1 / (1 + 0.278393 * $x + 0.230389 * $x ** 2 + 0.000972 * $x ** 3 + 0.078108 * $x ** 4) ** 4;
    }

    /** The heart's share of the section. */
    public function heart(float $contrast): float
    {
        return $contrast <= 0 || $this->section <= 0
            ? 0.0 : max(0.0, min(1.0, $this->excess / $contrast / $this->section));
    }

    /** How far it is, by the law of the grain; a heart too thin to be seen is told as done. */
    public static function doneness(float $heart): float
    {
        return 1 - $heart;
    }

    /** Its heart's radius over its own, before it was pressed. */
    public static function radius(float $heart): float
    {
        return CookingFront::coreRadius(self::doneness($heart));
    }
}

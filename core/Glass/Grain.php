<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

/**
 * One grain pressed flat: its outline, and how much of its section is white heart.
 *
 * Pressed, a section keeps its shares: a heart of so much of the round section's area takes up so much of the flat
 * one's width, and D = 1 − rho² is one minus that share. Only the middle of its length counts: at the tips water
 * comes in from the end too.
 */
final readonly class Grain
{
    /** The tips, so much of the area at either end, tell less. */
    private const TIP = 0.2;

    /** Where a grain is less deep than this many pixels its edge is part of the light. */
    private const EDGE = 1.6;

    /** Its rim is as bright as so large a part of what is not edge is darker than. */
    private const RIM = 0.12;

    /** So many times the noise of a pixel to either side of that is rim too. */
    private const NEAR = 3.0;

    /** A heart stands out from the rim by so much of the rim's light over the ground, and so many times the noise. */
    private const STANDS_OUT = 0.14;

    private const OVER_NOISE = 3.0;

    /** Rounds in which a heart's width and its light, each by the other, are found. */
    private const ROUNDS = 12;

    /** Its highest light is the mean of two pixels side by side: as if that much more blurred, px sd. */
    private const OF_TWO = 0.577;

    /** Where water has come to is no sharp line: a heart's edge is that much softer than a grain's (our own), px sd. */
    private const SOFT = 0.57;

    private const POINTS = 10;

    /**
     * @param  list<array{float, float}>  $outline across and down, pixels
     * @param  float  $full its area over that of an ellipse that lies as it does: a bent one or two together have less
     * @param  float  $rim light over the ground
     * @param  float  $section how wide it is across the middle, px
     * @param  float  $inner the same without its edge
     * @param  float  $light over the ground, added up across that
     * @param  float  $edge light over the rim, added up across the edge
     * @param  float  $peak the most light of a section, over the ground
     * @param  float  $unsure sd of one pixel
     */
    private function __construct(
        public array $outline, public int $area, public float $x, public float $y, public float $long,
        public float $wide, public float $full, public bool $atEdge, public float $rim, public float $section,
        private float $inner, private float $light, private float $edge, public float $peak, private float $unsure,
    ) {
    }

    /** The same with another rim: one that its own wide heart has outshone. */
    public function withRim(float $rim): self
    {
        return new self(
            outline: $this->outline, area: $this->area, x: $this->x, y: $this->y, long: $this->long, wide: $this->wide,
            full: $this->full, atEdge: $this->atEdge, rim: $rim, section: $this->section, inner: $this->inner,
            light: $this->light, edge: $this->edge, peak: $this->peak, unsure: $this->unsure,
        );
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
        foreach ($pixels as $at) {
            $x = $at % $width - $midX;
            $y = intdiv($at, $width) - $midY;
            $slices[(int) floor($x * $cos + $y * $sin)][] = [$at, $y * $cos - $x * $sin];
            if ($deep[$at] > Patches::STEP * self::EDGE) {
                $inner[] = $over[$at];
            }
        }
        ksort($slices);
        sort($inner);
        $rim = self::rim($inner, $noise);
        [$section, $innerWide, $light, $edge, $peak] = self::middle($slices, $many, $over, $deep, $rim);

        return new self(
            outline: self::outline($slices, $midX, $midY, $cos, $sin), area: $many, x: $midX, y: $midY, long: 4 * $most,
            wide: 4 * $less, full: $many / (4 * M_PI * $most * $less), atEdge: $atEdge, rim: $rim, section: $section,
            inner: $innerWide, light: $light, edge: $edge, peak: $peak, unsure: $noise,
        );
    }

    /**
     * The light of its rim: the mean of what is about as bright as the dimmer part of it.
     *
     * @param  list<float>  $inner light without the edge, the dimmest first
     */
    private static function rim(array $inner, float $noise): float
    {
        $dim = $inner[(int) (self::RIM * count($inner))] ?? 0.0;
        $near = array_filter($inner, static fn (float $one): bool => abs($one - $dim) < self::NEAR * $noise);

        return $near === [] ? $dim : array_sum($near) / count($near);
    }

    /**
     * The middle of its length, a slice on average.
     *
     * @param  array<int, list<array{int, float}>>  $slices
     * @param  list<float>  $over
     * @param  array<int, int>  $deep
     * @return array{float, float, float, float, float} width, width without the edge, light across that, light over the
     *     rim across the edge, most light
     */
    private static function middle(array $slices, int $many, array $over, array $deep, float $rim): array
    {
        $before = $counted = $section = $inner = 0;
        $sum = $edge = 0.0;
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
                    $inner++;
                    $sum += $over[$at];
                    $row[(int) floor($across)][] = $over[$at];
                } else {
                    $edge += max(0.0, $over[$at] - $rim);
                }
            }
            $peaks[] = self::highest($row);
        }
        sort($peaks);
        $n = max(1, $counted);

        return [$section / $n, $inner / $n, $sum / $n, $edge / $n, $peaks[intdiv($n, 2)] ?? 0.0];
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
        $low = $high = [];
        foreach ($slices as $slice) {
            $across = [];
            foreach ($slice as [, $q]) {
                $across[] = $q;
            }
            sort($across);
            $low[] = ($across[0] ?? 0.0) - 0.5;
            $high[] = ($across[count($across) - 1] ?? 0.0) + 0.5;
        }
        $every = max(1, intdiv(count($along), self::POINTS));
        $up = $down = [];
        foreach ($along as $i => $t) {
            if ($i % $every === 0 || $i === count($along) - 1) {
                $point = static fn (float $q): array => [
                    $midX + 0.5 + $t * $cos - $q * $sin, $midY + 0.5 + $t * $sin + $q * $cos,
                ];
                $down[] = $point(self::around($low, $i));
                $up[] = $point(self::around($high, $i));
            }
        }

        return [...$up, ...array_reverse($down)];
    }

    /**
     * A side of the outline without the steps of its pixels.
     *
     * @param  list<float>  $side
     */
    private static function around(array $side, int $at): float
    {
        $near = array_slice($side, max(0, $at - 1), 3);

        return array_sum($near) / max(1, count($near));
    }

    /** Light over the rim, added up across a section. */
    private function excess(): float
    {
        return max(0.0, $this->light - $this->rim * $this->inner + $this->edge);
    }

    /** Whether a heart stands out from its rim. */
    public function hasHeart(): bool
    {
        return $this->peak - $this->rim > max(self::STANDS_OUT * $this->rim,
            self::OVER_NOISE * $this->unsure / M_SQRT2);
    }

    /**
     * How bright its heart is over the ground, were the picture not blurred: the narrower a heart, the more of its
     * light the blur has taken from its height.
     *
     * @param  float  $soft sd, px
     */
    public function white(float $soft): float
    {
        $seen = $this->peak - $this->rim;
        $is = $seen;
        for ($round = 0; $round < self::ROUNDS && $is > 0; $round++) {
            $is = $seen / max(0.4, self::within(
                $this->excess() / $is / (2 * M_SQRT2 * $soft),
            ));
        }

        return $this->rim + max(0.0, $is);
    }

    /**
     * How soft a heart's edge is to be taken, its light the mean of two pixels.
     *
     * @param  float  $blur of a grain's edge, px sd
     */
    public static function softness(float $blur): float
    {
        return sqrt($blur ** 2 + self::OF_TWO ** 2 + self::SOFT ** 2);
    }

    /** How wide its heart is over the blur, were it as bright as told. */
    public function overBlur(float $white, float $soft): float
    {
        return $this->excess() / max(1e-6, $white - $this->rim) / $soft;
    }

    /** The heart's share of the section, as bright as told. */
    public function heart(float $white): float
    {
        return $this->section <= 0 || $white <= $this->rim
            ? 0.0 : min(1.0, $this->excess() / ($white - $this->rim) / $this->section);
    }

    /** The error function (Abramowitz and Stegun, 7.1.27), from 0 up. */
    private static function within(float $x): float
    {
        return 1 - 1 / (1 + 0.278393 * $x + 0.230389 * $x ** 2 + 0.000972 * $x ** 3 + 0.078108 * $x ** 4) ** 4;
    }
}

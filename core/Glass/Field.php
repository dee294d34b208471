<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

/**
 * Light over the ground at half the picture's size: uneven light of lamp and window is taken out where the ground
 * shows, so that what is left is rice, glare, or noise.
 */
final readonly class Field
{
    /** The ground is looked for in squares of so many pixels, and is what so large a part of one is darker than. */
    private const TILE = 16;

    private const DARKER = 0.3;

    /** Of pixels side by side, the median difference is so many times the noise of one (of two normals). */
    private const MEDIAN_OF_TWO = 0.9539;

    private const LEAST_NOISE = 0.4;

    private const BURNT_OUT = 246.0;

    /**
     * @param  list<float>  $over light over the ground, row by row
     * @param  list<float>  $ground the ground's own
     * @param  float  $noise sd of one pixel
     */
    private function __construct(
        public int $width, public int $height, public array $over, public array $ground, public float $noise,
    ) {
    }

    public static function of(Pixels $pixels): self
    {
        [$width, $height, $light] = $pixels->light();
        $ground = self::ground($light, $width, $height);
        $over = [];
        foreach ($light as $at => $value) {
            $over[] = $value - $ground[$at];
        }

        return new self($width, $height, $over, $ground, self::noise($light));
    }

    /** How much of the picture is as bright as a camera can tell. */
    public function burntOut(): float
    {
        $burnt = 0;
        foreach ($this->over as $at => $over) {
            $burnt += (int) ($over + $this->ground[$at] >= self::BURNT_OUT);
        }

        return $burnt / max(1, count($this->over));
    }

    /**
     * @param  list<float>  $light
     * @return list<float>
     */
    private static function ground(array $light, int $width, int $height): array
    {
        $across = max(2, intdiv($width, self::TILE));
        $down = max(2, intdiv($height, self::TILE));
        $tiles = [];
        for ($j = 0; $j < $down; $j++) {
            for ($i = 0; $i < $across; $i++) {
                $tiles[$j][$i] = self::darker(
                    $light, $width, intdiv($i * $width, $across), intdiv(($i + 1) * $width, $across),
                    intdiv($j * $height, $down), intdiv(($j + 1) * $height, $down),
                );
            }
        }
        // A square that is all rice is as dark as those beside it.
        $tiles = self::around($tiles, static fn (array $near): float => min($near));
        $tiles = self::around($tiles, static fn (array $near): float => max($near));
        $tiles = self::around($tiles, static fn (array $near): float => array_sum($near) / count($near));

        return self::between($tiles, $width, $height, $across, $down);
    }

    /** @param  list<float>  $light */
    private static function darker(array $light, int $width, int $left, int $right, int $top, int $bottom): float
    {
        $in = [];
        for ($y = $top; $y < $bottom; $y++) {
            for ($x = $left; $x < $right; $x++) {
                $in[] = $light[$y * $width + $x];
            }
        }
        sort($in);

        return $in[(int) (self::DARKER * count($in))];
    }

    /**
     * @param  array<int, array<int, float>>  $tiles
     * @param  callable(non-empty-list<float>): float  $of nine beside each other, fewer at the edge
     * @return array<int, array<int, float>>
     */
    private static function around(array $tiles, callable $of): array
    {
        $made = [];
        foreach ($tiles as $j => $row) {
            foreach ($row as $i => $value) {
                $near = [$value];
                for ($dj = -1; $dj <= 1; $dj++) {
                    for ($di = -1; $di <= 1; $di++) {
                        if (($dj !== 0 || $di !== 0) && isset($tiles[$j + $dj][$i + $di])) {
                            $near[] = $tiles[$j + $dj][$i + $di];
                        }
                    }
                }
                $made[$j][$i] = $of($near);
            }
        }

        return $made;
    }

    /**
     * The ground of every pixel, evenly from the middle of one square to the next.
     *
     * @param  array<int, array<int, float>>  $tiles
     * @return list<float>
     */
    private static function between(array $tiles, int $width, int $height, int $across, int $down): array
    {
        $columns = [];
        for ($x = 0; $x < $width; $x++) {
            $at = max(0.0, min($across - 1.001, ($x + 0.5) * $across / $width - 0.5));
            $columns[] = [(int) $at, $at - (int) $at];
        }
        $ground = [];
        for ($y = 0; $y < $height; $y++) {
            $at = max(0.0, min($down - 1.001, ($y + 0.5) * $down / $height - 0.5));
            $part = $at - (int) $at;
            $row = [];
            foreach ($tiles[(int) $at] as $i => $upper) {
                $row[] = $upper + $part * ($tiles[(int) $at + 1][$i] - $upper);
            }
            foreach ($columns as [$i, $share]) {
                $ground[] = $row[$i] + $share * ($row[$i + 1] - $row[$i]);
            }
        }

        return $ground;
    }

    /** @param  list<float>  $light */
    private static function noise(array $light): float
    {
        $apart = [];
        for ($at = 0, $end = count($light) - 1; $at < $end; $at += 7) {
            $apart[] = abs($light[$at + 1] - $light[$at]);
        }
        sort($apart);

        return max(self::LEAST_NOISE, $apart[intdiv(count($apart), 2)] / self::MEDIAN_OF_TWO);
    }
}

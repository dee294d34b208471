<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

/**
 * What is brighter than the ground, cut into single grains: how deep each pixel lies in its patch (chamfer distance,
 * Borgefors, Computer Vision, Graphics, and Image Processing 34 (1986) 344), then watershed from the deepest on, two
 * basins being one where the saddle between them is hardly lower than the lower of the two (Vincent and Soille, IEEE
 * Transactions on Pattern Analysis 13 (1991) 583).
 */
final readonly class Patches
{
    /** Chamfer distances go by fives and sevens. */
    public const STEP = 5;

    private const DIAGONAL = 7;

    /** Basins with a saddle this high, over the lower of their two depths, are one grain. */
    private const SADDLE = 0.78;

    /** @param  array<int, list<int>>  $all pixels of each by its label */
    private function __construct(public array $all, public int $width, public int $height)
    {
    }

    /**
     * @param  list<float>  $over
     * @param  callable(list<int>): float  $cut of the pixels of a patch that hang together: from what light on they
     * are rice
     * @param  float  $from light from which a pixel is looked at at all
     * @param  array<int, int>  $deep by pixel, written: how deep it lies
     */
    public static function of(
        array $over, int $width, int $height, float $from, callable $cut, int $least, array &$deep,
    ): self {
        $in = self::hanging($over, $width, $height, $from, $cut, $least);
        $deep = self::depths($in, $width);

        return new self(self::cutApart($deep, $width), $width, $height);
    }

    /**
     * @param  list<float>  $over
     * @param  callable(list<int>): float  $cut
     * @return array<int, true> pixels that are rice
     */
    private static function hanging(
        array $over, int $width, int $height, float $from, callable $cut, int $least,
    ): array {
        $left = [];
        foreach ($over as $at => $value) {
            if ($value > $from) {
                $left[$at] = true;
            }
        }
        $in = [];
        $end = $width * $height;
        foreach (array_keys($left) as $start) {
            if (! isset($left[$start])) {
                continue;
            }
            $patch = self::spread($start, $left, $width);
            if (count($patch) < $least || count($patch) > $end / 2) {
                continue;
            }
            $edge = $cut($patch);
            foreach ($patch as $at) {
                if ($over[$at] > $edge) {
                    $in[$at] = true;
                }
            }
        }

        return $in;
    }

    /**
     * All that hangs together with one, taken out of what is left.
     *
     * @param  array<int, true>  $left
     * @return non-empty-list<int>
     */
    private static function spread(int $start, array &$left, int $width): array
    {
        unset($left[$start]);
        $patch = [$start];
        for ($i = 0; $i < count($patch); $i++) {
            $at = $patch[$i];
            $x = $at % $width;
            foreach (
                [$x > 0 ? $at - 1 : -1, $x < $width - 1 ? $at + 1 : -1, $at - $width, $at + $width] as $next
            ) {
                if (isset($left[$next])) {
                    unset($left[$next]);
                    $patch[] = $next;
                }
            }
        }

        return $patch;
    }

    /**
     * @param  array<int, true>  $in
     * @return array<int, int> by pixel, in fifths of one, the edge at STEP
     */
    private static function depths(array $in, int $width): array
    {
        ksort($in);
        $deep = [];
        foreach ($in as $at => $is) {
            $deep[$at] = min(
                ($deep[$at - 1] ?? 0) + self::STEP, ($deep[$at - $width] ?? 0) + self::STEP,
                ($deep[$at - $width - 1] ?? 0) + self::DIAGONAL, ($deep[$at - $width + 1] ?? 0) + self::DIAGONAL,
            );
        }
        foreach (array_reverse(array_keys($in)) as $at) {
            $deep[$at] = min(
                $deep[$at], ($deep[$at + 1] ?? 0) + self::STEP, ($deep[$at + $width] ?? 0) + self::STEP,
                ($deep[$at + $width + 1] ?? 0) + self::DIAGONAL, ($deep[$at + $width - 1] ?? 0) + self::DIAGONAL,
            );
        }

        return $deep;
    }

    /**
     * @param  array<int, int>  $deep
     * @return array<int, list<int>>
     */
    private static function cutApart(array $deep, int $width): array
    {
        $levels = [];
        foreach ($deep as $at => $depth) {
            $levels[$depth][] = $at;
        }
        krsort($levels);
        /** @var array<int, int> $label */
        $label = [];
        /** @var array<int, int> $of */
        $of = [];
        /** @var array<int, int> $peak */
        $peak = [];
        foreach ($levels as $depth => $pixels) {
            foreach ($pixels as $at) {
                $roots = self::beside($at, $width, $label, $of);
                if ($roots === []) {
                    $label[$at] = $at;
                    $of[$at] = $at;
                    $peak[$at] = $depth;

                    continue;
                }
                $first = $roots[0];
                foreach (array_slice($roots, 1) as $other) {
                    [$high, $low] = $peak[$first] >= $peak[$other] ? [$first, $other] : [$other, $first];
                    if ($depth >= self::SADDLE * $peak[$low]) {
                        $of[$low] = $high;
                    }
                    $first = $high;
                }
                $label[$at] = $first;
            }
        }
        $all = [];
        foreach ($label as $at => $root) {
            $all[self::root($root, $of)][] = $at;
        }

        return $all;
    }

    /**
     * @param  array<int, int>  $label
     * @param  array<int, int>  $of
     * @return list<int> the basins of what lies around a pixel
     */
    private static function beside(int $at, int $width, array $label, array $of): array
    {
        $near = [];
        foreach ([-$width - 1, -$width, -$width + 1, -1, 1, $width - 1, $width, $width + 1] as $by) {
            if (isset($label[$at + $by])) {
                $near[self::root($label[$at + $by], $of)] = true;
            }
        }

        return array_keys($near);
    }

    /** @param  array<int, int>  $of */
    private static function root(int $basin, array $of): int
    {
        while ($of[$basin] !== $basin) {
            $basin = $of[$basin];
        }

        return $basin;
    }
}

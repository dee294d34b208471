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
     * @param  callable(list<int>): float  $cut of the pixels of a patch that hang together: from what light on they are rice
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
        $last = $width - 1;
        $end = $width * $height;
        foreach (array_keys($left) as $start) {
            if (! isset($left[$start])) {
                continue;
            }
            unset($left[$start]);
            $patch = [$start];
            for ($i = 0; $i < count($patch); $i++) {
                $at = $patch[$i];
                $x = $at % $width;
                foreach ([$x > 0 ? $at - 1 : -1, $x < $last ? $at + 1 : -1, $at - $width, $at + $width] as $next) {
                    if (isset($left[$next])) {
                        unset($left[$next]);
                        $patch[] = $next;
                    }
                }
            }
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
        $label = $of = $peak = [];
        foreach ($levels as $depth => $pixels) {
            foreach ($pixels as $at) {
                $near = [];
                foreach (
                    [$at - 1, $at + 1, $at - $width, $at + $width, $at - $width - 1, $at - $width + 1, $at + $width - 1,
                        $at + $width + 1] as $next
                ) {
                    if (isset($label[$next])) {
                        $root = $label[$next];
                        while ($of[$root] !== $root) {
                            $root = $of[$root];
                        }
                        $near[$root] = true;
                    }
                }
                $roots = array_keys($near);
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
            while ($of[$root] !== $root) {
                $root = $of[$root];
            }
            $all[$root][] = $at;
        }

        return $all;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

use Orbek\Core\Measure\Refused;

/**
 * How far a spoonful is, read from a photograph of some ten grains pressed flat under glass on a dark ground
 * (docs/model.md, "The glass").
 */
final readonly class Reading
{
    /** Fewer grains tell of themselves and not of the spoonful. */
    public const LEAST_GRAINS = 5;

    /** More than so many are too small to be read in one picture. */
    private const MOST_GRAINS = 120;

    /** A heart of less than a tenth of the width is not seen: done, and so far on average. */
    private const SEEN = 0.1;

    private const UNSEEN = 0.965;

    /** Rice stands out from its ground by so much of 255, and so many times the noise. */
    private const STANDS_OUT = 22.0;

    private const OVER_NOISE = 7.0;

    /** Of the brightest, what is looked at as rice. */
    private const LOOKED_AT = 0.13;

    /** Of all pixels, rice is no more than this; more is no dark ground, or a heap. */
    private const MOST_COVERED = 0.55;

    /** A grain's narrow side in pixels of half the picture: less is not read. */
    private const LEAST_WIDE = 5.0;

    /** No grain of rice is rounder than this, long over wide; broken ones may be. */
    private const ROUND = 1.35;

    private const LONGEST = 7.0;

    /** Pixels at which all three colours run over are glare where they are not rice, of all the picture. */
    private const MOST_BLUR = 0.16;

    /** What law, light and eye leave open whatever the number of grains. */
    private const UNSURE = 0.028;

    /** The like where blur and heart are of one width. */
    private const UNSURE_BLURRED = 0.35;

    /**
     * @param  list<array{outline: list<array{float, float}>, doneness: float, sees: bool, used: bool}>  $grains outlines
     *     as shares of the picture's width and height
     */
    private function __construct(
        public float $doneness,
        /** Between its grains. */
        public float $scatter,
        /** Of the mean. */
        public float $sd,
        public array $grains,
    ) {
    }

    /** @throws Refused where nothing can be read, saying why */
    public static function of(Pixels $pixels): self
    {
        $field = Field::of($pixels);
        $bright = self::brightest($field->over);
        if ($bright < max(self::STANDS_OUT, self::OVER_NOISE * $field->noise)) {
            throw Refused::because('picture', 'glass.no-grain');
        }
        $from = max(self::OVER_NOISE * $field->noise / M_SQRT2, self::LOOKED_AT * $bright);
        $covered = count(array_filter($field->over, static fn (float $one): bool => $one > $from));
        if ($covered > self::MOST_COVERED * count($field->over)) {
            throw Refused::because('picture', 'glass.no-dark-ground');
        }
        $deep = [];
        $patches = Patches::of(
            $field->over, $field->width, $field->height, $from,
            static fn (array $patch): float => max($from, self::edge($patch, $field->over)),
            (int) (self::LEAST_WIDE ** 2), $deep,
        );
        $seen = array_values(array_filter(array_map(
            static fn (array $one): Grain => Grain::of(
                $one, $field->over, $deep, $field->width, $field->height, $field->noise,
            ),
            array_filter($patches->all, static fn (array $one): bool => count($one) >= self::LEAST_WIDE ** 2),
        ), static fn (Grain $grain): bool => $grain->rim > 0));
        $used = self::single($seen);

        return self::told($seen, $used, self::blur($field, $deep, $used), $field);
    }

    /** @param  list<float>  $over */
    private static function brightest(array $over): float
    {
        $some = [];
        for ($at = 0, $end = count($over); $at < $end; $at += 5) {
            $some[] = $over[$at];
        }
        sort($some);

        return $some[(int) (0.995 * count($some))];
    }

    /**
     * Half way from the ground to the rim: there a blurred edge stands where the sharp one was.
     *
     * @param  list<int>  $patch
     * @param  list<float>  $over
     */
    private static function edge(array $patch, array $over): float
    {
        $light = array_map(static fn (int $at): float => $over[$at], $patch);
        sort($light);

        return 0.5 * $light[(int) (0.35 * count($light))];
    }

    /**
     * Those that are single, whole enough and like the others.
     *
     * @param  list<Grain>  $seen
     * @return array<int, Grain> by place in what is seen
     *
     * @throws Refused where they are no grains of rice, or too few
     */
    private static function single(array $seen): array
    {
        $whole = array_filter($seen, static fn (Grain $grain): bool => ! $grain->atEdge);
        if ($whole === []) {
            throw Refused::because('picture', 'glass.no-grain');
        }
        $middle = static function (array $values): float {
            sort($values);

            return $values[intdiv(count($values), 2)];
        };
        $wide = $middle(array_map(static fn (Grain $grain): float => $grain->wide, array_values($whole)));
        $area = $middle(array_map(static fn (Grain $grain): float => $grain->area, array_values($whole)));
        $long = $middle(array_map(
            static fn (Grain $grain): float => $grain->long / $grain->wide, array_values($whole),
        ));
        if ($wide < self::LEAST_WIDE || count($whole) > self::MOST_GRAINS) {
            throw Refused::because('picture', 'glass.too-small', grains: count($whole));
        }
        $used = array_filter($whole, static fn (Grain $grain): bool => $grain->full > 0.82
            && $grain->wide > 0.6 * $wide && $grain->wide < 1.5 * $wide && $grain->area > 0.3 * $area
            && $grain->area < 2.2 * $area && $grain->long / $grain->wide < self::LONGEST);
        if ($long < self::ROUND) {
            throw Refused::because('picture', 'glass.no-rice');
        }
        if (count($used) < self::LEAST_GRAINS) {
            throw Refused::because(
                'picture', count($whole) > count($used) + self::LEAST_GRAINS || $area > 40 * $wide ** 2
                    ? 'glass.heaps' : 'glass.too-few', grains: count($used), least: self::LEAST_GRAINS,
            );
        }

        return $used;
    }

    /**
     * How blurred it is, px sd: an edge from ground to rim as steep as it is.
     *
     * @param  array<int, int>  $deep
     * @param  array<int, Grain>  $used
     */
    private static function blur(Field $field, array $deep, array $used): float
    {
        $rims = array_map(static fn (Grain $grain): float => $grain->rim, array_values($used));
        sort($rims);
        $rim = $rims[intdiv(count($rims), 2)];
        $steep = [];
        $width = $field->width;
        foreach ($deep as $at => $depth) {
            if ($depth !== Patches::STEP || ! isset($field->over[$at + $width], $field->over[$at - $width])) {
                continue;
            }
            $steep[] = hypot(
                $field->over[$at + 1] - $field->over[$at - 1], $field->over[$at + $width] - $field->over[$at - $width],
            ) / 2;
        }
        if ($steep === []) {
            return 1.0;
        }
        sort($steep);

        return $rim / (sqrt(2 * M_PI) * max(1e-6, $steep[(int) (0.6 * count($steep))]));
    }

    /**
     * @param  list<Grain>  $seen
     * @param  array<int, Grain>  $used
     *
     * @throws Refused
     */
    private static function told(array $seen, array $used, float $blur, Field $field): self
    {
        $wide = array_sum(array_map(static fn (Grain $grain): float => $grain->wide, $used)) / count($used);
        if ($blur > self::MOST_BLUR * $wide) {
            throw Refused::because('picture', 'glass.blurred');
        }
        $contrast = self::contrast($used, $blur);
        $grains = [];
        foreach ($seen as $place => $grain) {
            $heart = $grain->heart($contrast);
            $sees = $grain->peak > 0 && $heart >= self::SEEN;
            $grains[] = [
                'outline' => array_map(static fn (array $point): array => [
                    round($point[0] / $field->width, 4), round($point[1] / $field->height, 4),
                ], $grain->outline),
                'doneness' => round($sees ? Grain::doneness($heart) : self::UNSEEN, 3), 'sees' => $sees,
                'used' => isset($used[$place]),
            ];
        }

        return self::over($grains, self::UNSURE + self::UNSURE_BLURRED * 0.0 * $blur);
    }

    /**
     * The cook's white, over the rim: of the hearts that are wide enough to be seen as bright as they are.
     *
     * @param  array<int, Grain>  $used
     */
    private static function contrast(array $used, float $blur): float
    {
        $all = [];
        foreach ($used as $grain) {
            if ($grain->peak > 0) {
                $contrast = $grain->contrast($blur);
                $all[] = [$contrast, $grain->excess / $contrast];
            }
        }
        if ($all === []) {
            return 0.0;
        }
        sort($all);

        return $all[(int) (0.65 * count($all))][0];
    }

    /** @param  list<array{outline: list<array{float, float}>, doneness: float, sees: bool, used: bool}>  $grains */
    private static function over(array $grains, float $unsure): self
    {
        $each = array_column(array_filter($grains, static fn (array $one): bool => $one['used']), 'doneness');
        $mean = array_sum($each) / count($each);
        $square = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $each));
        $scatter = sqrt($square / max(1, count($each) - 1));

        return new self($mean, $scatter, hypot($unsure, $scatter / sqrt(count($each))), $grains);
    }
}

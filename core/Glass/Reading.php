<?php

declare(strict_types=1);

namespace Orbek\Core\Glass;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * How far a spoonful is, read from a photograph of some ten grains pressed flat under glass on a dark ground
 * (docs/model.md, "The glass").
 *
 * @phpstan-type Seen array{outline: list<array{float, float}>, doneness: float, sees: bool, used: bool}
 */
final readonly class Reading
{
    /** Fewer grains tell of themselves and not of the spoonful. */
    public const LEAST_GRAINS = 5;

    /** More than so many are too small to be read in one picture. */
    private const MOST_GRAINS = 120;

    /** A heart of less than a tenth of the width is told as none; where none stands out at all, it is so far. */
    private const SEEN = 0.1;

    private const UNSEEN = 0.975;

    /** Rice stands out from its ground by so much of 255, and so many times the noise. */
    private const STANDS_OUT = 22.0;

    private const OVER_NOISE = 7.0;

    /** Of the brightest, what is looked at as rice. */
    private const LOOKED_AT = 0.13;

    /** Of all pixels, rice is no more than this; more is no dark ground, or a heap. */
    private const MOST_COVERED = 0.55;

    /** Where so much of the picture is as bright as can be, and grains cannot be read, a lamp is seen in the glass. */
    private const GLARE = 0.04;

    /** A grain's narrow side in pixels of half the picture: less is not read. */
    private const LEAST_WIDE = 7.0;

    /** A patch of fewer is dirt, or noise. */
    private const LEAST_PIXELS = 25;

    /** Where fewer of what is seen are single grains they lie in heaps. */
    private const MOST_HEAPED = 0.4;

    /** More than so many times the square of its narrow side is no single grain. */
    private const TOGETHER = 40;

    /** No grain of rice is rounder than this, long over wide; broken ones may be. */
    private const ROUND = 1.35;

    private const LONGEST = 7.0;

    /** An edge more blurred than this, over a grain's narrow side, is not read. */
    private const MOST_BLUR = 0.09;

    /** A sharp edge, seen by differences over two pixels, px sd; and no picture is sharper than so. */
    private const OF_DIFFERENCE = 0.78;

    private const SHARP = 0.3;

    /** Pixels to either side of an edge, and how much steeper it must be near by than over those. */
    private const FAR = 3;

    private const LEAST_STEEPER = 1.2;

    /** Where hearts take up half of what they are in, a grain without one is all heart: hardly begun. */
    private const HALF = 0.45;

    private const MOST_FULL = 0.3;

    /**
     * What law and light leave open whatever the number of grains; and where no heart is wide enough to show its white.
     */
    private const UNSURE = 0.015;

    private const UNSURE_OF_WHITE = 0.04;

    /** The like for each cube of blur over a grain's narrow side. */
    private const UNSURE_OF_EDGES = 90.0;

    /** The like for noise over the light of a rim. */
    private const UNSURE_OF_NOISE = 0.25;

    private const OUTERMOST = 0.15;

    private const FOUR_OF_FIVE = 1.2816;

    /** Nine grains of ten without a heart: done, by the plain way of the book. */
    private const DONE = 0.9;

    /**
     * @param  list<Seen>  $grains outlines as shares of the picture's width and height
     * @param  float  $unsure what law, light and blur leave open whatever the number of grains
     */
    private function __construct(
        public float $doneness,
        /** Between its grains. */
        public float $scatter,
        /** Of the mean. */
        public float $sd,
        public array $grains, private float $unsure,
    ) {
    }

    /** @throws Refused where nothing can be read, saying why */
    public static function of(Pixels $pixels): self
    {
        $field = Field::of($pixels);
        try {
            return self::in($field);
        } catch (Refused $why) {
            $burntOut = $field->burntOut();
            throw $burntOut > self::GLARE && $burntOut < self::MOST_COVERED
                ? Refused::because('picture', 'glass.glare') : $why;
        }
    }

    /** @throws Refused */
    private static function in(Field $field): self
    {
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
            over: $field->over, width: $field->width, height: $field->height, from: $from,
            cut: static fn (array $patch): float => max($from, self::edge($patch, $field->over)),
            least: self::LEAST_PIXELS, deep: $deep,
        );
        $seen = array_values(array_filter(array_map(
            static fn (array $one): Grain => Grain::of(
                $one, $field->over, $deep, $field->width, $field->height, $field->noise,
            ),
            array_filter($patches->all, static fn (array $one): bool => count($one) >= self::LEAST_PIXELS),
        ), static fn (Grain $grain): bool => $grain->rim > 0));
        $used = self::single($seen);
        if ($seen === []) {
            throw Refused::because('picture', 'glass.no-grain');
        }

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
     * @return non-empty-array<int, Grain> by place in what is seen
     *
     * @throws Refused where they are no grains of rice, or too few
     */
    private static function single(array $seen): array
    {
        $whole = array_filter($seen, static fn (Grain $grain): bool => ! $grain->atEdge);
        if ($whole === []) {
            throw Refused::because('picture', 'glass.no-grain');
        }
        $wide = self::middle(array_map(static fn (Grain $grain): float => $grain->wide, $whole));
        $area = self::middle(array_map(static fn (Grain $grain): float => $grain->area, $whole));
        $long = self::middle(array_map(static fn (Grain $grain): float => $grain->long / $grain->wide, $whole));
        if ($wide < self::LEAST_WIDE || count($whole) > self::MOST_GRAINS) {
            throw Refused::because('picture', 'glass.too-small', grains: count($whole));
        }
        $used = array_filter($whole, static fn (Grain $grain): bool => $grain->full > 0.82
            && $grain->wide > 0.6 * $wide && $grain->wide < 1.5 * $wide && $grain->area > 0.3 * $area
            && $grain->area < 2.2 * $area && $grain->long / $grain->wide < self::LONGEST);
        if ($long < self::ROUND) {
            throw Refused::because('picture', 'glass.no-rice');
        }
        if (count($used) < self::LEAST_GRAINS || count($used) < self::MOST_HEAPED * count($whole)) {
            $lieTogether = count($whole) > count($used) + self::LEAST_GRAINS || $area > self::TOGETHER * $wide ** 2;
            throw $lieTogether ? Refused::because('picture', 'glass.heaps') : Refused::because(
                'picture', 'glass.too-few', grains: count($used), least: self::LEAST_GRAINS,
            );
        }

        return $used;
    }

    /** @param  non-empty-array<float|int>  $values */
    private static function middle(array $values): float
    {
        sort($values);

        return (float) $values[intdiv(count($values), 2)];
    }

    /**
     * How blurred it is, px sd: an edge from ground to rim as steep as it is.
     *
     * @param  array<int, int>  $deep
     * @param  non-empty-array<int, Grain>  $used
     *
     * @throws Refused where an edge is hardly steeper over two pixels than over six: no edge is left
     */
    private static function blur(Field $field, array $deep, array $used): float
    {
        $rim = self::middle(array_map(static fn (Grain $grain): float => $grain->rim, $used));
        $steep = $steeper = [];
        $over = $field->over;
        [$one, $far] = [$field->width, self::FAR * $field->width];
        foreach ($deep as $at => $depth) {
            if ($depth === Patches::STEP && isset($over[$at + $far + self::FAR], $over[$at - $far - self::FAR])) {
                $steep[] = $here = hypot($over[$at + 1] - $over[$at - 1], $over[$at + $one] - $over[$at - $one]) / 2;
                $wide = hypot(
                    $over[$at + self::FAR] - $over[$at - self::FAR], $over[$at + $far] - $over[$at - $far],
                ) / (2 * self::FAR);
                $steeper[] = $here / max(1e-6, $wide);
            }
        }
        if ($steeper === [] || $steep === [] || self::middle($steeper) < self::LEAST_STEEPER) {
            throw Refused::because('picture', 'glass.blurred');
        }
        sort($steep);

        // A difference over two pixels makes an edge less steep than it is.
        $seen = $rim / (sqrt(2 * M_PI) * max(1e-6, $steep[(int) (0.6 * count($steep))]));

        return sqrt(max(self::SHARP ** 2, $seen ** 2 - self::OF_DIFFERENCE ** 2));
    }

    /**
     * @param  non-empty-list<Grain>  $seen
     * @param  non-empty-array<int, Grain>  $used
     *
     * @throws Refused
     */
    private static function told(array $seen, array $used, float $blur, Field $field): self
    {
        $wide = array_sum(array_map(static fn (Grain $grain): float => $grain->wide, $used)) / count($used);
        if ($blur > self::MOST_BLUR * $wide) {
            throw Refused::because('picture', 'glass.blurred');
        }
        $light = Light::of(array_values($used), $blur);
        self::haveBegun($used);
        $hearts = array_map($light->heart(...), $seen);
        $grains = [];
        foreach ($seen as $place => $grain) {
            $heart = $hearts[$place];
            $grains[] = [
                'outline' => array_map(static fn (array $point): array => [
                    round($point[0] / $field->width, 4), round($point[1] / $field->height, 4),
                ], $grain->outline),
                'doneness' => round($heart === null ? self::UNSEEN : 1 - $heart, 3),
                'sees' => $heart !== null && $heart >= self::SEEN, 'used' => isset($used[$place]),
            ];
        }

        $rim = self::middle(array_map(static fn (Grain $grain): float => $grain->rim, $used));

        return self::over($grains, sqrt(
            ($light->isShown ? self::UNSURE : self::UNSURE_OF_WHITE) ** 2
            + (self::UNSURE_OF_EDGES * ($blur / $wide) ** 3) ** 2 + (self::UNSURE_OF_NOISE * $field->noise / $rim) ** 2,
        ));
    }

    /**
     * @param  non-empty-array<int, Grain>  $used
     *
     * @throws Refused where most are white from side to side: no rim tells how far they are
     */
    private static function haveBegun(array $used): void
    {
        $shares = array_map(
            static fn (Grain $grain): float => $grain->heart($grain->peak),
            array_filter($used, static fn (Grain $grain): bool => $grain->hasHeart()),
        );
        $isWide = $shares !== [] && self::middle($shares) > self::HALF;
        if ($isWide && count($used) - count($shares) > self::MOST_FULL * count($used)) {
            throw Refused::because('picture', 'glass.hardly-begun');
        }
    }

    /** @param  non-empty-list<Seen>  $grains */
    private static function over(array $grains, float $unsure): self
    {
        $each = array_column(array_filter($grains, static fn (array $one): bool => $one['used']), 'doneness');
        sort($each);
        // A grain in glare or half under another is far off: the outermost to either side do not tell of the middle.
        $out = (int) (self::OUTERMOST * count($each));
        $inner = array_slice($each, $out, count($each) - 2 * $out);
        $mean = array_sum($inner) / max(1, count($inner));
        $square = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $each));
        $scatter = sqrt($square / max(1, count($each) - 1));

        return new self($mean, $scatter, hypot($unsure, $scatter / sqrt(count($each))), $grains, $unsure);
    }

    /**
     * The same with a grain that does not count, or does after all.
     *
     * @throws Refused where there is no such grain, or too few are left
     */
    public function counting(int $grain, bool $counts): self
    {
        $grains = $this->grains;
        if (! isset($grains[$grain])) {
            throw Refused::because('grain', 'glass.no-such-grain', grain: $grain + 1, grains: count($grains));
        }
        $grains[$grain]['used'] = $counts;
        $left = count(array_filter($grains, static fn (array $one): bool => $one['used']));
        if ($left < self::LEAST_GRAINS) {
            throw Refused::because('grain', 'glass.too-few', grains: $left, least: self::LEAST_GRAINS);
        }

        return self::over($grains, $this->unsure);
    }

    /** How many count. */
    public function used(): int
    {
        return count(array_filter($this->grains, static fn (array $one): bool => $one['used']));
    }

    /** How many of those have no heart that is seen. */
    public function withoutHeart(): int
    {
        return count(array_filter($this->grains, static fn (array $one): bool => $one['used'] && ! $one['sees']));
    }

    /** Whether any of those has one: else they are done, or raw through. */
    public function seesHearts(): bool
    {
        return $this->withoutHeart() < $this->used();
    }

    /** How far to either side the spoonful may be, four times of five. */
    public function giveOrTake(): float
    {
        return self::FOUR_OF_FIVE * $this->sd;
    }

    /** Done by the plain way of the book. */
    public function isDone(): bool
    {
        return $this->withoutHeart() >= self::DONE * $this->used();
    }

    /** @return array{unsure: float, grains: list<Seen>} as it is kept */
    public function toArray(): array
    {
        return ['unsure' => round($this->unsure, 4), 'grains' => $this->grains];
    }

    /** @throws Refused where it is none that toArray() gave */
    public static function fromFields(Fields $kept): self
    {
        $grains = array_map(static fn (Fields $one): array => [
            'outline' => array_map(static fn (Fields $point): array => [
                $point->number('0', -1, 2), $point->number('1', -1, 2),
            ], $one->each('outline')),
            'doneness' => $one->number('doneness', 0, 1), 'sees' => $one->flag('sees', true),
            'used' => $one->flag('used', true),
        ], $kept->each('grains'));
        $left = count(array_filter($grains, static fn (array $one): bool => $one['used']));
        if ($grains === [] || $left < self::LEAST_GRAINS) {
            throw Refused::because(
                $kept->at('grains'), 'glass.too-few', grains: $left, least: self::LEAST_GRAINS,
            );
        }

        return self::over($grains, $kept->number('unsure', 0, 1));
    }
}

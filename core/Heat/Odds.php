<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Normal;

/**
 * What is believed of one closed pot: its ring's heat, what its low marks give beside that, how fast this pot browns,
 * and how wet its filling is; weights on a grid of ln factors (docs/model.md, section D).
 *
 * A pot is followed at a few points of it only (MaybePots); what comes of these is read off between them (OverPots).
 */
final readonly class Odds
{
    /** Points of the grid: of its low marks, of the browning; of the ring see ringsOf(). */
    public const MARKS = 7;

    public const BROWNS = 7;

    /** A drier filling, as thought, a wetter one: the three points that stand for a bell (Gauss and Hermite). */
    public const WETS = 3;

    private const WET_SHARES = [MaybePots::OUTER_SHARE, 1 - 2 * MaybePots::OUTER_SHARE, MaybePots::OUTER_SHARE];

    /** Rings, marks and browning reach so many sd to either side. */
    private const REACH = 2.4;

    /** Sd of ln for what nobody has been taught (section D). */
    public const MARK_SD = 0.20;

    public const BROWN_SD = 0.25;

    /** How far the law of browning itself may be off, ln: however well a pot is known, a look counts for something. */
    public const LAW_SD = 0.20;

    /**
     * Points at which pots are followed: of a ring that nobody knows (for one kitchen; for many that come to know it),
     * of one whose boil was timed, of low marks.
     */
    private const WIDE_NODES = 7;

    private const MANY_NODES = 9;

    private const CLOSE_NODES = 5;

    public const MARK_NODES = 3;

    /** Rings of the grid from one that is followed to the next. */
    private const APART = 2.5;

    /** Known better than this nothing is, in ln. */
    private const LEAST_SD = 0.01;

    /** A share of a belief that is not worth the reckoning. */
    private const NEXT_TO_NONE = 5e-4;

    /** A ring that is less likely than this is left out where pots are followed. */
    private const NEGLIGIBLE = 0.01;

    /** What was less likely to be seen than this does not fit what is believed (section F). */
    private const FITS = 0.05;

    /** How much less surely browning is known then, and where that still does not fit: the law itself may be off. */
    private const DOUBTED = [3.0, 6.0, 12.0];

    /** @param  list<list<float>>  $weights by ring × mark, then by browning × wetness; adding up to 1 */
    private function __construct(
        public int $nodes,
        public float $ringLn,
        public float $ringSd,
        public float $markSd,
        private float $brownSd,
        public array $weights,
        /** Whether a look did not fit, and counts for more than the law. */
        public bool $isDoubted = false,
    ) {
    }

    /** @param  float  $ringSd of ln heat over what the pot is followed with */
    public static function of(
        float $ringSd, float $markSd = self::MARK_SD, float $brownSd = self::BROWN_SD,
    ): self {
        return self::laid(self::WIDE_NODES, 0.0, $ringSd, $markSd, $brownSd);
    }

    private static function laid(int $nodes, float $ringLn, float $ringSd, float $markSd, float $brownSd): self
    {
        $weights = [];
        $sum = 0.0;
        $rings = self::ringsOf($nodes);
        for ($i = 0; $i < $rings * self::MARKS; $i++) {
            $there = Normal::bell(self::z(intdiv($i, self::MARKS), $rings))
                * Normal::bell(self::z($i % self::MARKS, self::MARKS));
            $row = [];
            for ($b = 0; $b < self::BROWNS; $b++) {
                $brown = $there * Normal::bell(self::z($b, self::BROWNS));
                foreach (self::WET_SHARES as $share) {
                    $row[] = $brown * $share;
                }
                $sum += $brown;
            }
            $weights[] = $row;
        }

        return new self(
            nodes: $nodes, ringLn: $ringLn, ringSd: max(self::LEAST_SD, $ringSd), markSd: max(self::LEAST_SD, $markSd),
            brownSd: max(self::LEAST_SD, $brownSd), weights: self::scaled($weights, $sum),
        );
    }

    /** @return float in sd: of point $i of $count */
    private static function z(int $i, int $count): float
    {
        return self::REACH * (2 * $i / ($count - 1) - 1);
    }

    /** How many rings of the grid are read off between so many pots. */
    private static function ringsOf(int $nodes): int
    {
        return (int) (self::APART * ($nodes - 1)) + 1;
    }

    /** @return list<float> ln of the factor on heat, by ring */
    public function rings(): array
    {
        return array_map(
            fn (int $i): float => $this->ringLn + $this->ringSd * self::z($i, self::ringsOf($this->nodes)),
            range(0, self::ringsOf($this->nodes) - 1),
        );
    }

    /** @return list<float> ln of the factor on low marks */
    public function marks(): array
    {
        return array_map(
            fn (int $i): float => $this->markSd * self::z($i, self::MARKS), range(0, self::MARKS - 1),
        );
    }

    /** @return list<float> ln of the factor on browning */
    public function browns(): array
    {
        return array_map(
            fn (int $i): float => $this->brownSd * self::z($i, self::BROWNS), range(0, self::BROWNS - 1),
        );
    }

    /**
     * The pots to follow: by ring, then by mark.
     *
     * @return list<list<SealedPot>>
     */
    public function pots(SealedPot $pot): array
    {
        $pots = [];
        for ($r = 0; $r < $this->nodes; $r++) {
            $heated = $pot->heated(exp($this->ringLn + $this->ringSd * self::z($r, $this->nodes)));
            $row = [];
            for ($m = 0; $m < self::MARK_NODES; $m++) {
                $row[] = $heated->turning(exp($this->markSd * self::z($m, self::MARK_NODES)));
            }
            $pots[] = $row;
        }

        return $pots;
    }

    /** @return array{int, int} the first and the last of the rings of pots() by which anything is read off */
    public function rangeOfRings(): array
    {
        $first = $this->nodes;
        $last = 0;
        foreach ($this->each()[0] as $i => $weight) {
            if ($weight >= self::NEGLIGIBLE) {
                $near = self::near($i, $this->nodes);
                [$first, $last] = [min($first, $near - 1), max($last, $near + 1)];
            }
        }

        return [$first, $last];
    }

    /** The ring of pots() next to one of the grid, itself between two others. */
    private static function near(int $ring, int $nodes): int
    {
        return max(1, min($nodes - 2, (int) round($ring / self::APART)));
    }

    /** Which of the pots of pots() is nearest to what is thought likeliest, row by row. */
    public function likeliest(): int
    {
        [$ring, $mark] = $this->means();
        $nearest = static fn (float $at, int $count): int => max(0, min(
            $count - 1, (int) round(($at / self::REACH + 1) / 2 * ($count - 1)),
        ));

        return $nearest(($ring - $this->ringLn) / $this->ringSd, $this->nodes) * self::MARK_NODES
            + $nearest($mark / $this->markSd, self::MARK_NODES);
    }

    /**
     * What the pots of pots() came to, on the grid: between them on parabolas through the nearest three.
     *
     * @param  list<list<float>>  $values by ring, then by mark
     * @return list<float> by ring × mark of the grid
     */
    public static function between(array $values): array
    {
        // Along the rings for each mark, then along the marks for each ring.
        $marks = array_map(
            static fn (int $mark): array => self::alongRings(array_column($values, $mark)), array_keys($values[0]),
        );
        $all = [];
        for ($i = 0; $i < count($marks[0]); $i++) {
            for ($j = 0; $j < self::MARKS; $j++) {
                $all[] = self::parabola(
                    $marks[0][$i], $marks[1][$i], $marks[2][$i], 2 * $j / (self::MARKS - 1) - 1,
                );
            }
        }

        return $all;
    }

    /**
     * @param  list<float>  $values of pots on so many rings
     * @return list<float> by ring of the grid
     */
    public static function alongRings(array $values): array
    {
        $all = [];
        $nodes = count($values);
        for ($i = 0; $i < self::ringsOf($nodes); $i++) {
            $near = self::near($i, $nodes);
            $all[] = self::parabola(
                $values[$near - 1], $values[$near], $values[$near + 1], $i / self::APART - $near,
            );
        }

        return $all;
    }

    /** Through three values a step apart, so many steps from the middle one. */
    private static function parabola(float $less, float $there, float $more, float $x): float
    {
        return $there + $x * ($more - $less) / 2 + $x * $x * (($less + $more) / 2 - $there);
    }

    /**
     * After something seen (Bayes).
     *
     * @param  list<float>|list<list<float>>  $likelihood by ring × mark; or by that, then by browning × wetness
     */
    public function given(array $likelihood): self
    {
        $weights = [];
        $sum = 0.0;
        foreach ($this->weights as $i => $row) {
            $likely = $likelihood[$i];
            foreach ($row as $b => $weight) {
                $row[$b] = $weight *= is_array($likely) ? $likely[$b] : $likely;
                $sum += $weight;
            }
            $weights[] = $row;
        }

        // What cannot be, by everything believed, teaches nothing.
        return $sum < 1e-30 ? $this : $this->with(self::scaled($weights, $sum));
    }

    /**
     * After a look at the crust. Where it hardly fits what is believed it counts for more than the law (section F).
     *
     * @param  callable(self): list<list<float>>  $likely as of given(), under a belief
     */
    public function looking(callable $likely): self
    {
        $seen = $likely($this);
        // Doubted once, it is wide enough for whatever comes.
        if ($this->isDoubted || ! $this->hardlyFits($seen)) {
            return $this->given($seen);
        }
        $doubting = $this;
        foreach (self::DOUBTED as $times) {
            $doubting = $this->doubting($times);
            $seen = $likely($doubting);
            if (! $doubting->hardlyFits($seen)) {
                break;
            }
        }

        return $doubting->given($seen);
    }

    /**
     * Whether what was seen of the crust is hardly to be explained by what is believed.
     *
     * @param  list<list<float>>  $likelihood by ring × mark, then by browning × wetness
     */
    private function hardlyFits(array $likelihood): bool
    {
        $chance = 0.0;
        foreach ($this->weights as $i => $row) {
            foreach ($row as $b => $weight) {
                $chance += $weight * $likelihood[$i][$b];
            }
        }

        return $chance < self::FITS;
    }

    /** The same of ring and marks, browning known so many times less surely: what is seen of it counts for more. */
    private function doubting(float $times): self
    {
        $wide = self::laid($this->nodes, $this->ringLn, $this->ringSd, $this->markSd, $times * $this->brownSd);

        return new self(
            nodes: $wide->nodes, ringLn: $wide->ringLn, ringSd: $wide->ringSd, markSd: $wide->markSd,
            brownSd: $wide->brownSd,
            weights: array_map(static function (array $row, array $anew): array {
                $times = array_sum($row) / array_sum($anew);

                return array_map(static fn (float $weight): float => $times * $weight, $anew);
            }, $this->weights, $wide->weights),
            isDoubted: true,
        );
    }

    /** After something that tells the ring's heat alone: its ln, so far off. */
    public function knowingRing(float $ln, float $sd): self
    {
        return $this->givenRings(array_map(
            static fn (float $ring): float => 1e-6 + Normal::bell(($ring - $ln) / $sd), $this->rings(),
        ));
    }

    /**
     * The same, laid closer round the ring as it is known now: a pot that is followed at points far apart is misread
     * between them. Asked for where only the ring has been told of, so that nothing hangs on it yet.
     */
    public function closer(): self
    {
        $rings = $this->each()[0];
        $mean = self::mean($rings, $this->rings());
        $square = self::mean($rings, array_map(static fn (float $ln): float => ($ln - $mean) ** 2, $this->rings()));

        return self::laid(self::CLOSE_NODES, $mean, sqrt($square), $this->markSd, $this->brownSd);
    }

    /** The same before anything is told, followed at more points: for many kitchens that come to know their rings. */
    public function forMany(): self
    {
        return self::laid(self::MANY_NODES, $this->ringLn, $this->ringSd, $this->markSd, $this->brownSd);
    }

    /** @param  list<float>  $likelihood by ring */
    public function givenRings(array $likelihood): self
    {
        $all = [];
        foreach ($likelihood as $likely) {
            array_push($all, ...array_fill(0, self::MARKS, $likely));
        }

        return $this->given($all);
    }

    /**
     * The low mark under a line, whose factor is not known; null where there is none.
     *
     * @param  list<Stretch>  $line
     */
    public static function lowMark(array $line): ?Flame
    {
        foreach (array_reverse($line) as $stretch) {
            $flame = $stretch->flame;
            if (! $flame->isOff() && $flame->ovenC === null && $flame->setting <= SealedPot::LOW_MARK) {
                return $flame;
            }
        }

        return null;
    }

    /**
     * Weights added up over browning, of what is not next to impossible: a share of all is read off fast.
     *
     * @param  callable(int, int, int): float|null  $times of ring × mark, browning, wetness: what each weight is taken
     *     times
     * @return array<int, list<list<float>>> by ring × mark, then by wetness; of each, none, the least browning, that
     *     and the next, …
     */
    public function sums(?callable $times = null): array
    {
        $all = [];
        foreach ($this->weights as $i => $row) {
            if (array_sum($row) < self::NEXT_TO_NONE) {
                continue;
            }
            $wets = [];
            for ($w = 0; $w < self::WETS; $w++) {
                $sums = [$sum = 0.0];
                for ($b = 0; $b < self::BROWNS; $b++) {
                    $weight = $row[$b * self::WETS + $w];
                    $sums[] = $sum += $times === null ? $weight : $weight * $times($i, $b, $w);
                }
                $wets[] = $sums;
            }
            $all[$i] = $wets;
        }

        return $all;
    }

    /** @return list<float> weights of a wetness, by ring × mark */
    public function wet(int $wet): array
    {
        return array_map(static function (array $row) use ($wet): float {
            $sum = 0.0;
            for ($at = $wet; $at < self::BROWNS * self::WETS; $at += self::WETS) {
                $sum += $row[$at];
            }

            return $sum;
        }, $this->weights);
    }

    /** @return array{list<float>, list<float>, list<float>} weights of ring, mark and browning, each by itself */
    public function each(): array
    {
        $rings = array_fill(0, self::ringsOf($this->nodes), 0.0);
        $marks = array_fill(0, self::MARKS, 0.0);
        $browns = array_fill(0, self::BROWNS, 0.0);
        foreach ($this->weights as $i => $row) {
            foreach ($row as $at => $weight) {
                $rings[intdiv($i, self::MARKS)] += $weight;
                $marks[$i % self::MARKS] += $weight;
                $browns[intdiv($at, self::WETS)] += $weight;
            }
        }

        return [array_values($rings), array_values($marks), array_values($browns)];
    }

    /** @return array{float, float, float} the means of the factors on heat, on low marks and on browning, ln */
    public function means(): array
    {
        [$rings, $marks, $browns] = $this->each();

        return [
            self::mean($rings, $this->rings()), self::mean($marks, $this->marks()),
            self::mean($browns, $this->browns()),
        ];
    }

    /**
     * @param  list<float>  $weights
     * @param  list<float>  $at
     */
    private static function mean(array $weights, array $at): float
    {
        return array_sum(array_map(static fn (float $weight, float $ln): float => $weight * $ln, $weights, $at));
    }

    /** @param  list<list<float>>  $weights */
    private function with(array $weights): self
    {
        return new self(
            nodes: $this->nodes, ringLn: $this->ringLn, ringSd: $this->ringSd, markSd: $this->markSd,
            brownSd: $this->brownSd, weights: $weights, isDoubted: $this->isDoubted,
        );
    }

    /**
     * @param  list<list<float>>  $weights
     * @return list<list<float>>
     */
    private static function scaled(array $weights, float $sum): array
    {
        return array_map(static fn (array $row): array => array_map(
            static fn (float $weight): float => $weight / $sum, $row,
        ), $weights);
    }
}

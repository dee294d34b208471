<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Normal;

/**
 * What is believed of the stove under one pot: its ring's heat, what its low marks give beside that, and how fast
 * this pot browns; weights on a grid of ln factors (docs/model.md, section D).
 *
 * A pot is followed at a few points of it only (pots()); what comes of these is read off between them (between()).
 */
final readonly class Odds
{
    /** Points of the grid: of the ring, its low marks, the browning. */
    public const RINGS = 11;

    public const MARKS = 7;

    public const BROWNS = 7;

    /** They reach so many sd to either side. */
    private const REACH = 2.4;

    /** Sd of ln for what nobody has been taught (section D). */
    public const MARK_SD = 0.20;

    public const BROWN_SD = 0.25;

    /** Points at which pots are followed. */
    public const RING_NODES = 5;

    public const MARK_NODES = 3;

    public const POTS = self::RING_NODES * self::MARK_NODES;

    /** Known better than this nothing is, in ln. */
    private const LEAST_SD = 0.01;

    /** What was less likely to be seen than this does not fit what is believed (section F). */
    private const FITS = 0.05;

    /** How much less surely browning is known then, and where that still does not fit: the law itself may be off. */
    private const DOUBTED = [3.0, 6.0, 12.0];

    /** @param  list<list<float>>  $weights by ring × mark, then by browning; adding up to 1 */
    private function __construct(
        public float $ringSd,
        public float $markLn,
        public float $markSd,
        private float $brownLn,
        private float $brownSd,
        public array $weights,
        /** Whether a look did not fit, and counts for more than the law. */
        public bool $isDoubted = false,
    ) {
    }

    /**
     * @param  float  $ringSd of ln heat over what the pot is followed with
     * @param  float  $markLn what a low mark gives over its share, ln, and how far that is known
     * @param  float  $brownLn how much faster the pot browns, ln, and how far that is known
     */
    public static function of(
        float $ringSd, float $markSd = self::MARK_SD, float $brownSd = self::BROWN_SD, float $markLn = 0.0,
        float $brownLn = 0.0,
    ): self {
        $weights = [];
        $sum = 0.0;
        for ($i = 0; $i < self::RINGS * self::MARKS; $i++) {
            $there = Normal::bell(self::z(intdiv($i, self::MARKS), self::RINGS))
                * Normal::bell(self::z($i % self::MARKS, self::MARKS));
            $row = [];
            for ($b = 0; $b < self::BROWNS; $b++) {
                $row[] = $weight = $there * Normal::bell(self::z($b, self::BROWNS));
                $sum += $weight;
            }
            $weights[] = $row;
        }

        return new self(
            max(self::LEAST_SD, $ringSd), $markLn, max(self::LEAST_SD, $markSd), $brownLn,
            max(self::LEAST_SD, $brownSd), self::scaled($weights, $sum),
        );
    }

    /** @return float in sd: of point $i of $count */
    private static function z(int $i, int $count): float
    {
        return self::REACH * (2 * $i / ($count - 1) - 1);
    }

    /** @return list<float> ln of the factor on heat, by ring */
    public function rings(): array
    {
        return array_map(
            fn (int $i): float => $this->ringSd * self::z($i, self::RINGS), range(0, self::RINGS - 1),
        );
    }

    /** @return list<float> ln of the factor on low marks */
    public function marks(): array
    {
        return array_map(
            fn (int $i): float => $this->markLn + $this->markSd * self::z($i, self::MARKS), range(0, self::MARKS - 1),
        );
    }

    /** @return list<float> ln of the factor on browning */
    public function browns(): array
    {
        return array_map(
            fn (int $i): float => $this->brownLn + $this->brownSd * self::z($i, self::BROWNS),
            range(0, self::BROWNS - 1),
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
        for ($r = 0; $r < self::RING_NODES; $r++) {
            $heated = $pot->heated(exp($this->ringSd * self::z($r, self::RING_NODES)));
            $row = [];
            for ($m = 0; $m < self::MARK_NODES; $m++) {
                $row[] = $heated->turning(exp($this->markLn + $this->markSd * self::z($m, self::MARK_NODES)));
            }
            $pots[] = $row;
        }

        return $pots;
    }

    /**
     * What the pots of pots() came to, on the grid: between them on parabolas through the nearest three.
     *
     * @param  list<list<float>>  $values by ring, then by mark
     * @return list<float> by ring × mark of the grid
     */
    public static function between(array $values): array
    {
        $all = [];
        for ($i = 0; $i < self::RINGS; $i++) {
            $at = $i * (self::RING_NODES - 1) / (self::RINGS - 1);
            $near = max(1, min(self::RING_NODES - 2, (int) round($at)));
            $y = $at - $near;
            [$a, $b, $c] = array_map(
                static fn (float $less, float $there, float $more): float => self::parabola($less, $there, $more, $y),
                $values[$near - 1], $values[$near], $values[$near + 1],
            );
            for ($j = 0; $j < self::MARKS; $j++) {
                $x = 2 * $j / (self::MARKS - 1) - 1;
                $all[] = self::parabola($a, $b, $c, $x);
            }
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
     * @param  list<float>|list<list<float>>  $likelihood by ring × mark; or by that, then by browning
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
     * @param  callable(self): list<list<float>>  $likely by ring × mark, then by browning, under a belief
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
     * @param  list<list<float>>  $likelihood by ring × mark, then by browning
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
        $bells = array_map(
            static fn (int $b): float => Normal::bell(self::z($b, self::BROWNS)), range(0, self::BROWNS - 1),
        );
        $sum = array_sum($bells);

        return new self(
            ringSd: $this->ringSd, markLn: $this->markLn, markSd: $this->markSd, brownLn: $this->brownLn,
            brownSd: $times * $this->brownSd,
            weights: array_map(static fn (array $row): array => array_map(
                static fn (float $bell): float => array_sum($row) * $bell / $sum, $bells,
            ), $this->weights),
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

    /** @return array{list<float>, list<float>, list<float>} weights of ring, mark and browning, each by itself */
    public function each(): array
    {
        $rings = array_fill(0, self::RINGS, 0.0);
        $marks = array_fill(0, self::MARKS, 0.0);
        $browns = array_fill(0, self::BROWNS, 0.0);
        foreach ($this->weights as $i => $row) {
            foreach ($row as $b => $weight) {
                $rings[intdiv($i, self::MARKS)] += $weight;
                $marks[$i % self::MARKS] += $weight;
                $browns[$b] += $weight;
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
            ringSd: $this->ringSd, markLn: $this->markLn, markSd: $this->markSd, brownLn: $this->brownLn,
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

<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

use LogicException;

/**
 * The windows in which jobs can start, kept narrow: gaps both ways, and of two that want one thing the
 * order that is left. What is narrowed can be taken back, for a search.
 *
 * Starts are minutes before the table, so all are negative. A hot loop: plain arrays by number, no objects.
 * Every gap is an edge (i, j, w): start of j ≥ start of i + w; a greatest gap is one with negative w.
 */
final class Windows
{
    public const FREE = 0;

    public const FORTH = 1;

    public const BACK = 2;

    /** No job starts earlier, min before the table: three days. */
    public const FARTHEST_MIN = 4320;

    public readonly int $count;

    /** @var array<int, int> earliest start of each job */
    public array $earliest = [];

    /** @var array<int, int> latest start of each job: together a plan, but for what is held twice */
    public array $latest = [];

    /** @var array<int, int> FREE, FORTH (the first before the second) or BACK, of each pair */
    public array $order = [];

    /** @var list<int> the first of each pair that wants one thing, and the second */
    public array $first = [];

    /** @var list<int> */
    public array $second = [];

    /** @var list<int> how long after the first's start the second can start, and the other way */
    public array $forth = [];

    /** @var list<int> */
    public array $back = [];

    /** @var list<bool> whether both can hold it at once: there are several of it */
    public array $mayShare = [];

    /** @var list<list<int>> pairs of each job */
    public array $pairsOf = [];

    /** @var array<int, float> how often each job was at a failure */
    public array $blame = [];

    /** Steps of narrowing so far: what time is counted in, so that the same input ends in the same plan. */
    public int $steps = 0;

    /** @var list<list<int>> by job: to which, how much later at least */
    private array $to = [];

    /** @var list<list<int>> */
    private array $by = [];

    /** @var list<list<int>> */
    private array $from = [];

    /** @var list<list<int>> */
    private array $byFrom = [];

    /** @var array<int, bool> by job: whether it is to be looked at */
    private array $waits = [];

    /** @var list<int> jobs to be looked at, in this order */
    private array $queue = [];

    /** The job to which nothing was left; −1 where all have something. */
    private int $failed = -1;

    /** @var list<int> what was narrowed: job, was */
    private array $trailEarliest = [];

    /** @var list<int> */
    private array $trailLatest = [];

    /** @var list<int> */
    private array $trailOrder = [];

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things how many there are of each
     * @param  int  $hotWithinMin what must be hot ends so shortly before the table
     * @param  bool  $areThingsMinded or gaps alone
     */
    public function __construct(
        private readonly array $jobs, public readonly array $things, int $hotWithinMin, bool $areThingsMinded = true,
    ) {
        $this->count = count($jobs);
        $number = array_flip(array_map(static fn (Job $job): string => $job->id, $jobs));
        $this->to = $this->by = $this->from = $this->byFrom = $this->pairsOf = array_fill(0, $this->count, []);
        $this->blame = array_fill(0, $this->count, 1.0);
        foreach ($jobs as $j => $job) {
            $this->earliest[] = $job->isHot ? -$hotWithinMin - $job->minutes : -self::FARTHEST_MIN;
            $this->latest[] = $job->pin ?? -$job->minutes;
            $this->earliest[$j] = $job->pin === null ? $this->earliest[$j] : max($job->pin, $this->earliest[$j]);
            foreach ($job->after as $gap) {
                $i = $number[$gap->task]
                    ?? throw new LogicException("Job {$job->id} comes after {$gap->task}, which is not in the plan.");
                $this->gap($i, $j, $jobs[$i]->minutes + $gap->leastMin);
                if ($gap->mostMin !== null) {
                    $this->gap($j, $i, -$jobs[$i]->minutes - $gap->mostMin);
                }
            }
        }
        if ($areThingsMinded) {
            $this->pairUp();
        }
    }

    private function gap(int $i, int $j, int $least): void
    {
        $this->to[$i][] = $j;
        $this->by[$i][] = $least;
        $this->from[$j][] = $i;
        $this->byFrom[$j][] = $least;
    }

    private function pairUp(): void
    {
        $holders = [];
        foreach ($this->jobs as $i => $job) {
            foreach ($job->claims as [$thing, $from, $to]) {
                if ($to > $from) {
                    $holders[$thing][] = [$i, $from, $to];
                }
            }
        }
        $seen = [];
        foreach ($holders as $thing => $claims) {
            $several = ($this->things[$thing] ?? 1) > 1;
            foreach ($claims as $at => [$i, $fromI, $toI]) {
                foreach (array_slice($claims, $at + 1) as [$j, $fromJ, $toJ]) {
                    $forth = $toI - $fromJ;
                    $back = $toJ - $fromI;
                    $key = "{$i},{$j},{$forth},{$back},".(int) $several;
                    if ($i === $j || isset($seen[$key])) {
                        continue;
                    }
                    $seen[$key] = true;
                    $pair = count($this->first);
                    $this->first[] = $i;
                    $this->second[] = $j;
                    $this->forth[] = $forth;
                    $this->back[] = $back;
                    $this->mayShare[] = $several;
                    $this->order[] = self::FREE;
                    $this->pairsOf[$i][] = $pair;
                    $this->pairsOf[$j][] = $pair;
                }
            }
        }
    }

    /** Bound jobs start within so many minutes of the table. False where that cannot be. */
    public function within(int $busyMin): bool
    {
        $touched = [];
        foreach ($this->jobs as $i => $job) {
            if ($job->isBound && $this->earliest[$i] < -$busyMin) {
                $this->trailEarliest[] = $i;
                $this->trailEarliest[] = $this->earliest[$i];
                $this->earliest[$i] = -$busyMin;
                $touched[] = $i;
                if (-$busyMin > $this->latest[$i]) {
                    return false;
                }
            }
        }

        return $this->narrow($touched);
    }

    /** All gaps and orders minded from the beginning. False where that cannot be. */
    public function settle(): bool
    {
        return $this->narrow(range(0, $this->count - 1));
    }

    /** One order of a pair. False where that cannot be. */
    public function decide(int $pair, int $order): bool
    {
        $this->trailOrder[] = $pair;
        $this->trailOrder[] = $this->order[$pair];
        $this->order[$pair] = $order;

        return $this->narrow([$this->first[$pair], $this->second[$pair]]);
    }

    /**
     * Many orders at once, of pairs that are free still. False where that cannot be.
     *
     * @param  array<int, int>  $orders by pair
     */
    public function decideMany(array $orders): bool
    {
        foreach ($orders as $pair => $order) {
            if ($this->order[$pair] === self::FREE) {
                $this->trailOrder[] = $pair;
                $this->trailOrder[] = self::FREE;
                $this->order[$pair] = $order;
            }
        }

        return $this->settle();
    }

    /** @return array{int, int, int} a mark to come back to */
    public function mark(): array
    {
        return [count($this->trailEarliest), count($this->trailLatest), count($this->trailOrder)];
    }

    /** @param  array{int, int, int}  $mark */
    public function backTo(array $mark): void
    {
        for ($at = count($this->trailEarliest); $at > $mark[0];) {
            $was = (int) array_pop($this->trailEarliest);
            $this->earliest[(int) array_pop($this->trailEarliest)] = $was;
            $at -= 2;
        }
        for ($at = count($this->trailLatest); $at > $mark[1];) {
            $was = (int) array_pop($this->trailLatest);
            $this->latest[(int) array_pop($this->trailLatest)] = $was;
            $at -= 2;
        }
        for ($at = count($this->trailOrder); $at > $mark[2];) {
            $was = (int) array_pop($this->trailOrder);
            $this->order[(int) array_pop($this->trailOrder)] = $was;
            $at -= 2;
        }
    }

    /**
     * Narrows what follows from jobs whose windows or orders changed: their gaps forth and back, then the pairs that
     * want one thing.
     *
     * @param  list<int>  $changed
     */
    private function narrow(array $changed): bool
    {
        $this->waits = array_fill(0, $this->count, false);
        $this->queue = [];
        $this->failed = -1;
        foreach ($changed as $i) {
            if (! $this->waits[$i]) {
                $this->waits[$i] = true;
                $this->queue[] = $i;
            }
        }
        $canBe = true;
        $at = 0;
        while ($canBe && isset($this->queue[$at])) {
            $i = $this->queue[$at++];
            $this->waits[$i] = false;
            $canBe = $this->mindGaps($i) && $this->mindPairs($i);
        }
        if ($canBe) {
            $this->steps += $at + 1;
        } else {
            $this->steps += $at;
            $this->blame[$this->failed] += 1.0;
            $this->blame[$this->queue[$at - 1]] += 0.5;
        }

        return $canBe;
    }

    private function mindGaps(int $i): bool
    {
        $earliest = $this->earliest[$i];
        $by = $this->by[$i];
        foreach ($this->to[$i] as $n => $j) {
            $least = $earliest + $by[$n];
            if ($least > $this->earliest[$j] && ! $this->raise($j, $least)) {
                return false;
            }
        }
        $latest = $this->latest[$i];
        $by = $this->byFrom[$i];
        foreach ($this->from[$i] as $n => $j) {
            $most = $latest - $by[$n];
            if ($most < $this->latest[$j] && ! $this->lower($j, $most)) {
                return false;
            }
        }

        return true;
    }

    private function mindPairs(int $i): bool
    {
        foreach ($this->pairsOf[$i] as $pair) {
            $order = $this->order[$pair];
            if ($order === self::FREE) {
                if ($this->mayShare[$pair]) {
                    continue;
                }
                $first = $this->first[$pair];
                $second = $this->second[$pair];
                $isForth = $this->latest[$second] >= $this->earliest[$first] + $this->forth[$pair];
                if ($this->latest[$first] >= $this->earliest[$second] + $this->back[$pair]) {
                    if ($isForth) {
                        continue;
                    }
                } elseif (! $isForth) {
                    $this->failed = $first === $i ? $second : $first;

                    return false;
                }
                $this->trailOrder[] = $pair;
                $this->trailOrder[] = self::FREE;
                $this->order[$pair] = $order = $isForth ? self::FORTH : self::BACK;
            }
            $isDone = $order === self::FORTH
                ? $this->oneAfterTheOther($this->first[$pair], $this->second[$pair], $this->forth[$pair])
                : $this->oneAfterTheOther($this->second[$pair], $this->first[$pair], $this->back[$pair]);
            if (! $isDone) {
                return false;
            }
        }

        return true;
    }

    /** What the order of two says of their windows. */
    private function oneAfterTheOther(int $one, int $other, int $after): bool
    {
        $least = $this->earliest[$one] + $after;
        $most = $this->latest[$other] - $after;

        return ($least <= $this->earliest[$other] || $this->raise($other, $least))
            && ($most >= $this->latest[$one] || $this->lower($one, $most));
    }

    /** A job starts no earlier. False where nothing is left to it. */
    private function raise(int $i, int $least): bool
    {
        $this->trailEarliest[] = $i;
        $this->trailEarliest[] = $this->earliest[$i];
        $this->earliest[$i] = $least;

        return $this->isLeft($i);
    }

    /** A job starts no later. False where nothing is left to it. */
    private function lower(int $i, int $most): bool
    {
        $this->trailLatest[] = $i;
        $this->trailLatest[] = $this->latest[$i];
        $this->latest[$i] = $most;

        return $this->isLeft($i);
    }

    /** Whether a job can start at all still; if so, what hangs on it is looked at again. */
    private function isLeft(int $i): bool
    {
        if ($this->earliest[$i] > $this->latest[$i]) {
            $this->failed = $i;

            return false;
        }
        if (! $this->waits[$i]) {
            $this->waits[$i] = true;
            $this->queue[] = $i;
        }

        return true;
    }
}

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
     * Narrows what follows from jobs whose windows or orders changed.
     *
     * @param  list<int>  $changed
     */
    private function narrow(array $changed): bool
    {
        $earliest = $this->earliest;
        $latest = $this->latest;
        $order = $this->order;
        $this->earliest = $this->latest = $this->order = [];
        $trailE = $this->trailEarliest;
        $trailL = $this->trailLatest;
        $trailO = $this->trailOrder;
        $this->trailEarliest = $this->trailLatest = $this->trailOrder = [];
        $first = $this->first;
        $second = $this->second;
        $forth = $this->forth;
        $back = $this->back;
        $mayShare = $this->mayShare;
        $waits = array_fill(0, $this->count, false);
        $queue = [];
        foreach ($changed as $i) {
            if (! $waits[$i]) {
                $waits[$i] = true;
                $queue[] = $i;
            }
        }
        $failed = $by = -1;
        $at = 0;
        for (; isset($queue[$at]); $at++) {
            $by = $i = $queue[$at];
            $waits[$i] = false;
            $e = $earliest[$i];
            $l = $latest[$i];
            foreach ($this->to[$i] as $n => $j) {
                $least = $e + $this->by[$i][$n];
                if ($least > $earliest[$j]) {
                    $trailE[] = $j;
                    $trailE[] = $earliest[$j];
                    $earliest[$j] = $least;
                    if ($least > $latest[$j]) {
                        $failed = $j;
                        break 2;
                    }
                    if (! $waits[$j]) {
                        $waits[$j] = true;
                        $queue[] = $j;
                    }
                }
            }
            foreach ($this->from[$i] as $n => $j) {
                $most = $l - $this->byFrom[$i][$n];
                if ($most < $latest[$j]) {
                    $trailL[] = $j;
                    $trailL[] = $latest[$j];
                    $latest[$j] = $most;
                    if ($most < $earliest[$j]) {
                        $failed = $j;
                        break 2;
                    }
                    if (! $waits[$j]) {
                        $waits[$j] = true;
                        $queue[] = $j;
                    }
                }
            }
            foreach ($this->pairsOf[$i] as $pair) {
                $isFirst = $first[$pair] === $i;
                $j = $isFirst ? $second[$pair] : $first[$pair];
                $after = $isFirst ? $forth[$pair] : $back[$pair];
                $before = $isFirst ? $back[$pair] : $forth[$pair];
                $how = $order[$pair];
                if ($how === self::FREE) {
                    if ($mayShare[$pair]) {
                        continue;
                    }
                    $canAfter = $e + $after <= $latest[$j];
                    $canBefore = $l >= $earliest[$j] + $before;
                    if ($canAfter && $canBefore) {
                        continue;
                    }
                    if (! $canAfter && ! $canBefore) {
                        $failed = $j;
                        break 2;
                    }
                    $how = $canAfter === $isFirst ? self::FORTH : self::BACK;
                    $trailO[] = $pair;
                    $trailO[] = self::FREE;
                    $order[$pair] = $how;
                }
                if (($how === self::FORTH) === $isFirst) {
                    // i, then j.
                    if ($e + $after > $earliest[$j]) {
                        $trailE[] = $j;
                        $trailE[] = $earliest[$j];
                        $earliest[$j] = $e + $after;
                        if ($earliest[$j] > $latest[$j]) {
                            $failed = $j;
                            break 2;
                        }
                        if (! $waits[$j]) {
                            $waits[$j] = true;
                            $queue[] = $j;
                        }
                    }
                    if ($l > $latest[$j] - $after) {
                        $trailL[] = $i;
                        $trailL[] = $l;
                        $latest[$i] = $l = $latest[$j] - $after;
                        if ($l < $e) {
                            $failed = $i;
                            break 2;
                        }
                        if (! $waits[$i]) {
                            $waits[$i] = true;
                            $queue[] = $i;
                        }
                    }
                } else {
                    if ($l - $before < $latest[$j]) {
                        $trailL[] = $j;
                        $trailL[] = $latest[$j];
                        $latest[$j] = $l - $before;
                        if ($latest[$j] < $earliest[$j]) {
                            $failed = $j;
                            break 2;
                        }
                        if (! $waits[$j]) {
                            $waits[$j] = true;
                            $queue[] = $j;
                        }
                    }
                    if ($e < $earliest[$j] + $before) {
                        $trailE[] = $i;
                        $trailE[] = $e;
                        $earliest[$i] = $e = $earliest[$j] + $before;
                        if ($l < $e) {
                            $failed = $i;
                            break 2;
                        }
                        if (! $waits[$i]) {
                            $waits[$i] = true;
                            $queue[] = $i;
                        }
                    }
                }
            }
        }
        $this->steps += $at + 1;
        $this->earliest = $earliest;
        $this->latest = $latest;
        $this->order = $order;
        $this->trailEarliest = $trailE;
        $this->trailLatest = $trailL;
        $this->trailOrder = $trailO;
        if ($failed >= 0) {
            $this->blame[$failed] += 1.0;
            $this->blame[$by] += 0.5;
        }

        return $failed < 0;
    }
}

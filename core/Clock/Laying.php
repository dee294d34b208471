<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/**
 * Lays jobs on one clock: first the least busy minutes, then the least waiting.
 *
 * Orders of pairs that want one thing are decided, not minutes: with all of them decided the latest
 * starts that the gaps allow are the best plan of these orders. What is looked at next is the pair
 * that is held twice in the latest starts and has the least room, weighed by what has failed most;
 * the order that leaves more room is tried first. From the best plan it goes on: most orders are kept, some round
 * one stretch of time, one dish or one thing are looked for anew, within one minute less. It counts
 * its steps, not seconds, so that the same jobs end in the same plan.
 */
final class Laying
{
    /** Steps of narrowing that are some 300 ms, and some 2 s with the compiler on, 5 s without. */
    public const AT_ONCE = 55_000;

    public const BETTERED = 500_000;

    /** A search gives up after so many failures, at first; a look round the best plan after so many. */
    private const FAILS = 60;

    private const FAILS_NEAR = 40;

    /** What is looked for anew, minutes of the plan, at least. */
    private const STRETCH_MIN = 25;

    /** After so many looks without betterment it looks round two places at once. */
    private const WIDEN_AFTER = 60;

    private const NODES_A_FAIL = 4;

    private const SHIFTS = 12;

    /** With nothing shorter to be found, so many looks for less waiting. */
    private const PATIENCE = 150;

    /** What making the waiting less costs, in steps a job. */
    private const SHIFT_STEPS = 12;

    private int $seed = 20261126;

    /** @var list<Job> */
    private array $jobs;

    /** @var array<int, int>|null starts, by number */
    private ?array $best = null;

    private int $busy = PHP_INT_MAX;

    private float $waiting = INF;

    private int $bound = 0;

    private int $looks = 0;

    private int $betteredAt = 0;

    /** @var array<int, int> order of each pair in the best plan, to be tried first */
    private array $liked = [];

    /** @var list<list<int>> jobs that move as one, since no gap between them can change */
    private array $rigid = [];

    /** @var list<list<int>> jobs that any gap joins */
    private array $linked = [];

    /**
     * @var list<array{int, list<int>, list<int>, list<int>}> of each thing that there are several of: how
     *     many, who, from, to
     */
    private array $shared = [];

    private readonly Windows $windows;

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things how many there are of each; of what is not named there is one
     */
    private function __construct(array $jobs, private readonly array $things, private readonly int $hotWithinMin)
    {
        $this->jobs = $jobs;
        $this->windows = new Windows($jobs, $things, $hotWithinMin);
        foreach ($things as $thing => $many) {
            $held = [$many, [], [], []];
            foreach ($many > 1 ? $jobs : [] as $i => $job) {
                foreach ($job->claims as [$claimed, $from, $to]) {
                    if ($claimed === $thing && $to > $from) {
                        $held[1][] = $i;
                        $held[2][] = $from;
                        $held[3][] = $to;
                    }
                }
            }
            if (count($held[1]) > $many) {
                $this->shared[] = $held;
            }
        }
    }

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     * @param  int  $steps to spend at most
     * @param  array<string, int>  $from starts of an earlier plan, to go on from
     * @param  int  $most steps to spend on a first plan
     *
     * @throws CannotBeLaid where no plan was found that minds every gap
     */
    public static function of(
        array $jobs, array $things, int $hotWithinMin = 10, int $steps = self::AT_ONCE, array $from = [],
        int $most = self::BETTERED,
    ): Laid {
        if ($jobs === []) {
            return new Laid([], 0, 0.0, 0);
        }
        $laying = new self($jobs, $things, $hotWithinMin);
        $laying->search($steps, $from, max($steps, $most));
        $best = $laying->best ?? throw CannotBeLaid::atAll();
        $starts = [];
        foreach ($jobs as $i => $job) {
            $starts[$job->id] = $best[$i];
        }

        return new Laid($starts, $laying->busy, round($laying->waiting, 2), $laying->bound);
    }

    /**
     * Busy minutes that no plan of these jobs can beat, as far as is known; 0 where none minds every gap.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     */
    public static function bound(array $jobs, array $things, int $hotWithinMin = 10): int
    {
        $windows = new Windows($jobs, $things, $hotWithinMin);

        return $windows->settle() ? Bound::of($jobs, $things, $windows) : 0;
    }

    /**
     * A plan that is shorter than one that is there.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     * @param  array<string, int>  $from starts of that plan, which minds every gap
     * @param  int  $steps to spend at most
     * @return array<string, int>|null its starts; null where none can be, or none was found
     */
    public static function shorter(
        array $jobs, array $things, array $from, int $steps, int $hotWithinMin = 10,
    ): ?array {
        $busy = 0;
        foreach ($jobs as $job) {
            $busy = $job->isBound ? max($busy, -$from[$job->id]) : $busy;
        }
        if ($busy <= self::bound($jobs, $things, $hotWithinMin)) {
            return null;
        }
        $laying = new self($jobs, $things, $hotWithinMin);
        $laying->search($steps, $from, $steps);

        return $laying->best === null || $laying->busy >= $busy ? null : array_combine(
            array_map(static fn (Job $job): string => $job->id, $jobs), $laying->best,
        );
    }

    /**
     * Whether starts mind every gap, every pin and what there is of each thing.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     * @param  array<string, int>  $starts
     */
    public static function holds(array $jobs, array $things, int $hotWithinMin, array $starts): bool
    {
        $minutes = array_combine(
            array_map(static fn (Job $job): string => $job->id, $jobs),
            array_map(static fn (Job $job): int => $job->minutes, $jobs),
        );
        $turns = [];
        foreach ($jobs as $job) {
            $start = $starts[$job->id];
            $end = $start + $job->minutes;
            if ($end > 0 || ($job->isHot && $end < -$hotWithinMin) || ($job->pin ?? $start) !== $start) {
                return false;
            }
            foreach ($job->after as $gap) {
                $between = $start - $starts[$gap->task] - $minutes[$gap->task];
                if ($between < $gap->leastMin || $between > ($gap->mostMin ?? $between)) {
                    return false;
                }
            }
            foreach ($job->claims as [$thing, $from, $to]) {
                if ($to > $from) {
                    $turns[$thing][$start + $from] = ($turns[$thing][$start + $from] ?? 0) + 1;
                    $turns[$thing][$start + $to] = ($turns[$thing][$start + $to] ?? 0) - 1;
                }
            }
        }
        foreach ($turns as $thing => $at) {
            ksort($at);
            $held = 0;
            foreach ($at as $turn) {
                $held += $turn;
                if ($held > ($things[$thing] ?? 1)) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @param  array<string, int>  $from */
    private function search(int $steps, array $from, int $most): void
    {
        if (! $this->windows->settle()) {
            return;
        }
        $this->rigid = $this->groups(static fn (After $gap): bool => $gap->mostMin === $gap->leastMin);
        $this->linked = $this->groups(static fn (After $gap): bool => true);
        $this->bound = Bound::of($this->jobs, $this->things, $this->windows);
        if ($from !== []) {
            $this->like(array_map(static fn (Job $job): ?int => $from[$job->id] ?? null, $this->jobs));
            // As it was, as far as that still holds.
            $mark = $this->windows->mark();
            if ($this->windows->decideMany($this->liked)) {
                $this->decideAll(self::FAILS, $steps);
            }
            $this->windows->backTo($mark);
        }
        $this->first($most);
        while ($this->best !== null && $this->windows->steps < $steps && ! $this->isDone()) {
            $this->looks++;
            $this->lookNear();
        }
    }

    /** Nothing shorter, and less waiting has not been found for long. */
    private function isDone(): bool
    {
        return $this->busy <= $this->bound
            && ($this->waiting < 1e-9 || $this->looks - $this->betteredAt > self::PATIENCE);
    }

    /** A first plan: searches that give up later each time. What holds is worth more than being in time. */
    private function first(int $most): void
    {
        $fails = self::FAILS;
        while ($this->best === null && $this->windows->steps < $most) {
            $mark = $this->windows->mark();
            $found = $this->decideAll($fails, $most);
            $this->windows->backTo($mark);
            if ($found === false) {
                return;
            }
            $fails = (int) (1.5 * $fails);
        }
    }

    /**
     * One look round the best plan: some orders anew, the others kept, in less time; where that cannot be,
     * in the same time and with less waiting.
     */
    private function lookNear(): void
    {
        $windows = $this->windows;
        $mark = $windows->mark();
        $wanted = $this->busy > $this->bound ? $this->busy - 1 : $this->busy;
        // At times the same length, for less waiting, or for another plan to go on from.
        if ($this->random(6) === 0) {
            $wanted = $this->busy;
        }
        if (! $windows->within($wanted)) {
            $windows->backTo($mark);
            $this->bound = max($this->bound, $this->busy);

            return;
        }
        // The longer nothing was found, the wider it looks.
        $loose = $this->loose();
        $wider = intdiv($this->looks - $this->betteredAt, self::WIDEN_AFTER);
        while ($wider-- > 0 && $this->random(2) > 0) {
            $loose += $this->loose();
        }
        $kept = [];
        foreach ($this->liked as $pair => $order) {
            if (! isset($loose[$windows->first[$pair]]) && ! isset($loose[$windows->second[$pair]])) {
                $kept[$pair] = $order;
            }
        }
        if (! $windows->decideMany($kept)) {
            $windows->backTo($mark);

            return;
        }
        $this->decideAll(self::FAILS_NEAR + $this->random(2 * self::FAILS_NEAR), PHP_INT_MAX);
        $windows->backTo($mark);
    }

    /** @return array<int, true> jobs whose orders are looked for anew */
    private function loose(): array
    {
        return array_fill_keys(match ($this->random(4)) {
            0 => $this->inAStretch($this->best ?? []),
            1 => $this->wantingSomeThings(),
            2 => $this->someWithWhatHangsOnThem(),
            default => $this->joinedByGaps(),
        }, true);
    }

    /**
     * All within a stretch of time.
     *
     * @param  array<int, int>  $starts
     * @return list<int>
     */
    private function inAStretch(array $starts): array
    {
        $from = $this->random($this->busy + 1) - $this->busy;
        $long = self::STRETCH_MIN + $this->random(intdiv($this->busy, 3) + 1);
        $jobs = [];
        foreach ($starts as $i => $start) {
            if ($start < $from + $long && $start + $this->jobs[$i]->minutes > $from - $long) {
                $jobs[] = $i;
            }
        }

        return $jobs;
    }

    /** @return list<int> all that want one of two things */
    private function wantingSomeThings(): array
    {
        $things = array_keys($this->things);
        $some = [$things[$this->random(count($things))] => 1, $things[$this->random(count($things))] => 1];

        return array_keys(array_filter($this->jobs, static fn (Job $job): bool => array_intersect_key(
            $some, array_flip(array_column($job->claims, 0)),
        ) !== []));
    }

    /** @return list<int> */
    private function someWithWhatHangsOnThem(): array
    {
        $share = 2 + $this->random(4);
        $jobs = [];
        foreach ($this->rigid as $group) {
            if ($this->random($share) === 0) {
                $jobs = [...$jobs, ...$group];
            }
        }

        return $jobs;
    }

    /** @return list<int> what hangs together by gaps, a dish mostly, and a few others */
    private function joinedByGaps(): array
    {
        $jobs = $this->linked[$this->random(count($this->linked))];
        foreach (array_keys($this->jobs) as $i) {
            if ($this->random(5) === 0) {
                $jobs[] = $i;
            }
        }

        return $jobs;
    }

    /**
     * Decides pair after pair till nothing is held twice; back where that fails.
     *
     * @return bool|null whether there is a plan; null where it gave up
     */
    private function decideAll(int $fails, int $steps): ?bool
    {
        $windows = $this->windows;
        $marks = $lefts = [];
        // Orders in a crowd do not exclude one another: without an end to it the same plans come again and again.
        $nodes = self::NODES_A_FAIL * $fails + count($windows->first);
        while ($nodes-- > 0) {
            $choices = $this->heldTwice();
            if ($choices === null) {
                $this->keep($windows->latest);

                return true;
            }
            $marks[] = $windows->mark();
            $lefts[] = $choices;
            $isDecided = $this->decideNext($marks, $lefts, $fails, $steps);
            if ($isDecided !== true) {
                return $isDecided;
            }
        }

        return null;
    }

    /**
     * Takes the next choice that holds, of the newest pair that has one left.
     *
     * @param  list<array{int, int, int}>  $marks of the windows before each pair
     * @param  list<list<array{int, int}>>  $lefts choices left of each pair
     * @param  int  $fails still allowed
     * @param  int  $steps of narrowing at most
     * @return bool|null false where none is left, null where it was given up
     */
    private function decideNext(array &$marks, array &$lefts, int &$fails, int $steps): ?bool
    {
        $windows = $this->windows;
        while ($marks !== []) {
            $top = count($marks) - 1;
            $choice = array_shift($lefts[$top]);
            $windows->backTo($marks[$top]);
            if ($choice === null) {
                array_pop($marks);
                array_pop($lefts);
                if (--$fails < 0) {
                    return null;
                }

                continue;
            }
            if ($windows->decide($choice[0], $choice[1])) {
                return true;
            }
            if (--$fails < 0 || $windows->steps > $steps) {
                return null;
            }
        }

        return false;
    }

    /**
     * @return list<array{int, int}>|null orders to try of the pair that is held twice with least room: none where
     *     nothing mends it, null where all is well
     */
    private function heldTwice(): ?array
    {
        $pair = $this->tightest();
        if ($pair === null) {
            return $this->crowded();
        }
        $windows = $this->windows;
        $i = $windows->latest[$windows->first[$pair]];
        $j = $windows->latest[$windows->second[$pair]];
        $isForth = match (true) {
            isset($this->liked[$pair]) && $this->random(8) > 0 => $this->liked[$pair] === Windows::FORTH,
            // What has to move less: the later of the two stays the later.
            default => $j - $windows->forth[$pair] - $i >= $i - $windows->back[$pair] - $j,
        };
        if ($this->random(12) === 0) {
            $isForth = ! $isForth;
        }

        return $isForth
            ? [[$pair, Windows::FORTH], [$pair, Windows::BACK]] : [[$pair, Windows::BACK], [$pair, Windows::FORTH]];
    }

    /** Of pairs that would hold one thing at once the one with the least room for its failures; null without one. */
    private function tightest(): ?int
    {
        $windows = $this->windows;
        $latest = $windows->latest;
        $earliest = $windows->earliest;
        $forth = $windows->forth;
        $back = $windows->back;
        $second = $windows->second;
        $mayShare = $windows->mayShare;
        $order = $windows->order;
        $blame = $windows->blame;
        $least = INF;
        $pair = null;
        foreach ($windows->first as $at => $i) {
            if ($order[$at] !== Windows::FREE || $mayShare[$at]) {
                continue;
            }
            $j = $second[$at];
            $apart = $latest[$j] - $latest[$i];
            if ($apart >= $forth[$at] || -$apart >= $back[$at]) {
                continue;
            }
            $roomForth = $latest[$j] - $earliest[$i] - $forth[$at];
            $roomBack = $latest[$i] - $earliest[$j] - $back[$at];
            $room = (1 + ($roomForth < $roomBack ? $roomForth : $roomBack)) / ($blame[$i] + $blame[$j]);
            if ($room < $least) {
                $least = $room;
                $pair = $at;
            }
        }

        return $pair;
    }

    /**
     * Where more want a thing at once than there are of it: the orders of two of them.
     *
     * @return list<array{int, int}>|null
     */
    private function crowded(): ?array
    {
        $latest = $this->windows->latest;
        foreach ($this->shared as [$many, $jobs, $from, $to]) {
            // The crowd nearest the table first: what is before it moves with it.
            $at = PHP_INT_MIN;
            foreach ($jobs as $n => $i) {
                $begins = $latest[$i] + $from[$n];
                if ($begins <= $at) {
                    continue;
                }
                $there = 0;
                foreach ($jobs as $m => $j) {
                    $there += (int) ($begins >= $latest[$j] + $from[$m] && $begins < $latest[$j] + $to[$m]);
                }
                if ($there > $many) {
                    $at = $begins;
                }
            }
            if ($at > PHP_INT_MIN) {
                $crowd = [];
                foreach ($jobs as $m => $j) {
                    if ($at >= $latest[$j] + $from[$m] && $at < $latest[$j] + $to[$m]) {
                        $crowd[] = $j;
                    }
                }

                return $this->apart($crowd);
            }
        }

        return null;
    }

    /**
     * @param  list<int>  $jobs that are at one thing together
     * @return list<array{int, int}> orders that take two of them apart, what moves least first
     */
    private function apart(array $jobs): array
    {
        $windows = $this->windows;
        $is = array_flip($jobs);
        $choices = [];
        foreach ($windows->first as $pair => $i) {
            $j = $windows->second[$pair];
            if (! $windows->mayShare[$pair] || $windows->order[$pair] !== Windows::FREE || ! isset($is[$i], $is[$j])) {
                continue;
            }
            foreach (
                [
                    [Windows::FORTH, $i, $j, $windows->forth[$pair]], [Windows::BACK, $j, $i, $windows->back[$pair]],
                ] as [$order, $a, $b, $least]
            ) {
                if ($windows->latest[$b] >= $windows->earliest[$a] + $least) {
                    $moves = $windows->latest[$a] - ($windows->latest[$b] - $least) + $this->random(4);
                    $choices[] = [($this->liked[$pair] ?? 0) === $order ? $moves - 30 : $moves, $pair, $order];
                }
            }
        }
        sort($choices);

        return array_map(static fn (array $one): array => [$one[1], $one[2]], $choices);
    }

    /**
     * A plan that holds: taken where it is better than the best; its waiting made less first.
     *
     * @param  array<int, int>  $starts
     */
    private function keep(array $starts): void
    {
        $busy = 0;
        foreach ($this->jobs as $i => $job) {
            if ($job->isBound && -$starts[$i] > $busy) {
                $busy = -$starts[$i];
            }
        }
        if ($busy > $this->busy) {
            return;
        }
        $starts = $this->waitLess($starts, $busy);
        $this->windows->steps += self::SHIFT_STEPS * count($this->jobs);
        $waiting = $this->waitingOf($starts);
        $isBetter = $busy < $this->busy || $waiting < $this->waiting - 1e-6;
        if (! $isBetter && $this->random(3) > 0) {
            return;
        }
        if ($isBetter) {
            $this->busy = $busy;
            $this->waiting = $waiting;
            $this->best = $starts;
            $this->betteredAt = $this->looks;
        }
        // What is as long but otherwise is gone on from as well.
        $this->like($starts);
    }

    /**
     * The orders of a plan, to be tried first; pairs side by side, or with a job that was not there, have none.
     *
     * @param  array<int, int|null>  $starts
     */
    private function like(array $starts): void
    {
        $windows = $this->windows;
        $this->liked = [];
        foreach ($windows->first as $pair => $i) {
            $one = $starts[$i] ?? null;
            $two = $starts[$windows->second[$pair]] ?? null;
            if ($one !== null && $two !== null && $two - $one >= $windows->forth[$pair]) {
                $this->liked[$pair] = Windows::FORTH;
            } elseif ($one !== null && $two !== null && $one - $two >= $windows->back[$pair]) {
                $this->liked[$pair] = Windows::BACK;
            }
        }
    }

    /** @param  array<int, int>  $starts */
    private function waitingOf(array $starts): float
    {
        $number = $this->numbers();
        $waiting = 0.0;
        foreach ($this->jobs as $j => $job) {
            foreach ($job->after as $gap) {
                $i = $number[$gap->task];
                $waiting += $this->jobs[$i]->waitCost
                    * ($starts[$j] - $starts[$i] - $this->jobs[$i]->minutes - $gap->leastMin);
            }
        }

        return $waiting;
    }

    /** @return array<string, int> */
    private function numbers(): array
    {
        return array_flip(array_map(static fn (Job $job): string => $job->id, $this->jobs));
    }

    /**
     * The same orders, each group of jobs moved to where less waits, as long as that helps.
     *
     * @param  array<int, int>  $starts
     * @return array<int, int>
     */
    private function waitLess(array $starts, int $busyMin): array
    {
        [$after, $cost] = $this->gaps($starts);
        for ($round = 0; $round < self::SHIFTS; $round++) {
            $moved = false;
            foreach ($this->rigid as $group) {
                [$down, $up] = $this->room($group, $starts, $after, $busyMin);
                $slope = $this->slope($group, $cost);
                $by = $slope < -1e-9 ? $up : ($slope > 1e-9 ? $down : 0);
                if ($by !== 0 && $down <= $up && $by >= $down && $by <= $up) {
                    foreach ($group as $i) {
                        $starts[$i] += $by;
                    }
                    $moved = true;
                }
            }
            if (! $moved) {
                break;
            }
        }

        return $starts;
    }

    /**
     * How far jobs that move together can be shifted.
     *
     * @param  list<int>  $group
     * @param  array<int, int>  $starts
     * @param  list<list<array{int, int, bool}>>  $after gaps of each job
     * @return array{int, int} down and up, min
     */
    private function room(array $group, array $starts, array $after, int $busyMin): array
    {
        $is = array_flip($group);
        $down = -Windows::FARTHEST_MIN;
        $up = Windows::FARTHEST_MIN;
        foreach ($group as $i) {
            $job = $this->jobs[$i];
            $start = $starts[$i];
            $up = min($up, ($job->pin ?? -$job->minutes) - $start);
            $down = max(
                $down, ($job->pin ?? -Windows::FARTHEST_MIN) - $start,
                ($job->isHot ? -$this->hotWithinMin - $job->minutes : -Windows::FARTHEST_MIN) - $start,
            );
            if ($job->isBound) {
                $down = max($down, -$busyMin - $start);
            }
            foreach ($after[$i] as [$j, $least, $isLater]) {
                if (isset($is[$j])) {
                    continue;
                }
                // isLater: start of j ≥ start of i + least; else start of i ≥ start of j + least.
                if ($isLater) {
                    $up = min($up, $starts[$j] - $least - $start);
                } else {
                    $down = max($down, $starts[$j] + $least - $start);
                }
            }
        }

        return [$down, $up];
    }

    /**
     * What a minute later costs in waiting.
     *
     * @param  list<int>  $group
     * @param  list<list<array{int, float}>>  $cost of a minute between two jobs
     */
    private function slope(array $group, array $cost): float
    {
        $is = array_flip($group);
        $slope = 0.0;
        foreach ($group as $i) {
            foreach ($cost[$i] as [$j, $each]) {
                $slope += isset($is[$j]) ? 0.0 : $each;
            }
        }

        return $slope;
    }

    /**
     * All that ties each job to others, as they are ordered now, and what a minute later of it costs.
     *
     * @param  array<int, int>  $starts
     * @return array{list<list<array{int, int, bool}>>, list<list<array{int, float}>>}
     */
    private function gaps(array $starts): array
    {
        $number = $this->numbers();
        $after = $cost = array_fill(0, count($this->jobs), []);
        $tie = static function (int $i, int $j, int $least) use (&$after): void {
            $after[$i][] = [$j, $least, true];
            $after[$j][] = [$i, $least, false];
        };
        foreach ($this->jobs as $j => $job) {
            foreach ($job->after as $gap) {
                $i = $number[$gap->task];
                $minutes = $this->jobs[$i]->minutes;
                $tie($i, $j, $minutes + $gap->leastMin);
                if ($gap->mostMin !== null) {
                    $tie($j, $i, -$minutes - $gap->mostMin);
                }
                $each = $this->jobs[$i]->waitCost;
                $cost[$j][] = [$i, $each];
                $cost[$i][] = [$j, -$each];
            }
        }
        $windows = $this->windows;
        foreach ($windows->first as $pair => $i) {
            $j = $windows->second[$pair];
            $apart = $starts[$j] - $starts[$i];
            if ($apart >= $windows->forth[$pair]) {
                $tie($i, $j, $windows->forth[$pair]);
            } elseif (-$apart >= $windows->back[$pair]) {
                $tie($j, $i, $windows->back[$pair]);
            } elseif ($windows->mayShare[$pair]) {
                // Side by side they stay as they are.
                $tie($i, $j, $apart);
                $tie($j, $i, -$apart);
            }
        }

        return [$after, $cost];
    }

    /**
     * Jobs that are joined by gaps of a kind.
     *
     * @param  callable(After): bool  $joins
     * @return list<list<int>>
     */
    private function groups(callable $joins): array
    {
        $number = $this->numbers();
        $group = range(0, count($this->jobs) - 1);
        foreach ($this->jobs as $j => $job) {
            foreach ($job->after as $gap) {
                if ($joins($gap)) {
                    $from = $group[$j];
                    $to = $group[$number[$gap->task]];
                    $group = array_map(static fn (int $one): int => $one === $from ? $to : $one, $group);
                }
            }
        }
        $groups = [];
        foreach ($group as $i => $name) {
            $groups[$name][] = $i;
        }

        return array_values($groups);
    }

    /** Less than a number, always the same in the same order: what is tried hangs on the jobs alone. */
    private function random(int $below): int
    {
        $this->seed = ($this->seed * 1103515245 + 12345) & 0x7FFFFFFF;

        return intdiv($this->seed, 65536) % $below;
    }
}

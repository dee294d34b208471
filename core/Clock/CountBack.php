<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

use LogicException;

/**
 * Counts back from the table: every task as late as what follows it and what it holds allow.
 *
 * Tasks are placed from the table backwards, the one that may end latest first. Where a greatest
 * gap is broken (a task had to go too early for what follows it), all are laid again with the
 * follower told to start earlier; where that leads nowhere, with the task placed before its rivals; where
 * that does not help either, the orders are searched.
 */
final class CountBack
{
    private const ROUNDS = 60;

    /** A gap that breaks again and again is not mended by pulling its follower earlier still. */
    private const SAME_GAP = 6;

    /** With some placed before their rivals it is pulled longer: after that only the orders are left to search. */
    private const SAME_GAP_URGENT = 15;

    /** Of the search through orders: what is not found by then was not found in a hundred times as many. */
    private const SEARCH_STEPS = 3000;

    /**
     * @param  list<Task>  $tasks
     *
     * @throws CannotBeLaid
     */
    public static function lay(array $tasks): Schedule
    {
        $byId = [];
        foreach ($tasks as $task) {
            $byId[$task->id] = $task;
        }

        $best = self::settled($byId);
        // Mending a gap may have pulled all of it from the table: it moves back as one.
        $idle = $best === []
            ? 0
            : -max(array_map(static fn (string $id): int => $best[$id] + $byId[$id]->minutes, array_keys($best)));

        return Schedule::of($tasks, array_map(static fn (int $start): int => $start + $idle, $best));
    }

    /**
     * @param  array<string, Task>  $tasks
     * @return array<string, int> start by id
     *
     * @throws CannotBeLaid
     */
    private static function settled(array $tasks): array
    {
        try {
            return self::settle($tasks, false);
        } catch (CannotBeLaid) {
            try {
                return self::settle($tasks, true);
            } catch (CannotBeLaid $broken) {
                return self::searched($tasks) ?? throw $broken;
            }
        }
    }

    /**
     * What counting back does not find, the search through orders may (Laying): slower, and seldom wanted.
     *
     * @param  array<string, Task>  $tasks
     * @return array<string, int>|null start by id
     */
    private static function searched(array $tasks): ?array
    {
        $jobs = $things = [];
        // What all the rest leads to ends at the table.
        $ends = array_keys(array_filter(self::followers($tasks), static fn (array $of): bool => $of === []));
        foreach ($tasks as $id => $task) {
            $jobs[] = $job = new Job($id, $task->minutes, $task->claims(), $task->after, isHot: $ends === [$id]);
            $things += array_fill_keys(array_column($job->claims, 0), 1);
        }
        try {
            return Laying::of($jobs, $things, 0, self::SEARCH_STEPS, [], self::SEARCH_STEPS)->starts;
        } catch (CannotBeLaid) {
            return null;
        }
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  bool  $byUrgency whether a task whose gap broke goes before its rivals, before its follower is pulled
     *     earlier
     * @return array<string, int> start by id
     *
     * @throws CannotBeLaid
     */
    private static function settle(array $tasks, bool $byUrgency): array
    {
        $latest = [];
        /** @var array<string, true> $urgent */
        $urgent = [];
        $followers = self::followers($tasks);
        $claims = array_map(static fn (Task $task): array => $task->claims(), $tasks);
        $tried = [];
        $round = 0;
        $most = $byUrgency ? self::SAME_GAP_URGENT : self::SAME_GAP;
        do {
            $starts = self::place($tasks, $followers, $claims, $latest, $urgent);
            $broken = self::firstBroken($tasks, $starts);
            if ($broken === null) {
                return $starts;
            }
            [$task, $gap] = $broken;
            $tried[$task->id] = ($tried[$task->id] ?? 0) + 1;
            if ($byUrgency && ! isset($urgent[$gap->task])) {
                $urgent[$gap->task] = true;
            } else {
                $latest[$task->id] = $starts[$gap->task] + $tasks[$gap->task]->minutes + (int) $gap->mostMin;
            }
        } while (++$round < self::ROUNDS && $tried[$task->id] < $most);

        throw CannotBeLaid::gap($task, $tasks[$gap->task], (int) $gap->mostMin);
    }

    /**
     * What comes after each task, and how long after it at least.
     *
     * @param  array<string, Task>  $tasks
     * @return array<string, list<array{string, int}>>
     */
    private static function followers(array $tasks): array
    {
        $followers = array_fill_keys(array_keys($tasks), []);
        foreach ($tasks as $task) {
            foreach ($task->after as $gap) {
                if (! isset($tasks[$gap->task])) {
                    throw new LogicException("Task {$task->id} comes after {$gap->task}, which is not in the plan.");
                }
                $followers[$gap->task][] = [$task->id, $gap->leastMin];
            }
        }

        return $followers;
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  array<string, list<array{string, int}>>  $followers
     * @param  array<string, list<array{string, int, int}>>  $claims
     * @param  array<string, int>  $latest latest start by id, where one was told
     * @param  array<string, true>  $urgent tasks that are placed before their rivals
     * @return array<string, int> start by id
     */
    private static function place(array $tasks, array $followers, array $claims, array $latest, array $urgent): array
    {
        $starts = [];
        /** @var array<string, list<array{int, int}>> $taken */
        $taken = [];
        while (count($starts) < count($tasks)) {
            $next = null;
            $nextEnd = PHP_INT_MIN;
            $nextIsUrgent = false;
            foreach ($tasks as $id => $task) {
                if (isset($starts[$id])) {
                    continue;
                }
                $end = isset($latest[$id]) ? min(0, $latest[$id] + $task->minutes) : 0;
                foreach ($followers[$id] as [$follower, $least]) {
                    $end = isset($starts[$follower]) ? min($end, $starts[$follower] - $least) : null;
                    if ($end === null) {
                        continue 2;
                    }
                }
                $isUrgent = isset($urgent[$id]);
                if ($next === null || ($isUrgent === $nextIsUrgent ? $end > $nextEnd : $isUrgent)) {
                    $next = $task;
                    $nextIsUrgent = $isUrgent;
                    $nextEnd = $end;
                }
            }
            if ($next === null) {
                throw new LogicException('Tasks wait for one another in a ring.');
            }

            $start = self::latestFree($claims[$next->id], $nextEnd - $next->minutes, $taken);
            $starts[$next->id] = $start;
            foreach ($claims[$next->id] as [$thing, $from, $to]) {
                $taken[$thing][] = [$start + $from, $start + $to];
            }
        }

        return $starts;
    }

    /**
     * @param  list<array{string, int, int}>  $claims
     * @param  array<string, list<array{int, int}>>  $taken
     */
    private static function latestFree(array $claims, int $start, array $taken): int
    {
        do {
            $moved = false;
            foreach ($claims as [$thing, $from, $to]) {
                foreach ($taken[$thing] ?? [] as [$busyFrom, $busyTo]) {
                    if ($start + $from < $busyTo && $start + $to > $busyFrom) {
                        $start = $busyFrom - $to;
                        $moved = true;
                    }
                }
            }
        } while ($moved);

        return $start;
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  array<string, int>  $starts
     * @return array{Task, After}|null
     */
    private static function firstBroken(array $tasks, array $starts): ?array
    {
        foreach ($tasks as $task) {
            foreach ($task->after as $gap) {
                if (
                    $gap->mostMin !== null
                        && $gap->mostMin < $starts[$task->id] - $starts[$gap->task] - $tasks[$gap->task]->minutes
                ) {
                    return [$task, $gap];
                }
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Measure\Instant;

/** What is still to do in a cook, counted back from the table; the table moves when it cannot be met. */
final class Relaid
{
    /** @return array{Schedule, DateTimeImmutable} the schedule and when the table will be */
    public static function of(Cook $cook): array
    {
        $tasks = self::left($cook);
        $tableAt = Instant::plusMinutes($cook->plan()->day->tableAt, $cook->state->lateMin);
        $schedule = self::layFor($cook, $tasks, $tableAt);
        $lateS = $cook->now->getTimestamp() - Instant::plusMinutes($tableAt, $schedule->firstStart())->getTimestamp();
        if ($tasks !== [] && $lateS > 0) {
            $tableAt = Instant::plusMinutes($tableAt, (int) ceil($lateS / 60));
            $schedule = self::layFor($cook, $tasks, $tableAt);
        }

        return [$schedule, $tableAt];
    }

    /** @return list<Task> what is not done, what runs with what is left of it */
    private static function left(Cook $cook): array
    {
        $left = array_keys(
            array_filter($cook->state->progress, static fn (Progress $progress): bool => ! $progress->isDone()),
        );
        $tasks = [];
        foreach ($left as $id) {
            $task = $cook->plan()->day->schedule->tasks[$id]->minding($left);
            $endsAt = $cook->endsAt($id);
            $tasks[] = $endsAt === null
                ? $task
                : $task->shortenedTo(max(0, (int) ceil(($endsAt->getTimestamp() - $cook->now->getTimestamp()) / 60)));
        }

        return $tasks;
    }

    /** @param  list<Task>  $tasks */
    private static function layFor(Cook $cook, array $tasks, DateTimeImmutable $tableAt): Schedule
    {
        // Drained rice does not wait because the rest has time: gaps to what is done still count,
        // as far as what is running leaves room.
        $latest = [];
        foreach ($tasks as $task) {
            $latestAt = self::latestStartS($cook, $task);
            if ($latestAt !== null) {
                $latest[$task->id] = (int) ceil(($latestAt - $tableAt->getTimestamp()) / 60);
            }
        }

        try {
            return CountBack::lay($tasks, $latest);
        } catch (CannotBeLaid) {
            return CountBack::lay(array_map(static fn (Task $task): Task => $task->withoutMost(), $tasks));
        }
    }

    /** The last second at which a task may begin for what it follows and is done; null where nothing presses. */
    private static function latestStartS(Cook $cook, Task $task): ?int
    {
        if ($cook->state->progress[$task->id]->startedAt !== null) {
            return null;
        }
        $after = $cook->plan()->day->schedule->tasks[$task->id]->after;
        $earliest = $cook->now->getTimestamp();
        foreach ($after as $gap) {
            $earliest = max(
                $earliest,
                $cook->state->progress[$gap->task]->isRunning() ? (int) $cook->endsAt($gap->task)?->getTimestamp() : 0,
            );
        }
        $latest = null;
        foreach ($after as $gap) {
            $doneAt = $cook->state->progress[$gap->task]->doneAt;
            if ($gap->mostMin !== null && $doneAt !== null) {
                $latest = min($latest ?? PHP_INT_MAX, max($doneAt->getTimestamp() + 60 * $gap->mostMin, $earliest));
            }
        }

        return $latest;
    }
}

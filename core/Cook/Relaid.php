<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Job;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Work\Day;

/**
 * What is still to do of a meal, laid again from this minute: as it was planned where that still holds, else anew; the
 * table moves when it cannot be met.
 */
final class Relaid
{
    /** What all that is left comes after, and what runs begins at. */
    private const NOW = 'now';

    /** Steps to spend: some 30 ms, and at most so many to find that nothing fits. */
    private const STEPS = 8_000;

    private const MOST_STEPS = 25_000;

    private const HOT_WITHIN_MIN = 10;

    /** @var array<string, int> */
    private readonly array $things;

    /** @param  array<string, int>  $shorter minutes that a task is taken to be shorter, by id */
    private function __construct(private readonly MealCook $cook, private readonly array $shorter = [])
    {
        $things = MealPlanner::thingsOf($cook->began->meal, $cook->began->kitchen);
        $things[Hold::hands()->key()] = $cook->hands;
        foreach ($cook->failed as $ring) {
            unset($things[Hold::ring($ring)->key()]);
        }
        $this->things = $things;
    }

    /**
     * @param  array<string, int>  $shorter minutes that a task is taken to be shorter, by id
     * @return array{array<string, int>, DateTimeImmutable} starts in minutes before the table, and when
     *     that will be
     */
    public static function of(MealCook $cook, array $shorter = []): array
    {
        return (new self($cook, $shorter))->laid();
    }

    /** When the table could be, were it as soon as it can be from now. */
    public static function soonest(MealCook $cook): ?DateTimeImmutable
    {
        $self = new self($cook);
        $laid = $self->lay($self->jobs(), []);

        return $laid === null ? null : Day::nextFive(Instant::plusMinutes(
            $cook->now->setTimezone($cook->began->kitchen->site->timezone), -$laid->starts[self::NOW],
        ));
    }

    /** @return array{array<string, int>, DateTimeImmutable} */
    private function laid(): array
    {
        $tableAt = Instant::plusMinutes($this->cook->began->tableAt, $this->cook->lateMin());
        $jobs = $this->jobs();
        if (count($jobs) === 1) {
            return [[], max($tableAt, $this->cook->now)];
        }
        // The first whole minute from now, before the table.
        $nowMin = -intdiv(max(0, $tableAt->getTimestamp() - $this->cook->now->getTimestamp()), 60);
        if ($nowMin < 0) {
            $pinned = [$jobs[0]->pinned($nowMin), ...array_slice($jobs, 1)];
            $planned = $this->planned($jobs, $nowMin);
            if (Laying::holds($pinned, $this->things, self::HOT_WITHIN_MIN, $planned)) {
                return [self::without($planned), $tableAt];
            }
            $starts = $this->lay($pinned, $planned);
            if ($starts !== null) {
                return [self::without($starts->starts), $tableAt];
            }
        }
        $laid = $this->lay($jobs, []) ?? $this->lay(
            array_map(static fn (Job $job): Job => $job->loose(), $jobs), [],
        ) ?? throw CannotBeLaid::atAll();

        return [
            self::without($laid->starts),
            max($tableAt, Instant::plusMinutes($this->cook->now, -$laid->starts[self::NOW])),
        ];
    }

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $from
     */
    private function lay(array $jobs, array $from): ?Laid
    {
        try {
            return Laying::of($jobs, $this->things, self::HOT_WITHIN_MIN, self::STEPS, $from, self::MOST_STEPS);
        } catch (CannotBeLaid) {
            return null;
        }
    }

    /**
     * @param  array<string, int>  $starts
     * @return array<string, int>
     */
    private static function without(array $starts): array
    {
        unset($starts[self::NOW]);

        return $starts;
    }

    /**
     * Where each is by the plan that the cook began with.
     *
     * @param  list<Job>  $jobs
     * @return array<string, int>
     */
    private function planned(array $jobs, int $nowMin): array
    {
        $starts = [self::NOW => $nowMin];
        foreach (array_slice($jobs, 1) as $job) {
            $starts[$job->id] = $this->cook->progress($job->id)->isRunning() ? $nowMin
                : $this->cook->began->laid->starts[$job->id] ?? -$job->minutes;
        }

        return $starts;
    }

    /** @return non-empty-list<Job> this minute, and what is not done: what runs with what is left of it */
    private function jobs(): array
    {
        $left = $this->cook->left();
        $jobs = [new Job(self::NOW, 0)];
        foreach ($left as $id) {
            $jobs[] = $this->cook->progress($id)->isRunning() ? $this->running($id) : $this->waiting($id, $left);
        }

        return $jobs;
    }

    private function running(string $id): Job
    {
        $task = $this->cook->tasks[$id];
        $endsAt = $this->cook->endsAt($id) ?? $this->cook->now;
        $minutes = max(0, (int) ceil(($endsAt->getTimestamp() - $this->cook->now->getTimestamp()) / 60)
            - ($this->shorter[$id] ?? 0));
        $claims = [];
        foreach ($task->job->claims as [$thing]) {
            if ($thing !== Hold::hands()->key()) {
                $claims[] = [$thing, 0, $minutes];
            }
        }
        // Its hand at the start is past.
        $hands = $task->attention === Attention::AtStart ? null : $task->attention->hands($minutes);
        if ($hands !== null) {
            $claims[] = [Hold::hands()->key(), ...$hands];
        }

        return new Job(
            id: $id,
            minutes: $minutes,
            claims: $this->ofWhatWorks($claims),
            after: [After::atOnce(self::NOW)],
            isBound: true,
            waitCost: $task->job->waitCost,
            isHot: $task->job->isHot,
        );
    }

    /** @param  list<string>  $left */
    private function waiting(string $id, array $left): Job
    {
        $job = $this->cook->tasks[$id]->job;
        $after = [];
        $mostMin = null;
        foreach ($job->after as $gap) {
            if (in_array($gap->task, $left, true)) {
                $after[] = $gap;
            } elseif ($gap->mostMin !== null && isset($this->cook->tasks[$gap->task])) {
                // Drained rice does not wait because the rest has time: gaps to what is done still count.
                $doneAt = $this->cook->progress($gap->task)->doneAt ?? $this->cook->now;
                $passed = intdiv($this->cook->now->getTimestamp() - $doneAt->getTimestamp(), 60);
                $mostMin = min($mostMin ?? PHP_INT_MAX, max(0, $gap->mostMin - $passed));
            }
        }

        return new Job(
            id: $id,
            minutes: max(0, $this->cook->minutes($id) - ($this->shorter[$id] ?? 0)),
            claims: $this->ofWhatWorks($this->stretched($id)),
            after: [...$after, After::gap(self::NOW, 0, $this->atMost($mostMin, $after))],
            isBound: true,
            waitCost: $job->waitCost,
            isHot: $job->isHot,
        );
    }

    /**
     * Minutes from now within which a task must begin for what it follows and is done: no sooner than what it waits for
     * besides can be, and not at all where that is not begun.
     *
     * @param  list<After>  $after what it waits for besides
     */
    private function atMost(?int $mostMin, array $after): ?int
    {
        foreach ($mostMin === null ? [] : $after as $gap) {
            $endsAt = $this->cook->progress($gap->task)->isRunning() ? $this->cook->endsAt($gap->task) : null;
            if ($endsAt === null) {
                return null;
            }
            $left = max(0, (int) ceil(($endsAt->getTimestamp() - $this->cook->now->getTimestamp()) / 60));
            $mostMin = max($mostMin, $left + $gap->leastMin);
        }

        return $mostMin;
    }

    /**
     * What a task claims, as long as it was made.
     *
     * @return list<array{string, int, int}>
     */
    private function stretched(string $id): array
    {
        $job = $this->cook->tasks[$id]->job;
        $more = $this->cook->minutes($id) - ($this->shorter[$id] ?? 0) - $job->minutes;

        return array_map(static fn (array $claim): array => [
            $claim[0], $claim[1], $claim[2] === $job->minutes ? max($claim[1], $claim[2] + $more) : $claim[2],
        ], $job->claims);
    }

    /**
     * A ring that failed is nobody's: what stands on it waits to be moved.
     *
     * @param  list<array{string, int, int}>  $claims
     * @return list<array{string, int, int}>
     */
    private function ofWhatWorks(array $claims): array
    {
        return array_values(array_filter($claims, fn (array $claim): bool => ! in_array(
            $claim[0], array_map(static fn (string $ring): string => Hold::ring($ring)->key(), $this->cook->failed),
            true,
        )));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Job;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Plan\Meal\MealWork;

/** The work of a meal on the clock, counted back from its table. */
final readonly class Day
{
    /** Steps that a dish's clock may look for a shorter plan: some 2 ms. */
    private const STEPS = 2_000;

    /** A table that is to be as soon as it can be stands on a full five minutes. */
    public const ROUNDED_MIN = 5;

    /** @param  array<string, DishTask>  $tasks by task, in the order in which they begin */
    private function __construct(public DateTimeImmutable $tableAt, public Schedule $schedule, public array $tasks)
    {
    }

    /** @param  list<DishTask>  $tasks */
    public static function of(DateTimeImmutable $tableAt, Schedule $schedule, array $tasks): self
    {
        $byTask = [];
        foreach ($tasks as $work) {
            $byTask[$work->task->id] = $work;
        }
        $inOrder = [];
        foreach (array_keys($schedule->tasks) as $id) {
            $inOrder[$id] = $byTask[$id];
        }

        return new self($tableAt, $schedule, $inOrder);
    }

    /**
     * Counted back from the table, and looked at once more for orders that take less of the cook's time in the kitchen:
     * the clock of a meal, begun from there.
     *
     * @param  list<DishTask>  $tasks
     *
     * @throws CannotBeLaid
     */
    public static function lay(array $tasks): Schedule
    {
        $counted = CountBack::lay(array_map(static fn (DishTask $work): Task => $work->task, $tasks));
        $jobs = array_map(static fn (DishTask $work): Job => MealWork::job($work), $tasks);
        $things = [];
        foreach ($jobs as $job) {
            $things += array_fill_keys(array_column($job->claims, 0), 1);
        }
        $starts = Laying::shorter($jobs, $things, $counted->starts, self::STEPS);

        return $starts === null ? $counted : Schedule::of(array_values($counted->tasks), $starts);
    }

    /** The table of work that begins now: on a full five minutes. */
    public static function soonest(DateTimeImmutable $now, Schedule $schedule): DateTimeImmutable
    {
        return self::nextFive(Instant::plusMinutes($now, -$schedule->firstStart()));
    }

    /**
     * The next full five minutes that a day and a time of day can name: of an hour that comes twice, they name the
     * first.
     */
    public static function nextFive(DateTimeImmutable $time): DateTimeImmutable
    {
        $roundS = 60 * self::ROUNDED_MIN;
        $full = $time->setTimestamp((int) ceil($time->getTimestamp() / $roundS) * $roundS);
        while (new DateTimeImmutable($full->format('Y-m-d\TH:i'), $full->getTimezone()) < $full) {
            $full = Instant::plusMinutes($full, self::ROUNDED_MIN);
        }

        return $full;
    }

    /** Whether a piece of work has a caution as its own, so that its station's others do not tell it. */
    public function isMindedAtOneTask(Caution $caution): bool
    {
        return array_filter($this->tasks, static fn (DishTask $work): bool => $work->caution === $caution) !== [];
    }

    public function task(string $task): DishTask
    {
        return $this->tasks[$task] ?? throw new LogicException("There is no task {$task}.");
    }

    /** The moment at so many minutes to the table (−60 an hour before). */
    public function at(int $minutes): DateTimeImmutable
    {
        return Instant::plusMinutes($this->tableAt, $minutes);
    }

    /** Minutes before the table at which the first work begins that cannot be done far ahead, negative. */
    public function busyFrom(): int
    {
        $starts = [0];
        foreach ($this->tasks as $id => $work) {
            if (MealWork::isBound($work)) {
                $starts[] = $this->schedule->start($id);
            }
        }

        return min($starts);
    }

    public function startsAt(string $task): DateTimeImmutable
    {
        return $this->at($this->schedule->start($task));
    }

    public function endsAt(string $task): DateTimeImmutable
    {
        return $this->at($this->schedule->end($task));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Measure\Instant;

/** The work of a meal on the clock, counted back from its table. */
final readonly class Day
{
    /** A table that is to be as soon as it can be stands on a full five minutes. */
    public const ROUNDED_MIN = 5;

    /** @param  array<string, Work>  $works by task, in the order in which they begin */
    private function __construct(public DateTimeImmutable $tableAt, public Schedule $schedule, public array $works)
    {
    }

    /** @param  list<Work>  $works */
    public static function of(DateTimeImmutable $tableAt, Schedule $schedule, array $works): self
    {
        $byTask = [];
        foreach ($works as $work) {
            $byTask[$work->task->id] = $work;
        }
        $inOrder = [];
        foreach (array_keys($schedule->tasks) as $id) {
            $inOrder[$id] = $byTask[$id];
        }

        return new self($tableAt, $schedule, $inOrder);
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
        return array_filter($this->works, static fn (Work $work): bool => $work->caution === $caution) !== [];
    }

    public function work(string $task): Work
    {
        return $this->works[$task] ?? throw new LogicException("There is no task {$task}.");
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
        foreach ($this->works as $id => $work) {
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

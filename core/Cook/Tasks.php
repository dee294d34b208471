<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Task;
use Orbek\Core\Measure\Instant;

/** How far some tasks are, and who does which. */
class Tasks
{
    /** No step is made longer than this, min. */
    public const MOST_LONGER_MIN = 24 * 60;

    /** @var array<string, Progress> by task */
    public array $progress;

    /** @var array<string, int> the pair of hands that took it, from 1, by task */
    public array $takenBy = [];

    /** @param  array<string, Task>  $tasks by id */
    public function __construct(protected readonly array $tasks)
    {
        $this->progress = array_map(static fn (Task $task): Progress => new Progress, $tasks);
    }

    public function start(string $task, DateTimeImmutable $at): void
    {
        $this->progress[$task] = $this->progress[$task]->started($at);
    }

    /** Ends a task, and starts what follows it at once. */
    public function end(string $task, DateTimeImmutable $at): void
    {
        $this->progress[$task] = $this->progress[$task]->done($at);
        foreach ($this->tasks as $id => $follower) {
            foreach ($follower->after as $gap) {
                if ($gap->task === $task && $gap->isAtOnce() && $this->progress[$id]->startedAt === null) {
                    $this->start($id, $at);
                }
            }
        }
    }

    public function lengthen(string $task, int $minutes): void
    {
        $this->progress[$task] = $this->progress[$task]->lengthened($minutes);
    }

    /** Its minutes as planned and lengthened. */
    public function minutes(string $task): int
    {
        return max(0, $this->tasks[$task]->minutes + $this->progress[$task]->lengthenedMin);
    }

    /** When a running task's minutes are up. */
    public function endsAt(string $task): ?DateTimeImmutable
    {
        $startedAt = $this->progress[$task]->startedAt;

        return $startedAt === null ? null : Instant::plusMinutes($startedAt, $this->minutes($task));
    }

    /** Ends what needs no hand and has run out of its minutes. */
    public function endWhatRanOut(DateTimeImmutable $now): void
    {
        foreach ($this->progress as $id => $progress) {
            $endsAt = $this->endsAt($id);
            if ($endsAt !== null && $endsAt <= $now && ! $progress->isDone()
                && $this->tasks[$id]->attention === Attention::None) {
                $this->progress[$id] = $progress->done($endsAt);
            }
        }
    }
}

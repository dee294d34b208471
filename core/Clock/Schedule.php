<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** Tasks with their places, in minutes before the table (0 is the table, −60 an hour before). */
final readonly class Schedule
{
    /**
     * @param  array<string, Task>  $tasks by id, in the order in which they start
     * @param  array<string, int>  $starts minutes, by id
     */
    private function __construct(public array $tasks, public array $starts)
    {
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $starts minutes, by id
     */
    public static function of(array $tasks, array $starts): self
    {
        usort($tasks, static fn (Task $a, Task $b): int => $starts[$a->id] <=> $starts[$b->id]);
        $byId = [];
        foreach ($tasks as $task) {
            $byId[$task->id] = $task;
        }
        asort($starts);

        return new self($byId, $starts);
    }

    public function start(string $id): int
    {
        return $this->starts[$id];
    }

    public function end(string $id): int
    {
        return $this->starts[$id] + $this->tasks[$id]->minutes;
    }

    /** When the first task begins. */
    public function firstStart(): int
    {
        return $this->starts === [] ? 0 : min($this->starts);
    }

    /** Minutes for which a thing is held. */
    public function heldMinutes(string $thing): int
    {
        $minutes = 0;
        foreach ($this->tasks as $task) {
            foreach ($task->claims() as [$held, $from, $to]) {
                $minutes += $held === $thing ? $to - $from : 0;
            }
        }

        return $minutes;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Task;
use Orbek\Core\Cook\Events\Eaters;
use Orbek\Core\Cook\Events\Hands;
use Orbek\Core\Cook\Events\LeftOut;
use Orbek\Core\Cook\Events\RingFailed;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealTask;
use Orbek\Core\Plan\Meal\MealWork;
use Orbek\Core\Plan\Planner;

/**
 * cook = fold(events) of a whole meal: a cook for each dish, its sides, and what concerns all of them.
 *
 * A dish's own events reach that dish; those of the meal (late, served, a guest more, a ring that failed) reach all.
 */
final readonly class MealCook
{
    /**
     * @param  list<Cook>  $dishes by place
     * @param  array<string, MealTask>  $tasks all of them by id, as they are planned now
     * @param  list<int>  $leftOut places of dishes that were given up
     * @param  list<Note>  $changes what the last thing that happened to the whole meal changes
     * @param  list<string>  $failed rings that give no heat any more
     */
    private function __construct(
        public MealPlan $began,
        public array $dishes,
        public array $tasks,
        public Tasks $sides,
        public array $leftOut,
        public array $changes,
        public array $failed,
        public int $eaters,
        /** Pairs of hands that cook. */
        public int $hands,
        /** The event that an undo would take back. */
        public ?Event $last,
        public DateTimeImmutable $now,
    ) {
    }

    /**
     * @param  MealPlan  $began as it was laid when the cook began
     * @param  Planner  $planner for what has to be planned anew
     * @param  list<list<Event>>  $ofDishes by place, in any order
     * @param  list<Event>  $own of the whole meal and its sides
     */
    public static function fold(
        MealPlan $began, Planner $planner, array $ofDishes, array $own, DateTimeImmutable $now,
    ): self {
        $counting = Cook::counting($own);
        $changed = new MealChanges($began, $planner, $ofDishes, $own);
        foreach ($counting as $event) {
            match (true) {
                $event instanceof Eaters => $changed->eat($event),
                $event instanceof RingFailed => $changed->fails($event),
                $event instanceof LeftOut => $changed->leavesOut($event),
                $event instanceof Hands => $changed->handsAre($event),
                default => null,
            };
        }
        $changed->boiled($now);
        $dishes = [];
        foreach ($changed->plans as $place => $plan) {
            $dishes[] = Cook::fold($plan, [...$ofDishes[$place] ?? [], ...$own], $now);
        }
        $tasks = array_column(array_map(static fn (MealTask $task): array => [$task->job->id, $task], array_filter(
            MealWork::of($began->meal, $changed->plans, $began->kitchen),
            static fn (MealTask $task): bool => ! in_array($task->dish, $changed->leftOut, true),
        )), 1, 0);
        $sides = self::sides($tasks);
        $last = null;
        foreach ($counting as $event) {
            $last = $event->happenToSides($sides) ? $event : $last;
        }
        $sides->endWhatRanOut($now);
        foreach ($dishes as $dish) {
            $last = $last === null || ($dish->last !== null && $dish->last->at > $last->at) ? $dish->last : $last;
        }

        return new self(
            began: $began,
            dishes: $dishes,
            tasks: $tasks,
            sides: $sides,
            leftOut: $changed->leftOut,
            changes: $changed->says,
            failed: $changed->failed,
            eaters: $changed->eaters,
            hands: $changed->hands,
            last: $last,
            now: $now,
        );
    }

    /** @param  array<string, MealTask>  $tasks of all, by id */
    private static function sides(array $tasks): Tasks
    {
        return new Tasks(array_map(
            static fn (MealTask $task): Task => new Task(
                $task->task, $task->job->minutes, $task->attention, [], $task->job->after,
            ),
            array_filter($tasks, static fn (MealTask $task): bool => $task->dish === null),
        ));
    }

    /** How far a task is. */
    public function progress(string $id): Progress
    {
        return $this->of($id)->progress[$this->tasks[$id]->task];
    }

    /** When a running task's minutes are up. */
    public function endsAt(string $id): ?DateTimeImmutable
    {
        return $this->of($id)->endsAt($this->tasks[$id]->task);
    }

    /** Its minutes as planned and lengthened. */
    public function minutes(string $id): int
    {
        return $this->of($id)->minutes($this->tasks[$id]->task);
    }

    /** The pair of hands that took a task, from 1; null where nobody did. */
    public function takenBy(string $id): ?int
    {
        return $this->of($id)->takenBy[$this->tasks[$id]->task] ?? null;
    }

    private function of(string $id): Tasks
    {
        $dish = $this->tasks[$id]->dish;

        return $dish === null ? $this->sides : $this->dishes[$dish]->state;
    }

    /** The same with other pairs of hands from now on. */
    public function withHands(int $pairs): self
    {
        return new self(
            began: $this->began,
            dishes: $this->dishes,
            tasks: $this->tasks,
            sides: $this->sides,
            leftOut: $this->leftOut,
            changes: $this->changes,
            failed: $this->failed,
            eaters: $this->eaters,
            hands: $pairs,
            last: $this->last,
            now: $this->now,
        );
    }

    /** Whether a hand is called for when its minutes are up. */
    public function calls(string $id): bool
    {
        return $this->tasks[$id]->attention !== Attention::None;
    }

    /** @return list<string> what is still to do or runs */
    public function left(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->tasks)), fn (string $id): bool => ! $this->progress($id)->isDone(),
        ));
    }

    /** Whether nobody has begun anything. */
    public function isUntouched(): bool
    {
        foreach (array_keys($this->tasks) as $id) {
            if ($this->progress((string) $id)->startedAt !== null || $this->progress((string) $id)->isDone()) {
                return false;
            }
        }

        return true;
    }

    public function servedAt(): ?DateTimeImmutable
    {
        return $this->dishes[0]->state->servedAt;
    }

    /** Minutes by which those who eat are late; by which the table is wanted sooner where negative. */
    public function lateMin(): int
    {
        return $this->dishes[0]->state->lateMin;
    }

    public function situation(): Situation
    {
        return Situation::of($this);
    }
}

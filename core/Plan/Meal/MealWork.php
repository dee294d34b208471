<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Job;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Meal\Side;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\DishTask;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Ring;

/** All tasks of a meal: those of its dishes, told apart by their dish, and its sides. */
final class MealWork
{
    /** What can be done long ahead, or runs by itself. */
    private const FREE = [
        WorkKind::Rinse, WorkKind::Soak, WorkKind::Marinade, WorkKind::Marinates, WorkKind::Yogurt,
        WorkKind::MarinatesOn, WorkKind::StandsOut, WorkKind::Dough, WorkKind::Extra, WorkKind::ExtraWaits,
        WorkKind::Prepare,
    ];

    /** What a minute's wait of a side costs. */
    private const SIDE_WAITS = 0.1;

    /**
     * @param  list<Plan>  $plans in the order of the meal's dishes
     * @return list<MealTask>
     */
    public static function of(Meal $meal, array $plans, Kitchen $kitchen): array
    {
        $tasks = [];
        foreach ($plans as $dish => $plan) {
            foreach ($plan->day->tasks as $work) {
                $tasks[] = self::ofDish($dish, $work);
            }
        }
        $tasks = [...$tasks, ...self::sides($meal, $kitchen, $tasks)];

        foreach ($meal->keptWarm as $dish) {
            $tasks = array_map(static fn (MealTask $task): MealTask => $task->keptWarm($dish), $tasks);
        }
        $tasks = self::ahead($tasks, $meal->ahead);

        return array_map(static fn (MealTask $task): MealTask => isset($meal->pins[$task->job->id])
            ? $task->pinned(min(-$task->job->minutes, $meal->pins[$task->job->id])) : $task, $tasks);
    }

    /**
     * The same with some of what keeps done the day before, and with it what only waits for it.
     *
     * @param  list<MealTask>  $tasks
     * @param  list<string>  $ids
     * @return list<MealTask>
     */
    public static function ahead(array $tasks, array $ids): array
    {
        return array_map(static function (MealTask $task) use ($ids): MealTask {
            $waitsFor =
                array_filter($task->job->after, static fn (After $gap): bool => in_array($gap->task, $ids, true));
            $onlyWaits = $task->kind === WorkKind::ExtraWaits && count($waitsFor) === count($task->job->after);

            return $task->ahead(($task->keeps !== null && in_array($task->job->id, $ids, true)) || $onlyWaits);
        }, $tasks);
    }

    /**
     * What the clock has to lay: all but what is done the day before.
     *
     * @param  list<MealTask>  $tasks
     * @return list<Job>
     */
    public static function jobs(array $tasks): array
    {
        $ahead = [];
        foreach ($tasks as $task) {
            $ahead[$task->job->id] = $task->isAhead;
        }
        $jobs = [];
        foreach ($tasks as $task) {
            $after = array_filter($task->job->after, static fn (After $gap): bool => ! $ahead[$gap->task]);
            if (! $task->isAhead) {
                $jobs[] = count($after) === count($task->job->after) ? $task->job
                    : $task->job->following(array_values($after));
            }
        }

        return $jobs;
    }

    private static function ofDish(int $dish, DishTask $work): MealTask
    {
        return new MealTask(
            job: self::job($work, 'd'.($dish + 1).'/'),
            name: $work->name,
            detail: $work->detail,
            dish: $dish,
            kind: $work->kind,
            keeps: $work->keeps,
            ring: $work->task->ring(),
            task: $work->task->id,
            attention: $work->task->attention,
            begin: $work->begin,
            finish: $work->finish,
            endsBy: $work->endsBy,
        );
    }

    /** A dish's piece of work as the clock sees it. */
    public static function job(DishTask $work, string $of = ''): Job
    {
        return new Job(
            id: "{$of}{$work->task->id}",
            minutes: $work->task->minutes,
            claims: $work->task->claims(),
            after: array_map(
                static fn (After $gap): After => After::gap("{$of}{$gap->task}", $gap->leastMin, $gap->mostMin),
                $work->task->after,
            ),
            isBound: self::isBound($work),
            waitCost: self::waitCost($work->kind),
            isHot: $work->kind === WorkKind::Open,
        );
    }

    /** Whether it needs the cook in the kitchen, or a pot on the stove, at its time. */
    public static function isBound(DishTask $work): bool
    {
        return $work->keeps === null && ! in_array($work->kind, self::FREE, true);
    }

    /** What a minute's wait of what it makes costs (docs/model.md, section H). */
    private static function waitCost(WorkKind $kind): float
    {
        return match ($kind) {
            WorkKind::BoiledFirst, WorkKind::Boil, WorkKind::Drain => 5.0,
            WorkKind::Layer, WorkKind::Cook => 3.0,
            WorkKind::HotFat => 2.0,
            WorkKind::Filling, WorkKind::HeatWater, WorkKind::TopUp => 1.0,
            WorkKind::Heat, WorkKind::Second => 0.2,
            WorkKind::Side, WorkKind::Extra => 0.1,
            default => 0.01,
        };
    }

    /**
     * @param  list<MealTask>  $tasks of the dishes
     * @return list<MealTask>
     */
    private static function sides(Meal $meal, Kitchen $kitchen, array $tasks): array
    {
        $made = [];
        foreach ($meal->sides as $index => $side) {
            $id = 'side/'.($index + 1);
            $hands = $side->attention->hands($side->minutes);
            $claims = $hands === null ? [] : [[Hold::hands()->key(), ...$hands]];
            $ring = null;
            if ($side->ring !== null) {
                $ring = $side->ring === Side::ANY_RING

                        ? self::freestRing($kitchen, [...$tasks, ...$made])
                        : $kitchen->ring($side->ring, "sides/{$index}/ring")->id;
                $claims[] = [Hold::ring($ring)->key(), 0, $side->minutes];
            }
            if ($side->inOven) {
                $claims[] = [Hold::oven()->key(), 0, $side->minutes];
            }
            $after = $side->follows && $index > 0 ? [After::anyTime("side/{$index}")] : [];
            $made[] = new MealTask(
                job: new Job(
                    id: $id,
                    minutes: $side->minutes,
                    claims: $claims,
                    after: $after,
                    isBound: $side->keeps === null,
                    waitCost: self::SIDE_WAITS,
                    isHot: $side->isHot,
                ),
                name: Note::name($side->name),
                detail: null,
                dish: null,
                kind: WorkKind::Side,
                keeps: $side->keeps === null ? null : Note::name($side->keeps),
                ring: $ring,
                task: $id,
                attention: $side->attention,
                begin: Note::of('work-order.start'),
                finish: Note::of('work-order.done'),
            );
        }

        return $made;
    }

    /**
     * The ring that is held for the fewest minutes, of equals the smallest.
     *
     * @param  list<MealTask>  $tasks
     */
    private static function freestRing(Kitchen $kitchen, array $tasks): string
    {
        $held = array_fill_keys(array_keys($kitchen->equipment->rings), 0);
        foreach ($tasks as $task) {
            if ($task->ring !== null && isset($held[$task->ring])) {
                $held[$task->ring] += $task->job->minutes;
            }
        }
        $rings = array_values($kitchen->equipment->rings);
        usort(
            $rings,
            static fn (Ring $a, Ring $b): int => [$held[$a->id], $a->netW()] <=> [$held[$b->id], $b->netW()],
        );

        return $rings[0]->id;
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Job;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealTask;

/** Jobs as `orbek-tasks/1` has them: things with how many there are, and tasks. */
final readonly class TasksFile
{
    public const FORMAT = 'orbek-tasks/1';

    private const MOST_TASKS = 300;

    private const DAY_MIN = 1440;

    private const HOT_WITHIN_MIN = 10;

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     */
    private function __construct(public array $jobs, public array $things, public int $hotWithinMin)
    {
    }

    /** @param  array<string, int>  $things */
    public static function ofMeal(MealPlan $plan, array $things): self
    {
        return new self(
            array_map(static fn (MealTask $task): Job => $task->job, array_values($plan->tasks)), $things,
            self::HOT_WITHIN_MIN,
        );
    }

    /** @throws Refused naming what is wrong */
    public static function read(Fields $fields): self
    {
        if ($fields->text('format') !== self::FORMAT) {
            throw Refused::unknown('format', $fields->text('format'), [self::FORMAT]);
        }
        $things = [];
        $named = $fields->object('things');
        foreach ($named->names() as $thing) {
            $things[$thing] = $named->whole($thing, 1, 50);
        }
        $rows = $fields->each('tasks');
        if ($rows === [] || count($rows) > self::MOST_TASKS) {
            throw Refused::because('tasks', 'refused.so-many-tasks', count: count($rows), most: self::MOST_TASKS);
        }
        $minutes = [];
        foreach ($rows as $row) {
            $id = $row->text('id');
            if (isset($minutes[$id])) {
                throw Refused::because($row->at('id'), 'refused.twice', thing: $id);
            }
            $minutes[$id] = $row->whole('minutes', 0, self::DAY_MIN);
        }
        $jobs = array_map(static fn (Fields $row): Job => self::job($row, $things, $minutes), $rows);
        self::refuseRings($jobs);

        return new self($jobs, $things, $fields->whole('hot_within_min', 0, 240, self::HOT_WITHIN_MIN));
    }

    /**
     * @param  array<string, int>  $things
     * @param  array<string, int>  $minutes of every task
     */
    private static function job(Fields $row, array $things, array $minutes): Job
    {
        $id = $row->text('id');
        $after = [];
        foreach ($row->each('after') as $gap) {
            $task = $gap->text('task');
            if (! isset($minutes[$task])) {
                throw Refused::unknown($gap->at('task'), $task, array_slice(array_keys($minutes), 0, 10));
            }
            $least = $gap->whole('least', 0, self::DAY_MIN, 0);
            $after[] = After::gap(
                $task, $least, $gap->has('most') ? $gap->whole('most', $least, self::DAY_MIN) : null,
            );
        }

        return new Job(
            id: $id,
            minutes: $minutes[$id],
            claims: self::claims($row, $things, $minutes[$id]),
            after: $after,
            isBound: $row->flag('bound', true),
            waitCost: $row->number('wait_cost', 0, 1000, '', 0),
            isHot: $row->flag('table', false),
        );
    }

    /**
     * @param  array<string, int>  $things
     * @return list<array{string, int, int}>
     */
    private static function claims(Fields $row, array $things, int $minutes): array
    {
        $claims = [];
        foreach ($row->lists('claims') as $at => $claim) {
            [$thing, $from, $to] = [$claim[0] ?? null, $claim[1] ?? null, $claim[2] ?? null];
            if (! is_string($thing) || ! is_int($from) || ! is_int($to) || $from < 0 || $to < $from || $to > $minutes) {
                throw Refused::because($row->at("claims/{$at}"), 'refused.a-claim-is', minutes: $minutes);
            }
            if (! isset($things[$thing])) {
                throw Refused::unknown($row->at("claims/{$at}"), $thing, array_keys($things));
            }
            $claims[] = [$thing, $from, $to];
        }

        return $claims;
    }

    /**
     * Tasks that wait for one another in a ring can never begin.
     *
     * @param  list<Job>  $jobs
     */
    private static function refuseRings(array $jobs): void
    {
        $after = [];
        foreach ($jobs as $job) {
            $after[$job->id] = array_map(static fn (After $gap): string => $gap->task, $job->after);
        }
        do {
            $free = array_filter($after, static fn (array $tasks): bool => array_intersect_key(
                array_flip($tasks), $after,
            ) === []);
            $after = array_diff_key($after, $free);
        } while ($free !== [] && $after !== []);
        if ($after !== []) {
            throw Refused::because('tasks', 'refused.tasks-in-a-ring', tasks: array_keys($after));
        }
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Job;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Clock\Short;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;

/**
 * What would free what is short in a meal, each laid anew and told with its gain: another pair of hands, a dish kept
 * in the oven, pins let go of. What keeps is no part of it: it can be done at any time before, and is not counted.
 */
final class MealMending
{
    /** A gain worth telling, min. */
    private const GAIN_MIN = 3;

    private const MOST_HANDS = 4;

    /** @var list<MealMend> */
    private array $mends = [];

    /** @param  array<string, int>  $things how many there are of each */
    private function __construct(
        private readonly Laid $laid, private readonly bool $holds, private readonly array $things,
        private readonly int $hotWithinMin, private readonly int $steps,
    ) {
    }

    /**
     * @param  list<Plan>  $plans
     * @param  list<MealTask>  $tasks
     * @param  array<string, int>  $things
     * @param  int  $steps to spend on each
     * @return list<MealMend>
     */
    public static function of(
        Meal $meal, Kitchen $kitchen, array $plans, array $tasks, Laid $laid, bool $holds, array $things,
        int $hotWithinMin,
        int $steps,
    ): array {
        $mending = new self($laid, $holds, $things, $hotWithinMin, $steps);
        $jobs = MealWork::jobs($tasks);
        if ($meal->hands < self::MOST_HANDS) {
            $mending->try(
                Note::of('meal.more-hands', hands: $meal->hands + 1), 'hands', $meal->hands + 1, $jobs,
                [Hold::hands()->key() => $meal->hands + 1] + $things,
            );
        }
        $ovenIsFree = array_filter($tasks, static fn (MealTask $task): bool => $task->isInOven()) === [];
        foreach ($kitchen->equipment->oven !== null && $ovenIsFree ? $plans : [] as $dish => $plan) {
            if (! in_array($dish, $meal->keptWarm, true)) {
                $mending->try(
                    Note::of('meal.keep-in-the-oven', dish: $plan->dish->name), 'warm:'.$dish, true,
                    MealWork::jobs(array_map(static fn (MealTask $task): MealTask => $task->keptWarm($dish), $tasks)),
                );
            }
        }
        if ($holds) {
            $mending->rings($kitchen, $jobs);
        }
        if ($meal->pins !== []) {
            $mending->try(
                Note::of('meal.without-pins'), 'pins', null,
                array_map(static fn (Job $job): Job => $job->pinned(null), $jobs),
            );
        }

        return $mending->mends;
    }

    /**
     * Rings that are short: when each is held longest without a break, and what one more would save. None can be
     * tapped into being; boiling and steaming on other rings was tried before (GivingOut).
     *
     * @param  list<Job>  $jobs
     */
    private function rings(Kitchen $kitchen, array $jobs): void
    {
        foreach ($kitchen->equipment->rings as $ring) {
            foreach (Short::of(
                $jobs, $this->things, $this->hotWithinMin, $this->laid, $this->steps, [Hold::ring($ring->id)->key()],
            ) as $short) {
                if ($short->gainMin >= self::GAIN_MIN) {
                    $this->mends[] = new MealMend(Note::of(
                        'meal.short-of', ring: $ring->name, from: -$short->fromMin, to: -$short->toMin,
                    ), '', null, $short->gainMin);
                }
            }
        }
    }

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>|null  $things where there is more of one
     */
    private function try(Note $label, string $path, mixed $value, array $jobs, ?array $things = null): void
    {
        try {
            $other = Laying::of(
                $jobs, $things ?? $this->things, $this->hotWithinMin, $this->steps,
                $this->holds ? $this->laid->starts : [],
                4 * $this->steps,
            );
        } catch (CannotBeLaid) {
            return;
        }
        $gain = $this->laid->busyMin - $other->busyMin;
        if (! $this->holds || $gain >= self::GAIN_MIN) {
            $this->mends[] = new MealMend($label, $path, $value, $this->holds ? $gain : null);
        }
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Events\Eaters;
use Orbek\Core\Cook\Events\Hands;
use Orbek\Core\Cook\Events\LeftOut;
use Orbek\Core\Cook\Events\RingFailed;
use Orbek\Core\Cook\Events\Undone;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\Origin;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Meal\GivingOut;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Work\WorkKind;

/**
 * What becomes of a meal's plans by what concerns all of it: guests, rings, dishes given up; and what
 * is to be told of it.
 */
final class MealChanges
{
    /** A ring that gives so much more or less than was thought is worth another heat, in ln. */
    private const OTHERWISE = 0.1;

    /** @var list<Plan> by place */
    public array $plans;

    /** @var list<int> */
    public array $leftOut = [];

    /** @var list<string> */
    public array $failed = [];

    /** @var list<Note> of the last change */
    public array $says = [];

    public int $eaters;

    public int $hands;

    private Meal $meal;

    /**
     * @param  list<list<Event>>  $ofDishes
     * @param  list<Event>  $own
     */
    public function __construct(
        private readonly MealPlan $began, private readonly Planner $planner, private readonly array $ofDishes,
        private readonly array $own,
    ) {
        $this->plans = $began->plans;
        $this->meal = $began->meal;
        $this->eaters = $began->meal->eaters;
        $this->hands = $began->meal->hands;
    }

    /** More or fewer eat: rice that is not yet in water follows, of what is the plates do. */
    public function eat(Eaters $event): void
    {
        $this->says = [];
        $this->eaters = $event->eaters;
        $this->meal = $this->meal->forEaters($event->eaters);
        foreach ($this->plans as $place => $plan) {
            $share = $this->meal->shares[$place];
            $eaters = $this->meal->eatersOf($share);
            if (in_array($place, $this->leftOut, true) || $eaters === $plan->dish->table->eaters) {
                continue;
            }
            if ($this->isInWater($place, $event->at)) {
                $this->says[] = Note::of(
                    'meal.plates-change', dish: $plan->dish->name,
                    percent: (int) round(100 * $plan->dish->table->eaters / $eaters),
                );

                continue;
            }
            // What else fills stands on the table as before.
            $table = ['side_dishes' => $plan->dish->table->sideDishes] + $this->meal->tableOf($share);
            $this->plans[$place] = $this->planner->plan(
                $plan->dish->servedAt($table), $this->began->given->dishes[$place][1], $this->began->tableAt,
            );
            $this->says[] = Note::of(
                'meal.rice-changes', dish: $plan->dish->name, rice: $this->plans[$place]->totals->rice(),
                before: $plan->totals->rice(),
            );
        }
        $this->says = $this->says === [] ? [Note::of('meal.nothing-changes')] : $this->says;
    }

    /** A ring gives no heat: what is not closed yet goes to another, what is closed has to be moved. */
    public function fails(RingFailed $event): void
    {
        $this->says = [];
        $this->failed[] = $event->ring;
        $left = array_diff_key($this->began->kitchen->equipment->rings, array_flip($this->failed));
        foreach ($this->plans as $place => $plan) {
            $state = $this->at($place, $event->at)->state;
            if (in_array($place, $this->leftOut, true) || $state->of(WorkKind::Open)->isDone()
                || ! in_array($event->ring, self::ringsOf($plan), true)) {
                continue;
            }
            if ($left === []) {
                $this->says[] = Note::of('meal.no-ring-left', dish: $plan->dish->name);
            } elseif ($state->isSealed()) {
                $this->says[] = Note::of(
                    'meal.move-the-pot', dish: $plan->dish->name,
                    rings: array_values(array_map(static fn ($ring): string => $ring->name, $left)),
                );
            } else {
                $this->plans[$place] = $this->onAnother($plan, array_map(strval(...), array_keys($left)), $place);
                $this->says[] = Note::of(
                    'meal.on-another-ring', dish: $plan->dish->name,
                    ring: $left[$this->plans[$place]->dish->lid->ring]->name,
                    faults: array_map(static fn ($fault): Note => $fault->says(), $this->plans[$place]->faults()),
                );
            }
        }
        $this->says = $this->says === [] ? [Note::of('meal.nothing-changes')] : $this->says;
    }

    public function leavesOut(LeftOut $event): void
    {
        if (isset($this->plans[$event->dish]) && ! in_array($event->dish, $this->leftOut, true)) {
            $this->leftOut[] = $event->dish;
            $this->says = [Note::of('meal.left-out', dish: $this->plans[$event->dish]->dish->name)];
        }
    }

    public function handsAre(Hands $event): void
    {
        $this->hands = $event->hands;
        $this->says = [Note::of('meal.so-many-cook', hands: $event->hands)];
    }

    /** The water's minutes to the boil told a ring: the heat of a pot that is to stand on it is found again. */
    public function boiled(DateTimeImmutable $now): void
    {
        foreach ($this->plans as $place => $plan) {
            $cook = $this->at($place, $now);
            $said = BoilSays::of($cook);
            if ($said === null || in_array($place, $this->leftOut, true) || $said['burner'] !== $plan->dish->lid->ring
                || $plan->heating()?->origin !== Origin::Found) {
                continue;
            }
            $known = $this->planner->afterTheBoil($said)->plan(
                $plan->dish, $this->began->given->dishes[$place][1], $this->began->tableAt,
            );
            if (abs(log($known->stove()->likely() / $plan->stove()->likely())) < self::OTHERWISE) {
                continue;
            }
            $this->plans[$place] = $known;
            $heats = [$known->potted->first()->says($known->kitchen), $plan->potted->first()->says($plan->kitchen)];
            if (! $cook->state->isSealed()) {
                $this->says[] = Note::of(
                    'meal.ring-told', dish: $plan->dish->name, ring: $plan->potted->first()->place->ring->name,
                    isMore: $known->stove()->likely() > $plan->stove()->likely(),
                    isSame: serialize($heats[0]) === serialize($heats[1]),
                    heat: $heats[0], before: $heats[1],
                    faults: array_map(static fn ($fault): Note => $fault->says(), $known->faults()),
                );
            }
        }
    }

    /** Whether the amount of rice is settled. */
    private function isInWater(int $place, DateTimeImmutable $at): bool
    {
        $state = $this->at($place, $at)->state;

        return $state->of(WorkKind::Rinse)->isDone() || $state->of(WorkKind::Soak)->startedAt !== null
            || $state->of(WorkKind::Boil)->startedAt !== null || $state->of(WorkKind::Cook)->startedAt !== null;
    }

    /** A dish as it stood at a moment. */
    private function at(int $place, DateTimeImmutable $at): Cook
    {
        $till = static fn (Event $event): bool => $event instanceof Undone || $event->at <= $at;

        return Cook::fold(
            $this->plans[$place], array_values(array_filter([...$this->ofDishes[$place] ?? [], ...$this->own], $till)),
            $at,
        );
    }

    /** @return list<string> every ring that a plan's work needs */
    private static function ringsOf(Plan $plan): array
    {
        $rings = [];
        foreach ($plan->day->tasks as $work) {
            $rings[] = $work->task->ring();
        }
        foreach ($plan->potted->first()->line() as $stretch) {
            $rings[] = $stretch->flame->ring;
        }

        return array_values(
            array_filter(array_unique($rings), static fn (?string $ring): bool => $ring !== null && $ring !== '')
        );
    }

    /**
     * The same in its pot on the ring where it comes out best.
     *
     * @param  non-empty-list<string>  $rings
     */
    private function onAnother(Plan $plan, array $rings, int $place): Plan
    {
        $reserved = [...$this->began->given->dishes[$place][1], ...$this->failed];
        $others = array_map(fn (string $ring): Plan => $this->planner->plan(
            $this->standing($plan->dish, $ring), array_values(array_diff($reserved, [$ring])), $this->began->tableAt,
        ), $rings);
        usort($others, static fn (Plan $a, Plan $b): int => $a->misses() <=> $b->misses());

        return $others[0];
    }

    private function standing(Dish $dish, string $ring): Dish
    {
        $there = in_array($dish->lid->ring, $this->failed, true) ? $dish->changed('lid/burner', $ring) : $dish;

        return GivingOut::isPreparedOn($dish, $this->failed) ? GivingOut::preparedOn($there, $ring) : $there;
    }
}

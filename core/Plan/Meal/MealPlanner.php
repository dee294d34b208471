<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use DateTimeImmutable;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Job;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Mend\Clash;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Station;
use Orbek\Core\Plan\Work\Day;

/** plan = f(meal, its dishes, kitchen, knowledge): pots and rings given out, all work laid on one clock. */
final readonly class MealPlanner
{
    private const EVENING_BEFORE = 'yesterday 20:00';

    private const MORNING = 'today 09:00';

    /** Work that a mend is tried with, of what the plan itself gets. */
    private const TRIED_WITH = 12;

    private function __construct(
        private Kitchen $kitchen, private Planner $planner, private DateTimeImmutable $now, private int $steps,
        private int $hotWithinMin = 10,
    ) {
    }

    /** @param  int  $steps to spend on the clock */
    public static function in(
        Kitchen $kitchen, Planner $planner, DateTimeImmutable $now, int $steps = Laying::AT_ONCE,
    ): self {
        return new self($kitchen, $planner, $now, $steps);
    }

    /**
     * @param  array<string, Dish>  $dishes by the ids that the meal has
     * @param  array<string, int>  $from starts of an earlier plan, to go on from
     * @param  GivenOut|null  $given pots and rings as they were given out before
     * @param  GivenOut|null  $last as they were before the last change, to be kept where that still comes out right
     * @param  list<MealMend>|null  $mends as they were found before; null to look for them
     *
     * @throws Refused when a dish is gone, or the kitchen does not have what one names
     */
    public function plan(
        Meal $meal, array $dishes, array $from = [], ?GivenOut $given = null, ?GivenOut $last = null,
        ?array $mends = null,
    ): MealPlan {
        $given = $given?->forTable($meal)
            ?? (new GivingOut($this->kitchen, $this->planner, $meal, $this->things($meal), $this->hotWithinMin))
                ->of($this->served($meal, $dishes), $last?->forTable($meal));
        $plans = $given->plans($this->planner, $meal->serveAt($this->kitchen->site->timezone));
        $tasks = MealWork::of($meal, $plans, $this->kitchen);
        [$laid, $holds] = $this->lay($meal, $plans, $tasks, $from);

        $mends ??= MealMending::of(
            meal: $meal,
            kitchen: $this->kitchen,
            plans: $plans,
            tasks: $tasks,
            laid: $laid,
            holds: $holds,
            things: $this->things($meal),
            hotWithinMin: $this->hotWithinMin,
            steps: intdiv($this->steps, self::TRIED_WITH),
        );

        return $this->planned(
            meal: $meal, given: $given, plans: $plans, tasks: $tasks, laid: $laid, holds: $holds,
            clashes: $this->clashes($meal, $plans, $laid, $holds, $mends),
        );
    }

    /** A meal as it was laid before, with nothing looked for and nothing said of it. */
    public function asLaid(Meal $meal, GivenOut $given, Laid $laid, bool $holds): MealPlan
    {
        $plans = $given->plans($this->planner, $meal->serveAt($this->kitchen->site->timezone));

        return $this->planned(
            meal: $meal, given: $given, plans: $plans, tasks: MealWork::of($meal, $plans, $this->kitchen), laid: $laid,
            holds: $holds, clashes: [],
        );
    }

    /**
     * A dish by itself is a meal of one, laid as the dish is.
     *
     * @param  DateTimeImmutable|null  $tableAt as soon as it can be where none is given
     */
    public function ofOne(string $id, Dish $dish, ?DateTimeImmutable $tableAt = null): MealPlan
    {
        $plan = $this->planner->plan($dish, [], $tableAt);
        $meal = Meal::ofOne($id, $dish, $plan->day->tableAt->setTimezone($this->kitchen->site->timezone));
        $tasks = MealWork::of($meal, [$plan], $this->kitchen);
        $laid = $this->asTheDish($plan, $tasks, $meal);
        $holds = Laying::holds(MealWork::jobs($tasks), $this->things($meal), $this->hotWithinMin, $laid->starts);

        return $this->planned(
            meal: $meal, given: new GivenOut([[$dish, []]]), plans: [$plan], tasks: $tasks, laid: $laid, holds: $holds,
            clashes: [], tableAt: $plan->day->tableAt,
        );
    }

    /** @param  list<MealTask>  $tasks of a dish by itself */
    private function asTheDish(Plan $plan, array $tasks, Meal $meal): Laid
    {
        return new Laid(
            self::own($tasks, [$plan]), -$plan->day->busyFrom(), 0.0,
            Laying::bound(MealWork::jobs($tasks), $this->things($meal), $this->hotWithinMin),
        );
    }

    /**
     * Each where its dish would have it.
     *
     * @param  list<MealTask>  $tasks of dishes
     * @param  list<Plan>  $plans
     * @return array<string, int>
     */
    private static function own(array $tasks, array $plans): array
    {
        $starts = [];
        foreach ($tasks as $task) {
            $starts[$task->job->id] = $plans[(int) $task->dish]->day->schedule->start($task->task);
        }

        return $starts;
    }

    /**
     * @param  list<Plan>  $plans
     * @param  list<MealTask>  $tasks
     * @param  list<MealClash>  $clashes
     */
    private function planned(
        Meal $meal, GivenOut $given, array $plans, array $tasks, Laid $laid, bool $holds, array $clashes,
        ?DateTimeImmutable $tableAt = null,
    ): MealPlan {
        $laid = $this->withAhead($meal, $tasks, $laid);
        $byId = [];
        foreach ($tasks as $task) {
            $byId[$task->job->id] = $task;
        }
        $starts = $laid->starts;
        asort($starts);
        $inOrder = [];
        foreach (array_keys(array_intersect_key($starts, $byId)) as $id) {
            $inOrder[$id] = $byId[$id];
        }

        return new MealPlan(
            meal: $meal,
            kitchen: $this->kitchen,
            plans: $plans,
            tasks: $inOrder,
            laid: $laid,
            holds: $holds,
            clashes: $clashes,
            tableAt: $tableAt ?? $meal->serveAt($this->kitchen->site->timezone),
            given: $given,
        );
    }

    /**
     * What is done the day before, one thing after the other in the evening; in the morning where that has passed, else
     * at once.
     *
     * @param  list<MealTask>  $tasks
     */
    private function withAhead(Meal $meal, array $tasks, Laid $laid): Laid
    {
        $tableAt = $meal->serveAt($this->kitchen->site->timezone);
        $now = $this->now->setTimezone($this->kitchen->site->timezone);
        $at = $tableAt->modify(self::EVENING_BEFORE);
        $morning = $tableAt->modify(self::MORNING);
        if ($at < $now) {
            $at = $morning >= $now && $morning < $tableAt ? $morning : Day::nextFive($now);
        }
        $starts = [];
        $minutes = intdiv($at->getTimestamp() - $tableAt->getTimestamp(), 60);
        foreach ($tasks as $task) {
            if ($task->isAhead) {
                $starts[$task->job->id] = $minutes;
                $minutes += $task->job->minutes;
            }
        }

        return $starts === [] ? $laid : new Laid(
            $starts + $laid->starts, $laid->busyMin, $laid->waiting, $laid->boundMin,
        );
    }

    /**
     * The dishes as this table has them.
     *
     * @param  array<string, Dish>  $dishes
     * @return list<Dish>
     */
    private function served(Meal $meal, array $dishes): array
    {
        $served = [];
        foreach ($meal->shares as $index => $share) {
            $dish = $dishes[$share->dish]
                ?? throw Refused::because("dishes/{$index}/dish", 'refused.the-dish-is-gone', dish: $share->dish);
            $served[] = $dish->servedAt($meal->tableOf($share));
        }

        return $served;
    }

    /** @return array<string, int> how many there are of each thing that the clock minds */
    public function things(Meal $meal): array
    {
        return self::thingsOf($meal, $this->kitchen);
    }

    /** @return array<string, int> */
    public static function thingsOf(Meal $meal, Kitchen $kitchen): array
    {
        $things = [Hold::hands()->key() => $meal->hands, Hold::sink()->key() => 1, Hold::oven()->key() => 1];
        foreach ($kitchen->equipment->rings as $ring) {
            $things[Hold::ring($ring->id)->key()] = 1;
        }
        foreach ($kitchen->equipment->pots as $pot) {
            $things[Hold::pot($pot->id)->key()] = 1;
        }

        return $things;
    }

    /**
     * @param  list<Plan>  $plans
     * @param  list<MealTask>  $tasks
     * @param  array<string, int>  $from
     * @return array{Laid, bool} the plan, and whether it minds everything; else it shows where it pinches
     */
    private function lay(Meal $meal, array $plans, array $tasks, array $from): array
    {
        $jobs = MealWork::jobs($tasks);
        $things = $this->things($meal);
        if ($meal->isOfOne() && Laying::holds($jobs, $things, $this->hotWithinMin, self::own($tasks, $plans))) {
            // By itself a dish is laid as it is at its Pot.
            return [$this->asTheDish($plans[0], $tasks, $meal), true];
        }
        try {
            return [Laying::of($jobs, $things, $this->hotWithinMin, $this->steps, $from), true];
        } catch (CannotBeLaid) {
            return [Laying::of(
                array_map(static fn (Job $job): Job => $job->loose(), $jobs), $things, $this->hotWithinMin,
                intdiv($this->steps, 2),
            ), false];
        }
    }

    /**
     * @param  list<Plan>  $plans
     * @param  list<MealMend>  $mends
     * @return list<MealClash>
     */
    private function clashes(Meal $meal, array $plans, Laid $laid, bool $holds, array $mends): array
    {
        $clashes = [];
        $tableAt = $meal->serveAt($this->kitchen->site->timezone);
        $first = $laid->starts === [] ? 0 : min($laid->starts);
        $leftMin = intdiv($tableAt->getTimestamp() - $this->now->getTimestamp(), 60);
        if ($leftMin < -$first) {
            $clashes[] = new MealClash($leftMin < 0
                ? Note::of('meal.has-passed', at: $tableAt, day: $tableAt)
                : Note::of('meal.too-little-time', takes: -$first, left: $leftMin), $this->later($tableAt, $first));
        }
        $clashes = [...$clashes, ...self::oddHour($meal, $tableAt)];
        foreach ($plans as $plan) {
            foreach (array_filter(
                $plan->clashes, static fn (Clash $clash): bool => $clash->station !== Station::Table,
            ) as $clash) {
                $clashes[] = new MealClash(Note::of('meal.of-a-dish', dish: $plan->dish->name, says: $clash->says));
            }
            foreach ($plan->faults() as $fault) {
                $clashes[] = new MealClash(Note::of('meal.of-a-dish', dish: $plan->dish->name, says: $fault->says()));
            }
        }
        foreach ($holds ? [] : self::onOneRing($plans) as $ring => $dishes) {
            $clashes[] = new MealClash(Note::of(
                'meal.want-one-ring', dishes: $dishes, ring: $this->kitchen->equipment->rings[$ring]->name,
                rings: count($this->kitchen->equipment->rings),
            ));
        }
        if (! $holds) {
            $clashes[] = new MealClash(Note::of('meal.does-not-fit', hands: $meal->hands), $mends);
        } elseif ($mends !== []) {
            $clashes[] = new MealClash(Note::of('meal.could-be-shorter'), $mends, false);
        }

        return $clashes;
    }

    /**
     * On the nights when clocks are changed: an hour that is not there, or is there twice.
     *
     * @return list<MealClash>
     */
    private static function oddHour(Meal $meal, DateTimeImmutable $tableAt): array
    {
        $said = substr($meal->serveAt, -5);

        return match (true) {
            $tableAt->format('H:i') !== $said => [new MealClash(
                Note::of('meal.hour-is-skipped', said: $said, at: $tableAt), isWrong: false,
            )],
            Instant::comesTwice($tableAt) !== null => [new MealClash(
                Note::of('meal.hour-comes-twice', said: $said, isFirst: Instant::comesTwice($tableAt) === 1),
                isWrong: false,
            )],
            default => [],
        };
    }

    /**
     * Sealed pots that want the same ring up to the table: no clock helps there.
     *
     * @param  list<Plan>  $plans
     * @return array<string, list<string>> names of dishes, by ring
     */
    private static function onOneRing(array $plans): array
    {
        $byRing = [];
        foreach ($plans as $plan) {
            $ring = $plan->dish->lid->ring;
            foreach ($plan->potted->first()->line() as $stretch) {
                $ring = $stretch->flame->ring === '' ? $ring : $stretch->flame->ring;
            }
            $byRing[$ring][] = $plan->dish->name;
        }

        return array_filter($byRing, static fn (array $dishes): bool => count($dishes) > 1);
    }

    /**
     * Other times for the table: as soon as it can be, and where that is past its hour the same hour tomorrow.
     *
     * @return list<MealMend>
     */
    private function later(DateTimeImmutable $tableAt, int $firstStartMin): array
    {
        $now = $this->now->setTimezone($tableAt->getTimezone());
        $earliest = MealPlan::soonest($now, $firstStartMin);
        $sameDay = $earliest->format('Y-m-d') === $tableAt->format('Y-m-d');
        $mends = [new MealMend(
            Note::of('meal.serve-at', at: $earliest, day: $earliest, isSameDay: $sameDay), 'serve_at',
            $earliest->format('Y-m-d\TH:i'), null,
        )];
        $tomorrow = $now->modify('+1 day')->setTime((int) $tableAt->format('G'), (int) $tableAt->format('i'));
        if ($tableAt <= $now && $tomorrow > $earliest) {
            $mends[] = new MealMend(
                Note::of('meal.serve-tomorrow-at', at: $tomorrow), 'serve_at',
                $tomorrow->format('Y-m-d\TH:i'), null,
            );
        }

        return $mends;
    }
}

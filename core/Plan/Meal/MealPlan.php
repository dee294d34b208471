<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use DateTimeImmutable;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Day;

/** What follows of a meal: its dishes planned at their shares, and all work on one clock. */
final readonly class MealPlan
{
    /** What begins within so long is begun now, min. */
    private const SOON_MIN = 60;

    /**
     * @param  list<Plan>  $plans in the order of the meal's dishes, in the pots and on the rings they are given
     * @param  array<string, MealTask>  $tasks by id, in the order in which they begin
     * @param  bool  $holds whether every gap is minded and nothing held twice; else it shows where it pinches
     * @param  list<MealClash>  $clashes
     */
    public function __construct(
        public Meal $meal,
        public Kitchen $kitchen,
        public array $plans,
        public array $tasks,
        public Laid $laid,
        public bool $holds,
        public array $clashes,
        public DateTimeImmutable $tableAt,
        public GivenOut $given,
    ) {
    }

    public function start(string $task): int
    {
        return $this->laid->starts[$task];
    }

    public function end(string $task): int
    {
        return $this->laid->starts[$task] + $this->tasks[$task]->job->minutes;
    }

    public function at(int $minutes): DateTimeImmutable
    {
        return Instant::plusMinutes($this->tableAt, $minutes);
    }

    public function firstStart(): int
    {
        return $this->laid->starts === [] ? 0 : min($this->laid->starts);
    }

    /** When the table can be at the soonest, begun now: the next five minutes, local to the kitchen. */
    public function earliest(DateTimeImmutable $now): DateTimeImmutable
    {
        return self::soonest($now->setTimezone($this->kitchen->site->timezone), $this->firstStart());
    }

    /** Whether it stands for another day, and nothing of it is to be done within the hour. */
    public function isOfAnotherDay(DateTimeImmutable $now): bool
    {
        $zone = $this->kitchen->site->timezone;
        $first = Instant::plusMinutes($this->tableAt, $this->firstStart());

        return $this->tableAt->setTimezone($zone)->format('Y-m-d') > $now->setTimezone($zone)->format('Y-m-d')
            && $first > Instant::plusMinutes($now, self::SOON_MIN);
    }

    /** @param  int  $firstStartMin minutes before the table */
    public static function soonest(DateTimeImmutable $now, int $firstStartMin): DateTimeImmutable
    {
        return Day::nextFive(Instant::plusMinutes($now, -$firstStartMin));
    }

    /** @return list<MealTask> what can be done the evening before or in the morning, with how long it keeps */
    public function theDayBefore(): array
    {
        return array_values(array_filter($this->tasks, static fn (MealTask $task): bool => $task->keeps !== null));
    }

    /** @return list<MealMend> what would make it shorter, or fit */
    public function mends(): array
    {
        $mends = array_merge(...array_map(static fn (MealClash $clash): array => $clash->mends, $this->clashes));

        return array_values(array_filter($mends, static fn (MealMend $mend): bool => $mend->path !== 'serve_at'));
    }

    /** @return array<string, MealTask> what is done the day before, by id, in its order */
    public function ahead(): array
    {
        return array_filter($this->tasks, static fn (MealTask $task): bool => $task->isAhead && $task->keeps !== null);
    }

    /** Minutes of somebody's hands that what could be done the day before takes. */
    public function keepingMin(): int
    {
        $minutes = 0;
        foreach ($this->theDayBefore() as $task) {
            $minutes += $task->isAhead ? 0 : $task->handsMin();
        }

        return $minutes;
    }

    /** Salt that one who eats of everything has from the dishes. */
    public function saltAHead(): Figure
    {
        $of = array_map(static fn (Plan $plan): Note => Note::of(
            'meal.salt-of', dish: $plan->dish->name, salt: round($plan->salting->gramsAServing(), 1),
        ), $this->plans);

        return Figure::of(
            array_sum(array_map(static fn (Plan $plan): float => $plan->salting->gramsAServing(), $this->plans)), 'g',
            1,
            Note::of('meal.salt-a-day'), ...$of,
        );
    }

    /**
     * What each pair of hands does, in its order: each task goes to the pair that is free longest.
     *
     * @return list<list<array{MealTask, int, int}>> the task, from, to, by pair of hands
     */
    public function hands(): array
    {
        $held = [];
        foreach ($this->tasks as $id => $task) {
            foreach ($task->job->claims as [$thing, $from, $to]) {
                if ($thing === Hold::hands()->key() && $to > $from) {
                    $held[] = [$task, $this->start($id) + $from, $this->start($id) + $to];
                }
            }
        }
        usort($held, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $pairs = array_fill(0, $this->meal->hands, []);
        $free = array_fill(0, $this->meal->hands, PHP_INT_MIN);
        foreach ($held as $one) {
            $pair = 0;
            foreach ($free as $other => $at) {
                if ($at <= $one[1] && ($free[$pair] > $one[1] || $at > $free[$pair])) {
                    $pair = $other;
                }
            }
            $pairs[$pair][] = $one;
            $free[$pair] = max($free[$pair], $one[2]);
        }

        return $pairs;
    }

    /** @return list<GuestEats> each guest against everything on the table */
    public function eats(): array
    {
        return GuestEats::all($this->meal, array_map(static fn (Plan $plan): Dish => $plan->dish, $this->plans));
    }

    /** @return list<Ingredient> what a task of a dish takes; nothing for a side's */
    public function ingredientsOf(MealTask $task): array
    {
        return $task->dish === null ? [] : array_values(array_filter(
            $this->plans[$task->dish]->ingredients,
            static fn (Ingredient $one): bool => $one->task === $task->task,
        ));
    }
}

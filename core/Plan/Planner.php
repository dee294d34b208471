<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Mend\Clash;
use Orbek\Core\Plan\Mend\Clashes;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Pot\Waits;
use Orbek\Core\Plan\Shopping\Amounts;
use Orbek\Core\Plan\Shopping\Totals;
use Orbek\Core\Plan\Work\Day;
use Orbek\Core\Plan\Work\DishTask;
use Orbek\Core\Plan\Work\WorkOrder;

/** plan = f(dish, kitchen, knowledge), seen from a moment. */
final readonly class Planner
{
    private function __construct(
        private Kitchen $kitchen, private Knowledge $knowledge, private DateTimeImmutable $now,
        private ?FoundLines $before, private bool $knowsTheBoil = false,
    ) {
    }

    /** @param  FoundLines|null  $before heats that were found before, so that none is looked for twice */
    public static function in(
        Kitchen $kitchen, Knowledge $knowledge, DateTimeImmutable $now, ?FoundLines $before = null,
    ): self {
        return new self($kitchen, $knowledge, $now, $before);
    }

    /**
     * The same with what the water's minutes to the boil said of its ring.
     *
     * @param  array{pot: string, burner: string, likelihood: list<float>}  $boiled
     */
    public function afterTheBoil(array $boiled): self
    {
        return new self($this->kitchen, $this->knowledge->with(['boiled' => $boiled]), $this->now, $this->before, true);
    }

    /**
     * @param  list<string>  $reserved ids of rings and plates that something else on the table needs
     * @param  DateTimeImmutable|null  $tableAt when it is to be on the table; else as soon as it can be from now
     *
     * @throws Refused when the dish names a pot, ring or bag that the kitchen does not have
     */
    public function plan(Dish $dish, array $reserved = [], ?DateTimeImmutable $tableAt = null): Plan
    {
        $this->ringsAreThere($dish);
        $draft = Potted::of($dish, $this->kitchen, $this->knowledge);
        // How long rice and filling wait for the pot is the clock's to say: before the heat is found.
        $tasks = WorkOrder::of($draft, $this->kitchen);
        [$schedule] = $this->lay($dish, $tasks);
        $potted = $draft->heated(Waits::on($schedule, $tasks, $dish), $this->before, $reserved);
        $tasks = WorkOrder::of($potted, $this->kitchen);
        [$schedule, $clockClash] = $this->lay($dish, $tasks);
        $tableAt ??= Day::soonest($this->now->setTimezone($this->kitchen->site->timezone), $schedule);
        $clashes = [
            ...(new Clashes($potted, $this->kitchen, $this->knowledge))->ofThings(),
            ...$clockClash,
        ];
        $ingredients = Amounts::of($potted, $this->kitchen, Totals::rawRice($potted, $this->kitchen));

        return new Plan(
            $potted, $this->kitchen, $this->knowledge, Day::of($tableAt, $schedule, $tasks), $ingredients, $clashes,
            knowsItsBoil: $this->knowsTheBoil,
        );
    }

    /** @throws Refused */
    private function ringsAreThere(Dish $dish): void
    {
        $lists = ['sides' => $dish->table->sides, 'extras' => $dish->build->extras];
        foreach ($dish->fillings->all as $place => $filling) {
            $lists["fillings/{$place}/steps"] = $filling->steps;
        }
        foreach ($lists as $list => $things) {
            foreach ($things as $index => $thing) {
                if ($thing->ring !== null) {
                    $this->kitchen->ring($thing->ring, "{$list}/{$index}/burner");
                }
            }
        }
    }

    /**
     * @param  list<DishTask>  $tasks
     * @return array{Schedule, list<Clash>}
     */
    private function lay(Dish $dish, array $tasks): array
    {
        try {
            return [Day::lay($tasks), []];
        } catch (CannotBeLaid $broken) {
            // Shown without the greatest gaps, so that the cook sees where it pinches.
            $loose = array_map(static fn (DishTask $work): Task => $work->task->withoutMost(), $tasks);
            $names = array_column(
                array_map(static fn (DishTask $work): array => [$work->task->id, $work->name], $tasks),
                1,
                0,
            );
            $says = Note::of(
                'planner.cannot-follow', task: $names[$broken->task], after: $names[$broken->after],
                mostMin: $broken->mostMin,
            );

            return [
                CountBack::lay($loose),
                [
                    new Clash(
                        Station::Table,
                        $says,
                        $dish->grain->water->ring === $dish->lid->ring
                            ? []
                            : [
                                new Mend(
                                    Note::of('planner.boil-and-steam-on-one-ring'),
                                    'water/burner',
                                    $dish->lid->ring,
                                ),
                            ],
                    ),
                ],
            ];
        }
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Edit\MealEdit;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Meal\MealShopping;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Planner;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Several dishes on one clock. */
final class MealPlanTest extends TestCase
{
    private const SUPPER = [
        'format' => 'orbek-meal/1', 'name' => 'Winter supper', 'serve_at' => '2026-11-28T19:30', 'eaters' => 9,
        'hands' => 2,
        'dishes' => [
            ['dish' => 'sour-cherry-polo', 'eaters' => 6], ['dish' => 'jackfruit-cashew-biryani', 'eaters' => 3],
        ],
        'sides' => [
            ['name' => 'yogurt', 'minutes' => 5, 'keeps' => 'a day'], ['name' => 'salad', 'minutes' => 12],
            ['name' => 'baked quince', 'minutes' => 45, 'attention' => 'start', 'oven' => true, 'hot' => true],
        ],
    ];

    public function test_a_dish_in_two_pots_has_its_place_in_a_meal(): void
    {
        $inTwo = ['pot' => 'iron-20', 'burner' => 'ring-1'];
        $dishes = ['sour-cherry-polo' => Sample::dish('sour-cherry-polo')->changed('lid/second', $inTwo)] + self::dishes();
        foreach ([6, 9] as $eaters) {
            $plan = self::planner()->plan(Meal::fromArray(
                ['dishes' => [['dish' => 'sour-cherry-polo', 'eaters' => $eaters]]] + self::SUPPER,
            ), $dishes);
            self::assertNotNull($plan->plans[0]->potted->second());
            self::assertNotSame('iron-20', $plan->plans[0]->dish->lid->pot, "for {$eaters}");
        }
    }

    public function test_the_winter_supper_fits_and_nothing_is_held_twice(): void
    {
        $plan = self::plan(self::SUPPER);
        self::assertTrue($plan->holds);
        self::assertSame([6, 3], array_map(static fn ($one): int => $one->dish->table->eaters, $plan->plans));
        self::assertNotSame($plan->plans[0]->dish->lid->pot, $plan->plans[1]->dish->lid->pot);
        self::assertSame([], array_filter(array_map(static fn ($one): array => $one->faults(), $plan->plans)));
        self::assertGreaterThanOrEqual($plan->laid->boundMin, $plan->laid->busyMin);
        self::assertLessThan(180, $plan->laid->busyMin);
        $held = [];
        foreach ($plan->tasks as $id => $task) {
            self::assertLessThanOrEqual(0, $plan->end($id));
            self::assertTrue(! $task->job->isHot || $plan->end($id) >= -10, $id);
            foreach ($task->job->after as $gap) {
                $between = $plan->start($id) - $plan->end($gap->task);
                self::assertGreaterThanOrEqual($gap->leastMin, $between, $id);
                self::assertLessThanOrEqual($gap->mostMin ?? PHP_INT_MAX, $between, $id);
            }
            foreach ($task->job->claims as [$thing, $from, $to]) {
                for ($minute = $plan->start($id) + $from; $minute < $plan->start($id) + $to; $minute++) {
                    $held[$thing][$minute] = ($held[$thing][$minute] ?? 0) + 1;
                }
            }
        }
        foreach ($held as $thing => $minutes) {
            self::assertLessThanOrEqual($thing === 'hands' ? 2 : 1, max($minutes), $thing);
        }
        // Each pair of hands does one thing at a time, and together they do all.
        $minutes = 0;
        foreach ($plan->hands() as $pair) {
            foreach (array_slice($pair, 1) as $at => $one) {
                self::assertGreaterThanOrEqual($pair[$at][2], $one[1]);
            }
            $minutes += array_sum(array_map(static fn (array $one): int => $one[2] - $one[1], $pair));
        }
        self::assertSame(array_sum($held['hands']), $minutes);
        self::assertContains(
            'yogurt', array_map(static fn ($task): string => Sample::say($task->name), $plan->theDayBefore()),
        );
    }

    public function test_like_things_are_bought_together(): void
    {
        $both = self::plan(self::SUPPER);
        $amounts = static fn (MealPlan $plan): array => array_column(
            array_merge(...array_values(MealShopping::of($plan))), 'amount', 'key',
        );
        $one = $amounts(self::plan(['dishes' => [self::SUPPER['dishes'][0]]] + self::SUPPER));
        $other = $amounts(self::plan(['dishes' => [self::SUPPER['dishes'][1]]] + self::SUPPER));
        $like = array_intersect_key($one, $other);
        self::assertNotSame([], $like);
        foreach ($amounts($both) as $key => $amount) {
            self::assertEqualsWithDelta(
                ($one[$key]->amount ?? 0) + ($other[$key]->amount ?? 0), $amount->amount, 0.02 * $amount->amount, $key,
            );
        }
    }

    public function test_guests_are_warned_of_all_that_is_on_the_table(): void
    {
        $plan = self::plan([
            'dishes' => [
                ['dish' => 'turkey-plum-biryani', 'eaters' => 4], ['dish' => 'jackfruit-cashew-biryani', 'eaters' => 4],
            ],
            'guests' => [['who' => 'a guest', 'avoids' => ['nuts']]], 'eaters' => 8,
        ] + self::SUPPER);
        self::assertSame(['Jackfruit and cashew biryani'], array_column($plan->eats()[0]->warnings, 0));
        self::assertFalse($plan->eats()[0]->mayEatAll());
    }

    public function test_one_pair_of_hands_is_short_and_a_second_is_told_with_its_gain(): void
    {
        $byHand = array_map(static fn (int $n): array => ['name' => "side {$n}", 'minutes' => 20], range(1, 8));
        $alone = self::plan(
            ['hands' => 1, 'sides' => $byHand, 'dishes' => [['dish' => 'lentil-date-walnut-polo']]] + self::SUPPER
        );
        $mends = array_merge(...array_map(static fn ($clash): array => $clash->mends, $alone->clashes));
        $hands = array_values(array_filter($mends, static fn ($mend): bool => $mend->path === 'hands'));
        self::assertSame(2, $hands[0]->value ?? null);
        self::assertGreaterThan(30, $hands[0]->gainMin);
    }

    public function test_a_pin_stays_and_the_rest_is_laid_round_it(): void
    {
        $pinned = self::plan(['pins' => ['side/2' => -60]] + self::SUPPER);
        self::assertTrue($pinned->holds);
        self::assertSame(-60, $pinned->start('side/2'));
        $odd = self::plan(['pins' => ['d1/open' => -90]] + self::SUPPER);
        self::assertFalse($odd->holds, 'a dish opened an hour and a half early is not hot');
        $mends = array_merge(...array_map(static fn ($clash): array => $clash->mends, $odd->clashes));
        self::assertContains('pins', array_column($mends, 'path'));
    }

    public function test_what_keeps_is_offered_the_day_before_and_leaves_the_clock_of_the_day(): void
    {
        $byHand = array_map(static fn (int $n): array => [
            'name' => "side {$n}", 'minutes' => 20, 'keeps' => 'two days',
        ], range(1, 8));
        $meal = ['hands' => 1, 'sides' => $byHand, 'dishes' => [['dish' => 'lentil-date-walnut-polo']]] + self::SUPPER;
        $plan = self::plan($meal);
        $all = array_map(static fn ($task): string => $task->job->id, $plan->theDayBefore());
        self::assertGreaterThanOrEqual(160, $plan->keepingMin());
        $after = self::planner()->plan(MealEdit::on(Meal::fromArray($meal), 'ahead', $all), self::dishes());
        self::assertTrue($after->holds);
        self::assertSame(0, $after->keepingMin());
        self::assertEqualsCanonicalizing($all, array_keys($after->ahead()));
        $hands = static fn (MealPlan $one): int => array_sum(array_map(
            static fn (array $held): int => $held[1] >= -600 ? $held[2] - $held[1] : 0, array_merge(...$one->hands()),
        ));
        self::assertSame($plan->keepingMin(), $hands($plan) - $hands($after), 'so much less on the day');
        $before = null;
        foreach ($after->ahead() as $id => $task) {
            self::assertSame('2026-11-27', $after->at($after->start($id))->format('Y-m-d'));
            self::assertGreaterThanOrEqual($before ?? -10_000, $after->start($id), 'one after the other');
            $before = $after->end($id);
        }
        self::assertSame('20:00', $after->at($after->firstStart())->format('H:i'));
        // Taken off the list it is on the clock again.
        $id = array_key_first($after->ahead());
        $back = MealEdit::on($after->meal, "ahead:{$id}", false);
        self::assertNotContains($id, $back->ahead);
    }

    public function test_a_table_that_has_passed_or_is_too_near_is_mended(): void
    {
        foreach ([
            '2026-11-28 20:00' => ['19:30 on Saturday 28 November has passed.', 2],
            '2026-11-28 18:30' => ['Too little time', 1],
        ] as $now => [$says, $mends]) {
            $at = new DateTimeImmutable($now, Sample::kitchen()->site->timezone);
            $planner = MealPlanner::in(
                Sample::kitchen(), Planner::in(Sample::kitchen(), Knowledge::none(), $at, FoundBefore::get()), $at,
            );
            $plan = $planner->plan(Meal::fromArray(self::SUPPER), self::dishes());
            $clash = $plan->clashes[0];
            self::assertStringContainsString($says, Sample::say($clash->says));
            self::assertCount($mends, $clash->mends);
            foreach ($clash->mends as $mend) {
                $mended = $planner->plan(
                    MealEdit::on(Meal::fromArray(self::SUPPER), 'serve_at', $mend->value), self::dishes(),
                    $plan->laid->starts,
                    $plan->given,
                );
                self::assertGreaterThanOrEqual($at, $mended->at($mended->firstStart()));
            }
        }
    }

    public function test_one_ring_for_three_sealed_pots_is_said_as_that(): void
    {
        $document = Sample::json('kitchen');
        $document['burners'] = [$document['burners'][1]];
        unset($document['oven']);
        $kitchen = Kitchen::fromArray($document);
        $now = new DateTimeImmutable('2026-11-28 08:00', $kitchen->site->timezone);
        $dishes = [];
        foreach (['sour-cherry-polo', 'jackfruit-cashew-biryani', 'lentil-date-walnut-polo'] as $name) {
            $dishes[$name] = Moving::into(Sample::dish($name), $kitchen);
        }
        $plan = MealPlanner::in(
            $kitchen, Planner::in($kitchen, Knowledge::none(), $now, FoundBefore::get()), $now, 8_000,
        )
            ->plan(Meal::fromArray([
                'dishes' => array_map(
                    static fn (string $name): array => ['dish' => $name, 'eaters' => 3], array_keys($dishes),
                ),
                'sides' => [],
            ] + self::SUPPER), $dishes);
        self::assertFalse($plan->holds);
        $says = Sample::say(array_map(static fn ($clash): Note => $clash->says, $plan->clashes));
        self::assertStringContainsString(
            'all want Ring 2 up to the table; of one ring each closed pot needs its own', $says,
        );
    }

    public function test_a_dish_kept_in_the_oven_may_be_done_earlier(): void
    {
        $warm = MealEdit::on(Meal::fromArray(self::SUPPER), 'warm:1', true);
        self::assertSame([1], $warm->keptWarm);
        // The quince has the oven at the end: there is one.
        self::assertFalse(self::planner()->plan($warm, self::dishes())->holds);
        $warm = MealEdit::on($warm, 'sides:remove:2', null);
        $plan = self::planner()->plan($warm, self::dishes());
        self::assertTrue($plan->holds);
        $open = $plan->tasks['d2/open']->job;
        self::assertSame(40, $open->after[0]->mostMin);
        self::assertSame([], MealEdit::on($warm, 'warm:1', false)->keptWarm);
    }

    public function test_a_long_seal_is_work_that_binds_though_no_hand_is_wanted(): void
    {
        $plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        $first = $plan->day->busyFrom();
        self::assertLessThan(-60, $first);
        self::assertGreaterThan($plan->day->schedule->firstStart(), $first, 'the marinade does not bind');
    }

    public function test_a_plan_is_gone_on_from(): void
    {
        $plan = self::plan(self::SUPPER);
        $again = self::planner()->plan(
            Meal::fromArray(self::SUPPER), self::dishes(), $plan->laid->starts, $plan->given,
        );
        self::assertLessThanOrEqual($plan->laid->busyMin, $again->laid->busyMin);
    }

    public function test_words_change_a_meal(): void
    {
        $meal = Meal::fromArray(self::SUPPER);
        self::assertSame(12, MealEdit::on($meal, 'eaters', 12)->eaters);
        self::assertSame(
            2,
            MealEdit::on($meal, 'dishes:eaters:1', 2)->eatersOf(MealEdit::on($meal, 'dishes:eaters:1', 2)->shares[1]),
        );
        self::assertCount(1, MealEdit::on($meal, 'dishes:remove:0', null)->shares);
        self::assertCount(3, MealEdit::on($meal, 'dishes:add', 'lentil-date-walnut-polo')->shares);
        self::assertCount(4, MealEdit::on($meal, 'sides:add', ['name' => 'pickles', 'minutes' => 3])->sides);
        self::assertCount(2, MealEdit::on($meal, 'sides:remove:0', null)->sides);
        self::assertSame(['side/2' => -40], MealEdit::on($meal, 'pin:side/2', -40)->pins);
        self::assertSame([], MealEdit::on(MealEdit::on($meal, 'pin:side/2', -40), 'pin:side/2', null)->pins);
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function refusals(): iterable
    {
        yield 'no dish' => ['dishes', [], 'dishes: a meal wants a dish'];
        yield 'a dish twice' => ['dishes', [['dish' => 'a'], ['dish' => 'a']], 'is there twice'];
        yield 'twelve dishes' => [
            'dishes', array_map(static fn (int $n): array => ['dish' => "d{$n}"], range(1, 12)),
            'dishes: 12 are too many; give 6 at most',
        ];
        yield 'more children than eaters' => ['children', 10, 'children: 10 is out of range; give 0 to 9'];
        yield 'no time' => ['serve_at', '2026-11-31T19:30', 'serve_at'];
        yield 'no hands' => ['hands', 0, 'hands: 0 is out of range; give 1 to 6'];
        yield 'a side of no time' => ['sides', [['name' => 'x', 'minutes' => 0]], 'minutes: 0 is out of range'];
        yield 'another format' => ['format', 'orbek-dish/1', 'give one of orbek-meal/1'];
    }

    #[DataProvider('refusals')]
    public function test_what_cannot_be_is_refused_by_name(string $field, mixed $value, string $says): void
    {
        self::assertStringContainsString(
            $says, Sample::refused(static fn () => Meal::fromArray([$field => $value] + self::SUPPER)),
        );
    }

    public function test_a_dish_that_is_gone_is_named(): void
    {
        self::assertStringContainsString('gone is on the shelf no more', Sample::refused(
            static fn () => self::plan(['dishes' => [['dish' => 'gone']]] + self::SUPPER),
        ));
        self::assertStringContainsString(
            'path', Sample::refused(static fn () => MealEdit::on(Meal::fromArray(self::SUPPER), 'colour', 'red')),
        );
        self::assertStringContainsString(
            'sides:remove:9',
            Sample::refused(static fn () => MealEdit::on(Meal::fromArray(self::SUPPER), 'sides:remove:9', null)),
        );
    }

    public function test_a_table_in_the_night_of_summer_time_is_counted_in_instants(): void
    {
        $kitchen = Sample::kitchen(['timezone' => 'Europe/Zurich']);
        $plan = self::plan(['serve_at' => '2027-03-28T03:00'] + self::SUPPER, $kitchen);
        $first = $plan->at($plan->firstStart());
        self::assertSame(-60 * $plan->firstStart(), $plan->tableAt->getTimestamp() - $first->getTimestamp());
        self::assertSame('+02:00', $plan->tableAt->format('P'));
        self::assertSame('+01:00', $first->format('P'));
    }

    /** @param  array<string, mixed>  $document */
    private static function plan(array $document, ?Kitchen $kitchen = null): MealPlan
    {
        return self::planner($kitchen)->plan(Meal::fromArray($document), self::dishes());
    }

    private static function planner(?Kitchen $kitchen = null): MealPlanner
    {
        $kitchen ??= Sample::kitchen();
        $now = new DateTimeImmutable(Sample::NOW);

        return MealPlanner::in($kitchen, Planner::in($kitchen, Knowledge::none(), $now, FoundBefore::get()), $now);
    }

    /** @return array<string, Dish> */
    private static function dishes(): array
    {
        $dishes = [];
        foreach (
            ['sour-cherry-polo', 'jackfruit-cashew-biryani', 'turkey-plum-biryani', 'lentil-date-walnut-polo'] as $name
        ) {
            $dishes[$name] = Sample::dish($name);
        }

        return $dishes;
    }
}

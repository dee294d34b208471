<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\School;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Stations\Boil;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** The work of each school: its order, what it holds, what must not wait. */
final class WorkOrderTest extends TestCase
{
    /** @return iterable<string, array{School}> */
    public static function schools(): iterable
    {
        foreach (Sample::craft()->schools->all as $school) {
            yield $school->id => [$school];
        }
    }

    #[DataProvider('schools')]
    public function test_nothing_is_held_twice_and_nothing_comes_before_its_time(School $school): void
    {
        $plan = self::started($school);
        $held = [];
        foreach ($plan->day->schedule->tasks as $id => $task) {
            foreach ($task->claims() as [$thing, $from, $to]) {
                $start = $plan->day->schedule->start($id);
                foreach ($held[$thing] ?? [] as [$other, $busyFrom, $busyTo]) {
                    self::assertTrue(
                        $start + $to <= $busyFrom || $start + $from >= $busyTo,
                        "{$thing}: {$id} and {$other}",
                    );
                }
                $held[$thing][] = [$id, $start + $from, $start + $to];
            }
            foreach ($task->after as $gap) {
                $waits = $plan->day->schedule->start($id) - $plan->day->schedule->end($gap->task);
                self::assertGreaterThanOrEqual($gap->leastMin, $waits, "{$id} after {$gap->task}");
                self::assertLessThanOrEqual($gap->mostMin ?? PHP_INT_MAX, $waits, "{$id} within reach of {$gap->task}");
            }
        }
        self::assertSame(0, $plan->day->schedule->end('open'));
    }

    #[DataProvider('schools')]
    public function test_rice_is_drained_or_measured_never_both(School $school): void
    {
        $tasks = self::started($school)->day->schedule->tasks;

        self::assertSame($school->cooking->isMeasured(), isset($tasks['cook']));
        self::assertSame(
            ! $school->cooking->isMeasured(),
            isset($tasks['boil'], $tasks['drain'], $tasks['heat-water']),
        );
        self::assertSame($school->id === 'drained-and-steamed', isset($tasks['hot-fat']));
        self::assertSame(in_array($school->id, ['raw-filling', 'long-seal'], true), isset($tasks['dough']));
        self::assertSame($school->id === 'raw-filling', isset($tasks['marinates']));
    }

    public function test_herbs_go_into_the_boil_so_long_before_the_lift_and_beans_before_the_rice(): void
    {
        $polo = Sample::dish('bean-dill-polo');
        $names = static fn (float $liftMin): array => array_map(
            static fn (array $one): array => [$one[0]->name, round($one[1], 2)], Boil::later($polo, $liftMin),
        );
        $herbs = array_values(array_filter($polo->grain->boiled, static fn ($one): bool => $one->kind->id === 'herbs'))[0];
        self::assertSame([[$herbs->name, 5.5 - $herbs->minutes]], $names(5.5), 'beans need as long as the rice');
        self::assertSame([[$herbs->name, 4.0 - $herbs->minutes]], $names(4.0), 'sooner, where the rice is');
        self::assertSame([], $names($herbs->minutes + 0.5), 'or with it');
        self::assertCount(2, $names(9.0));
    }

    public function test_one_pot_does_all_of_it_in_one_pot(): void
    {
        $plan = Sample::plan(Sample::dish('chickpea-spinach-one-pot'));
        foreach (['filling-1', 'filling-2', 'cook', 'layer', 'heat-1', 'open'] as $id) {
            self::assertTrue($plan->day->schedule->tasks[$id]->holds(Hold::pot('steel-24')), $id);
        }
        self::assertLessThanOrEqual($plan->day->schedule->start('cook'), $plan->day->schedule->end('filling-2'));
        self::assertStringContainsString('dry craters', Sample::say($plan->day->task('cook')->detail ?? ''));
        self::assertSame('Level, close, heat down', Sample::say($plan->day->task('layer')->name));
    }

    public function test_a_cooker_stands_on_no_ring_and_tells_its_line(): void
    {
        $plan = Sample::plan(Sample::dish('mushroom-chestnut-rice'));
        $schedule = $plan->day->schedule;

        self::assertEquals([Hold::pot('cooker')], $schedule->tasks['cook']->holds);
        self::assertMatchesRegularExpression(
            '/line [\d.]+ of its scale/',
            Sample::say($plan->day->task('cook')->detail ?? ''),
        );
        self::assertTrue($schedule->tasks['heat-1']->holds(Hold::oven()));
        self::assertNull($schedule->tasks['heat-1']->ring());
    }

    public function test_spices_are_fished_out_where_they_are_fished_out(): void
    {
        $dish = Sample::dish('turkey-plum-biryani');
        $detail = static fn (string $spices): string => Sample::say(
            Sample::plan($dish->changed('water/spices', $spices))->day->task('drain')->detail ?? '',
        );

        self::assertStringContainsString('fish the spices out', $detail('fished'));
        self::assertStringNotContainsString('spices', $detail('left'));
        self::assertStringContainsString(
            'whole spices',
            Sample::say(Sample::plan($dish)->day->task('heat-water')->detail ?? ''),
        );
    }

    public function test_mixing_takes_longer_than_scooping(): void
    {
        $dish = Sample::dish('jackfruit-cashew-biryani');
        $open = static fn (string $serve): int => Sample::plan(
            $dish->changed('serve', $serve),
        )->day->schedule->tasks['open']->minutes;

        self::assertSame(3, $open('mixed') - $open('scooped'));
    }

    public function test_a_second_pot_has_its_own_heat_on_its_own_ring(): void
    {
        $plan = Sample::plan(
            Sample::polo()->changed('lid/pot', 'steel-24')->changed(
                'lid/second',
                ['pot' => 'iron-20', 'burner' => 'ring-1'],
            ),
        );

        self::assertTrue($plan->day->schedule->tasks['second-1']->holds(Hold::ring('ring-1')));
        self::assertTrue($plan->day->schedule->tasks['heat-1']->holds(Hold::ring('ring-2')));
        self::assertSame([], $plan->clashes);
        $closed = $plan->day->schedule->end('layer');
        self::assertSame($closed, $plan->day->schedule->start('heat-1'));
        self::assertEqualsWithDelta($closed + 1.5, $plan->day->schedule->start('second-1'), 1.5, 'and the other pot');
        $last = 'second-'.count($plan->potted->second()?->line() ?? []);
        self::assertLessThanOrEqual($plan->day->schedule->start('open'), $plan->day->schedule->end($last));
    }

    public function test_a_raw_filling_that_stands_out_of_the_fridge_is_given_its_time_and_goes_in_as_warm_as_the_room(): void
    {
        $cold = Sample::dish('turkey-plum-biryani');
        $warm = Sample::plan($cold->changed('fillings/0/stands_out', true));

        self::assertArrayNotHasKey('stands-out', Sample::plan($cold)->day->schedule->tasks);
        self::assertSame(60, $warm->day->schedule->tasks['stands-out']->minutes);
        self::assertLessThanOrEqual($warm->day->schedule->start('layer'), $warm->day->schedule->end('stands-out'));
        self::assertGreaterThan(
            Sample::plan($cold)->sealedPot()->layers[0]->celsius ?? INF, $warm->sealedPot()->layers[0]->celsius ?? 0,
        );
    }

    public function test_fish_gets_the_caution_of_fish(): void
    {
        self::assertContains(
            Caution::RawFish, Sample::plan(Sample::dish('trout-fenugreek-polo'))->cautions()['filling'],
        );
        self::assertNotContains(
            Caution::RawMeat, Sample::plan(Sample::dish('trout-fenugreek-polo'))->cautions()['filling'],
        );
    }

    public function test_fat_that_a_step_uses_is_on_the_lists_and_in_the_weight(): void
    {
        $fat = static fn (float $ml): float => array_sum(array_map(
            static fn (Ingredient $one): float => str_contains(
                Sample::say($one->name), 'Brown the thighs',
            ) ? $one->amount->amount : 0.0,
            Sample::plan(Sample::polo()->changed('fillings/0/steps/0/fat_ml_per_kg', $ml))->ingredients,
        ));
        $weight = static fn (float $ml): float => Sample::plan(
            Sample::polo()->changed('fillings/0/steps/0/fat_ml_per_kg', $ml),
        )->totals->weight()->amount;

        self::assertSame(0.0, $fat(0));
        self::assertEqualsWithDelta(2 * $fat(10), $fat(20), 1e-6);
        self::assertEqualsWithDelta(0.92 * $fat(20), $weight(20) - $weight(0), 0.5);
    }

    public function test_what_keeps_is_told_with_how_long(): void
    {
        $keeps = array_map(
            static fn ($work): string => Sample::say($work->keeps ?? ''),
            Sample::plan(Sample::dish('turkey-plum-biryani'))->day->tasks,
        );

        self::assertContains('3 days in a closed jar', $keeps);
        self::assertContains('a day in the fridge', $keeps);
    }

    public function test_with_nothing_begun_the_table_has_its_last_task_before_it(): void
    {
        foreach (['sour-cherry-polo', 'jackfruit-cashew-biryani', 'trout-fenugreek-polo'] as $name) {
            $schedule = Sample::plan(Sample::dish($name))->day->schedule;
            self::assertSame(
                0,
                array_reduce(
                    array_keys($schedule->tasks),
                    static fn (int $last, string $id): int => max($last, $schedule->end($id)),
                    -100_000,
                ),
                $name,
            );
        }
    }

    private static function started(School $school): Plan
    {
        return Sample::plan(Sample::first($school));
    }
}

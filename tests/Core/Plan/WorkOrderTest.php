<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\School;
use Orbek\Core\Dish\Starter;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** The work of each school: its order, what it holds, what must not wait. */
final class WorkOrderTest extends TestCase
{
    /** @return iterable<string, array{School}> */
    public static function schools(): iterable
    {
        foreach (School::cases() as $school) {
            yield $school->value => [$school];
        }
    }

    #[DataProvider('schools')]
    public function test_nothing_is_held_twice_and_nothing_comes_before_its_time(School $school): void
    {
        $plan = self::started($school);
        $held = [];
        foreach ($plan->schedule->tasks as $id => $task) {
            foreach ($task->claims() as [$thing, $from, $to]) {
                $start = $plan->schedule->start($id);
                foreach ($held[$thing] ?? [] as [$other, $busyFrom, $busyTo]) {
                    self::assertTrue($start + $to <= $busyFrom || $start + $from >= $busyTo, "{$thing}: {$id} and {$other}");
                }
                $held[$thing][] = [$id, $start + $from, $start + $to];
            }
            foreach ($task->after as $gap) {
                $waits = $plan->schedule->start($id) - $plan->schedule->end($gap->task);
                self::assertGreaterThanOrEqual($gap->leastMin, $waits, "{$id} after {$gap->task}");
                self::assertLessThanOrEqual($gap->mostMin ?? PHP_INT_MAX, $waits, "{$id} within reach of {$gap->task}");
            }
        }
        self::assertSame(0, $plan->schedule->end('open'));
    }

    #[DataProvider('schools')]
    public function test_rice_is_drained_or_measured_never_both(School $school): void
    {
        $tasks = self::started($school)->schedule->tasks;

        self::assertSame($school->isMeasured(), isset($tasks['cook']));
        self::assertSame(! $school->isMeasured(), isset($tasks['boil'], $tasks['drain'], $tasks['heat-water']));
        self::assertSame($school === School::DrainedAndSteamed, isset($tasks['hot-fat']));
        self::assertSame(in_array($school, [School::RawFilling, School::LongSeal], true), isset($tasks['dough']));
        self::assertSame($school === School::RawFilling, isset($tasks['marinates']));
    }

    public function test_one_pot_does_all_of_it_in_one_pot(): void
    {
        $plan = Sample::plan(Dish::fromArray(Sample::json('chickpea-spinach-one-pot')));
        foreach (['filling-1', 'filling-2', 'cook', 'layer', 'heat-1', 'open'] as $id) {
            self::assertContains('pot:steel-24', $plan->schedule->tasks[$id]->holds, $id);
        }
        self::assertLessThanOrEqual($plan->schedule->start('cook'), $plan->schedule->end('filling-2'));
        self::assertStringContainsString('dry craters', (string) $plan->schedule->tasks['cook']->detail);
        self::assertSame('Level, close, heat down', $plan->schedule->tasks['layer']->name);
    }

    public function test_a_cooker_stands_on_no_ring_and_tells_its_line(): void
    {
        $schedule = Sample::plan(Dish::fromArray(Sample::json('mushroom-chestnut-rice')))->schedule;

        self::assertSame(['pot:cooker'], $schedule->tasks['cook']->holds);
        self::assertMatchesRegularExpression('/line [\d.]+ of its scale/', (string) $schedule->tasks['cook']->detail);
        self::assertContains('oven', $schedule->tasks['heat-1']->holds);
        self::assertNull($schedule->tasks['heat-1']->burner());
    }

    public function test_spices_are_fished_out_where_they_are_fished_out(): void
    {
        $dish = Dish::fromArray(Sample::json('turkey-plum-biryani'));
        $detail = static fn (string $spices): string => (string) Sample::plan($dish->changed('water/spices', $spices))->schedule->tasks['drain']->detail;

        self::assertStringContainsString('fish the spices out', $detail('fished'));
        self::assertStringNotContainsString('spices', $detail('left'));
        self::assertStringContainsString('whole spices', (string) Sample::plan($dish)->schedule->tasks['heat-water']->detail);
    }

    public function test_mixing_takes_longer_than_scooping(): void
    {
        $dish = Dish::fromArray(Sample::json('jackfruit-cashew-biryani'));
        $open = static fn (string $serve): int => Sample::plan($dish->changed('serve', $serve))->schedule->tasks['open']->minutes;

        self::assertSame(3, $open('mixed') - $open('scooped'));
    }

    public function test_a_second_pot_has_its_own_heat_on_its_own_ring(): void
    {
        $plan = Sample::plan(Sample::polo()->changed('lid/pot', 'steel-24')->changed('lid/second', ['pot' => 'iron-20', 'burner' => 'ring-1']));

        self::assertContains('ring:ring-1', $plan->schedule->tasks['second-1']->holds);
        self::assertContains('ring:ring-2', $plan->schedule->tasks['heat-1']->holds);
        self::assertSame($plan->schedule->end('layer'), $plan->schedule->start('second-1'));
        self::assertLessThanOrEqual($plan->schedule->start('open'), $plan->schedule->end('second-3'));
    }

    public function test_what_keeps_is_told_with_how_long(): void
    {
        $keeps = array_map(static fn ($task): ?string => $task->keeps, Sample::plan(Dish::fromArray(Sample::json('turkey-plum-biryani')))->schedule->tasks);

        self::assertContains('3 days in a closed jar', $keeps);
        self::assertContains('a day in the fridge', $keeps);
    }

    public function test_with_nothing_begun_the_table_has_its_last_task_before_it(): void
    {
        foreach (['sour-cherry-polo', 'jackfruit-cashew-biryani', 'trout-fenugreek-polo'] as $name) {
            $schedule = Sample::plan(Dish::fromArray(Sample::json($name)))->schedule;
            self::assertSame(0, array_reduce(array_keys($schedule->tasks), static fn (int $last, string $id): int => max($last, $schedule->end($id)), -100_000), $name);
        }
    }

    private static function started(School $school): Plan
    {
        return Sample::plan(Dish::fromArray(Starter::document($school, Sample::kitchen(), 'A dish', '2026-11-28T19:30')));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\Fault;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Pieces;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotFault;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Station;
use Orbek\Core\Plan\Work\DishTask;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Matter;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What cooks say of slices, of what is poured late, of bite and of a lid bare till steam: it changes what is planned. */
final class SaidOfTheCraftTest extends TestCase
{
    public function test_thicker_slices_weigh_more_and_are_told(): void
    {
        $chelow = Sample::dish('plain-chelow');
        $thin = self::named(Sample::plan($chelow), 'potato slices');
        $thick = self::named(Sample::plan($chelow->changed('base/slice_mm', 7.0)), 'potato slices');
        self::assertEqualsWithDelta(2.0, $thick->amount->amount / $thin->amount->amount, 1e-9);
        self::assertStringContainsString('slices 3.5 mm thick', Sample::wording()->sentences($thin->amount->why));
        self::assertStringContainsString('slices 7 mm thick', Sample::wording()->sentences($thick->amount->why));
        $crustKg = static fn (Plan $plan): float => ($plan->sealedPot()?->layers[0] ?? self::fail('it goes in'))->stuff->kg();
        self::assertGreaterThan(
            1.6, $crustKg(Sample::plan($chelow->changed('base/slice_mm', 7.0))) / $crustKg(Sample::plan($chelow)),
        );
        self::assertStringContainsString('slice_mm: 30 is out of range; give 2 to 15 mm', Sample::refused(
            static fn () => $chelow->changed('base/slice_mm', 30.0),
        ));
        $bread = Sample::edited(Sample::plan($chelow->changed('base/slice_mm', 7.0)), 'base:kind', 'lettuce');
        self::assertSame(0.0, $bread->build->base->sliceMm, 'what is not sliced has no thickness');
        self::assertSame(3.5, Sample::edited(Sample::plan($bread), 'base:kind', 'potato')->build->base->sliceMm);
    }

    public function test_what_is_poured_after_the_heat_is_not_under_the_lid(): void
    {
        $butter = static fn (bool $isAfter): Dish => Sample::dish('sour-cherry-polo')->changed('poured', [
            ['name' => 'saffron milk', 'ml_per_kg' => 300, 'after' => $isAfter],
        ]);
        $wet = static function (Plan $plan): float {
            $course = Course::of($plan->sealedPot() ?? self::fail('it goes in'), $plan->potted->first()->heat(), 5.0);
            $rice = array_values(array_filter(
                $course->end()->layers, static fn ($layer): bool => $layer->matter === Matter::Rice,
            ));

            return $rice[count($rice) - 1]->uptake;
        };
        $plain = Sample::plan(Sample::dish('sour-cherry-polo'));
        [$before, $after] = [Sample::plan($butter(false)), Sample::plan($butter(true))];
        $heat = $plain->potted->first()->heat();
        self::assertEqualsWithDelta($wet($plain), $wet($after), 1e-9);
        self::assertGreaterThan($wet($plain) + 0.05, $wet($before));
        self::assertNotEmpty($heat);
        self::assertSame(
            [[Station::Lid, WorkKind::Layer->id()], [Station::Serve, WorkKind::Open->id()]],
            array_map(static fn (Plan $plan): array => [
                self::named($plan, 'saffron milk')->station, self::named($plan, 'saffron milk')->task,
            ], [$before, $after]),
        );
    }

    public function test_vegetables_with_bite_are_asked_for_less_and_are_past_it_when_soft(): void
    {
        $squash = static fn (array $more): Dish => Sample::dish('jackfruit-cashew-biryani')->changed('fillings', [[
            'name' => 'beans', 'ready' => 0, 'wetness' => 'moist',
            'parts' => [['name' => 'beans', 'kind' => 'tender-vegetables', 'of_rice' => 0.8]],
        ] + $more]);
        $pieces = static fn (Dish $dish): Pieces => array_values(array_filter(
            Sample::plan($dish)->sealedPot()->layers ?? [], static fn ($layer): bool => $layer instanceof SealedFilling,
        ))[0]->pieces;
        self::assertTrue($squash([])->fillings->all[0]->canHaveBite());
        self::assertFalse(Sample::dish('sour-cherry-polo')->fillings->all[0]->canHaveBite());
        self::assertSame([1.0, null], [$pieces($squash([]))->wanted, $pieces($squash([]))->most]);
        self::assertSame([0.6, 1.6], [
            $pieces($squash(['bite' => true]))->wanted, $pieces($squash(['bite' => true]))->most,
        ]);
        // Cooked before it is layered it cannot keep its bite, and that is said; tender it may be so.
        $faults = static fn (Dish $dish): array => array_map(
            static fn (PotFault $fault): Fault => $fault->foretold->fault, Sample::plan($dish)->faults(),
        );
        self::assertContains(Fault::FallsApart, $faults($squash(['bite' => true, 'ready' => 1])));
        self::assertNotContains(Fault::FallsApart, $faults($squash(['ready' => 1])));
    }

    public function test_a_lid_bare_till_steam_ends_as_with_the_cloth_and_says_when_it_goes_under(): void
    {
        $dish = Sample::dish('sour-cherry-polo');
        [$cloth, $later] = [Sample::plan($dish), Sample::plan($dish->changed('lid/seal', 'cloth-later'))];
        $end = static fn (Plan $plan): float => Course::of(
            $plan->sealedPot() ?? self::fail('it goes in'), $plan->potted->first()->heat(),
        )->end()->clothG;
        self::assertEqualsWithDelta($end($cloth), $end($later), 0.5);
        $says = static fn (Plan $plan, string $id): string => Sample::say(
            array_values(array_filter($plan->day->tasks, static fn (DishTask $task): bool => $task->task->id === $id))[0]->detail
                ?? self::fail("{$id} says nothing"),
        );
        self::assertStringContainsString('the bare lid', $says($later, WorkKind::Layer->id()));
        self::assertStringContainsString(
            'at the first steam the cloth goes under the lid', $says($later, WorkKind::Heat->id()),
        );
        self::assertStringNotContainsString('the cloth goes under', $says($cloth, WorkKind::Heat->id()));
        // Where no cue ends the first heat it is said as well.
        $byMinutes = Sample::plan($dish->changed('lid/seal', 'cloth-later')->changed('lid/heat', [
            ['minutes' => 8, 'setting' => 0.6], ['minutes' => 35, 'setting' => 0.25], ['minutes' => 5, 'setting' => 0],
        ]));
        self::assertSame('at the first steam the cloth goes under the lid', $says($byMinutes, WorkKind::Heat->id()));
    }

    public function test_a_plate_that_is_hot_already_gets_so_on_its_ring_and_browns_sooner(): void
    {
        $dish = static fn (array $more, string $ring = 'ring-1'): Dish => Sample::dish('sour-cherry-polo')->changed('lid/heat', [
            ['minutes' => 8, 'setting' => 0.6, 'ring' => 'ring-2'],
            ['minutes' => 35, 'setting' => 0.25, 'ring' => $ring, 'plate' => 'tava'] + $more,
            ['minutes' => 5, 'setting' => 0],
        ]);
        [$cold, $hot] = [Sample::plan($dish([])), Sample::plan($dish(['plate_hot' => true]))];
        $at = static fn (Plan $plan, float $minute): float => Course::of(
            $plan->sealedPot() ?? self::fail('it goes in'), $plan->potted->first()->heat(), 5.0,
        )->at($minute)->baseC;
        self::assertGreaterThan($at($cold, 12) + 3, $at($hot, 12), 'it does not take the base\'s heat');
        $balance = Course::of(
            $hot->sealedPot() ?? self::fail('it goes in'), $hot->potted->first()->heat(), 5.0,
        )->toArray(false)['balance'];
        self::assertIsArray($balance);
        self::assertEqualsWithDelta(0.0, $balance['energy_share'], 1e-6, 'its heat is counted');

        $plates = static fn (Plan $plan): array => array_values(array_filter(
            $plan->day->tasks, static fn (DishTask $task): bool => $task->kind === WorkKind::HotPlate,
        ));
        self::assertSame([], $plates($cold));
        self::assertCount(1, $plates($hot));
        $task = $plates($hot)[0]->task;
        self::assertSame('ring-1', $task->ring());
        $schedule = $hot->day->schedule;
        $turned = $schedule->start(WorkKind::Heat->id(1));
        self::assertLessThanOrEqual($turned, $schedule->end($task->id));
        self::assertGreaterThanOrEqual($turned - 5, $schedule->end($task->id), 'and no sooner than it stays hot');
        self::assertStringContainsString('on the hot tava', implode('; ', array_map(
            static fn (DishTask $one): string => Sample::say($one->name), $hot->day->tasks,
        )));
        // It is kept as it was said, and refused where the pot stands on that ring before.
        self::assertTrue(Sample::edited($cold, 'heat:plate:1', 'tava:hot')->toArray()['lid']['heat'][1]['plate_hot'] ?? false);
        self::assertArrayNotHasKey('plate_hot', Sample::edited($hot, 'heat:plate:1', 'tava')->toArray()['lid']['heat'][1]);
        self::assertStringContainsString('the plate cannot get hot there', Sample::refused(
            static fn () => Sample::plan($dish(['plate_hot' => true], 'ring-2')),
        ));
        // Under the first heat it is hot before the pot is closed.
        $first = Sample::plan(Sample::dish('sour-cherry-polo')->changed('lid/heat', [
            ['minutes' => 40, 'setting' => 0.5, 'ring' => 'ring-1', 'plate' => 'tava', 'plate_hot' => true],
            ['minutes' => 5, 'setting' => 0],
        ]));
        self::assertLessThanOrEqual(
            $first->day->schedule->start(WorkKind::Layer->id()), $first->day->schedule->end($plates($first)[0]->task->id),
        );
    }

    private static function named(Plan $plan, string $name): Ingredient
    {
        foreach ($plan->ingredients as $one) {
            if (Sample::say($one->name) === $name) {
                return $one;
            }
        }
        self::fail("no {$name}");
    }
}

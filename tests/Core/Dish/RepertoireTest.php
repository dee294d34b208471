<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Stage;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What goes beyond one filling in boiled rice: none, several, served with it, boiled with it. */
final class RepertoireTest extends TestCase
{
    public function test_rice_alone_is_a_dish_and_a_stew_is_cooked_beside_it(): void
    {
        $plan = Sample::plan(Sample::dish('plain-chelow'));
        self::assertTrue($plan->isRight());
        foreach ($plan->potted->first()->section->layers as $layer) {
            self::assertNotSame(Matter::Filling, $layer->matter);
        }
        // Its steps are laid with the rest, hot for the plate; its parts are bought; none of it is in the pot.
        $open = $plan->day->schedule->start('open');
        self::assertLessThanOrEqual($open, $plan->day->schedule->end('filling-2'));
        self::assertLessThanOrEqual(45, $open - $plan->day->schedule->end('filling-2'));
        self::assertContains('lamb, cubes', self::names($plan));
        self::assertLessThan($plan->totals->filling()->amount, $plan->totals->weight()->amount - 900);

        $alone = Sample::plan(Sample::edited($plan, 'fillings:remove:0'));
        self::assertSame([], $alone->dish->fillings->all);
        self::assertTrue($alone->isRight());
        self::assertSame(0.0, $alone->totals->filling()->amount);
        self::assertEqualsWithDelta($plan->totals->weight()->amount, $alone->totals->weight()->amount, 1e-6);
        self::assertArrayNotHasKey('milk', array_diff_key($alone->dish->allergens(), ['milk' => 0]));
    }

    public function test_each_filling_has_its_own_layers_words_and_work(): void
    {
        $dish = Sample::polo();
        $plan = Sample::plan($dish);
        $more = Sample::edited(
            $plan, 'fillings:add', ['name' => 'potatoes', 'kind' => 'root-vegetables', 'of_rice' => 0.4],
        );
        self::assertSame(
            ['chicken, cherries', 'potatoes'], array_map(static fn ($one): string => $one->name, $more->fillings->all),
        );
        $with = Sample::plan($more);
        $inPot = array_filter(
            $with->potted->first()->section->layers, static fn ($one): bool => $one->matter === Matter::Filling,
        );
        self::assertSame(['Chicken, cherries', 'Potatoes'], array_map(
            static fn ($one): string => ucfirst(Sample::say($one->label)), array_values($inPot),
        ));
        // What it was fried in comes with it.
        $rawG = 0.4 * $with->potted->raw->inGrams();
        $kept = 1 - 0.8 * $more->fillings->get(1)->parts[0]->kind->juiceShare;
        self::assertEqualsWithDelta(
            $kept * $rawG + 0.030 * 0.92 * $rawG, array_values($inPot)[1]->mass->inGrams(), 0.5,
        );
        self::assertNotNull($with->sealedPot());
        self::assertCount(count($plan->sealedPot()->layers ?? []) + 1, $with->sealedPot()->layers);

        // Halved, its layers are of it alone; the other's shares stay.
        $at = (int) array_search(1, array_map(static fn ($one): int => $one->of, $more->build->layers), true);
        $halved = Sample::edited($with, "layers:halve:{$at}");
        self::assertSame([1.0, 0.5, 0.5], array_values(array_map(
            static fn ($one): float => $one->share,
            array_filter($halved->build->layers, static fn ($one): bool => $one->matter === Matter::Filling),
        )));
        self::assertStringContainsString('last layer', Sample::refused(
            static fn () => Sample::edited($with, "layers:remove:{$at}"),
        ));

        // Beside the pot it has no layer; back in it, one; taken out, the others keep their places.
        $beside = Sample::edited($with, 'fillings:beside:1', true);
        self::assertTrue($beside->fillings->get(1)->isBeside);
        self::assertSame([0], array_keys($beside->fillings->inPot()->all));
        self::assertEquals(
            $more->toArray(), Sample::edited(Sample::plan($beside), 'fillings:beside:1', false)->toArray(),
        );
        $out = Sample::edited($with, 'fillings:remove:0');
        self::assertSame(['potatoes'], array_map(static fn ($one): string => $one->name, $out->fillings->all));
        self::assertSame([0], array_values(array_unique(array_map(static fn ($one): int => $one->of, $out->build->layers))));

        // A marinade of the second is a task of its own.
        $marinated = Sample::plan(
            $more->changed('fillings/1/marinade', ['minutes' => 60, 'acid' => 'mild', 'yogurt' => 'now'])
        );
        self::assertArrayHasKey('marinade-2', $marinated->day->tasks);
        self::assertContains(
            'marinade-2', array_map(static fn (Ingredient $one): string => $one->task, $marinated->ingredients),
        );

        foreach ([
            ['layers/0/of', static fn () => $dish->changed('layers', [
                ['matter' => 'rice', 'share' => 0.85], ['matter' => 'filling', 'share' => 1, 'of' => 3],
            ])],
            ['potatoes', static fn () => $more->changed('layers', $dish->toArray()['layers'])],
            ['fillings:beside:4', static fn () => Sample::edited($with, 'fillings:beside:4', true)],
        ] as [$names, $call]) {
            self::assertStringContainsString($names === 'layers/0/of' ? 'layers/1/of' : $names, Sample::refused($call));
        }
    }

    public function test_what_is_boiled_with_the_rice_goes_in_so_that_both_are_ready_together(): void
    {
        $dish = Sample::dish('bean-dill-polo');
        $plan = Sample::plan($dish);
        self::assertTrue($plan->isRight());
        $boil = Sample::boil($plan);
        $lift = $boil->liftAt->amount / 60;
        self::assertEqualsWithDelta($lift - 5, $dish->grain->boiled[0]->inAtMin($lift), 1e-9);
        self::assertContains('broad beans, shelled', self::names($plan));
        self::assertArrayHasKey('broad-beans', $dish->allergens());
        self::assertStringContainsString('dill, chopped', Sample::say($plan->day->task('boil')->detail ?? ''));

        // More water, heavier and higher layers, the sums as they should be; the rice itself stays.
        $plain = Sample::plan($dish->changed('boiled', []));
        $raw = $plan->potted->raw;
        self::assertEqualsWithDelta(
            3 * array_sum(array_map(static fn ($one): float => $one->raw($raw)->kg, $dish->grain->boiled)),
            $boil->water->amount - Sample::boil($plain)->water->amount, 0.051,
        );
        self::assertEqualsWithDelta(
            $dish->grain->boiledMass($raw)->inGrams(), $plan->totals->weight()->amount - $plain->totals->weight()->amount, 0.5,
        );
        $litres = static fn (Plan $one): float => array_sum(array_map(
            static fn ($layer): float => $layer->litres(), $one->potted->first()->section->layers,
        ));
        self::assertEqualsWithDelta($dish->grain->boiledLitres($raw), $litres($plan) - $litres($plain), 0.06);

        // Lentils need longer than the rice: they are in before it, on its ring, and the rice follows at once.
        $lentils = Sample::plan(
            Sample::edited($plan, 'boiled:add', ['name' => 'lentils', 'kind' => 'lentils', 'of_rice' => 0.3])
        );
        $task = $lentils->day->task('boiled-first-3')->task;
        self::assertSame(WorkKind::BoiledFirst, $lentils->day->task('boiled-first-3')->kind);
        self::assertTrue($task->holds(Hold::ring($dish->grain->water->ring)));
        self::assertEqualsWithDelta(12 - Sample::boil($lentils)->liftAt->amount / 60, $task->minutes, 0.51);
        self::assertLessThanOrEqual(
            1, $lentils->day->schedule->start('boil') - $lentils->day->schedule->end('boiled-first-3'),
        );

        self::assertStringContainsString('this rice is not boiled', Sample::refused(
            static fn () => Sample::dish('chickpea-spinach-one-pot')->changed('boiled', $dish->toArray()['boiled']),
        ));
        self::assertInstanceOf(BoilPlan::class, $plan->potted->rice);
    }

    public function test_a_smoke_finish_has_its_step_and_its_caution_there(): void
    {
        $dish = Sample::polo()->changed('smoke_min', 8);
        $plan = Sample::plan($dish);
        $day = $plan->day->schedule;
        self::assertSame([2, 8], [$day->tasks['smoke']->minutes, $day->tasks['smokes']->minutes]);
        self::assertGreaterThanOrEqual($day->end('heat-'.count($plan->potted->first()->line())), $day->start('smoke'));
        self::assertSame($day->end('smoke'), $day->start('smokes'));
        self::assertLessThanOrEqual(5, $day->start('open') - $day->end('smokes'));
        $cook = Cook::fold($plan, [], $plan->day->tableAt);
        self::assertSame([Caution::Charcoal], $cook->cautions('smoke'));
        self::assertNotContains(Caution::Charcoal, $cook->cautions('open'));
        self::assertSame([], array_filter(
            Sample::plan(Sample::polo())->cautions()['serve'] ?? [],
            static fn (Caution $one): bool => $one === Caution::Charcoal,
        ));
        self::assertStringContainsString('smoke_min: 40 is out of range', Sample::refused(
            static fn () => Sample::polo()->changed('smoke_min', 40),
        ));
    }

    public function test_rice_measured_to_a_share_is_layered_and_steamed_on(): void
    {
        $dish = Sample::dish('prawn-share-rice');
        $plan = Sample::plan($dish);
        self::assertTrue($plan->isRight());
        $measured = $plan->measured() ?? self::fail('its water is measured');
        self::assertEqualsWithDelta(Stage::Thread->doneness(), $measured->doneness, 1e-9);
        // Less water and less time than for rice that is done in its water, and more for more of the share.
        $tender = Sample::plan($dish->changed('water/stage', 'done'))->measured();
        self::assertLessThan($tender?->water->amount, $measured->water->amount);
        self::assertLessThan($tender?->cookMin, $measured->cookMin);
        $half = Sample::plan($dish->changed('water/stage', 'half'))->measured();
        self::assertLessThan($measured->water->amount, $half?->water->amount);
        self::assertSame(
            $measured->cookMin - 2, Sample::plan($dish->changed('water/toast_min', 0))->measured()?->cookMin,
        );
        self::assertStringContainsString(
            'toasted in fat 2 min first', Sample::say($plan->day->task('cook')->detail ?? ''),
        );
        // The pot is sealed over rice of that share, and it is done at the end.
        $rice = array_values(
            array_filter($plan->sealedPot()->layers ?? [], static fn ($one): bool => $one instanceof SealedRice)
        );
        self::assertEqualsWithDelta(Stage::Thread->doneness(), $rice[0]->doneness(), 1e-9);
        $end = $plan->course()?->end() ?? self::fail('it is followed');
        self::assertGreaterThan(0.95, $end->layers[count($end->layers) - 1]->doneness);
        // Boiled and drained instead, and back again.
        self::assertNotNull(Sample::plan(Sample::edited($plan, 'cooking', 'drained'))->boil());
    }

    /** @return list<string> */
    private static function names(Plan $plan): array
    {
        return array_map(static fn (Ingredient $one): string => Sample::say($one->name), $plan->ingredients);
    }
}

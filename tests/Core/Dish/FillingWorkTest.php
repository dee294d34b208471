<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\FromRecipe;
use Orbek\Core\Dish\Step;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Mise;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** A filling brings its own work: put in, changed or taken out, what is in the pot is readied as it should be. */
final class FillingWorkTest extends TestCase
{
    public function test_another_filling_of_any_kind_is_readied_before_it_is_layered_or_served(): void
    {
        foreach (Sample::craft()->fillings->all as $kind) {
            foreach ([false, true] as $isBeside) {
                $plan = self::with($kind, $isBeside);
                $steps = $plan->dish->fillings->get(1)->steps;
                self::assertNotSame([], $steps, $kind->id);
                self::assertSame([$kind->id], array_values(array_unique(array_column($steps, 'of'))));
                // Each step is a task, and all of them lie before the lid, or before it is served.
                $till = $plan->day->schedule->start($isBeside ? 'open' : 'layer');
                foreach ($steps as $step) {
                    $tasks = array_filter($plan->day->tasks, static fn ($one): bool => Sample::say($one->name) === $step->name);
                    self::assertCount(1, $tasks, "{$kind->id}: {$step->name}");
                    $task = array_key_first($tasks);
                    self::assertLessThanOrEqual($till, $plan->day->schedule->end($task), "{$kind->id}: {$step->name}");
                    if ($step->till !== null) {
                        self::assertStringContainsString($step->till, Sample::say($tasks[$task]->detail ?? ''));
                    }
                    self::assertSame($step->ring, $tasks[$task]->task->ring(), 'it stands on its ring');
                    self::assertSame(
                        $step->till !== null, $tasks[$task]->endsBy?->look !== null, "{$kind->id}: a look is asked for",
                    );
                }
                // What cooks meat or fish last is tested: tender, and safe, before it is layered.
                $last = array_values(array_filter(
                    $plan->day->tasks, static fn ($one): bool => Sample::say($one->name) === $steps[count($steps) - 1]->name,
                ))[0];
                self::assertSame(
                    $kind->wantsCooking() && $steps[count($steps) - 1]->till !== null, $last->endsBy->isTender ?? false,
                );
                // From the fridge: on the list once, and put ready at one of its own steps.
                $bought = array_values(array_filter(
                    $plan->ingredients, static fn ($one): bool => Sample::say($one->name) === 'the other',
                ));
                self::assertCount(1, $bought, $kind->id);
                self::assertContains(Sample::say($plan->day->task($bought[0]->task)->name), array_column($steps, 'name'));
                self::assertContains($bought[0], Mise::at($plan, $bought[0]->task));
                // Under the lid it ends safe, whatever it was layered as.
                $sealed = $plan->sealedPot()->layers ?? [];
                foreach ($isBeside ? [] : $plan->course()?->end()->layers ?? [] as $index => $state) {
                    $layer = $sealed[$index];
                    if ($layer instanceof SealedFilling && $layer->label === 'the other' && $kind->safeCoreC !== null) {
                        self::assertGreaterThanOrEqual($kind->safeCoreC, $state->coreC, $kind->id);
                    }
                }
                self::assertSame([], self::uncooked($plan), $kind->id);
                self::assertSame($isBeside ? 1.0 : $kind->ready, $plan->dish->fillings->get(1)->ready);
            }
        }
    }

    /** What is served by itself is done through; what is layered goes on under the lid. */
    public function test_beside_the_pot_meat_has_the_minutes_that_make_it_tender(): void
    {
        $minutes = static fn (bool $isBeside): int => array_sum(array_map(
            static fn (Step $step): int => $step->minutes,
            self::with(Sample::filling('lamb-cubes'), $isBeside)->dish->fillings->get(1)->steps,
        ));
        self::assertSame(10 + 48, $minutes(false));
        self::assertSame(10 + 66, $minutes(true));
        $layered = Sample::edited(self::with(Sample::filling('lamb-cubes'), true), 'fillings:beside:1', false);
        self::assertSame([10, 48], array_column($layered->fillings->get(1)->steps, 'minutes'));
    }

    public function test_a_kind_that_is_changed_takes_its_steps_along_and_the_cooks_own_stay(): void
    {
        $dish = Sample::polo();
        self::assertSame(['Brown the thighs', 'Simmer chicken, onion, cherries'], self::names($dish));
        $lamb = Sample::edited(Sample::plan($dish), 'fillings/0/parts/0/kind', 'lamb-cubes');
        self::assertSame([
            'Chicken thighs, bone in: brown all round in hot fat', 'Chicken thighs, bone in: cover and simmer',
        ], self::names($lamb));
        self::assertSame(0.8, $lamb->fillings->get(0)->ready);
        // A step of nobody's is the cook's.
        $own = $dish->changed('fillings/0/steps', [['name' => 'My own way', 'minutes' => 9]]);
        $eggs = Sample::edited(Sample::plan($own), 'fillings/0/parts/0/kind', 'egg');
        self::assertSame('My own way', self::names($eggs)[0]);
        self::assertStringContainsString('peel, and prick', self::names($eggs)[2]);
        self::assertSame($dish->fillings->get(0)->ready, $eggs->fillings->get(0)->ready, 'as far as the cook said');
    }

    public function test_a_part_more_or_less_brings_its_steps_and_takes_them(): void
    {
        $plan = Sample::plan(Sample::polo());
        $more = Sample::edited($plan, 'parts:add', ['name' => 'eggs', 'kind' => 'egg', 'of_rice' => 0.4]);
        self::assertSame(
            ['Eggs: boil, then cold water', 'Eggs: peel, and prick all round'], array_slice(self::names($more), -2),
        );
        $less = Sample::edited(Sample::plan($more), 'parts:remove:'.(count($more->fillings->get(0)->parts) - 1), null);
        self::assertSame(self::names(Sample::polo()), self::names($less));
    }

    /** Where all is raw on purpose only what must be cooked first is. */
    public function test_what_goes_in_raw_stays_raw_but_an_egg_is_boiled(): void
    {
        $raw = Sample::first(Sample::craft()->schools->get('raw-filling', 'school'));
        $lamb = Sample::edited(Sample::plan($raw), 'fillings/0/parts/0/kind', 'turkey-thigh');
        self::assertSame([[], $raw->fillings->get(0)->ready], [self::names($lamb), $lamb->fillings->get(0)->ready]);
        $eggs = Sample::edited(Sample::plan($raw), 'parts:add', ['name' => 'eggs', 'kind' => 'egg', 'of_rice' => 0.3]);
        self::assertCount(2, $eggs->fillings->get(0)->steps);
        self::assertSame([], self::uncooked(Sample::plan($raw)));
    }

    public function test_a_recipe_of_ones_own_brings_the_work_of_what_it_is_of(): void
    {
        foreach (['cooked-filling', 'drained-and-steamed', 'raw-filling'] as $school) {
            $dish = Dish::fromArray(FromRecipe::document(
                Sample::craft()->schools->get($school, 'school'), Sample::kitchen(), Sample::craft(), 'Eggs', 4, [
                    ['of' => 'basmati rice', 'role' => 'rice', 'grams' => 400],
                    ['of' => 'eggs', 'role' => 'part:egg', 'grams' => 300],
                    ['of' => 'potatoes', 'role' => 'part:root-vegetables', 'grams' => 300],
                ],
            ), Sample::craft());
            $names = implode('; ', self::names($dish));
            self::assertStringContainsString('Eggs: boil, then cold water; Eggs: peel', $names);
            self::assertStringNotContainsString('Brown the', $names);
            self::assertSame($school !== 'raw-filling', str_contains($names, 'Potatoes: fry'), $school);
            self::assertSame([], self::uncooked(Sample::plan($dish)));
        }
    }

    public function test_a_step_is_added_changed_moved_and_left_out(): void
    {
        $plan = Sample::plan(Sample::polo());
        $own = Sample::edited($plan, 'steps:add', ['name' => 'Bloom the spices', 'minutes' => 2, 'till' => 'they smell']);
        self::assertSame(['Bloom the spices', 'they smell', null], [
            $own->fillings->get(0)->steps[2]->name, $own->fillings->get(0)->steps[2]->till,
            $own->fillings->get(0)->steps[2]->of,
        ]);
        $two = Sample::edited(Sample::plan($own), 'steps:split:0', 'till the next day, cold');
        [$ahead, $rest] = [$two->fillings->all[0]->steps[0], $two->fillings->all[0]->steps[1]];
        $whole = $own->fillings->all[0]->steps[0];
        self::assertSame($whole->minutes, $ahead->minutes + $rest->minutes);
        self::assertSame(['till the next day, cold', null], [$ahead->keeps, $ahead->till]);
        self::assertSame([null, $whole->till, []], [$rest->keeps, $rest->till, $rest->with]);
        self::assertStringContainsString('keeps', Sample::refused(
            static fn () => Sample::edited(Sample::plan($own), 'steps:split:0', null),
        ));
        $up = Sample::edited(Sample::plan($own), 'steps:up:2', null);
        self::assertSame('Bloom the spices', self::names($up)[1]);
        self::assertSame(self::names($own), self::names(Sample::edited(Sample::plan($up), 'steps:down:1', null)));
        $told = Sample::plan(Sample::edited(Sample::plan($up), 'fillings/0/steps/1/till', 'golden'));
        self::assertSame('till golden', Sample::say($told->day->task('filling-2')->detail ?? ''));
        self::assertSame(['Bloom the spices'], self::names(Sample::edited(
            Sample::plan(Sample::edited(Sample::plan($own), 'steps:remove:1', null)), 'steps:remove:0', null,
        )));
        self::assertStringContainsString('no such entry', Sample::refused(
            static fn () => Sample::edited($plan, 'steps:remove:7', null),
        ));
        self::assertStringContainsString('give one of add, remove, up, down', Sample::refused(
            static fn () => Sample::edited($plan, 'steps:sideways:0', null),
        ));
    }

    public function test_least_and_most_give_way_to_the_usual_minutes_and_are_refused_out_of_order(): void
    {
        $plan = Sample::plan(Sample::polo());
        $at = 'fillings/0/steps/0';
        $step = static fn (Dish $dish): Step => $dish->fillings->get(0)->steps[0];
        self::assertSame([10, 14, 20], [
            $step($plan->dish)->leastMin, $step($plan->dish)->minutes, $step($plan->dish)->mostMin,
        ]);
        $longer = $step(Sample::edited($plan, "{$at}/minutes", 25));
        self::assertSame([10, 25, null], [$longer->leastMin, $longer->minutes, $longer->mostMin]);
        $shorter = $step(Sample::edited($plan, "{$at}/minutes", 8));
        self::assertSame([null, 8, 20], [$shorter->leastMin, $shorter->minutes, $shorter->mostMin]);
        self::assertSame([10, 20, 20], [
            $step(Sample::edited($plan, "{$at}/minutes", 20))->leastMin,
            $step(Sample::edited($plan, "{$at}/minutes", 20))->minutes,
            $step(Sample::edited($plan, "{$at}/minutes", 20))->mostMin,
        ]);
        self::assertStringContainsString('least 15, usual 14, most 20 min', Sample::refused(
            static fn () => Sample::edited($plan, "{$at}/least_min", 15),
        ));
    }

    public function test_a_part_renamed_follows_its_kind_and_stays_where_it_goes_in(): void
    {
        $plan = Sample::plan(Sample::polo());
        $same = Sample::edited($plan, 'fillings/0/parts/0/name', 'thighs of a free hen');
        self::assertSame('chicken-thigh', $same->fillings->get(0)->parts[0]->kind->id);
        self::assertSame(['thighs of a free hen'], $same->fillings->get(0)->steps[0]->with);
        $lamb = Sample::edited($plan, 'fillings/0/parts/0/name', 'lamb shoulder');
        self::assertSame('lamb-cubes', $lamb->fillings->get(0)->parts[0]->kind->id);
        self::assertSame(['lamb-cubes', 'lamb-cubes'], array_column($lamb->fillings->get(0)->steps, 'of'));
    }

    public function test_raw_rice_by_its_weight_says_whom_it_feeds_and_grows_with_them(): void
    {
        $plan = Sample::plan(Sample::polo());
        $told = Sample::edited($plan, 'usual/raw_g', 900);
        self::assertEqualsWithDelta(900, $told->table->rawRice()->inGrams(), 0.1);
        self::assertEqualsWithDelta(10.0, $told->table->feeds(), 0.01);
        $more = $told->changed('usual/eaters', 4);
        self::assertEqualsWithDelta(
            900 * $more->table->shares() / $told->table->shares(), $more->table->rawRice()->inGrams(), 0.1,
        );
        self::assertEqualsWithDelta(
            $told->table->eachG(), $told->servedAt(['eaters' => 3])->table->eachG(), 1e-9, 'a table of a meal keeps it',
        );
        self::assertNull(Sample::edited(Sample::plan($told), 'usual/raw_g', null)->table->ownEachG);
        // Four cups of 250 ml, of a rice that fills one with 210 g.
        self::assertEqualsWithDelta(
            840, Sample::edited($plan, 'usual/raw_cups', 4)->table->rawRice()->inGrams(), 1.0,
        );
        foreach ([100, 5000] as $grams) {
            self::assertStringContainsString('usual/raw_g', Sample::refused(
                static fn () => Sample::edited($plan, 'usual/raw_g', $grams),
            ));
        }
    }

    public function test_what_goes_in_is_put_ready_at_the_step_where_it_goes_in(): void
    {
        $plan = Sample::plan(Sample::polo());
        $at = [];
        foreach ($plan->ingredients as $one) {
            $at[Sample::say($one->name)] = [$one->task, $one->aisle->value];
        }
        self::assertSame(['filling-1', 'meat'], $at['chicken thighs, bone in']);
        self::assertSame(['filling-2', 'greens'], $at['sour cherries, pitted']);
        self::assertSame(['filling-2', 'spices'], $at['sugar, for the cherries'], 'not with rice and pulses');
        $poured = Sample::plan(Sample::edited($plan, 'fillings/0/steps/1/pours', ['name' => 'water', 'ml_per_kg' => 250]));
        $water = array_values(array_filter(
            $poured->ingredients, static fn (Ingredient $one): bool => $one->toldName() === 'water',
        ));
        self::assertCount(1, $water);
        self::assertSame('filling-2', $water[0]->task);
        self::assertNull($water[0]->shop, 'out of the tap');
        self::assertEqualsWithDelta(
            0.25 * $plan->dish->fillings->rawMass($plan->potted->raw)->inGrams(), $water[0]->amount->amount, 0.5,
        );
    }

    /** As older dishes have it: said to be cooked, with nothing that cooks it. */
    public function test_what_nothing_cooks_is_told_and_mended_with_one_tap(): void
    {
        $dish = Sample::polo()->changed('fillings/0/steps', []);
        $plan = Sample::plan($dish);
        $clashes = self::uncooked($plan);
        self::assertCount(1, $clashes);
        self::assertStringContainsString('nothing here cooks it', $clashes[0]);
        $mended = Sample::edited($plan, 'fillings:readied:0', null);
        self::assertCount(2, array_filter($mended->fillings->get(0)->steps, static fn (Step $one): bool => $one->of === 'chicken-thigh'));
        self::assertSame([], self::uncooked(Sample::plan($mended)));
    }

    private static function with(FillingKind $kind, bool $isBeside): Plan
    {
        return Sample::plan(Sample::edited(Sample::plan(Sample::polo()), 'fillings:add', [
            'name' => 'the other', 'kind' => $kind->id, 'of_rice' => 0.2, 'beside' => $isBeside,
        ]));
    }

    /** @return list<string> */
    private static function names(Dish $dish): array
    {
        return array_column($dish->fillings->get(0)->steps, 'name');
    }

    /** @return list<string> */
    private static function uncooked(Plan $plan): array
    {
        $said = array_map(static fn ($clash): string => Sample::say($clash->says), $plan->clashes);

        return array_values(array_filter($said, static fn (string $one): bool => str_contains($one, 'nothing here')));
    }
}

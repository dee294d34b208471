<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\Guest;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Plan\Pot\TwoWays;
use Orbek\Core\Plan\Shopping\Ingredient;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Toppings shared out, entries added and taken off, guests warned, changes told. */
final class ListsAndSplitsTest extends TestCase
{
    public function test_shares_close_however_they_are_moved(): void
    {
        $dish = self::turkey();
        foreach (
            [
                [3, 'top', 60], [3, 'marinade', 0], [3, 'layers', 100], [3, 'layers', 20], [0, 'top', 100],
                [0, 'top', 35], [2, 'marinade', 50],
            ] as [$at, $part, $percent]
        ) {
            $dish = Sample::edited(Sample::plan($dish), "extras:{$at}:{$part}", $percent);
            foreach ($dish->build->extras as $extra) {
                self::assertEqualsWithDelta(1.0, array_sum($extra->split), 1e-9, $extra->name);
                self::assertGreaterThanOrEqual(0, min($extra->split), $extra->name);
            }
            self::assertEqualsWithDelta($percent / 100, $dish->build->extras[$at]->split[$part], 1e-9);
        }
    }

    public function test_what_is_shared_out_is_measured_out_whole_and_the_kept_part_never_forgotten(): void
    {
        $plan = Sample::plan(self::turkey());
        $raw = $plan->totals->rice()->amount / 1000;
        foreach ($plan->dish->build->extras as $extra) {
            $measured = array_sum(
                array_map(
                    static fn ($i): float => $i->amount->amount,
                    array_filter($plan->ingredients, static fn ($i): bool => self::isOf($i, $extra)),
                ),
            );
            self::assertEqualsWithDelta(
                $extra->perKgRice * $raw, $measured, $extra->unit() === 'drops' ? 0.5 : 1e-6, $extra->name,
            );
            $kept = array_filter(
                $plan->ingredients,
                static fn ($i): bool => self::isOf($i, $extra) && $i->station->value === 'serve',
            );
            self::assertSame($extra->split['top'] > 0, $kept !== [], $extra->name);
        }
        self::assertStringStartsWith('Saffron', Sample::say($plan->onEachLayer()[0]));
        self::assertStringStartsWith('fried onion', Sample::say($plan->onEachLayer()[count($plan->onEachLayer()) - 1]));
    }

    public function test_shares_that_do_not_close_are_refused_by_name(): void
    {
        self::assertStringContainsString(
            'extras/0/split: the shares add up to 0.7;',
            Sample::refused(static fn () => self::turkey()->changed('extras/0/split', ['layers' => 0.5, 'top' => 0.2])),
        );
    }

    public function test_whole_pieces_stay_whole_and_the_rest_makes_up_for_them(): void
    {
        $dish = Sample::edited(
            Sample::plan(Sample::polo()),
            'parts:add',
            ['name' => 'eggs', 'kind' => 'egg', 'of_rice' => 0.33, 'piece_g' => 50],
        );
        for ($grams = 180; $grams <= 1800; $grams += 90) {
            $masses = $dish->fillings->get(0)->partMasses(Mass::grams($grams));
            $eggs = $masses[count($masses) - 1]->inGrams() / 50;
            self::assertEqualsWithDelta(round($eggs), $eggs, 1e-9);
            self::assertGreaterThanOrEqual(1, $eggs);
            $wanted = $grams
                * array_sum(array_map(static fn ($part): float => $part->ofRice, $dish->fillings->get(0)->parts));
            self::assertEqualsWithDelta(
                $wanted, array_sum(array_map(static fn (Mass $mass): float => $mass->inGrams(), $masses)), 1e-6,
                "{$grams} g of rice",
            );
        }
    }

    public function test_entries_are_added_and_taken_off(): void
    {
        $dish = Sample::edited(Sample::plan(self::turkey()), 'sides:add', ['name' => 'Kachumber', 'minutes' => 5]);
        self::assertSame(['Raita', 'Kachumber'], array_map(static fn ($side): string => $side->name, $dish->table->sides));
        self::assertSame(
            ['Kachumber'],
            array_map(
                static fn ($side): string => $side->name,
                Sample::edited(Sample::plan($dish), 'sides:remove:0', null)->table->sides,
            ),
        );

        self::assertStringContainsString(
            'sides:remove:7: there is no such entry',
            Sample::refused(static fn () => Sample::edited(Sample::plan($dish), 'sides:remove:7', null)),
        );
    }

    public function test_the_last_part_of_a_filling_stays(): void
    {
        $dish = Sample::dish('yesterdays-squash-curry');
        self::assertStringContainsString(
            'fillings/0/parts: the list is empty;',
            Sample::refused(static fn () => Sample::edited(Sample::plan($dish), 'parts:remove:0', null)),
        );
    }

    public function test_each_guest_is_warned_of_what_is_there(): void
    {
        $dish = self::turkey();
        $guests = [];
        foreach (
            [
                ['who' => 'the neighbour', 'avoids' => ['gluten', 'nuts']], ['who' => 'a cousin', 'diet' => 'vegan'],
                ['who' => 'the smallest', 'small_child' => true], ['who' => 'the rower', 'avoids' => ['sesame']],
            ] as $guest
        ) {
            $guests[] = Guest::fromFields(Fields::of($guest));
        }
        $warned = array_map(static fn ($guest): array => $guest->warnings($dish), $guests);

        self::assertSame('gluten in the dough seal', Sample::say($warned[0]));
        self::assertStringContainsString('turkey thigh', Sample::say($warned[1][0]));
        self::assertStringContainsString('milk in', Sample::say($warned[1]));
        self::assertStringContainsString('bones', Sample::say($warned[2][0]));
        self::assertSame([], $warned[3]);
        self::assertStringNotContainsString('gluten', Sample::say(
            $guests[0]->warnings($dish->changed('lid/seal', 'foil')),
        ));
    }

    public function test_where_cooks_disagree_one_way_is_the_usual_and_one_is_chosen(): void
    {
        $all = TwoWays::of(self::turkey()->changed('fillings/0/marinade/minutes', 720));
        self::assertCount(5, $all);
        foreach ($all as $choice) {
            self::assertCount(
                1,
                array_filter($choice->ways, static fn (array $way): bool => $way['isDefault']),
                Sample::say($choice->question),
            );
            self::assertCount(
                1,
                array_filter($choice->ways, static fn (array $way): bool => $way['isChosen']),
                Sample::say($choice->question),
            );
            foreach ($choice->ways as $way) {
                $changed = self::turkey()->changed(
                    'fillings/0/marinade/minutes',
                    720,
                )->changed($choice->path, $way['value']);
                $same = array_values(
                    array_filter(
                        TwoWays::of($changed),
                        static fn (TwoWays $other): bool => $other->question === $choice->question,
                    ),
                );
                self::assertTrue(
                    $same === []
                        || array_filter(
                            $same[0]->ways,
                            static fn (array $one): bool => $one['value'] === $way['value'] && $one['isChosen'],
                        ) !== [],
                    Sample::say($choice->question),
                );
            }
        }
    }

    public function test_what_changed_is_told_in_words(): void
    {
        $before = Sample::polo();
        $after = $before->changed('usual/eaters', 5)->changed('lid/seal', 'foil')->changed('mound', false);

        self::assertSame(
            ['people: 5, was 9', 'mound: no, was yes', 'seal: foil, was cloth'],
            array_map(Sample::wording()->difference(...), Difference::between($before, $after)),
        );
        self::assertSame(
            [],
            Difference::between($before, $before->changed('usual/eaters', 5)->changed('usual/eaters', 9)),
        );
    }

    public function test_another_base_leaves_the_rice_whole(): void
    {
        $plan = Sample::plan();
        foreach (['potato', 'yogurt-rice', 'lettuce', 'flat-bread', 'filling', 'none', 'rice'] as $kind) {
            $plan = Sample::plan(Sample::edited($plan, 'base:kind', $kind));
            $shares = $plan->dish->build->base->riceShare + array_sum(
                array_map(
                    static fn ($layer): float => $layer->matter->value === 'rice' ? $layer->share : 0.0,
                    $plan->dish->build->layers,
                ),
            );
            self::assertEqualsWithDelta(1.0, $shares, 1e-6, $kind);
            self::assertSame($kind, $plan->dish->build->base->kind->id);
        }
        self::assertSame(0.3, Sample::edited($plan, 'base:rice_share', 30)->build->base->riceShare);
    }

    public function test_a_layer_is_set_in_grams(): void
    {
        $plan = Sample::plan();
        $grams = 0.9 * $plan->layersInPot()[0]->mass->inGrams();
        $changed = Sample::plan(Sample::edited($plan, 'layers:grams:0', $grams));

        self::assertEqualsWithDelta($grams, $changed->layersInPot()[0]->mass->inGrams(), 0.5);
        self::assertEqualsWithDelta($plan->totals->weight()->amount, $changed->totals->weight()->amount, 1.0);
    }

    private static function isOf(Ingredient $ingredient, Extra $extra): bool
    {
        return str_starts_with(Sample::say($ingredient->name), $extra->name);
    }

    private static function turkey(): Dish
    {
        return Sample::dish('turkey-plum-biryani');
    }
}

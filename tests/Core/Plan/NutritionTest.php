<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Dish\Guest;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Shopping\Nutrition;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What a serving feeds, and whom it may not. */
final class NutritionTest extends TestCase
{
    public function test_a_serving_is_the_sum_of_what_is_known_by_its_name(): void
    {
        $polo = Nutrition::of(Sample::plan(Sample::polo()));
        self::assertGreaterThan(450, $polo->kcal->amount);
        self::assertLessThan(1100, $polo->kcal->amount);
        // The rice alone: 88.6 g raw a head at 77 % carbohydrate.
        self::assertGreaterThan(0.77 * 797 / 9, $polo->carbohydrate->amount);
        $kcal = 4 * ($polo->protein->amount + $polo->carbohydrate->amount) + 9 * $polo->fat->amount;
        self::assertEqualsWithDelta($kcal, $polo->kcal->amount, 0.08 * $kcal);

        // As much for each, however many eat; more fat is more.
        $three = Nutrition::of(Sample::plan(Sample::polo()->changed('usual/eaters', 3)));
        self::assertEqualsWithDelta($polo->protein->amount, $three->protein->amount, 0.1 * $polo->protein->amount);
        $fat = Nutrition::of(Sample::plan(Sample::polo()->changed('base/fat_ml_per_cm2', 0.12)));
        self::assertGreaterThan($polo->fat->amount + 1, $fat->fat->amount);

        // What has a name that nobody knows is named, not guessed.
        $odd = Sample::polo()->changed(
            'fillings/0/parts/1/name', 'moonbeams',
        )->changed('fillings/0/parts/1/bought', null);
        self::assertContains('moonbeams', array_map(Sample::say(...), Nutrition::of(Sample::plan($odd))->unknown));
        self::assertLessThan($polo->kcal->amount, Nutrition::of(Sample::plan($odd))->kcal->amount);
    }

    public function test_diets_are_checked_by_name_where_the_kind_says_nothing(): void
    {
        $dish = Sample::dish('bean-dill-polo')->changed(
            'extras', [['name' => 'ghee for the top', 'kind' => 'other', 'g_per_kg_rice' => 20]],
        )
            ->changed(
                'sides',
                [
                    ['name' => 'Radishes with fish sauce', 'minutes' => 5],
                    ['name' => 'Honey and walnuts', 'minutes' => 2],
                ],
            );
        $guest = static fn (string $diet, array $avoids = []): string => Sample::say(Guest::fromFields(Fields::of(
            ['who' => 'a guest', 'diet' => $diet] + ($avoids === [] ? [] : ['avoids' => $avoids]),
        ))->warnings($dish));

        self::assertStringContainsString('ghee', $guest('all', ['milk']));
        self::assertStringContainsString('walnuts', $guest('all', ['nuts']));
        self::assertStringContainsString('fish sauce', $guest('vegetarian'));
        self::assertStringContainsString('Honey', $guest('vegan'));
        self::assertStringNotContainsString('Honey', $guest('vegetarian'));
        self::assertArrayHasKey(Allergen::BroadBeans->value, $dish->allergens());
        // A word within another is not it: butter beans and coconut milk are no milk.
        $plain = $dish->changed('extras', [['name' => 'coconut milk', 'kind' => 'other', 'g_per_kg_rice' => 20]])
            ->changed('sides', [['name' => 'Butter beans', 'minutes' => 5]]);
        self::assertArrayNotHasKey(Allergen::Milk->value, $plain->allergens());
    }
}

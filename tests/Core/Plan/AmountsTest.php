<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Shopping\Shopping;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What is measured out for this pot's size, this filling and these guests. */
final class AmountsTest extends TestCase
{
    public function test_base_and_seal_are_counted_for_the_pots_size(): void
    {
        $dish = Sample::dish('trout-fenugreek-polo');
        $small = self::plan($dish, ['lid/seal' => 'foil']);
        $large = self::plan($dish, ['lid/seal' => 'foil', 'lid/pot' => 'aluminium-28']);
        $area = 28 ** 2 / 24 ** 2;

        self::assertEqualsWithDelta(
            $area,
            self::amount($large, 'potato slices')->amount / self::amount($small, 'potato slices')->amount,
            1e-6,
        );
        self::assertEqualsWithDelta(
            $area,
            self::amount($large, 'fat for the base')->amount / self::amount($small, 'fat for the base')->amount,
            1e-6,
        );
        self::assertEqualsWithDelta(
            4,
            self::amount($large, 'foil')->amount - self::amount($small, 'foil')->amount,
            1e-6,
        );
        self::assertMatchesRegularExpression(
            '/About 3\d slices 3.5 mm thick/',
            Sample::say(self::amount($small, 'potato slices')->why[1]),
        );
        self::assertEqualsWithDelta(
            self::amount($small, 'potato slices')->amount / 0.85,
            self::bought($small, 'potatoes')->amount,
            1e-6,
        );
    }

    public function test_a_marinade_is_measured_by_the_weight_of_the_meat(): void
    {
        $dish = Sample::dish('sour-cherry-polo');
        $plan = self::plan(
            $dish,
            ['fillings/0/marinade' => ['minutes' => 200, 'acid' => 'mild', 'yogurt' => 'now', 'papaya_percent' => 2]],
        );
        $kg = $dish->fillings->get(0)->rawMass($dish->table->rawRice())->kg;

        self::assertEqualsWithDelta(20 * $kg, self::amount($plan, 'green papaya paste')->amount, 1e-6);
        self::assertEqualsWithDelta(150 * $kg, self::amount($plan, 'yogurt for the marinade')->amount, 1e-6);
        self::assertEqualsWithDelta(10 * $kg, self::amount($plan, 'salt for the marinade')->amount, 1e-6);
        self::assertSame('marinade', self::ingredient($plan, 'green papaya paste')->task);
        self::assertArrayHasKey('milk', $plan->dish->allergens());
    }

    public function test_yogurt_rice_takes_a_quarter_of_its_rice_in_yogurt(): void
    {
        $plan = Sample::plan(Sample::edited(Sample::plan(), 'base:kind', 'yogurt-rice'));

        self::assertEqualsWithDelta(
            0.25 * 0.15 * $plan->totals->rice()->amount,
            self::amount($plan, 'yogurt for the base')->amount,
            1e-6,
        );
    }

    public function test_what_is_sprinkled_and_what_the_cook_has_in_broth_are_measured(): void
    {
        self::assertEqualsWithDelta(
            0.1 * 796.5,
            self::amount(
                self::plan(Sample::polo(), ['lid/sprinkled_ml_per_kg' => 100]),
                'water or milk over the top',
            )->amount,
            1e-6,
        );
        $onePot = Sample::plan(Sample::dish('chickpea-spinach-one-pot'));
        self::assertEqualsWithDelta(0.6 * 270, self::amount($onePot, 'broth')->amount, 1e-6);
        self::assertEqualsWithDelta(
            $onePot->measured()->water->amount ?? 0,
            self::amount($onePot, 'broth')->amount + self::amount($onePot, 'water beside the broth')->amount,
            1e-6,
        );
    }

    public function test_side_dishes_take_their_share_off_the_rice(): void
    {
        self::assertEqualsWithDelta(
            0.9 * 796.5,
            self::plan(Sample::polo(), ['usual/side_dishes' => 2])->totals->rice()->amount,
            1e-6,
        );
    }

    /** @param  array<string, mixed>  $changes by path */
    private static function plan(Dish $dish, array $changes): Plan
    {
        foreach ($changes as $path => $value) {
            $dish = $dish->changed($path, $value);
        }

        return Sample::plan($dish);
    }

    private static function ingredient(Plan $plan, string $name): Ingredient
    {
        $found = array_values(
            array_filter(
                $plan->ingredients,
                static fn (Ingredient $ingredient): bool => Sample::say($ingredient->name) === $name,
            ),
        );

        return $found[0] ?? self::fail("no {$name}");
    }

    private static function amount(Plan $plan, string $name): Figure
    {
        return self::ingredient($plan, $name)->amount;
    }

    private static function bought(Plan $plan, string $name): Figure
    {
        foreach (array_merge(...array_values(Shopping::of($plan))) as $thing) {
            if (Sample::say($thing['name']) === $name) {
                return $thing['amount'];
            }
        }
        self::fail("{$name} is not on the list");
    }
}

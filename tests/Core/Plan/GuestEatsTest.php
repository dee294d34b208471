<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Dish\Diet;
use Orbek\Core\Dish\Food;
use Orbek\Core\Edit\MealEdit;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Plan\Meal\GuestEats;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** "May eat all of it" is said only where everything on the table is known. */
final class GuestEatsTest extends TestCase
{
    private const MEALS = 2000;

    /** Words that no food is called by. */
    private const UNKNOWN = ['zorblat', 'grandmother’s secret', 'what Ana brings', 'blue stuff', 'the red one'];

    public function test_a_sides_name_or_the_cook_says_what_is_in_it_and_nothing_else_is_taken_for_harmless(): void
    {
        $eats = static fn (array $side, string ...$avoids): GuestEats => self::eats([$side], array_values($avoids))[0];
        self::assertFalse($eats(['name' => 'raita of yogurt'], 'milk')->mayEatAll());
        self::assertSame(['raita of yogurt'], array_column($eats(['name' => 'raita of yogurt'], 'milk')->warnings, 0));
        self::assertTrue($eats(['name' => 'raita of yogurt'], 'sesame')->mayEatAll());
        self::assertFalse($eats(['name' => 'zorblat', 'holds' => ['sesame']], 'sesame')->mayEatAll());
        self::assertSame(['zorblat'], $eats(['name' => 'zorblat'], 'nuts')->unknown);
        self::assertFalse($eats(['name' => 'zorblat'], 'nuts')->mayEatAll());
        // Who eats everything is told nothing of what nobody knows.
        self::assertTrue(self::eats([['name' => 'zorblat']], [])[0]->mayEatAll());
    }

    public function test_the_cook_knows_a_thing_and_takes_it_back(): void
    {
        $meal = self::meal([['name' => 'zorblat']], [['who' => 'a guest', 'avoids' => ['nuts']]]);
        $known = MealEdit::on($meal, 'plain:zorblat', true);
        self::assertTrue(self::of($known)[0]->mayEatAll());
        self::assertFalse(self::of(MealEdit::on($known, 'plain:zorblat', false))[0]->mayEatAll());
        self::assertFalse(self::of(MealEdit::on($known, 'sides:add', ['name' => 'blue stuff', 'minutes' => 5]))[0]->mayEatAll());
    }

    /** Each food as a side, against each allergen and each diet. */
    public function test_every_food_warns_who_must_not_have_it(): void
    {
        $tried = 0;
        foreach (Sample::craft()->foods->all() as $food) {
            foreach (Allergen::cases() as $allergen) {
                $told = self::eats([['name' => $food->names[0]]], [$allergen->value])[0];
                self::assertSame(! in_array($allergen, $food->holds, true), $told->mayEatAll(), "{$food->names[0]}, {$allergen->value}");
                $tried++;
            }
            foreach (Diet::cases() as $diet) {
                $told = self::of(self::meal(
                    [['name' => $food->names[0]]], [['who' => 'a guest', 'diet' => $diet->value]],
                ))[0];
                self::assertSame(self::isKept($food, $diet), ! $told->mayEatAll(), "{$food->names[0]}, {$diet->value}");
            }
        }
        self::assertGreaterThan(1000, $tried);
    }

    public function test_no_meal_of_many_is_called_harmless_where_something_is_not_known_or_not_fit(): void
    {
        $random = new Randomizer(new Mt19937(25));
        $foods = Sample::craft()->foods->all();
        $cleared = 0;
        for ($made = 0; $made < self::MEALS; $made++) {
            $sides = $avoids = [];
            $isKnown = true;
            $holds = [];
            foreach (array_fill(0, $random->getInt(0, 3), 0) as $ignored) {
                if ($random->getInt(1, 4) === 1) {
                    $sides[] = ['name' => self::UNKNOWN[$random->getInt(0, count(self::UNKNOWN) - 1)]];
                    $isKnown = false;
                } else {
                    $food = $foods[$random->getInt(0, count($foods) - 1)];
                    $sides[] = ['name' => 'some '.$food->names[$random->getInt(0, count($food->names) - 1)]];
                    $holds = [...$holds, ...$food->holds];
                }
            }
            foreach (Allergen::cases() as $allergen) {
                if ($random->getInt(1, 7) === 1) {
                    $avoids[] = $allergen;
                }
            }
            $told = self::eats($sides, array_column($avoids, 'value'))[0];
            $isFit = array_filter($holds, static fn (Allergen $one): bool => in_array($one, $avoids, true)) === [];
            self::assertSame($avoids === [] || ($isKnown && $isFit), $told->mayEatAll(), (string) json_encode([$sides, $avoids]));
            $cleared += (int) $told->mayEatAll();
        }
        self::assertGreaterThan(self::MEALS / 10, $cleared);
        self::assertLessThan(self::MEALS, $cleared);
    }

    private static function isKept(Food $food, Diet $diet): bool
    {
        return match ($diet) {
            Diet::All => false,
            Diet::Vegetarian => $food->from === 'meat',
            Diet::Vegan => in_array($food->from, ['meat', 'honey'], true)
                || array_intersect(['milk', 'egg'], array_column($food->holds, 'value')) !== [],
        };
    }

    /**
     * @param  list<array<string, mixed>>  $sides
     * @param  list<string>  $avoids
     * @return list<GuestEats>
     */
    private static function eats(array $sides, array $avoids): array
    {
        return self::of(self::meal($sides, [['who' => 'a guest', 'avoids' => $avoids]]));
    }

    /**
     * @param  list<array<string, mixed>>  $sides
     * @param  list<array<string, mixed>>  $guests
     */
    private static function meal(array $sides, array $guests): Meal
    {
        return Meal::fromArray([
            'format' => Meal::FORMAT, 'name' => 'A table', 'serve_at' => '2026-11-28T19:30', 'eaters' => 4,
            'dishes' => [['dish' => 'rice']], 'guests' => $guests,
            'sides' => array_map(static fn (array $one): array => $one + ['minutes' => 5], $sides),
        ]);
    }

    /**
     * Beside plain rice in water, of which everything is known.
     *
     * @return list<GuestEats>
     */
    private static function of(Meal $meal): array
    {
        static $plain = null;
        $plain ??= Sample::dish('bean-dill-polo')->changed('extras', [])->changed('sides', [])->changed('boiled', [])
            ->changed('poured', [])->changed('lid/seal', 'foil');

        return GuestEats::all($meal, [$plain]);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Care;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\OutOfRange;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class AllergensTest extends TestCase
{
    public function test_they_are_named_by_what_is_really_in_the_dish(): void
    {
        self::assertSame(['nuts' => ['pistachio slivers'], 'milk' => ['butter for the holes', 'Yogurt with cucumber']], Sample::polo()->allergens());
        self::assertSame(['milk' => ['yogurt and spices', 'ghee over the rice', 'Raita'], 'gluten' => ['the dough seal']], self::dish('turkey-plum-biryani')->allergens());
        self::assertSame(['nuts' => ['walnuts'], 'milk' => ['butter for the holes'], 'gluten' => ['the bread base']], self::dish('lentil-date-walnut-polo')->allergens());
        self::assertSame(['fish' => ['trout fillet']], self::dish('trout-fenugreek-polo')->allergens());
    }

    public function test_the_seal_and_the_base_count_when_they_change(): void
    {
        $dish = Sample::polo()->changed('lid/seal', 'dough')->changed('extras', [])->changed('sides', []);
        self::assertSame(['gluten' => ['the dough seal']], $dish->allergens());

        $yogurt = $dish->changed('lid/seal', 'foil')->changed('base/kind', 'yogurt-rice');
        self::assertSame(['milk' => ['the yogurt in the base']], $yogurt->allergens());
        self::assertSame([], $yogurt->changed('base/kind', 'rice')->allergens());
    }

    public function test_an_allergen_nobody_knows_is_refused(): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('filling/parts/0/holds: "dust" is not known; give one of nuts, milk, egg, fish, crustaceans, gluten, sesame, mustard, broad-beans.');
        Sample::polo()->changed('filling/parts/0/holds', ['dust']);
    }

    private static function dish(string $name): Dish
    {
        return Dish::fromArray(Sample::json($name));
    }
}

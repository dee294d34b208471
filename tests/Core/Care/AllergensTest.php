<?php

declare(strict_types=1);

namespace Tests\Core\Care;

use Orbek\Core\Dish\Dish;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class AllergensTest extends TestCase
{
    public function test_they_are_named_by_what_is_really_in_the_dish(): void
    {
        self::assertSame(
            ['nuts' => ['pistachio slivers'], 'milk' => ['butter for the holes', 'Yogurt with cucumber']],
            self::told(Sample::polo()),
        );
        self::assertSame(
            ['milk' => ['yogurt and spices', 'ghee over the rice', 'Raita'], 'gluten' => ['the dough seal']],
            self::told(self::dish('turkey-plum-biryani')),
        );
        self::assertSame(
            ['nuts' => ['walnuts'], 'milk' => ['butter for the holes'], 'gluten' => ['the bread base']],
            self::told(self::dish('lentil-date-walnut-polo')),
        );
        self::assertSame(['fish' => ['trout fillet']], self::told(self::dish('trout-fenugreek-polo')));
    }

    public function test_the_seal_and_the_base_count_when_they_change(): void
    {
        $dish = Sample::polo()->changed('lid/seal', 'dough')->changed('extras', [])->changed('sides', []);
        self::assertSame(['gluten' => ['the dough seal']], self::told($dish));

        $yogurt = $dish->changed('lid/seal', 'foil')->changed('base/kind', 'yogurt-rice');
        self::assertSame(['milk' => ['the yogurt in the base']], self::told($yogurt));
        self::assertSame([], self::told($yogurt->changed('base/kind', 'rice')));
    }

    public function test_an_allergen_nobody_knows_is_refused(): void
    {
        self::assertStringContainsString(
            'fillings/0/parts/0/holds: "dust" is not known; give one of nuts, milk, egg, fish, crustaceans, gluten, sesame, mustard, broad-beans.',
            Sample::refused(static fn () => Sample::polo()->changed('fillings/0/parts/0/holds', ['dust'])),
        );
    }

    private static function dish(string $name): Dish
    {
        return Sample::dish($name);
    }

    /** @return array<string, list<string>> */
    private static function told(Dish $dish): array
    {
        return array_map(static fn (array $where): array => array_map(Sample::say(...), $where), $dish->allergens());
    }
}

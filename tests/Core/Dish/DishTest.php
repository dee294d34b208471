<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Editions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class DishTest extends TestCase
{
    /** @return iterable<string, array{string, mixed, string}> */
    public static function refusals(): iterable
    {
        yield 'nobody' => ['usual/eaters', 0, 'usual/eaters: 0 is out of range; give 1 to 60.'];
        yield 'a wedding' => ['usual/eaters', 400, 'usual/eaters: 400 is out of range; give 1 to 60.'];
        yield 'half a person' => [
            'usual/eaters',
            4.5,
            'usual/eaters: "4.5" will not do; give a whole number from 1 to 60.',
        ];
        yield 'more children than people' => ['usual/children', 10, 'usual/children: 10 is out of range; give 0 to 9.'];
        yield 'brine' => ['water/salt_g_per_l', 90, 'water/salt_g_per_l: 90 is out of range; give 0 to 50 g/L.'];
        yield 'a stage nobody knows' => [
            'water/stage',
            '70 %',
            'water/stage: "70 %" is not known; give one of snaps, half, rises, breaks, thread, point, done.',
        ];
        yield 'shares that do not add up' => [
            'base/rice_share',
            0.3,
            'layers: the shares of rice add up to 1.15; let base and layers add up to 1.',
        ];
        yield 'no layers' => [
            'layers',
            [],
            'layers: the list is empty; give at least one layer of rice and one of filling.',
        ];
        yield 'another format' => [
            'format',
            'orbek-dish/3',
            'format: "orbek-dish/3" is not known; give one of orbek-dish/2, orbek-dish/1.',
        ];
        yield 'a field inside a number' => [
            'usual/eaters/names',
            'x',
            'usual/eaters/names: is not part of a dish; name a field of the dish.',
        ];
        yield 'a crust between the layers' => [
            'layers/1/matter',
            'crust',
            'layers/1/matter: "crust" is not known; give one of rice, filling.',
        ];
    }

    #[DataProvider('refusals')]
    public function test_what_no_dish_can_be_is_refused_by_name(string $path, mixed $value, string $message): void
    {
        self::assertStringContainsString(
            $message,
            Sample::refused(static fn () => Sample::polo()->changed($path, $value)),
        );
    }

    public function test_a_change_leaves_the_rest_and_the_first_dish_as_they_were(): void
    {
        $nine = Sample::polo();
        $five = $nine->changed('usual/eaters', 5);

        self::assertSame(5, $five->table->eaters);
        self::assertSame(9, $nine->table->eaters);
        self::assertEquals($nine->toArray(), $five->changed('usual/eaters', 9)->toArray());
        self::assertEquals($five, $five->withDocument($five->toArray()));
    }

    public function test_rice_does_not_grow_in_a_straight_line(): void
    {
        $grams = static fn (string $path, mixed $value): float => Sample::polo()->changed(
            $path,
            $value,
        )->table->rawRice()->inGrams();

        self::assertEqualsWithDelta(720.0, $grams('usual/eaters', 8), 1e-9);
        self::assertEqualsWithDelta(796.5, $grams('usual/eaters', 9), 1e-9);
        self::assertEqualsWithDelta(8.85 * 115, $grams('usual/plates', 'hearty'), 1e-9);
        self::assertEqualsWithDelta(10.85 * 90, $grams('usual/leftovers', 2), 1e-9);
        // Three of nine are children: six adults, two children in full halves, the ninth at 85 %.
        self::assertEqualsWithDelta((6 + 2 * 0.5 + 0.85 * 0.5) * 90, $grams('usual/children', 3), 1e-9);
    }

    public function test_a_cooked_filling_is_layered_lighter_than_it_was_raw(): void
    {
        $dish = Sample::polo();
        $rice = $dish->table->rawRice();

        // Nine thighs of 190 g, the rest scaled with them; a tenth of their juice still to come; the fat they were
        // browned in.
        $raw = $dish->fillings->get(0)->rawMass($rice)->kg;
        $thighs = 9 * 0.190;
        $rest = $raw - $thighs;
        self::assertEqualsWithDelta(2.66 * $rice->kg, $raw, 1e-9);
        self::assertEqualsWithDelta(
            $thighs * (1 - 0.18 * 0.9) + $rest * 0.5 / 0.56 * (1 - 0.25 * 0.9) + $rest * 0.06 / 0.56 * (1 - 0.02 * 0.9)
                + 15 / 1000 * 0.92 * $raw,
            $dish->fillings->get(0)->layeredMass($rice)->kg, 1e-3,
        );
    }

    public function test_edition_1_is_read_without_its_table(): void
    {
        $document = Sample::json('sour-cherry-polo');
        $old = ['format' => 'orbek-dish/1', 'table' => $document['usual'] + [
            'serve_at' => '2026-11-28T19:30', 'guests' => [['who' => 'a cousin', 'diet' => 'vegan']],
        ]] + array_diff_key($document, ['usual' => 0]);
        $read = Dish::fromArray($old, Sample::craft());

        self::assertEquals($document, $read->toArray());
        self::assertSame('2026-11-28T19:30', Editions::servedAt($old));
        self::assertSame('a cousin', Editions::guests($old)[0]['who']);
        self::assertNull(Editions::servedAt($document));
        self::assertStringContainsString('usual: is missing', Sample::refused(
            static fn () => Dish::fromArray(array_diff_key($document, ['usual' => 0]), Sample::craft()),
        ));
        self::assertStringContainsString('table', Sample::refused(
            static fn () => Dish::fromArray(array_diff_key($old, ['table' => 0]), Sample::craft()),
        ));
    }
}

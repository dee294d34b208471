<?php

declare(strict_types=1);

namespace Tests\Core\Kitchen;

use Orbek\Core\Learning\Knowledge;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class KitchenTest extends TestCase
{
    public function test_the_sample_kitchen_is_as_described(): void
    {
        $kitchen = Sample::kitchen();

        self::assertEqualsWithDelta(97.9, $kitchen->boilC(), 0.05);
        self::assertSame('Ring 2', $kitchen->strongestRing()->name);
        self::assertSame(
            ['Ring 1, 1.0 kW', 'Ring 2, 2.7 kW'],
            array_values(array_map(static fn ($ring): string => $ring->label(), $kitchen->equipment->rings)),
        );
        self::assertEqualsWithDelta(1350.0, $kitchen->equipment->rings['ring-2']->netW(), 1e-9);
        self::assertEqualsWithDelta(12.16, $kitchen->equipment->pots['steel-24']->heightCm(), 0.01);
    }

    public function test_a_bag_goes_down_with_each_cook_and_never_below_nothing(): void
    {
        $bag = Sample::kitchen()->pantry->bags['september-bag'];
        $used = static fn (float ...$grams): Knowledge => Knowledge::fold(
            array_map(
                static fn (float $g): array => ['used' => ['lot' => 'september-bag', 'g' => $g]],
                array_values($grams),
            ),
        );

        self::assertSame(10000.0, $bag->leftG(Knowledge::none()));
        self::assertSame(8750.0, $bag->leftG($used(450, 800)));
        self::assertSame(0.0, $bag->leftG($used(9000, 4000)));
        self::assertNull(Sample::kitchen()->pantry->bags['brown-jar']->leftG($used(450)));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        $pot = ['id' => 'a', 'name' => 'A', 'material' => 'steel', 'diameter_cm' => 24, 'litres' => 5.5];
        yield 'in the clouds' => [['altitude_m' => 9000], 'altitude_m: 9000 is out of range; give -430 to 5500 m.'];
        yield 'no pots' => [['pots' => []], 'pots: the list is empty; give at least one.'];
        yield 'two of one id' => [['pots' => [$pot, $pot]], 'pots/1/id: "a" is there twice; give each its own.'];
        yield 'a thimble' => [
            ['pots' => [['diameter_cm' => 2] + $pot]],
            'diameter_cm: 2 is out of range; give 10 to 60 cm.',
        ];
        yield 'a pot of tin' => [
            ['pots' => [['material' => 'tin'] + $pot]],
            'material: "tin" is not known; give one of steel, cast-iron, aluminium, coated, enamel, copper, clay, glass.',
        ];
        yield 'no such place' => [
            ['timezone' => 'Lake/Boathouse'],
            'timezone: "Lake/Boathouse" is not known; give a name such as Europe/Zurich.',
        ];
        yield 'a day that is none' => [
            ['lots' => [['id' => 'x', 'name' => 'X', 'kind' => 'persian', 'bought_on' => '2026-02-31']]],
            'bought_on: "2026-02-31" is no day; give one such as 2026-09-12.',
        ];
        yield 'another format' => [
            ['format' => 'orbek-dish/1'],
            'format: "orbek-dish/1" is not known; give one of orbek-kitchen/2, orbek-kitchen/1.',
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refusals')]
    public function test_a_kitchen_that_cannot_be_is_refused(array $changes, string $message): void
    {
        self::assertStringContainsString($message, Sample::refused(static fn () => Sample::kitchen($changes)));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use Orbek\Core\Care\Caution;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Plan\Mend\Cautions;
use Orbek\Core\Plan\Station;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What can hurt someone is said at its station, from the edge on and not before it. */
final class CautionsTest extends TestCase
{
    /** @param  array<string, mixed>  $changes by path */
    #[DataProvider('edges')]
    public function test_a_caution_stands_from_its_edge_on(
        Caution $caution, Station $station, string $dish, array $changes, bool $stands, float $sealedMin = 40.0,
    ): void {
        $at = Cautions::of(self::changed($dish, $changes), $sealedMin)[$station->value] ?? [];

        self::assertSame($stands, in_array($caution, $at, true));
        self::assertSame(array_values(array_unique($at, SORT_REGULAR)), $at, 'each once');
    }

    /** @return iterable<string, array{Caution, Station, string, array<string, mixed>, bool, 5?: float}> */
    public static function edges(): iterable
    {
        $polo = 'sour-cherry-polo';
        $biryani = 'turkey-plum-biryani';
        yield 'four hours of soak' => [Caution::LongSoak, Station::Rice, $polo, ['rice/soak/minutes' => 240], false];
        yield 'a minute more' => [Caution::LongSoak, Station::Rice, $polo, ['rice/soak/minutes' => 241], true];
        yield 'under the lid for 99 min' => [Caution::LongFlame, Station::Heat, $polo, [], false, 99.0];
        yield 'for 100' => [Caution::LongFlame, Station::Heat, $polo, [], true, 100.0];
        yield 'turkey' => [Caution::RawPoultry, Station::Filling, $biryani, [], true];
        yield 'its core' => [Caution::Core, Station::Filling, $biryani, [], true];
        yield 'trout' => [Caution::RawFish, Station::Filling, 'trout-fenugreek-polo', [], true];
        yield 'trout is no poultry' => [Caution::RawPoultry, Station::Filling, 'trout-fenugreek-polo', [], false];
        yield 'lamb' => [
            Caution::RawMeat, Station::Filling, $biryani, ['fillings/0/parts/0/kind' => 'lamb-cubes'], true,
        ];
        yield 'lamb is no poultry' => [
            Caution::RawPoultry, Station::Filling, $biryani, ['fillings/0/parts/0/kind' => 'lamb-cubes'], false,
        ];
        foreach ([Caution::RawPoultry, Caution::RawFish] as $raw) {
            yield "turkey and prawns: {$raw->value}" => [
                $raw, Station::Filling, $biryani, ['fillings/0/parts/1/kind' => 'prawns'], true,
            ];
        }
        yield 'nothing raw' => [Caution::RawMeat, Station::Filling, 'chickpea-spinach-one-pot', [], false];
        yield 'yesterday’s rice' => [
            Caution::CookedRice, Station::Filling, 'yesterdays-squash-curry', [], true,
        ];
        yield 'what is left of it' => [Caution::Reheat, Station::Filling, 'yesterdays-squash-curry', [], true];
        yield 'steam at the table' => [Caution::Steam, Station::Serve, $polo, [], true];
        yield 'no child there' => [Caution::SmallChildren, Station::Serve, $polo, ['usual/children' => 0], false];
        yield 'one child' => [Caution::SmallChildren, Station::Serve, $polo, ['usual/children' => 1], true];
        yield 'no smoke' => [Caution::Charcoal, Station::Serve, $biryani, ['smoke_min' => 0], false];
        yield 'smoke' => [Caution::Charcoal, Station::Serve, $biryani, ['smoke_min' => 3], true];
        yield 'a rope of dough' => [Caution::DoughGluten, Station::Lid, $biryani, ['lid/seal' => 'dough'], true];
        yield 'foil' => [Caution::DoughGluten, Station::Lid, $biryani, ['lid/seal' => 'foil'], false];
        yield 'a cloth' => [Caution::Cloth, Station::Lid, $polo, ['lid/seal' => 'cloth'], true];
        yield 'no cloth' => [Caution::Cloth, Station::Lid, $polo, ['lid/seal' => 'foil'], false];
        yield 'broad beans' => [Caution::BroadBeans, Station::Serve, 'bean-dill-polo', [], true];
        yield 'no broad beans' => [Caution::BroadBeans, Station::Serve, $polo, [], false];
        yield 'a laid base' => [Caution::HotFat, Station::Layers, $polo, [], true];
        yield 'bread below' => [Caution::BreadGluten, Station::Layers, $biryani, ['base/kind' => 'flat-bread'], true];
        yield 'potato below' => [Caution::BreadGluten, Station::Layers, $biryani, ['base/kind' => 'potato'], false];
        yield 'drops of essence' => [Caution::Essence, Station::Layers, $biryani, [], true];
        yield 'none' => [Caution::Essence, Station::Layers, 'plain-chelow', [], false];
    }

    /** @param  array<string, mixed>  $changes by path */
    private static function changed(string $name, array $changes): Dish
    {
        $dish = Sample::dish($name);
        foreach ($changes as $path => $value) {
            $dish = $dish->changed($path, $value);
        }

        return $dish;
    }
}

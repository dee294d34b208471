<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Shopping;

use Orbek\Core\Dish\Staple;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Station;

/** What is to be bought: amounts of one thing added up, what the kitchen always has left out. */
final class Shopping
{
    /** @return array<value-of<Aisle>, list<array{key: string, shop: string, name: Note, amount: Figure}>> by aisle */
    public static function of(Plan $plan): array
    {
        $list = [];
        foreach (Aisle::cases() as $aisle) {
            foreach (self::things($plan) as $key => $thing) {
                if ($thing['aisle'] === $aisle) {
                    $list[$aisle->value][] = [
                        'key' => "buy:{$key}",
                        'shop' => $thing['name'],
                        'name' => Staple::named($thing['name']),
                        'amount' => Figure::sum($thing['amounts']),
                    ];
                }
            }
        }

        return $list;
    }

    /** @return array<string, array{aisle: Aisle, name: string, amounts: non-empty-list<Figure>}> by name and unit */
    private static function things(Plan $plan): array
    {
        $pantry = array_map(self::known(...), $plan->kitchen->pantry->always);
        $things = [];
        foreach ($plan->ingredients as $ingredient) {
            if ($ingredient->shop === null || in_array(self::known($ingredient->shop), $pantry, true)) {
                continue;
            }
            $amount = $ingredient->toBuy ?? $ingredient->amount;
            $key = "{$ingredient->shop}|{$amount->unit}";
            $things[$key] = [
                'aisle' => $ingredient->aisle,
                'name' => $ingredient->shop,
                'amounts' => [...($things[$key]['amounts'] ?? []), $amount],
            ];
        }
        $bag = $plan->kitchen->bag($plan->dish->grain->rice->bag, 'rice/lot');
        if ($plan->clashesAt(Station::Rice) !== [] || $bag->boughtG === null) {
            $things["{$bag->name}|g"] = [
                'aisle' => Aisle::Rice,
                'name' => $bag->name,
                'amounts' => [$plan->totals->rice()],
            ];
        }

        return $things;
    }

    /** By what a thing is known again, however it is written: "Ghee or oil" is ghee-or-oil. */
    private static function known(string $name): string
    {
        return Staple::tryNamed($name)->value ?? mb_strtolower($name);
    }
}

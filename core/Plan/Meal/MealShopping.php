<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Shopping\Aisle;
use Orbek\Core\Plan\Shopping\Shopping;

/** One shopping list for a meal: like things of its dishes added up. */
final class MealShopping
{
    /** @return array<value-of<Aisle>, list<array{key: string, shop: string, name: Note, amount: Figure}>> by aisle */
    public static function of(MealPlan $meal): array
    {
        $sums = [];
        foreach ($meal->plans as $plan) {
            foreach (Shopping::of($plan) as $aisle => $things) {
                foreach ($things as $thing) {
                    $was = $sums[$aisle][$thing['key']] ?? null;
                    $sums[$aisle][$thing['key']] = $was === null ? $thing : [
                        'key' => $thing['key'], 'shop' => $thing['shop'], 'name' => $thing['name'],
                        'amount' => Figure::sum([$was['amount'], $thing['amount']]),
                    ];
                }
            }
        }
        $list = [];
        foreach (Aisle::cases() as $aisle) {
            if (isset($sums[$aisle->value])) {
                $list[$aisle->value] = array_values($sums[$aisle->value]);
            }
        }

        return $list;
    }
}

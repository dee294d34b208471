<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use LogicException;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Pot\Pot;

/** A first dish of a school, in the things of a kitchen, to be changed from there. */
final class Starter
{
    /** People a first dish is for: the middle pot of most kitchens is large enough. */
    private const EATERS = 4;

    /** @return array<string, mixed> a dish document */
    public static function document(School $school, Kitchen $kitchen, string $name): array
    {
        $things = self::things($kitchen);
        $first = $school->first;
        array_walk_recursive($first, static function (mixed &$value) use ($things): void {
            if (is_string($value) && str_starts_with($value, '@')) {
                $value = $things[$value] ?? throw new LogicException("{$value} is no part of a kitchen.");
            }
        });

        return [
            'format' => Dish::FORMAT,
            'name' => $name,
            'school' => $school->id,
            'usual' => ['eaters' => self::EATERS, 'plates' => 'usual'],
        ] + $first;
    }

    /** @return array<string, string> ids by the part that a school's first dish gives them */
    private static function things(Kitchen $kitchen): array
    {
        $pots = array_values($kitchen->stovePots());
        usort($pots, static fn (Pot $a, Pot $b): int => $b->litres <=> $a->litres);
        $middle = $pots[intdiv(count($pots), 2)]->id;

        return [
            '@first-bag' => (string) array_key_first($kitchen->pantry->bags),
            '@middle-pot' => $middle,
            '@smallest-pot' => $pots[count($pots) - 1]->id,
            '@cooker' => array_key_first($kitchen->cookers()) ?? $middle,
            '@strongest-ring' => $kitchen->strongestRing()->id,
        ];
    }
}

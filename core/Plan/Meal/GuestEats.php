<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Eaten;
use Orbek\Core\Dish\Guest;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Meal\Side;
use Orbek\Core\Measure\Note;

/** What a guest must be warned of, against everything on the table, and of what nobody knows. */
final readonly class GuestEats
{
    /**
     * @param  list<array{string, Note}>  $warnings a dish or side, and what of it
     * @param  list<string>  $unknown names of things of which nothing is known
     */
    private function __construct(public Guest $guest, public array $warnings, public array $unknown)
    {
    }

    /**
     * Each guest of a meal.
     *
     * @param  list<Dish>  $dishes of it, one at least
     * @return list<self>
     */
    public static function all(Meal $meal, array $dishes): array
    {
        $foods = $dishes[0]->craft->foods;
        $sides = array_map(static fn (Side $one): Eaten => Eaten::of($one->name, $one->holds, $foods), $meal->sides);
        $unknown = array_map(
            static fn (Eaten $one): string => $one->name,
            array_filter($sides, static fn (Eaten $one): bool => ! $one->isKnown),
        );
        foreach ($dishes as $dish) {
            $unknown = [...$unknown, ...$dish->unknown()];
        }
        $unknown = array_values(array_unique(array_diff($unknown, $meal->plain)));

        return array_map(static function (Guest $guest) use ($dishes, $sides, $unknown): self {
            $warnings = [];
            foreach ($dishes as $dish) {
                foreach ($guest->warnings($dish) as $says) {
                    $warnings[] = [$dish->name, $says];
                }
            }
            foreach ($sides as $side) {
                foreach ($guest->warningsOf($side) as $says) {
                    $warnings[] = [$side->name, $says];
                }
            }

            return new self($guest, $warnings, $guest->isPicky() ? $unknown : []);
        }, $meal->guests);
    }

    /** Said only when everything is known. */
    public function mayEatAll(): bool
    {
        return $this->warnings === [] && $this->unknown === [];
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;

/** Something on the table, by its name, and what is known of it. */
final readonly class Eaten
{
    /** @param  list<Allergen>  $holds all that is known to be in it, once each */
    private function __construct(
        public string $name, public array $holds,
        /** @var list<string> meat, milk, egg or honey that is in it by its name */
        public array $from,
        /** Whether anything at all is known of it: an unknown thing is never called harmless. */
        public bool $isKnown,
    ) {
    }

    /**
     * @param  list<Allergen>  $told what the cook said is in it
     * @param  bool  $isOfAKind whether its kind says what it is: raw lamb, saffron
     */
    public static function of(string $name, array $told, Foods $foods, bool $isOfAKind = false): self
    {
        $named = $foods->allNamed($name);
        $holds = $told;
        $from = [];
        foreach ($named as $food) {
            // Where nothing was said of it, its name may say it: ghee is milk.
            $holds = [...$holds, ...$food->holds];
            $from = $food->from === null ? $from : [...$from, $food->from];
        }

        return new self(
            $name, array_values(array_unique($holds, SORT_REGULAR)), array_values(array_unique($from)),
            $isOfAKind || $told !== [] || $named !== [],
        );
    }
}

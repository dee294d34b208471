<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Measure\Figure;

/** Something to be measured out, where it is bought and for which task. */
final readonly class Ingredient
{
    public function __construct(
        public Station $station,
        public string $name,
        public Figure $amount,
        public Aisle $aisle,
        /** The task it must be ready for. */
        public string $task,
        /** What to buy where that differs from what goes in. */
        public ?string $boughtAs = null,
        public ?Figure $toBuy = null,
        /** Water from the tap, and what the kitchen is known to have, is not bought. */
        public bool $isBought = true,
        /** Amounts of one thing that are measured out apart share what they are bought as. */
        public ?string $partOf = null,
    ) {
    }

    /** What stands on the shopping list. */
    public function shopName(): string
    {
        return $this->boughtAs ?? $this->partOf ?? $this->name;
    }
}

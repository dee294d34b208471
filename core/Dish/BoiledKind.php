<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** What can be boiled with the rice: how long it needs, what it weighs afterwards (schema/craft/boiled.json). */
final readonly class BoiledKind
{
    /** @param  list<Allergen>  $holds */
    private function __construct(
        public string $id,
        public string $name,
        /** At the boil, till it is as it is wanted. */
        public float $minutes,
        /** Weight drained over the weight that goes in. */
        public float $gains,
        public float $kgPerL,
        /** Where the shop has it: greens, or beside the rice. */
        public bool $isFresh,
        public array $holds,
    ) {
    }

    /** @throws Refused naming the field */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            id: $fields->text('id'),
            name: $fields->text('name'),
            minutes: $fields->number('minutes', 0.5, 60, 'min'),
            gains: $fields->number('gains', 0.5, 4),
            kgPerL: $fields->number('kg_per_l', 0.2, 1.2, 'kg/L'),
            isFresh: $fields->text('aisle') === 'greens',
            holds: $fields->many('holds', Allergen::class),
        );
    }
}

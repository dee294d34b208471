<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * A food as recipes name it: its names, what it is here, what a spoon, a piece, a pinch of it weighs,
 * what it feeds.
 */
final readonly class Food
{
    /**
     * @param  non-empty-list<string>  $names in lower case; the first is the one it is called by
     * @param  array<string, float>  $weighs g of one pinch, handful, bunch, tin … by their words
     * @param  list<Allergen>  $holds
     * @param  string|null  $from meat, milk, egg, honey; null for a plant
     */
    private function __construct(
        public array $names,
        /** What a line of it can be, as RecipeLine::roles() names it. */
        public string $role,
        /** Bulk as it is spooned. */
        public float $kgPerL,
        public ?float $pieceG,
        public array $weighs,
        public float $kcal,
        public float $proteinG,
        public float $fatG,
        public float $carbohydrateG,
        public array $holds,
        public ?string $from,
    ) {
    }

    /**
     * A row of schema/craft/foods.json; nutrients are of 100 g.
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields): self
    {
        $weighs = [];
        foreach ($fields->has('weighs') ? $fields->object('weighs')->names() : [] as $word) {
            $weighs[$word] = $fields->object('weighs')->number($word, 0, 2000, 'g');
        }
        $names = $fields->texts('names');
        if ($names === []) {
            throw Refused::because($fields->at('names'), 'refused.missing', wanted: 'names');
        }

        return new self(
            names: $names,
            role: $fields->text('role'),
            kgPerL: $fields->number('kg_per_l', 0.01, 3, 'kg/L'),
            pieceG: $fields->has('piece_g') ? $fields->number('piece_g', 0.01, 5000, 'g') : null,
            weighs: $weighs,
            kcal: $fields->number('kcal', 0, 1000),
            proteinG: $fields->number('protein_g', 0, 100),
            fatG: $fields->number('fat_g', 0, 100),
            carbohydrateG: $fields->number('carbohydrate_g', 0, 100),
            holds: $fields->many('holds', Allergen::class),
            from: $fields->has('from') ? $fields->text('from') : null,
        );
    }
}

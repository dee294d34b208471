<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** What is measured out beside rice and filling: saffron, butter, nuts. */
final readonly class Extra
{
    /** @param  list<Allergen>  $holds */
    private function __construct(
        public string $name,
        public float $gramsPerKgRice,
        /** Goes on at the table, not under the lid. */
        public bool $atTable,
        public int $prepMinutes,
        public int $waitMinutes,
        public array $holds,
    ) {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('name'),
            $fields->number('g_per_kg_rice', 0.01, 1000, 'g per kg of rice'),
            $fields->flag('at_table', false),
            $fields->whole('prep_min', 0, 120, 0),
            $fields->whole('wait_min', 0, 1440, 0),
            $fields->many('holds', Allergen::class),
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A stretch of work that a dish brings along: browning, simmering, a salad. */
final readonly class Step
{
    /** @param  list<Allergen>  $holds of what is made, for a side */
    private function __construct(
        public string $name, public int $minutes, public Attention $attention, public ?string $ring,
        public array $holds, public ?string $keeps,
        /** Fat that it is done in, ml a kg of raw filling. */
        public float $fatMlPerKg,
        /** Whether it is done in a pressure cooker. */
        public bool $underPressure,
        /** What ends it: "golden", "the fat comes out at the edge"; null where its minutes do. */
        public ?string $till,
        /** Id of the kind of filling that brought it; null for a step of the cook's own. */
        public ?string $of,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            name: $fields->text('name'),
            minutes: $fields->whole('minutes', 1, 2880),
            attention: $fields->one('attention', Attention::class, Attention::Throughout),
            ring: $fields->has('burner') ? $fields->text('burner') : null,
            holds: $fields->many('holds', Allergen::class),
            keeps: $fields->has('keeps') ? $fields->text('keeps') : null,
            fatMlPerKg: $fields->number('fat_ml_per_kg', 0, 200, 'ml', 0),
            underPressure: $fields->flag('pressure', false),
            till: $fields->has('till') ? $fields->text('till') : null,
            of: $fields->has('of') ? $fields->text('of') : null,
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Seal;

/** The pot that is layered, its ring, its seal and its heat. */
final readonly class LidChoice
{
    /** @param  list<Fields>  $heat the cook's own heat line; empty for the school's */
    private function __construct(
        public string $pot,
        public string $burner,
        public Seal $seal,
        public array $heat,
        /** A second pot that takes what the first cannot, and its ring. */
        public ?string $secondPot,
        public ?string $secondBurner,
        /** Water or milk sprinkled over the top before the lid, ml for each kg of raw rice. */
        public float $sprinkledMlPerKg,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $second = $fields->has('second') ? $fields->object('second') : null;

        return new self(
            $fields->text('pot'),
            $fields->text('burner'),
            $fields->one('seal', Seal::class),
            $fields->each('heat'),
            $second?->text('pot'),
            $second?->text('burner'),
            $fields->number('sprinkled_ml_per_kg', 0, 500, 'ml per kg of rice', 0),
        );
    }
}

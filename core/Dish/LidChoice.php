<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Seal;

/** The pot that is layered, its ring, its seal and its heat. */
final readonly class LidChoice
{
    private const MOST_SMOKE_MIN = 15;

    /** @param  list<Fields>  $heat the cook's own heat line; empty for the school's */
    private function __construct(
        public string $pot,
        public string $ring,
        public Seal $seal,
        public array $heat,
        /** A second pot that takes what the first cannot, and its ring. */
        public ?string $secondPot,
        public ?string $secondRing,
        /** Water or milk sprinkled over the top before the lid, ml for each kg of raw rice. */
        public float $sprinkledMlPerKg,
        /** In the oven from the start at so much, till all is cooked; null on a ring, or as its school has it. */
        public ?float $ovenC,
        /** Minutes that a glowing coal smokes under the lid at the end; 0 for none. */
        public int $smokeMin,
    ) {
    }

    /**
     * @param  Known<Seal>  $seals
     * @param  string|null  $cooker the cooker that rice and filling are layered in, whatever pot is named
     *
     * @throws Refused
     */
    public static function fromFields(Fields $dish, Known $seals, ?string $cooker = null): self
    {
        $fields = $dish->object('lid');
        $second = $fields->has('second') ? $fields->object('second') : null;

        return new self(
            pot: $cooker ?? $fields->text('pot'),
            ring: $fields->text('burner'),
            // A cooker closes with its own lid and nothing else.
            seal: $cooker === null ? $fields->known('seal', $seals) : $seals->get(Seal::TIGHT_LID, $fields->at('seal')),
            heat: $fields->each('heat'),
            secondPot: $second?->text('pot'),
            secondRing: $second?->text('burner'),
            sprinkledMlPerKg: $fields->number('sprinkled_ml_per_kg', 0, 500, 'ml per kg of rice', 0),
            ovenC: $fields->has('oven_c') ? $fields->number('oven_c', 50, 250, '°C') : null,
            smokeMin: $dish->whole('smoke_min', 0, self::MOST_SMOKE_MIN, 0),
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Stage;

/** One layer over the base, as a share of all the rice or all the filling. */
final readonly class LayerChoice
{
    private function __construct(
        public Matter $matter,
        public float $share,
        public bool $saffron,
        /** Doneness of this layer's rice where it differs from the dish's own. */
        public ?Stage $stage,
    ) {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        $matter = $fields->one('matter', Matter::class);
        if ($matter === Matter::Crust || $matter === Matter::Mixed) {
            throw OutOfRange::unknown($fields->at('matter'), $matter->value, ['rice', 'filling']);
        }

        return new self(
            $matter,
            $fields->number('share', 0.01, 1),
            $fields->flag('saffron', false),
            $fields->has('stage') && $matter === Matter::Rice ? $fields->one('stage', Stage::class) : null,
        );
    }
}

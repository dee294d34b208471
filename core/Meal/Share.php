<?php

declare(strict_types=1);

namespace Orbek\Core\Meal;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A dish of a meal, and for how many of the table it is. */
final readonly class Share
{
    private function __construct(
        public string $dish,
        /** Of the table; null for all. */
        public ?int $eaters,
    ) {
    }

    /**
     * @param  int  $most people at the table
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, int $most): self
    {
        return new self(
            $fields->text('dish'), $fields->has('eaters') ? $fields->whole('eaters', 1, $most) : null,
        );
    }
}

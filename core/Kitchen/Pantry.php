<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Measure\Salt;

/** What is in the house: bags of rice, the salt, and what is never shopped for. */
final readonly class Pantry
{
    /**
     * @param  non-empty-array<string, Bag>  $bags by id
     * @param  list<string>  $always names of what is always there, as the shopping list calls it
     */
    private function __construct(public array $bags, public Salt $salt, public array $always)
    {
    }

    /**
     * @param  Fields  $fields the kitchen's
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->byId('lots', Bag::fromFields(...)), $fields->one('salt', Salt::class, Salt::Fine),
            $fields->texts('pantry'),
        );
    }
}

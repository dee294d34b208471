<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** The pot that is layered, its ring, its seal and its heat. */
final readonly class LidChoice
{
    /** @param  list<Fields>  $heat the cook's own heat line; empty for the school's */
    private function __construct(public string $pot, public string $burner, public Seal $seal, public array $heat)
    {
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('pot'),
            $fields->text('burner'),
            $fields->one('seal', Seal::class),
            $fields->each('heat'),
        );
    }
}

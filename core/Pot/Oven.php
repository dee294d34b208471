<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** The oven, for a pot that is kept warm or steamed from all sides. */
final readonly class Oven
{
    private function __construct(public string $name, public float $mostC)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self($fields->text('name'), $fields->number('most_c', 80, 300, '°C', 250));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Soak;

/** Which bag, rinsed how often, soaked how. */
final readonly class RiceChoice
{
    private function __construct(public string $bag, public int $rinses, public Soak $soak)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        $soak = $fields->object('soak');

        return new self(
            $fields->text('lot'),
            $fields->whole('rinses', 0, 10, 4),
            Soak::of(
                $soak->number('minutes', 0, 2880, 'min'),
                $soak->number('celsius', 0, 60, '°C', 20),
                $soak->number('salt_g_per_l', 0, 80, 'g/L', 0),
            ),
        );
    }
}

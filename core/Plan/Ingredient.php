<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Measure\Figure;

/** Something to be measured out. */
final readonly class Ingredient
{
    public function __construct(public Station $station, public string $name, public Figure $amount)
    {
    }
}

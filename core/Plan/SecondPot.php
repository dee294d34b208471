<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Pot\Section;

/** A second pot that takes the part of the dish which the first cannot. */
final readonly class SecondPot
{
    public function __construct(public Section $section, public HeatLine $heat, public string $burner, public float $share)
    {
    }
}

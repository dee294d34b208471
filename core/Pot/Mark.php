<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** A place that a ring's knob can be set to, and what it gives there. */
final readonly class Mark
{
    /** @param  float  $share of the ring's full power */
    public function __construct(public string $name, public float $share)
    {
    }
}

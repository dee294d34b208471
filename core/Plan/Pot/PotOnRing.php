<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** A pot that a dish is steamed in, the ring it is closed on, and its share of the dish. */
final readonly class PotOnRing
{
    public function __construct(public Pot $pot, public Ring $ring, public float $share)
    {
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** What a school asks of a heat line beside its end: grains lengthen and dry in the low heat, which is not computed. */
final readonly class Bounds
{
    public function __construct(public float $lowLeastMin, public float $restMin)
    {
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Pot\BaseKind;

/** What a school asks of a heat line beside its end: grains lengthen and dry in the low heat, which is not computed. */
final readonly class Bounds
{
    public function __construct(
        public float $lowLeastMin,
        public float $restMin,
        /** Minutes of strong heat that the base wants, from and to; null where its colour alone decides. */
        public ?float $strongFromMin = null,
        public ?float $strongToMin = null,
    ) {
    }

    public function over(BaseKind $base): self
    {
        return new self($this->lowLeastMin, $this->restMin, $base->strongFromMin, $base->strongToMin);
    }

    public function lowAtLeast(float $minutes): self
    {
        return new self(
            max($minutes, $this->lowLeastMin), $this->restMin, $this->strongFromMin, $this->strongToMin,
        );
    }

    public function wants(float $strongMin): bool
    {
        return $this->strongFromMin === null
            || ($strongMin >= $this->strongFromMin && $strongMin <= $this->strongToMin);
    }
}

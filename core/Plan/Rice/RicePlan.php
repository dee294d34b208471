<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use Orbek\Core\Measure\Figure;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Rice\RiceKind;

/** How the rice of a dish is cooked before it is sealed: boiled and drained, or in measured water. */
abstract readonly class RicePlan
{
    protected function __construct(
        public RiceKind $kind,
        public Pot $pot,
        public Ring $ring,
        /** Minutes from raw to done in water at 100 °C. */
        public Figure $tau,
        /** Of a boil, or all that the rice takes up. */
        public Figure $water,
        public Figure $salt,
        /** Salt that stays in the rice. */
        public Figure $saltKept,
        /** Of each g/L in the water, g. */
        public float $keptPerGPerL,
    ) {
    }

    /** Litres of water. */
    public function waterL(): float
    {
        return $this->water->unit === 'L' ? $this->water->amount : $this->water->amount / 1000;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

enum BurnerKind: string
{
    case Gas = 'gas';
    case Coil = 'coil';
    case Ceramic = 'ceramic';
    case Induction = 'induction';

    /** Share of the nominal power that reaches the pot (docs/model.md, section F): of gas .42 to .60 by stove. */
    public function efficiency(): float
    {
        return match ($this) {
            self::Gas => 0.50,
            self::Coil => 0.65,
            self::Ceramic => 0.68,
            self::Induction => 0.84,
        };
    }

    /** The least steady heat, share of full: gas goes out below it, coil and ceramic pulse. */
    public function least(): float
    {
        return match ($this) {
            self::Gas => 0.22,
            self::Induction => 0.10,
            self::Coil, self::Ceramic => 0.0,
        };
    }

    /** How far a stove's heat lies from its kind's until it has been taught, sd of ln heat (section D). */
    public function priorSd(): float
    {
        return $this === self::Gas ? 0.20 : 0.12;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

enum BurnerKind: string
{
    case Gas = 'gas';
    case Coil = 'coil';
    case Ceramic = 'ceramic';
    case Induction = 'induction';

    /** Share of the nominal power that reaches the pot (docs/model.md, section F). */
    public function efficiency(): float
    {
        return match ($this) {
            self::Gas => 0.42,
            self::Coil => 0.65,
            self::Ceramic => 0.68,
            self::Induction => 0.84,
        };
    }
}

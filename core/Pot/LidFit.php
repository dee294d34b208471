<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** How a pot's own lid closes. */
enum LidFit: string
{
    case Tight = 'tight';
    case Loose = 'loose';
    case Vent = 'vent';

    /** What the pot is closed with where nothing but its lid is used. */
    public function seal(): Seal
    {
        return match ($this) {
            self::Tight => Seal::TightLid,
            self::Loose => Seal::LooseLid,
            self::Vent => Seal::VentedLid,
        };
    }
}

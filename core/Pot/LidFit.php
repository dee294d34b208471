<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** How a pot's own lid closes. */
enum LidFit: string
{
    case Tight = 'tight';
    case Loose = 'loose';
    case Vent = 'vent';

    /** Id of the seal that the pot is closed with where nothing but its lid is used. */
    public function sealId(): string
    {
        return match ($this) {
            self::Tight => Seal::TIGHT_LID,
            self::Loose => Seal::LOOSE_LID,
            self::Vent => Seal::VENTED_LID,
        };
    }
}

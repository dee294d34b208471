<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

/** What a kitchen has several of, beside its bags. */
enum Thing: string
{
    case Pot = 'pot';
    case Ring = 'ring';
    case Plate = 'plate';

    /** The list of a kitchen document that it stands in. */
    public function list(): string
    {
        return match ($this) {
            self::Pot => 'pots',
            self::Ring => 'burners',
            self::Plate => 'plates',
        };
    }
}

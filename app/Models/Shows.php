<?php

declare(strict_types=1);

namespace App\Models;

/** What a photograph of a cook is of. */
enum Shows: string
{
    case Boil = 'boil';
    case Lid = 'lid';
    case Crust = 'crust';

    public function words(): string
    {
        return match ($this) {
            self::Boil => 'the boil',
            self::Lid => 'the pot at the lid',
            self::Crust => 'the crust',
        };
    }
}

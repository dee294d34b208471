<?php

declare(strict_types=1);

namespace App\Models;

/** What a photograph of a cook is of. */
enum Shows: string
{
    case Boil = 'boil';
    case Lid = 'lid';
    case Crust = 'crust';

    /** Grains of a spoonful pressed flat under glass, to be read. */
    case Glass = 'glass';

    /** @return list<self> what may be brought after the cook: grains tell only of the minute they were taken in */
    public static function later(): array
    {
        return [self::Boil, self::Lid, self::Crust];
    }
}

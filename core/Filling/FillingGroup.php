<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

/** What sort of food a filling is, as far as care, marinade and shop go. */
enum FillingGroup: string
{
    case Poultry = 'poultry';
    case RedMeat = 'red-meat';
    case Minced = 'minced';
    case Fish = 'fish';
    case Egg = 'egg';
    case Dairy = 'dairy';
    case Ready = 'ready';
    case Vegetable = 'vegetable';

    public function isMeatOrFish(): bool
    {
        return in_array($this, [self::Poultry, self::RedMeat, self::Minced, self::Fish], true);
    }
}

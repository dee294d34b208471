<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What becomes of whole spices in the boil. */
enum Spices: string
{
    case None = 'none';
    case Fished = 'fished';
    case Left = 'left';

    public function label(): string
    {
        return match ($this) {
            self::None => 'no whole spices',
            self::Fished => 'whole spices, fished out',
            self::Left => 'whole spices, left in',
        };
    }
}

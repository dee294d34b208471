<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What becomes of whole spices in the boil. */
enum Spices: string
{
    case None = 'none';
    case Fished = 'fished';
    case Left = 'left';
}

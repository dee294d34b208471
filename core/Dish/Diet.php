<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What a guest eats. */
enum Diet: string
{
    case All = 'all';
    case Vegetarian = 'vegetarian';
    case Vegan = 'vegan';
}

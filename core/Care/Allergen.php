<?php

declare(strict_types=1);

namespace Orbek\Core\Care;

/** What some guests must not eat, as it is named to them. */
enum Allergen: string
{
    case Nuts = 'nuts';
    case Milk = 'milk';
    case Egg = 'egg';
    case Fish = 'fish';
    case Crustaceans = 'crustaceans';
    case Gluten = 'gluten';
    case Sesame = 'sesame';
    case Mustard = 'mustard';
    case BroadBeans = 'broad-beans';
}

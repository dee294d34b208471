<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What is tasted at the end of a step, so that it can be put right there and then. */
enum Tasting: string
{
    case RiceWater = 'rice-water';
    case Broth = 'broth';
    case Gravy = 'gravy';
    case Topping = 'topping';
}

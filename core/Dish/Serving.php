<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** How the pot comes to the table. */
enum Serving: string
{
    case Whole = 'whole';
    case Lifted = 'lifted';
    case Scooped = 'scooped';
    case Mixed = 'mixed';
    /** Rice and what is served with it in turns on a platter. */
    case Platter = 'platter';
}

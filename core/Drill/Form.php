<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

/** How a grain is shown, or felt. */
enum Form: string
{
    /** A spoonful between two glass plates: each grain with its white heart. */
    case Plates = 'plates';
    /** One pressed between thumb and finger. */
    case Pressed = 'pressed';
    /** One bitten. */
    case Bitten = 'bitten';
    /** The boil from above, grains riding up as they get lighter. */
    case Pot = 'pot';
}

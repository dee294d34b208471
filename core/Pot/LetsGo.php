<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** How a crust comes off the base of its pot. */
enum LetsGo: string
{
    case AtOnce = 'at-once';
    case AfterRestOrColdWater = 'after-rest-or-cold-water';
    /** Cold water would crack it. */
    case AfterRest = 'after-rest';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** How the rice is cooked before it is sealed. */
enum Cooking: string
{
    case Drained = 'drained';
    case OnePot = 'one-pot';
    case Cooker = 'cooker';
    case Quick = 'quick';
    /** In measured water to a share of done, then layered and sealed. */
    case Share = 'share';

    /** Whether the rice takes up measured water and is not drained. */
    public function isMeasured(): bool
    {
        return $this !== self::Drained;
    }
}

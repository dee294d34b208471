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
    /** Raw in a cooker, layered with its filling, and kept warm in it. */
    case InCooker = 'in-cooker';

    /** Whether the rice takes up measured water and is not drained. */
    public function isMeasured(): bool
    {
        return $this !== self::Drained;
    }

    /** Whether the rice is cooked in a rice cooker and takes no ring. */
    public function takesCooker(): bool
    {
        return $this === self::Cooker || $this === self::InCooker;
    }

    /** Whether the rice is cooked in the pot that is sealed, with its filling. */
    public function isWithFilling(): bool
    {
        return $this === self::OnePot || $this === self::InCooker;
    }
}

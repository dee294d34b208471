<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** How much rice an adult eats. */
enum Portion: string
{
    case Light = 'light';
    case Usual = 'usual';
    case Hearty = 'hearty';

    /** Raw rice for one adult, g. */
    public function gramsPerAdult(): float
    {
        return match ($this) {
            self::Light => 70.0,
            self::Usual => 90.0,
            self::Hearty => 115.0,
        };
    }
}

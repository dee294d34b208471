<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** How the filling came out. */
enum FillingOutcome: string
{
    case Dry = 'dry';
    case Tough = 'tough';
    case Right = 'right';
    case Soft = 'soft';
    case Wet = 'wet';

    public function label(): string
    {
        return match ($this) {
            self::Dry => 'dry',
            self::Tough => 'tough',
            self::Right => 'tender, moist',
            self::Soft => 'falling apart',
            self::Wet => 'too wet',
        };
    }
}

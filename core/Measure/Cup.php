<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** "A cup" is six different things; an amount in cups always says whose. */
enum Cup: string
{
    case Metric = 'metric';
    case UsLegal = 'us-legal';
    case UsCustomary = 'us-customary';
    case Imperial = 'imperial';
    case Japan = 'japan';
    case RiceCooker = 'rice-cooker';

    public function millilitres(): float
    {
        return match ($this) {
            self::Metric => 250.0,
            self::UsLegal => 240.0,
            self::UsCustomary => 237.0,
            self::Imperial => 284.0,
            self::Japan => 200.0,
            self::RiceCooker => 180.0,
        };
    }
}

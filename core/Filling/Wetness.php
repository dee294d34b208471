<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

/** How wet the filling is when it is layered: free water over its weight. */
enum Wetness: string
{
    case Dry = 'dry';
    case Moist = 'moist';
    case Wet = 'wet';
    case Soupy = 'soupy';

    public function freeShare(): float
    {
        return match ($this) {
            self::Dry => 0.03,
            self::Moist => 0.10,
            self::Wet => 0.20,
            self::Soupy => 0.32,
        };
    }
}

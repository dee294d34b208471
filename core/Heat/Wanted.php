<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** What a sealed pot's end is judged by. */
enum Wanted: string
{
    case RiceDone = 'rice-done';
    case RiceWeight = 'rice-weight';
    case FreeWater = 'free-water';
    case SafeCore = 'safe-core';
    case Tender = 'tender';
    /** Minutes in steam at the top. */
    case Steamed = 'steamed';
    case Crust = 'crust';
    case CrustSet = 'crust-set';

    /** How much of it a cook notices, in its own unit; of the crust's colour, ln browning. */
    public function step(): float
    {
        return match ($this) {
            self::RiceDone => 1.0,
            self::RiceWeight => 0.08,
            self::FreeWater => 0.03,
            self::SafeCore => 4.0,
            self::Tender => 0.25,
            self::Steamed => 1.5,
            self::Crust => 0.30,
            self::CrustSet => 0.25,
        };
    }
}

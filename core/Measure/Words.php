<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** Amounts of time in a cook's words. */
final class Words
{
    /** 45 → "45 min", 120 → "2 h", 135 → "2 h 15 min". */
    public static function minutes(float $minutes): string
    {
        $whole = (int) round($minutes);

        return match (true) {
            $whole < 60 => "{$whole} min",
            $whole % 60 === 0 => intdiv($whole, 60).' h',
            default => intdiv($whole, 60).' h '.($whole % 60).' min',
        };
    }
}

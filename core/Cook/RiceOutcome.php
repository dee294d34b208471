<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** How the rice came out, by what the teeth say. */
enum RiceOutcome: string
{
    case Hard = 'hard';
    case Firm = 'firm';
    case Right = 'right';
    case Soft = 'soft';
    case Wet = 'wet';

    public function label(): string
    {
        return match ($this) {
            self::Hard => 'hard',
            self::Firm => 'a bit firm',
            self::Right => 'separate, tender',
            self::Soft => 'soft',
            self::Wet => 'wet, sticking',
        };
    }
}

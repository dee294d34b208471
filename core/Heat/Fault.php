<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** What can be wrong with a sealed pot when its lid comes off. */
enum Fault: string
{
    case Burns = 'burns';
    case Dark = 'dark';
    case Pale = 'pale';
    case ThinCrust = 'thin-crust';
    case HardHeart = 'hard-heart';
    /** Warmed, not steamed. */
    case Unsteamed = 'unsteamed';
    case DryRice = 'dry-rice';
    case WetRice = 'wet-rice';
    case UnsafeCore = 'unsafe-core';
    case Tough = 'tough';
    case FallsApart = 'falls-apart';

    /** Whether the dish cannot be eaten so; all else is less than was wanted. */
    public function isGrave(): bool
    {
        return match ($this) {
            self::Burns, self::HardHeart, self::UnsafeCore => true,
            default => false,
        };
    }
}

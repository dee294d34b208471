<?php

declare(strict_types=1);

namespace Orbek\Core\Water;

/** How salt a whole dish tastes, by the share of salt in all that is eaten. */
enum Taste: string
{
    case Flat = 'flat';
    case Mild = 'mild';
    case Usual = 'usual';
    case Full = 'full';
    case Salty = 'salty';

    public static function of(float $percent): self
    {
        return match (true) {
            $percent < 0.6 => self::Flat,
            $percent < 0.7 => self::Mild,
            $percent <= 1.0 => self::Usual,
            $percent <= 1.2 => self::Full,
            default => self::Salty,
        };
    }

    /** The share to aim at for this taste, %. */
    public function percent(): float
    {
        return match ($this) {
            self::Flat => 0.5,
            self::Mild => 0.65,
            self::Usual => 0.85,
            self::Full => 1.1,
            self::Salty => 1.3,
        };
    }
}

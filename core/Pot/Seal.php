<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** How the pot is closed. */
enum Seal: string
{
    /** A rope 1.5 cm thick: 1.77 cm² of dough at 1.24 g per cm³. */
    public const DOUGH_G_PER_CM = 2.2;

    case Dough = 'dough';
    case Foil = 'foil';
    case Cloth = 'cloth';
    case DampCloth = 'damp-cloth';
    case TightLid = 'tight-lid';
    case LooseLid = 'loose-lid';
    case VentedLid = 'vented-lid';

    /** Share of the steam reaching the lid that gets out (docs/model.md, section F). */
    public function leakShare(): float
    {
        return match ($this) {
            self::Dough => 0.05,
            self::Foil => 0.12,
            self::Cloth => 0.20,
            self::DampCloth => 0.15,
            self::TightLid => 0.40,
            self::LooseLid => 0.60,
            self::VentedLid => 0.80,
        };
    }

    /** Share of the water dripping off the lid that its cloth takes up. */
    public function clothTakes(): float
    {
        return match ($this) {
            self::Cloth => 0.70,
            self::DampCloth => 0.20,
            default => 0.0,
        };
    }

    /** What its cloth holds at most, kg. */
    public function clothHoldsKg(): float
    {
        return match ($this) {
            self::Cloth => 0.200,
            self::DampCloth => 0.060,
            default => 0.0,
        };
    }

    public function hasCloth(): bool
    {
        return $this === self::Cloth || $this === self::DampCloth;
    }

    /**
     * Length of a dough rope for a rim, cm: π (d + 2 cm) (section E).
     *
     * @return float|null null for a seal without dough
     */
    public function doughRopeCm(float $diameterCm): ?float
    {
        return $this === self::Dough ? M_PI * ($diameterCm + 2) : null;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** How the pot is closed. */
enum Seal: string
{
    /** A rope 1.5 cm thick: 1.77 cm² of dough at 1.24 g per cm³. */
    public const DOUGH_G_PER_CM = 2.2;

    private const DOUGH_G_PER_CM3 = 1.24;

    /** A sheet is rolled so thick. */
    private const SHEET_CM = 0.4;

    private const SHEET_OVER_CM = 3.0;

    case Dough = 'dough';
    case FoilAndDough = 'foil-dough';
    case DoughSheet = 'dough-sheet';
    case Foil = 'foil';
    case Cloth = 'cloth';
    case DampCloth = 'damp-cloth';
    case Paper = 'paper';
    case TightLid = 'tight-lid';
    case LooseLid = 'loose-lid';
    case VentedLid = 'vented-lid';

    /** Share of the steam reaching the lid that gets out (docs/model.md, section F). */
    public function leakShare(): float
    {
        return match ($this) {
            self::FoilAndDough => 0.03,
            self::Dough => 0.05,
            self::DoughSheet => 0.07,
            self::Foil => 0.12,
            self::Cloth => 0.20,
            self::DampCloth => 0.15,
            self::Paper => 0.25,
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
            self::Paper => 0.35,
            default => 0.0,
        };
    }

    /** What its cloth holds at most, kg. */
    public function clothHoldsKg(): float
    {
        return match ($this) {
            self::Cloth => 0.200,
            self::DampCloth => 0.060,
            self::Paper => 0.030,
            default => 0.0,
        };
    }

    public function hasCloth(): bool
    {
        return $this === self::Cloth || $this === self::DampCloth;
    }

    public function hasDough(): bool
    {
        return in_array($this, [self::Dough, self::FoilAndDough, self::DoughSheet], true);
    }

    public function hasFoil(): bool
    {
        return $this === self::Foil || $this === self::FoilAndDough;
    }

    /**
     * Length of a dough rope for a rim, cm: π (d + 2 cm) (section E).
     *
     * @return float|null null for a seal without a rope
     */
    public function doughRopeCm(float $diameterCm): ?float
    {
        return $this === self::Dough || $this === self::FoilAndDough ? M_PI * ($diameterCm + 2) : null;
    }

    /** A sheet of dough over the whole pot like a pie's lid, 3 cm over the rim, g; null for a seal without one. */
    public function doughSheetG(float $diameterCm): ?float
    {
        return $this === self::DoughSheet
            ? M_PI / 4 * ($diameterCm + 2 * self::SHEET_OVER_CM) ** 2 * self::SHEET_CM * self::DOUGH_G_PER_CM3 : null;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Dish\Tasting;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Salt;

/** How something tasted at the stove, and what puts it right there and then. */
enum TasteSaid: string
{
    case Right = 'right';
    case Flat = 'flat';
    case Salty = 'salty';
    case Sour = 'sour';
    case Dull = 'dull';

    /** For each kg: salt that a tongue notices, water that lets it down, sugar, lemon juice (our own). */
    private const SALT_G_PER_KG = 2.0;

    private const WATER_ML_PER_KG = 80.0;

    private const SUGAR_G_PER_KG = 4.0;

    private const LEMON_ML_PER_KG = 8.0;

    /** A quarter of the rice's water poured off and boiling water in its place takes a quarter of the salt. */
    private const POURED_OFF = 0.25;

    private const SUGAR_KG_PER_L = 0.85;

    /**
     * What mends it, in spoons.
     *
     * @param  float  $kg what is tasted, and is to be put right
     */
    public function mend(Tasting $of, float $kg): Note
    {
        $water = $of === Tasting::RiceWater;

        return match ($this) {
            self::Right => Note::of('taste.right'),
            self::Flat => Note::of(
                'taste.flat', isWater: $water,
                salt: self::amount(self::SALT_G_PER_KG * $kg, 'g', Salt::KG_PER_L),
            ),
            self::Salty => Note::of(
                'taste.salty', isWater: $water,
                water: self::amount(($water ? 1000 * self::POURED_OFF : self::WATER_ML_PER_KG) * $kg, 'ml', 1.0),
            ),
            self::Sour => Note::of(
                'taste.sour', sugar: self::amount(self::SUGAR_G_PER_KG * $kg, 'g', self::SUGAR_KG_PER_L),
            ),
            self::Dull => Note::of('taste.dull', lemon: self::amount(self::LEMON_ML_PER_KG * $kg, 'ml', 1.0)),
        };
    }

    /** @return list<self> what can be said of it: the rice's water is only salted */
    public static function sayOf(Tasting $of): array
    {
        return $of === Tasting::RiceWater ? [self::Right, self::Flat, self::Salty] : self::cases();
    }

    /** What it says of the salt: −1 too little, 0 right, 1 too much; null where it says nothing of it. */
    public function saltCall(): ?int
    {
        return match ($this) {
            self::Flat => -1,
            self::Right => 0,
            self::Salty => 1,
            default => null,
        };
    }

    private static function amount(float $amount, string $unit, float $kgPerL): Figure
    {
        return Figure::of($amount, $unit, $amount < 10 ? 1 : 0, Note::of('taste.why'))->filling($kgPerL);
    }
}

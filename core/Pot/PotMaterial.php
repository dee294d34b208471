<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** What a pot is made of; its wall is drawn, and named, by it. */
enum PotMaterial: string
{
    case Steel = 'steel';
    case CastIron = 'cast-iron';
    case Aluminium = 'aluminium';
    case Coated = 'coated';
    case Enamel = 'enamel';
    case Copper = 'copper';
    case Clay = 'clay';
    case Glass = 'glass';

    /**
     * Heat a usual base of it holds against one of medium steel: thickness × density × specific heat, of 7.8 mm
     * iron, 5.3 mm aluminium, 3 mm enamelled iron, 3 mm copper, 9 mm clay, 6 mm glass over 1.44 J/K a cm² of layered
     *     steel.
     */
    public function baseHeat(): float
    {
        return match ($this) {
            self::Steel => 1.0,
            self::CastIron => 1.9,
            self::Aluminium, self::Coated => 0.9,
            self::Enamel => 0.73,
            self::Copper => 0.7,
            self::Clay => 1.05,
            self::Glass => 0.75,
        };
    }

    /** A usual wall, mm. */
    public function wallMm(): float
    {
        return match ($this) {
            self::Steel => 2.5,
            self::CastIron => 4.5,
            self::Aluminium, self::Coated => 3.0,
            self::Enamel => 2.0,
            self::Copper => 2.0,
            self::Clay => 8.0,
            self::Glass => 5.0,
        };
    }

    /** Cracks over a flame or a glowing coil with nothing between. */
    public function wantsPlate(): bool
    {
        return $this === self::Clay || $this === self::Glass;
    }

    /** Whether an induction ring finds it; a coated pot may have an iron base, which its owner says. */
    public function isMagnetic(): bool
    {
        return match ($this) {
            self::Steel, self::CastIron, self::Enamel => true,
            self::Aluminium, self::Coated, self::Copper, self::Clay, self::Glass => false,
        };
    }

    /** How a crust comes off its base. */
    public function letsGo(): LetsGo
    {
        return match ($this) {
            self::Coated => LetsGo::AtOnce,
            self::Steel, self::Aluminium, self::Copper => LetsGo::AfterRestOrColdWater,
            self::CastIron, self::Enamel, self::Clay, self::Glass => LetsGo::AfterRest,
        };
    }
}

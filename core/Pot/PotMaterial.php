<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** What a pot is made of; its wall is drawn, and named, by it. */
enum PotMaterial: string
{
    case Steel = 'steel';
    case CastIron = 'cast-iron';
    case Aluminium = 'aluminium';

    /** Heat a usual base of it holds against one of medium steel, by weight and specific heat. */
    public function baseHeat(): float
    {
        return match ($this) {
            self::Steel => 1.0,
            self::CastIron => 1.9,
            self::Aluminium => 0.9,
        };
    }

    /** A usual wall, mm. */
    public function wallMm(): float
    {
        return match ($this) {
            self::Steel => 2.5,
            self::CastIron => 4.5,
            self::Aluminium => 3.0,
        };
    }
}

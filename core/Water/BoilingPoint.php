<?php

declare(strict_types=1);

namespace Orbek\Core\Water;

use Orbek\Core\Measure\Sane;

/**
 * Where water boils at an altitude.
 *
 * Pressure of the standard atmosphere, then Antoine's equation for water. The rise from salt
 * (under 0.6 °C) is left out.
 */
final class BoilingPoint
{
    private const PASCAL_PER_MMHG = 133.322;

    /**
     * @param  float  $altitudeM metres above the sea
     * @return float °C
     */
    public static function at(float $altitudeM): float
    {
        Sane::between('altitude', $altitudeM, -430.0, 5500.0);
        $pascal = 101325 * (1 - 2.25577e-5 * $altitudeM) ** 5.25588;

        return 1730.63 / (8.07131 - log10($pascal / self::PASCAL_PER_MMHG)) - 233.426;
    }

    /** Pressure of water's vapour, Pa: Antoine's equation. */
    public static function pressurePa(float $celsius): float
    {
        return self::PASCAL_PER_MMHG * 10 ** (8.07131 - 1730.63 / (233.426 + $celsius));
    }

    /** How that grows with temperature, Pa/K. */
    public static function pressurePaPerK(float $celsius): float
    {
        return self::pressurePa($celsius) * M_LN10 * 1730.63 / (233.426 + $celsius) ** 2;
    }

    /**
     * How high it is where water boils at so much: the same two laws the other way.
     *
     * @param  float  $celsius of water at the boil
     * @return float metres above the sea
     */
    public static function altitudeOf(float $celsius): float
    {
        $share = self::pressurePa($celsius) / 101325;

        return max(-430.0, min(5500.0, (1 - $share ** (1 / 5.25588)) / 2.25577e-5));
    }
}

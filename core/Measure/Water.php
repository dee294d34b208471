<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** What water is: constants that every model of it shares (at 100 °C and sea level where it matters). */
final class Water
{
    /** Heat capacity, liquid (CRC Handbook of Chemistry and Physics). */
    public const J_PER_KG_K = 4186.0;

    /** Heat of evaporation at the boil, J per kg (same). */
    public const EVAPORATION_J_PER_KG = 2.257e6;
}

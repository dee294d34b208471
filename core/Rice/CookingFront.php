<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

use Orbek\Core\Measure\Sane;

/**
 * The front that cooks a grain from its skin to its heart.
 *
 * Unreacted-core model of a long cylinder, reaction-controlled (Levenspiel, Chemical Reaction
 * Engineering): the core's radius shrinks at a speed that depends on temperature alone, so
 * doneness is the cooked share of the cross-section, D = 1 − rho².
 */
final readonly class CookingFront
{
    /** Ea/R in kelvin; Ea = 79.5 kJ/mol (Suzuki, Kubota, Omichi, Hosaka, J. Food Sci. 41 (1976) 1180). */
    private const ACTIVATION_K = 79500 / 8.314;

    private const BOIL_K = 373.15;

    /** Below this starch does not swell and the front stands still. */
    public const STARTS_C = 55.0;

    private function __construct(public float $tauS)
    {
    }

    /**
     * @param  float  $tauS seconds from raw to done in water at 100 °C, > 0
     */
    public static function taking(float $tauS): self
    {
        return new self(Sane::between('tau', $tauS, 1.0, 1e6));
    }

    /** tau = tau0 · (1 − a·S) for a kind soaked so, times the bag's own factor. */
    public static function of(RiceKind $kind, Soak $soak, float $bagFactor = 1.0): self
    {
        return self::taking($kind->unsoakedTauS() * (1 - $kind->soakGain() * $soak->saturation($kind)) * $bagFactor);
    }

    /** r(T): speed of the front relative to 100 °C, after a logistic onset at 70 °C. */
    public static function speed(float $celsius): float
    {
        if ($celsius < self::STARTS_C) {
            return 0.0;
        }

        return exp(
            -self::ACTIVATION_K * (1 / ($celsius + 273.15) - 1 / self::BOIL_K),
        ) / (1 + exp(-($celsius - 70) / 2));
    }

    /** Core radius (1 raw … 0 done) after $seconds at $celsius. */
    public function advance(float $coreRadius, float $celsius, float $seconds): float
    {
        return max(0.0, $coreRadius - self::speed($celsius) * $seconds / $this->tauS);
    }

    /** rho, the radius of the raw core over the grain's, at a doneness: D = 1 − rho². */
    public static function coreRadius(float $doneness): float
    {
        return sqrt(1 - max(0.0, min(1.0, $doneness)));
    }

    /** Seconds at 100 °C that bring a raw grain to a doneness in 0 … 1. */
    public function exposureTo(float $doneness): float
    {
        return $this->tauS * (1 - self::coreRadius($doneness));
    }

    /** Doneness of a grain that has had so many seconds' worth of 100 °C. */
    public function donenessAfter(float $exposureS): float
    {
        $core = max(0.0, 1 - $exposureS / $this->tauS);

        return 1 - $core * $core;
    }
}

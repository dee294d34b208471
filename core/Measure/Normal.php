<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** The normal distribution, as far as beliefs need it. */
final class Normal
{
    /**
     * Share below z standard deviations.
     *
     * Abramowitz and Stegun, Handbook of Mathematical Functions, 7.1.26; error under 1e-7.
     */
    public static function below(float $z): float
    {
        if (is_infinite($z)) {
            return $z > 0 ? 1.0 : 0.0;
        }
        $x = abs($z) / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $erf = 1 - (
            (((1.061405429 * $t - 1.453152027) * $t + 1.421413741) * $t - 0.284496736) * $t + 0.254829592
        ) * $t * exp(-$x * $x);

        return $z >= 0 ? (1 + $erf) / 2 : (1 - $erf) / 2;
    }

    /**
     * z with this share below it, by bisection: exact to 1e-6.
     *
     * @param  float  $share in 0 … 1, ends excluded
     */
    public static function quantile(float $share): float
    {
        $low = -6.0;
        $high = 6.0;
        for ($i = 0; $i < 40; $i++) {
            $try = ($low + $high) / 2;
            self::below($try) < $share ? $low = $try : $high = $try;
        }

        return ($low + $high) / 2;
    }

    /** Height of the bell at z, 1 at its middle. */
    public static function bell(float $z): float
    {
        return exp(-$z * $z / 2);
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;

/**
 * Every drained dish is a boil test: the minutes that its water took to the boil, and back to it after the rice, tell
 * what heat the ring gives (docs/model.md, section D).
 */
final class WaterBoiled
{
    /** A tap's water is so much colder or warmer than thought, of some 80 °C to go. */
    private const TAP_SHARE = 0.05;

    /** "It boils" is said so much early or late, min. */
    private const SAID_MIN = 0.5;

    private const BACK_MIN = 0.35;

    /** One in so many is said long after it boils: then it says only that the ring gives as much at least. */
    private const LATE = 0.08;

    /**
     * What minutes from cold say, on the grid of FactorBelief.
     *
     * @param  callable(float): float  $minutes that it takes on a ring with a factor
     * @return list<float>
     */
    public static function fromCold(callable $minutes, float $seen): array
    {
        return self::likelihood($minutes, $seen, static fn (float $takes): float => hypot(
            self::SAID_MIN, self::TAP_SHARE * $takes,
        ));
    }

    /**
     * The same of minutes back to the boil.
     *
     * @param  callable(float): float  $minutes
     * @return list<float>
     */
    public static function back(callable $minutes, float $seen): array
    {
        return self::likelihood($minutes, $seen, static fn (): float => self::BACK_MIN);
    }

    /**
     * @param  callable(float): float  $minutes
     * @param  callable(float): float  $sd of the minutes
     * @return list<float>
     */
    private static function likelihood(callable $minutes, float $seen, callable $sd): array
    {
        return array_map(static function (float $ln) use ($minutes, $seen, $sd): float {
            $takes = $minutes(exp($ln));

            return 1e-6 + (1 - self::LATE) * Normal::bell(($takes - $seen) / $sd($takes))
                + ($takes < $seen ? self::LATE * 0.3 : 0.0);
        }, FactorBelief::grid());
    }
}

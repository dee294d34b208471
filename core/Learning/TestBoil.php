<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Uptake;

/** A spoonful of a bag in a litre of boiling water, tested at noted minutes: ten minutes that teach a new bag. */
final class TestBoil
{
    private const SPOON_G = 10.0;

    private const WATER_G = 1000.0;

    private const POWER_W = 1000.0;

    /**
     * What the tests say of the day's factor, on the grid of FactorBelief.
     *
     * @param  list<Observation>  $seen in the order of time
     * @return list<float>
     *
     * @throws Refused when there is none, or they are out of order
     */
    public static function likelihood(RiceKind $kind, Soak $soak, float $boilC, float $roomC, array $seen): array
    {
        if ($seen === []) {
            throw Refused::because('tests', 'refused.no-grain');
        }
        $boil = Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked(Mass::grams(self::SPOON_G), $kind, $soak),
            Mass::grams(self::WATER_G), self::POWER_W, $boilC, $soak->minutes > 0 ? $soak->celsius : $roomC,
        );

        $last = 0.0;
        foreach ($seen as $index => $one) {
            if ($one->seconds <= $last) {
                throw Refused::because(
                    "tests/{$index}", 'refused.seconds-out-of-order', seconds: round($one->seconds), last: round($last),
                );
            }
            $last = $one->seconds;
        }

        return Observation::together($seen, $boil, Uptake::of($kind, $soak));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Rice\Stage;

/** One time at which rice is lifted out of the boil: all of it, or a first scoop for the bottom layer. */
final readonly class Lift
{
    public function __construct(
        /** What a grain feels like when it is lifted. */
        public Stage $stage,
        /** Share of all the rice. */
        public float $share,
        /** What is believed before the first grain is tested. */
        public BoilForecast $forecast,
        /** Seconds in the water when to decide to lift. */
        public Figure $at,
        /** Doneness when it leaves the water. */
        public float $outOfWater,
        /** Doneness in the pot: what the sealed stage starts from. */
        public float $inPot,
        /** Its temperature then, °C. */
        public float $celsius,
    ) {
    }
}

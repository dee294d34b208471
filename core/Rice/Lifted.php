<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

use Orbek\Core\Measure\Mass;

/**
 * Rice from the fingers to the pot: a grain is lifted as it feels, boils on for as long as a hand
 * takes, and cooks on while it drains and waits (docs/model.md, section A).
 */
final readonly class Lifted
{
    private function __construct(
        private CookingFront $front,
        private Uptake $uptake,
        private Draining $draining,
        private float $boilC,
        private float $roomC,
    ) {
    }

    /** @param  float  $factor the bag's own on tau */
    public static function of(
        RiceKind $kind, Soak $soak, float $factor, Draining $draining, float $boilC, float $roomC,
    ): self {
        return new self(CookingFront::of($kind, $soak, $factor), Uptake::of($kind, $soak), $draining, $boilC, $roomC);
    }

    /** Doneness when it leaves the water. */
    public function outOfWater(float $atLift): float
    {
        return $this->front->donenessAfter(
            $this->front->exposureTo($atLift) + Draining::HAND_DELAY_S * CookingFront::speed($this->boilC),
        );
    }

    /** What drained rice weighs over its raw weight, with the water that clings to it. */
    public function weight(float $atLift): float
    {
        return $this->uptake->at($this->outOfWater($atLift)) + Uptake::SURFACE;
    }

    /** Seconds' worth of 100 °C that so much raw rice still gets before it is layered. */
    public function carryOverS(float $atLift, Mass $raw, float $waitS): float
    {
        return $this->draining->carryOverS($raw->times($this->weight($atLift)), $this->boilC, $this->roomC, $waitS);
    }

    /** Doneness in the pot. */
    public function inPot(float $atLift, Mass $raw, float $waitS): float
    {
        return $this->front->donenessAfter(
            $this->front->exposureTo($this->outOfWater($atLift)) + $this->carryOverS($atLift, $raw, $waitS),
        );
    }

    /** Its temperature when it is layered, °C. */
    public function celsius(float $atLift, Mass $raw, float $waitS): float
    {
        return $this->draining->celsiusAfter($waitS, $raw->times($this->weight($atLift)), $this->boilC, $this->roomC);
    }
}

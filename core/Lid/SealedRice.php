<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fat;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Uptake;

/** A layer of rice, as far cooked as it goes into the pot. */
final readonly class SealedRice extends SealedLayer
{
    /** Parboiled, as it is layered (docs/model.md, section E). */
    private const BROWNS = 0.9;

    /** Water that clings to what was boiled with the rice, over its drained weight; our own, as of the rice. */
    private const CLINGS = 0.08;

    /** Boiled pulses and roots, J/kg K. */
    private const BOILED_J_PER_KG_K = 3600.0;

    private function __construct(
        Stuff $stuff, float $celsius,
        public float $rawKg,
        /** Uptake at which a grain is full. */
        public float $fullUptake,
        /** Seconds raw to done at 100 °C. */
        public float $tauS,
        public float $coreRadius,
    ) {
        parent::__construct(Matter::Rice, 'rice', $stuff, $celsius, self::CONDUCTS, self::BROWNS);
    }

    /**
     * Drained rice, with the water that clings to it.
     *
     * @param  float  $doneness as it goes into the pot
     * @param  float  $factor the bag's own on tau
     */
    public static function boiled(
        RiceKind $kind, Soak $soak, float $rawKg, float $doneness, float $celsius, float $factor = 1.0,
    ): self {
        return self::weighing(
            $kind, CookingFront::of($kind, $soak, $factor), $rawKg, $doneness, $celsius,
            Uptake::of($kind, $soak)->at($doneness),
        )
            ->wetter(Uptake::SURFACE * $rawKg);
    }

    /**
     * Rice lifted at one doneness that has cooked on to another: it has taken up of the water that clings to it.
     *
     * @param  float  $factor the bag's own on tau
     */
    public static function drained(
        RiceKind $kind, Soak $soak, float $rawKg, float $lifted, float $doneness, float $celsius, float $factor,
    ): self {
        $uptake = Uptake::of($kind, $soak);
        $bound = $uptake->carriedOn($lifted, $doneness);
        $free = $uptake->at($lifted) + Uptake::SURFACE - $bound;

        return self::weighing(
            $kind, CookingFront::of($kind, $soak, $factor), $rawKg, $doneness, $celsius, $bound,
        )->wetter($free * $rawKg);
    }

    /**
     * Rice cooked in measured water, all of it taken up.
     *
     * @param  float  $uptake weight over raw weight
     */
    public static function weighing(
        RiceKind $kind, CookingFront $front, float $rawKg, float $doneness, float $celsius, float $uptake,
    ): self {
        // Clinging and poured water fills the gaps between the grains and does not raise them.
        $stuff = new Stuff(
            Uptake::DRY_SHARE * $rawKg, 0.0, ($uptake - Uptake::DRY_SHARE) * $rawKg, 0.0,
            $rawKg * $uptake / RiceKind::DRAINED_KG_PER_L,
        );

        return new self(
            $stuff, $celsius, $rawKg, $kind->fullUptake(), $front->tauS, CookingFront::coreRadius($doneness),
        );
    }

    /** The same with liquid poured over it. */
    public function wetter(float $kg): self
    {
        $stuff = new Stuff(
            $this->stuff->dryKg, $this->stuff->fatKg, $this->stuff->boundKg, $this->stuff->freeKg + $kg,
            $this->stuff->litres,
        );

        return new self($stuff, $this->celsius, $this->rawKg, $this->fullUptake, $this->tauS, $this->coreRadius);
    }

    /**
     * The same with beans, peas or roots in it, boiled done: they are warmed with it and take up no water. They count
     * as so much fat as holds their heat, which is neither the grain's nor its water.
     */
    public function holding(float $kg, float $litres): self
    {
        $stuff = new Stuff(
            $this->stuff->dryKg, $this->stuff->fatKg + self::BOILED_J_PER_KG_K / Fat::J_PER_KG_K * $kg,
            $this->stuff->boundKg,
            $this->stuff->freeKg + self::CLINGS * $kg, $this->stuff->litres + $litres,
        );

        return new self($stuff, $this->celsius, $this->rawKg, $this->fullUptake, $this->tauS, $this->coreRadius);
    }

    /** The same cooking so many times as slowly. */
    public function slower(float $factor): self
    {
        return new self(
            $this->stuff, $this->celsius, $this->rawKg, $this->fullUptake, $factor * $this->tauS, $this->coreRadius,
        );
    }

    /** The same cooked further (or less far) in the boil. */
    public function cooked(float $doneness): self
    {
        return new self(
            $this->stuff, $this->celsius, $this->rawKg, $this->fullUptake, $this->tauS,
            CookingFront::coreRadius($doneness),
        );
    }

    public function doneness(): float
    {
        return 1 - $this->coreRadius ** 2;
    }
}

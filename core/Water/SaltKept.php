<?php

declare(strict_types=1);

namespace Orbek\Core\Water;

use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Uptake;

/**
 * Salt that stays in the rice; most of what is in the water goes down the sink.
 *
 * g = c · kept water · 0.85, kept water being what the grain takes up and what clings to it; the
 * soak's salt comes in with the soak's water (docs/model.md, section B).
 */
final readonly class SaltKept
{
    /** Salt in the water a grain takes up, over salt in the water it lies in. */
    private const ENTERS = 0.85;

    private const RINSED_OFF_SURFACE = 0.85;

    private const RINSED_OFF_INSIDE = 0.10;

    private function __construct(
        public float $soakG, public float $boilG, public float $rinsedOffG, public float $keptWaterL,
    ) {
    }

    /**
     * @param  float  $donenessOutOfWater doneness when the rice leaves the salted water
     * @param  float  $saltGPerL salt in the boiling water
     * @param  float  $surfaceKgPerKg water clinging to the drained rice, kg per kg raw
     */
    public static function in(
        Mass $raw, RiceKind $kind, Soak $soak, float $donenessOutOfWater, float $saltGPerL, bool $rinsed,
        float $surfaceKgPerKg = Uptake::SURFACE,
    ): self {
        $uptake = Uptake::of($kind, $soak);
        $insideL = $raw->kg * ($uptake->at($donenessOutOfWater) - $uptake->soaked);
        $surfaceL = $raw->kg * $surfaceKgPerKg;
        $insideG = $saltGPerL * $insideL * self::ENTERS;
        $surfaceG = $saltGPerL * $surfaceL * self::ENTERS;
        $soakG = $soak->saltGPerL * $raw->kg * ($uptake->soaked - 1) * self::ENTERS;
        $rinsedOff = $rinsed
            ? self::RINSED_OFF_SURFACE * $surfaceG + self::RINSED_OFF_INSIDE * ($insideG + $soakG)
            : 0.0;

        return new self($soakG, $insideG + $surfaceG, $rinsedOff, $insideL + $surfaceL);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->soakG + $other->soakG, $this->boilG + $other->boilG, $this->rinsedOffG + $other->rinsedOffG,
            $this->keptWaterL + $other->keptWaterL,
        );
    }

    public function grams(): float
    {
        return $this->soakG + $this->boilG - $this->rinsedOffG;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

/** W: what a grain weighs over its raw weight, as it cooks. */
final readonly class Uptake
{
    /** Dry matter of raw rice. */
    public const DRY_SHARE = 0.88;

    /** Water that clings to drained rice after a good shake, kg per kg raw. */
    public const SURFACE = 0.11;

    private function __construct(public float $soaked, public float $full)
    {
    }

    public static function of(RiceKind $kind, Soak $soak): self
    {
        return new self(1 + Soak::FULL_GAIN * $soak->saturation($kind), $kind->fullUptake());
    }

    /** The doneness of a grain that weighs so many times its raw weight. */
    public function donenessAt(float $ratio): float
    {
        return ($ratio - $this->soaked) / ($this->full - $this->soaked);
    }

    /** W(D) = W_s + (W_full − W_s)·D. */
    public function at(float $doneness): float
    {
        return $this->soaked + ($this->full - $this->soaked) * $doneness;
    }

    /** W of rice lifted at one doneness and cooked on to another: as far as the water that clings to it reaches. */
    public function carriedOn(float $lifted, float $inPot): float
    {
        return min($this->at($inPot), $this->at($lifted) + self::SURFACE);
    }
}

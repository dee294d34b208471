<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Uptake;

/**
 * When to lift, as far as it is known: one boil, one target, a belief of today's factor.
 *
 * The water's course is the same for every factor, so a quantile of the factor is the same quantile
 * of the time.
 */
final readonly class BoilForecast
{
    /** Share of the belief on either side over which the hill is averaged: the grid of factors must not show. */
    private const SMOOTH = 0.02;

    /** @param  list<float>  $taught likelihood of today's factor by all that was seen in this boil */
    private function __construct(
        public Boil $boil,
        public Uptake $uptake,
        public float $target,
        public float $carryOverS,
        public FactorBelief $today,
        public array $taught,
    ) {
    }

    /**
     * @param  float  $target doneness wanted between the fingers when the rice is lifted
     * @param  float  $carryOverS seconds' worth of 100 °C that it still gets before the pot
     */
    public static function of(Boil $boil, Uptake $uptake, float $target, float $carryOverS, FactorBelief $today): self
    {
        return new self($boil, $uptake, $target, $carryOverS, $today, array_fill(0, FactorBelief::POINTS, 1.0));
    }

    /**
     * The forecast after tests, and with the boil as it really came back where that was seen.
     *
     * @param  list<Observation>  $observations
     */
    public function seeing(array $observations, ?float $backAtBoilS = null): self
    {
        $boil = $backAtBoilS === null ? $this->boil : $this->boil->backAfter($backAtBoilS);
        $taught = Observation::together($observations, $boil, $this->uptake);

        return new self($boil, $this->uptake, $this->target, $this->carryOverS, $this->today->given($taught), $taught);
    }

    /** Seconds in the water when a grain is as it is to be lifted, with this share of the belief before it. */
    public function liftAt(float $share = 0.5): float
    {
        return $this->boil->secondsTo($this->target, $this->today->quantile($share));
    }

    /** Seconds in the water until a doneness is reached in it, with this share of the belief before. */
    public function secondsTo(float $doneness, float $share = 0.5): float
    {
        return $this->boil->secondsTo($doneness, $this->today->quantile($share));
    }

    /** Doneness of the likely grain so many seconds after the rice went in. */
    public function donenessAfter(float $seconds): float
    {
        return $this->boil->donenessAfter($seconds, $this->today->likely());
    }

    /** Doneness in the pot of the likely grain, were the lift decided at this second. */
    public function donenessInPot(float $seconds, ?float $carryOverS = null): float
    {
        $exposure = $this->boil->exposureAfter($seconds + Draining::HAND_DELAY_S) + ($carryOverS ?? $this->carryOverS);

        return $this->boil->front->donenessAfter($exposure / $this->today->likely());
    }

    /**
     * How likely the moment to lift falls at each second, for the hill on the time line.
     *
     * @return list<array{float, float}> seconds, density with its highest point at 1
     */
    public function hill(): array
    {
        $hill = [];
        $highest = 0.0;
        foreach (range(0, 60) as $i) {
            // Even steps of z, so that the flanks are as smooth as the top.
            $share = Normal::below(-2.75 + 5.5 * $i / 60);
            $around = min(self::SMOOTH, $share / 2, (1 - $share) / 2);
            $before = $this->liftAt($share - $around);
            $after = $this->liftAt($share + $around);
            $width = $after - $before;
            $density = $width > 0 ? 2 * $around / $width : 0.0;
            $highest = max($highest, $density);
            $hill[] = [$this->liftAt($share), $density];
        }

        return array_map(
            static fn (array $point): array => [$point[0], $highest > 0 ? $point[1] / $highest : 0.0],
            $hill,
        );
    }
}

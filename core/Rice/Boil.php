<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Sane;
use Orbek\Core\Measure\Water;

/**
 * Rice in plenty of boiling water: the drop when it goes in, the way back to the boil, and the
 * front in the grain all the while.
 *
 * The water's course does not depend on how fast the grain cooks, so it is followed once as
 * "exposure", the seconds' worth of 100 °C up to a moment; every lot's factor then reads its own
 * times from the same curve.
 */
final readonly class Boil
{
    private const SOAKED_RICE_J_PER_KG_K = 2600.0;

    /**
     * @param  list<float>  $rising exposure at each whole second until the water is back at the boil
     */
    private function __construct(
        public CookingFront $front,
        public float $afterRiceC,
        public float $boilC,
        public float $backAtBoilS,
        private array $rising,
        private float $speedAtBoil,
    ) {
    }

    /**
     * @param  CookingFront  $front the grain as it goes in, soak and lot counted
     * @param  float  $netW power that really reaches the water, W
     * @param  float  $boilC boiling point at this altitude, °C
     * @param  float  $riceC temperature of the rice as it goes in, °C
     */
    public static function of(
        CookingFront $front, Mass $soakedRice, Mass $water, float $netW, float $boilC, float $riceC,
    ): self {
        Sane::between('power', $netW, 50.0, 20000.0);
        Sane::between('water', $water->kg * 1000, 1.0, 1e6);
        Sane::between('rice', $soakedRice->kg * 1000, 0.1, 1e6);

        $waterJPerK = Water::J_PER_KG_K * $water->kg;
        $riceJPerK = self::SOAKED_RICE_J_PER_KG_K * $soakedRice->kg;
        $afterC = ($waterJPerK * $boilC + $riceJPerK * $riceC) / ($waterJPerK + $riceJPerK);

        return self::following($front, $afterC, $boilC, self::backAtBoilAfter($soakedRice, $netW, $boilC, $riceC));
    }

    /** Seconds until water that boiled boils again: what the rice takes from it, brought back by the ring. */
    public static function backAtBoilAfter(Mass $soakedRice, float $netW, float $boilC, float $riceC): float
    {
        return self::SOAKED_RICE_J_PER_KG_K * $soakedRice->kg * ($boilC - $riceC) / $netW;
    }

    /**
     * The same boil, come back to the boil after so many seconds by the cook's own eyes.
     */
    public function backAfter(float $seconds): self
    {
        Sane::between('back at the boil', $seconds, 5.0, 1800.0);

        return self::following($this->front, $this->afterRiceC, $this->boilC, $seconds);
    }

    /** A steady rise from one temperature to the boil. */
    private static function following(CookingFront $front, float $afterC, float $boilC, float $backS): self
    {
        $riseKPerS = $backS > 0 ? ($boilC - $afterC) / $backS : 0.0;
        $exposure = 0.0;
        $rising = [0.0];
        for ($s = 0; $s < $backS; $s++) {
            $length = min(1.0, $backS - $s);
            $exposure += CookingFront::speed($afterC + $riseKPerS * ($s + $length / 2)) * $length;
            $rising[] = $exposure;
        }

        return new self($front, $afterC, $boilC, $backS, $rising, CookingFront::speed($boilC));
    }

    /** The raw rice's weight after its soak. */
    public static function soaked(Mass $raw, RiceKind $kind, Soak $soak): Mass
    {
        return $raw->times(1 + Soak::FULL_GAIN * $soak->saturation($kind));
    }

    /** Seconds in the water until the exposure is reached. */
    public function secondsToExposure(float $exposureS): float
    {
        if ($exposureS <= 0) {
            return 0.0;
        }

        $atBoil = $this->rising[count($this->rising) - 1];
        if ($exposureS >= $atBoil) {
            return $this->backAtBoilS + ($exposureS - $atBoil) / $this->speedAtBoil;
        }

        $low = 0;
        $high = count($this->rising) - 1;
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($this->rising[$middle] <= $exposureS) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $length = min(1.0, $this->backAtBoilS - $low);

        return $low + $length * ($exposureS - $this->rising[$low]) / ($this->rising[$high] - $this->rising[$low]);
    }

    /** Exposure, in seconds' worth of 100 °C, after so many seconds in the water. */
    public function exposureAfter(float $seconds): float
    {
        if ($seconds <= 0) {
            return 0.0;
        }

        $last = count($this->rising) - 1;
        if ($seconds >= $this->backAtBoilS) {
            return $this->rising[$last] + ($seconds - $this->backAtBoilS) * $this->speedAtBoil;
        }

        $low = (int) floor($seconds);
        $length = min(1.0, $this->backAtBoilS - $low);

        return $this->rising[$low] + (
            $this->rising[min($last, $low + 1)] - $this->rising[$low]
        ) * ($seconds - $low) / $length;
    }

    /** Seconds in the water to a doneness. */
    public function secondsTo(float $doneness, float $bagFactor = 1.0): float
    {
        return $this->secondsToExposure($this->front->exposureTo($doneness) * $bagFactor);
    }

    /** Doneness after so many seconds in the water. */
    public function donenessAfter(float $seconds, float $bagFactor = 1.0): float
    {
        return $this->front->donenessAfter($this->exposureAfter($seconds) / $bagFactor);
    }
}

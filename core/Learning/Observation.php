<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;
use Orbek\Core\Measure\Sane;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;

/** A grain tested, or a drained spoonful weighed, so many seconds after the rice went in. */
final readonly class Observation
{
    private const WEIGHT_NOISE = 0.05;

    private function __construct(
        public float $seconds, public ?Stage $stage, public float $ratio, private Eye $eye,
    ) {
    }

    /** @param  Eye|null  $eye of who touched it; null where nothing is known of them */
    public static function touched(float $seconds, Stage $stage, ?Eye $eye = null): self
    {
        return new self(self::moment($seconds), $stage, 0.0, $eye ?? Eye::unknown());
    }

    /**
     * @param  float  $ratio drained weight over raw weight
     */
    public static function weighed(float $seconds, float $ratio): self
    {
        return new self(
            self::moment($seconds),
            null,
            Sane::between('weight ratio', $ratio, 1.0, 3.5),
            Eye::unknown(),
        );
    }

    /**
     * How likely each factor of the grid makes it.
     *
     * @return list<float>
     */
    public function likelihood(Boil $boil, Uptake $uptake): array
    {
        return array_map(function (float $ln) use ($boil, $uptake): float {
            $doneness = $boil->donenessAfter($this->seconds, exp($ln));
            if ($this->stage === null) {
                return Normal::bell(($uptake->donenessAt($this->ratio) - $doneness) / self::WEIGHT_NOISE);
            }

            return $this->eye->calls($this->stage, $doneness);
        }, FactorBelief::grid());
    }

    /**
     * What several say together.
     *
     * @param  list<self>  $observations
     * @return list<float>
     */
    public static function together(array $observations, Boil $boil, Uptake $uptake): array
    {
        $together = array_fill(0, FactorBelief::POINTS, 1.0);
        foreach ($observations as $observation) {
            $together = array_map(
                static fn (float $so, float $far): float => $so * $far,
                $together,
                $observation->likelihood($boil, $uptake),
            );
        }

        return $together;
    }

    private static function moment(float $seconds): float
    {
        return Sane::between('time of the test', $seconds, 1.0, 7200.0);
    }
}

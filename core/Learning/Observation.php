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

    /** Where no grain shows a heart they are done to so much at least, give or take; or raw through, all white. */
    private const NO_HEART_FROM = 0.9;

    private const NO_HEART_SD = 0.04;

    private const ALL_HEART = 0.12;

    /** The law of the grain, and a spoonful for the whole pot, mislead by so much beside what the picture does. */
    private const LAW_NOISE = 0.02;

    /** @param  string|null  $picture that it was read from */
    private function __construct(
        public float $seconds, public ?Stage $stage, public float $ratio, private Eye $eye,
        public ?string $picture = null, public float $doneness = 0.0, private float $sd = 0.0,
        private bool $seesHearts = true,
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
     * Read from a photograph of grains under glass.
     *
     * @param  float  $doneness mean of its grains
     * @param  float  $sd of that
     * @param  bool  $seesHearts whether any has one
     */
    public static function glass(float $seconds, string $picture, float $doneness, float $sd, bool $seesHearts): self
    {
        return new self(
            seconds: self::moment($seconds), stage: null, ratio: 0.0, eye: Eye::unknown(), picture: $picture,
            doneness: $doneness, sd: $sd, seesHearts: $seesHearts,
        );
    }

    /** What a spoonful came to on the scale, as doneness. */
    public function weighs(Uptake $uptake): float
    {
        return $uptake->donenessAt($this->ratio);
    }

    /** How far the grains are by the glass, as likely as each doneness makes it. */
    private function seen(float $doneness): float
    {
        return $this->seesHearts
            ? Normal::bell(($this->doneness - $doneness) / hypot($this->sd, self::LAW_NOISE))
            : Normal::below(($doneness - self::NO_HEART_FROM) / self::NO_HEART_SD)
                + Normal::below((self::ALL_HEART - $doneness) / self::NO_HEART_SD);
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
            if ($this->picture !== null) {
                return $this->seen($doneness);
            }
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

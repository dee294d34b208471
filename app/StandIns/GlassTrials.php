<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Formats\PictureFile;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** How well grains under glass are read, on pictures that are made: no real ones are to be had where this is built. */
final class GlassTrials
{
    /** Bags differ so, and so does a day, in ln of their factor. */
    private const BAGS = 0.15;

    /** A cook's eye: where it leans, how it scatters; a scale scatters so too. */
    private const LEANS = 0.04;

    private const SCATTERS = 0.06;

    private const WEIGHS = 0.05;

    /** Doneness at which a bag is looked at, as foretold of its kind. */
    private const LOOKS = [0.5, 0.68, 0.85];

    private Randomizer $chance;

    public function __construct(private readonly int $seed = 1)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
    }

    /** @return list<string> conditions that pictures are made in */
    public static function rows(): array
    {
        return array_keys((new self)->conditions());
    }

    /** @return array<string, array<string, mixed>> what a camera is given, by row */
    private function conditions(): array
    {
        $ground = $this->between(4, 70);

        return [
            'plain' => [], 'black ground' => ['ground' => [4.0, 4.0, 4.0]],
            'grey ground' => ['ground' => [70.0, 70.0, 72.0]], 'blue plate' => ['ground' => [25.0, 40.0, 90.0]],
            'touching' => ['touching' => 0.6], 'noise' => ['noise' => 9.0], 'blur' => ['blur' => $this->between(1, 2)],
            'light falls off' => ['fall' => 0.4], 'cast' => ['cast' => [1.0, 0.8, 0.6]], 'glare' => ['glare' => true],
            'shade' => ['shade' => true], 'jpeg' => ['quality' => 45], 'bright rim' => ['rim' => [0.5, 0.62]],
            'dim rim' => ['rim' => [0.22, 0.36]], 'few' => ['grains' => 8], 'many' => ['grains' => 26, 'mm' => 66.0],
            'all at once' => [
                'ground' => [$ground, $ground, $ground + 2], 'touching' => $this->between(0, 0.5),
                'noise' => $this->between(1, 8), 'blur' => $this->between(0.4, 2), 'fall' => $this->between(0, 0.4),
                'cast' => [1.0, 1 - 0.2 * ($cast = $this->between(0, 1)), 1 - 0.4 * $cast],
                'glare' => $this->between(0, 1) < 0.3, 'shade' => $this->between(0, 1) < 0.3,
                'quality' => (int) $this->between(50, 92), 'grains' => (int) $this->between(9, 22),
            ],
        ];
    }

    /**
     * So many pictures of one row, each of a doneness between .35 and 1.
     *
     * @return array{
     *     pictures: int, refused: int, median_error: float, nine_of_ten_within: float, bias: float, stated_true: float
     * }
     */
    public function row(string $row, int $pictures): array
    {
        $errors = [];
        $true = 0;
        $bias = 0.0;
        for ($one = 0; $one < $pictures; $one++) {
            $doneness = $this->between(0.35, 1);
            $reading = $this->read($doneness, $this->conditions()[$row], $one);
            if ($reading !== null) {
                $errors[] = abs($reading->doneness - $doneness);
                $bias += $reading->doneness - $doneness;
                $true += (int) (abs($reading->doneness - $doneness) < $reading->giveOrTake());
            }
        }
        sort($errors);
        $read = max(1, count($errors));

        return [
            'pictures' => $pictures, 'refused' => $pictures - count($errors),
            'median_error' => round($errors[intdiv($read, 2)] ?? NAN, 4),
            'nine_of_ten_within' => round($errors[(int) (0.9 * $read)] ?? NAN, 4), 'bias' => round($bias / $read, 4),
            'stated_true' => round($true / $read, 3),
        ];
    }

    /** @param  array<string, mixed>  $camera */
    private function read(float $doneness, array $camera, int $one): ?Reading
    {
        try {
            return Reading::of(PictureFile::pixels((new GlassCamera(...$camera))->spoonful(
                $doneness, 100_003 * $this->seed + $one,
            )));
        } catch (Refused) {
            return null;
        }
    }

    /**
     * Test boils of so many bags, three looks each: by photographs, by touch, on the scale.
     *
     * @return array<string, array{error: float, stated: float}> rms error of ln factor, and the sd it is told with
     */
    public function bags(int $bags): array
    {
        $soak = Soak::of(30, 20);
        $kind = RiceKind::AgedBasmati;
        $boil = Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked(Mass::grams(10), $kind, $soak), Mass::grams(1000), 1000, 98,
            20,
        );
        $uptake = Uptake::of($kind, $soak);
        $found = [];
        for ($bag = 0; $bag < $bags; $bag++) {
            $factor = exp(self::BAGS * $this->normal());
            $lean = self::LEANS * $this->normal();
            $seen = ['glass' => [], 'touch' => [], 'scale' => []];
            foreach (self::LOOKS as $look => $at) {
                $seconds = $boil->secondsTo($at, 1.0);
                $doneness = $boil->donenessAfter($seconds, $factor);
                $reading = $this->read($doneness, $this->conditions()['all at once'], 3 * $bag + $look);
                if ($reading !== null) {
                    $seen['glass'][] = self::asRead($seconds, $reading);
                }
                $seen['touch'][] = Observation::touched($seconds, Stage::at(
                    max(0.0, min(1.0, $doneness + $lean + self::SCATTERS * $this->normal())),
                ));
                $seen['scale'][] = Observation::weighed($seconds, max(1.0, min(3.5, $uptake->at(
                    max(0.0, min(1.0, $doneness + self::WEIGHS * $this->normal())),
                ))));
            }
            foreach ($seen as $by => $observations) {
                $belief = FactorBelief::ofItsKind()->given(Observation::together($observations, $boil, $uptake));
                $found[$by][] = [log($belief->likely() / $factor), $belief->sd()];
            }
        }

        return array_map(static fn (array $all): array => [
            'error' => round(self::rms(array_column($all, 0)), 4), 'stated' => round(self::rms(array_column($all, 1)),
                4),
        ], $found);
    }

    /**
     * The window in which to lift, over so many boils, without and with one photograph on the way.
     *
     * @return array<string, array{wide_s: float, off_s: float, holds: float}> how wide it is, how far its middle is
     * off,
     *     how often the true moment lies in it
     */
    public function boils(int $boils): array
    {
        $soak = Soak::of(30, 20);
        $kind = RiceKind::AgedBasmati;
        $boil = Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked(Mass::grams(500), $kind, $soak), Mass::grams(3500), 1500, 98,
            20,
        );
        $forecast = BoilForecast::of($boil, Uptake::of($kind, $soak), 0.7, 30, FactorBelief::ofItsKind()->today());
        $seconds = 0.75 * $forecast->liftAt();
        $found = [];
        for ($one = 0; $one < $boils; $one++) {
            $factor = exp(hypot(self::BAGS, FactorBelief::DAY_SD) * $this->normal());
            $lift = $boil->secondsTo(0.7, $factor);
            $reading = $this->read(
                $boil->donenessAfter($seconds, $factor), $this->conditions()['all at once'], 50_000 + $one,
            );
            $after = $reading === null ? $forecast : $forecast->seeing([self::asRead($seconds, $reading)]);
            foreach (['without' => $forecast, 'with' => $after] as $how => $told) {
                $found[$how][] = [
                    $told->liftAt(0.9) - $told->liftAt(0.1), $told->liftAt() - $lift,
                    (int) ($told->liftAt(0.1) <= $lift && $lift <= $told->liftAt(0.9)),
                ];
            }
        }

        return array_map(static fn (array $all): array => [
            'wide_s' => round(array_sum(array_column($all, 0)) / count($all), 1),
            'off_s' => round(self::rms(array_column($all, 1)), 1),
            'holds' => round(array_sum(array_column($all, 2)) / count($all), 3),
        ], $found);
    }

    private static function asRead(float $seconds, Reading $reading): Observation
    {
        return Observation::glass(
            $seconds, 'made', $reading->doneness, $reading->sd, $reading->seesHearts(),
        );
    }

    /** @param  list<float>  $values */
    private static function rms(array $values): float
    {
        return sqrt(array_sum(array_map(static fn (float $one): float => $one ** 2, $values)) / max(1, count($values)));
    }

    private function between(float $from, float $to): float
    {
        return $from + ($to - $from) * $this->chance->getInt(0, 1_000_000) / 1e6;
    }

    private function normal(): float
    {
        return sqrt(-2 * log($this->between(1e-9, 1))) * cos(2 * M_PI * $this->between(0, 1));
    }
}

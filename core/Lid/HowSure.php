<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Learning\Normal;
use Orbek\Core\Pot\Matter;

/**
 * The same heat line over what is not known: the ring's heat, the bag's pace, how wet the filling is.
 *
 * A fixed sample of even cover (Halton's sequence in three bases, through the normal's quantiles),
 * so that the same dish always tells the same risk.
 */
final readonly class HowSure
{
    private const SAMPLES = 20;

    private const STEP_S = 5.0;

    /** How far a filling's free water is misjudged, as a share of its weight. */
    private const WETNESS_SD = 0.04;

    /**
     * @param  list<array{minute: float, low: float, high: float}>  $browning 10 to 90 % by the minute
     * @param  array<string, int>  $risks how many of SAMPLES end with each fault, most likely first
     */
    private function __construct(
        public array $browning,
        public float $browningFrom,
        public float $browningTo,
        public ?float $steamFromMin,
        public ?float $steamToMin,
        public array $risks,
    ) {
    }

    /**
     * @param  non-empty-list<HeatBlock>  $heat
     * @param  float  $ringSd of ln heat
     * @param  float  $lotSd of ln tau
     */
    public static function of(SealedPot $pot, array $heat, Aim $aim, float $ringSd, float $lotSd): self
    {
        $curves = $steam = $ends = [];
        $risks = [];
        for ($n = 1; $n <= self::SAMPLES; $n++) {
            $ring = exp($ringSd * Normal::quantile(self::halton($n, 2)));
            $lot = exp($lotSd * Normal::quantile(self::halton($n, 3)));
            $wet = self::WETNESS_SD * Normal::quantile(self::halton($n, 5));
            $layers = array_map(static fn (SealedLayer $layer): SealedLayer => match ($layer->matter) {
                Matter::Rice => $layer->slower($lot),
                Matter::Filling => $layer->wetter($wet * ($layer->dryKg + $layer->fatKg + $layer->boundKg + $layer->freeKg)),
                default => $layer,
            }, $pot->layers);
            $course = Course::of($pot->with(netW: $ring * $pot->netW, layers: $layers), $heat, self::STEP_S, 300.0);
            foreach ($course->moments as $index => $moment) {
                $curves[$index]['minute'] = $moment->minute;
                $curves[$index]['browning'][] = $moment->browning;
            }
            $ends[] = $course->end()->browning;
            if ($course->steamAtLidMin !== null) {
                $steam[] = $course->steamAtLidMin;
            }
            foreach (self::faults($course, $aim) as $fault) {
                $risks[$fault] = ($risks[$fault] ?? 0) + 1;
            }
        }
        arsort($risks);

        return new self(
            array_values(array_map(static fn (array $at): array => ['minute' => $at['minute'], 'low' => self::share($at['browning'], 0.1), 'high' => self::share($at['browning'], 0.9)], $curves)),
            self::share($ends, 0.1), self::share($ends, 0.9),
            $steam === [] ? null : self::share($steam, 0.1), $steam === [] ? null : self::share($steam, 0.9), $risks,
        );
    }

    /** @return list<string> the risk of each fault in plain words */
    public function words(): array
    {
        $says = [];
        foreach ($this->risks as $fault => $times) {
            $says[] = sprintf('%s: %s', ucfirst($fault), match (true) {
                $times >= 0.9 * self::SAMPLES => 'almost surely',
                $times >= 0.6 * self::SAMPLES => 'more likely than not',
                $times >= 0.3 * self::SAMPLES => 'one time in three or more',
                $times >= 0.15 * self::SAMPLES => 'one time in five or so',
                default => 'hardly ever',
            }.sprintf(' (%d of %d).', $times, self::SAMPLES));
        }

        return $says === [] ? [sprintf('Nothing goes wrong in any of %d tries.', self::SAMPLES)] : $says;
    }

    public function colours(): string
    {
        $from = CrustColour::of($this->browningFrom);
        $to = CrustColour::of($this->browningTo);

        return $from === $to ? $from->label() : $from->label().' to '.$to->label();
    }

    /** @return list<string> */
    private static function faults(Course $course, Aim $aim): array
    {
        $end = $course->end();
        $faults = [];
        if ($end->browning > $aim->mostBrowning()) {
            $faults[] = $end->colour() === CrustColour::Burnt ? 'the base burns' : 'the crust is darker than wanted';
        }
        if ($aim->crust !== CrustColour::Pale && $end->browning < $aim->crust->begins()) {
            $faults[] = 'the crust is lighter than wanted';
        }
        foreach ($end->layers as $index => $state) {
            $layer = $course->pot->layers[$index];
            if ($state->matter === Matter::Rice) {
                $texture = $state->texture();
                $faults[] = match (true) {
                    $state->doneness < Aim::DONE => 'rice with a hard heart',
                    $texture === Texture::Hard => 'dry rice',
                    $texture === Texture::Wet => 'wet rice',
                    default => null,
                };
            }
            if ($state->matter === Matter::Filling && $layer->safeC !== null && $state->coreC < $layer->safeC) {
                $faults[] = 'a filling short of its safe core';
            }
            if ($state->matter === Matter::Filling && $layer->tenderS > 0 && $state->tenderness < 0.9) {
                $faults[] = 'a tough filling';
            }
        }

        return array_values(array_unique(array_filter($faults, static fn (?string $fault): bool => $fault !== null)));
    }

    /** Halton's sequence: evenly spread shares in 0 … 1. */
    private static function halton(int $n, int $base): float
    {
        $share = 0.0;
        $part = 1.0;
        while ($n > 0) {
            $part /= $base;
            $share += $part * ($n % $base);
            $n = intdiv($n, $base);
        }

        return $share;
    }

    /** @param  list<float>  $values */
    private static function share(array $values, float $share): float
    {
        if ($values === []) {
            return 0.0;
        }
        sort($values);
        $at = $share * (count($values) - 1);
        $low = (int) floor($at);

        return $values[$low] + ($at - $low) * (($values[$low + 1] ?? $values[$low]) - $values[$low]);
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Normal;
use Orbek\Core\Measure\Note;

/**
 * The same heat line in kitchens like this one: what is not known is the ring's heat, the bag's
 * pace, how wet the filling is, and how soon a cue is seen.
 *
 * A fixed sample of even cover (Halton's sequence in four bases, through the normal's quantiles),
 * so that the same dish always tells the same risk.
 */
final readonly class HowSure
{
    public const KITCHENS = 24;

    private const STEP_S = 10.0;

    /** How far a filling's free water is misjudged, as a share of its weight. */
    private const WETNESS_SD = 0.04;

    /** A cue is seen so much early or late at most, min. */
    private const CUE_MIN = 0.5;

    private const EVERY_MIN = 5;

    /**
     * @param  int  $right in how many kitchens nothing is missed
     * @param  list<array{minute: float, low: float, high: float}>  $browning 10 to 90 % by the minute
     * @param  array<string, int>  $risks how many of KITCHENS end with each fault, most likely first
     */
    private function __construct(
        public int $right,
        public array $browning,
        public ColourRange $colours,
        public ?float $steamFromMin,
        public ?float $steamToMin,
        public array $risks,
    ) {
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  float  $ringSd of ln heat
     * @param  float  $lotSd of ln tau
     */
    public static function of(SealedPot $pot, array $line, Aim $aim, float $ringSd, float $lotSd): self
    {
        $plans = array_map(static fn (int $n): HeatPlan => HeatPlan::of(
            self::kitchen($pot, $n, $ringSd, $lotSd), $aim, HeatLine::seenLater(
                $line, self::CUE_MIN * (2 * self::halton($n, 7) - 1),
            ),
            self::STEP_S, 60.0 * self::EVERY_MIN,
        ), range(1, self::KITCHENS));
        $ends = array_map(static fn (HeatPlan $plan): float => $plan->course->end()->browning, $plans);
        $steam = array_values(array_filter(
            array_map(static fn (HeatPlan $plan): ?float => $plan->course->steamAtLidMin(), $plans),
            static fn (?float $minute): bool => $minute !== null,
        ));

        return new self(
            count(array_filter($plans, static fn (HeatPlan $plan): bool => $plan->isRight())),
            self::band($plans),
            new ColourRange(
                CrustColour::of(self::share($ends, 0.1)), CrustColour::of(self::share($ends, 0.5)),
                CrustColour::of(self::share($ends, 0.9)),
            ),
            $steam === [] ? null : self::share($steam, 0.1), $steam === [] ? null : self::share($steam, 0.9),
            self::risks($plans),
        );
    }

    /** One of the kitchens that a pot may stand in. */
    private static function kitchen(SealedPot $pot, int $n, float $ringSd, float $lotSd): SealedPot
    {
        $slower = exp($lotSd * Normal::quantile(self::halton($n, 3)));
        $wetter = self::WETNESS_SD * Normal::quantile(self::halton($n, 5));

        return $pot->heated(exp($ringSd * Normal::quantile(self::halton($n, 2))))->changed(
            static fn (SealedLayer $layer): SealedLayer => match (true) {
                $layer instanceof SealedRice => $layer->slower($slower),
                $layer instanceof SealedFilling => $layer->wetter($wetter * $layer->stuff->kg()),
                default => $layer,
            },
        );
    }

    /**
     * @param  non-empty-list<HeatPlan>  $plans
     * @return list<array{minute: float, low: float, high: float}>
     */
    private static function band(array $plans): array
    {
        $end = max(array_map(static fn (HeatPlan $plan): float => $plan->minutes(), $plans));
        $band = [];
        for ($minute = 0; $minute < $end + self::EVERY_MIN; $minute += self::EVERY_MIN) {
            $at = array_map(static fn (HeatPlan $plan): float => $plan->course->at($minute)->browning, $plans);
            $band[] = ['minute' => (float) $minute, 'low' => self::share($at, 0.1), 'high' => self::share($at, 0.9)];
        }

        return $band;
    }

    /**
     * @param  non-empty-list<HeatPlan>  $plans
     * @return array<string, int>
     */
    private static function risks(array $plans): array
    {
        $risks = [];
        foreach ($plans as $plan) {
            $faults = array_filter(array_map(static fn (Limit $limit): ?Fault => $limit->fault(), $plan->limits));
            foreach (array_unique(array_map(static fn (Fault $fault): string => $fault->value, $faults)) as $fault) {
                $risks[$fault] = ($risks[$fault] ?? 0) + 1;
            }
        }
        arsort($risks);

        return $risks;
    }

    /** @return list<Note> the risk of each fault in plain words */
    public function words(): array
    {
        $says = [];
        foreach ($this->risks as $fault => $times) {
            $says[] = Note::of('how-sure.risk', fault: Fault::from($fault), often: match (true) {
                $times >= 0.9 * self::KITCHENS => Note::of('how-sure.almost-surely'),
                $times >= 0.6 * self::KITCHENS => Note::of('how-sure.more-likely-than-not'),
                $times >= 0.3 * self::KITCHENS => Note::of('how-sure.one-time-in-three-or-more'),
                $times >= 0.15 * self::KITCHENS => Note::of('how-sure.one-time-in-five-or-so'),
                default => Note::of('how-sure.hardly-ever'),
            }, times: $times, samples: self::KITCHENS);
        }

        return $says === [] ? [Note::of('how-sure.nothing-goes-wrong', samples: self::KITCHENS)] : $says;
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

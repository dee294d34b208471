<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;

/**
 * The same heat line in kitchens like this one (SampledKitchen): what is not known is the ring's heat and what its low
 * marks give, the bag's pace, how wet the filling is, and how soon a cue is seen.
 */
final readonly class HowSure
{
    public const KITCHENS = SampledKitchen::COUNT;

    private const STEP_S = 10.0;

    private const EVERY_MIN = 5;

    /**
     * @param  int  $right in how many kitchens nothing is missed
     * @param  list<array{minute: float, low: float, high: float}>  $browning 10 to 90 % by the minute
     * @param  array<string, int>  $risks how many of KITCHENS end with each fault, most likely first
     * @param  list<KitchenEnd>  $kitchens how each of them ends
     */
    private function __construct(
        public int $right,
        public array $browning,
        public ColourRange $colours,
        public ?float $steamFromMin,
        public ?float $steamToMin,
        public array $risks,
        public array $kitchens,
    ) {
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  float  $lotSd of ln tau
     */
    public static function of(SealedPot $pot, array $line, Aim $aim, Odds $odds, float $lotSd): self
    {
        $plans = array_map(static fn (SampledKitchen $kitchen): HeatPlan => HeatPlan::of(
            $kitchen->pot, $aim, HeatLine::seenLater($line, $kitchen->lateMin), self::STEP_S, 60.0 * self::EVERY_MIN,
        ), SampledKitchen::all($pot, $odds, $lotSd));
        $ends = array_map(static fn (HeatPlan $plan): float => $plan->course->end()->browning, $plans);
        $steam = array_values(array_filter(
            array_map(static fn (HeatPlan $plan): ?float => $plan->course->steamAtLidMin(), $plans),
            static fn (?float $minute): bool => $minute !== null,
        ));

        return new self(
            right: count(array_filter($plans, static fn (HeatPlan $plan): bool => $plan->isRight())),
            browning: self::band($plans),
            colours: new ColourRange(
                CrustColour::of(self::share($ends, 0.1)), CrustColour::of(self::share($ends, 0.5)),
                CrustColour::of(self::share($ends, 0.9)),
            ),
            steamFromMin: $steam === [] ? null : self::share($steam, 0.1),
            steamToMin: $steam === [] ? null : self::share($steam, 0.9),
            risks: self::risks($plans),
            kitchens: array_map(static fn (HeatPlan $plan): KitchenEnd => KitchenEnd::judged(
                $plan->course->end()->browning, $plan->limits, $aim,
            ), $plans),
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

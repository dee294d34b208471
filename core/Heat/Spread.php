<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Stretch;

/** What a line may come to with the ring not known better: from the one that gives less to the one that gives more. */
final readonly class Spread
{
    /**
     * @param  float  $lightest browning, as is the darkest
     * @param  list<array{float, float}|null>  $windows by stretch: when its cue may come, minutes after the stretch
     *     began, earliest and latest; null where it has none
     */
    public function __construct(private float $lightest, private float $darkest, public array $windows)
    {
    }

    public static function of(Robust $robust): self
    {
        $plans = [$robust->plan, $robust->less, $robust->more];
        $ends = array_map(static fn (HeatPlan $plan): float => $plan->course->end()->browning, $plans);

        return new self(min($ends), max($ends), array_map(
            static fn (int $stretch): ?array => self::window($plans, $stretch), array_keys($robust->plan->line),
        ));
    }

    /** @return array{CrustColour, CrustColour} the lightest and the darkest that the crust may come to */
    public function colours(): array
    {
        return [CrustColour::of($this->lightest), CrustColour::of($this->darkest)];
    }

    /**
     * @param  list<HeatPlan>  $plans
     * @return array{float, float}|null
     */
    private static function window(array $plans, int $place): ?array
    {
        $at = [];
        foreach ($plans as $plan) {
            $cue = $plan->course->cueMin[$place] ?? null;
            if ($cue !== null) {
                $before = array_slice($plan->course->heat, 0, $place);
                $at[] = $cue - array_sum(array_map(static fn (Stretch $stretch): float => $stretch->minutes, $before));
            }
        }

        return $at === [] ? null : [min($at), max($at)];
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** What a line may come to with the ring not known better: from the one that gives less to the one that gives more. */
final readonly class Spread
{
    /** More than any document may say. */
    private const MOST_BROWNING = 1e6;

    private const MOST_MIN = 1000.0;

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

    /** @throws Refused */
    public static function fromFields(Fields $kept): self
    {
        return new self(
            $kept->number('lightest', 0, self::MOST_BROWNING), $kept->number('darkest', 0, self::MOST_BROWNING),
            array_map(static fn (Fields $window): ?array => $window->has('from') ? [
                $window->number('from', 0, self::MOST_MIN, 'min'), $window->number('to', 0, self::MOST_MIN, 'min'),
            ] : null, $kept->each('windows')),
        );
    }

    /**
     * @return array{
     *     lightest: float, darkest: float, windows: list<array{from?: float, to?: float}>
     * } as a cook keeps it
     */
    public function toArray(): array
    {
        return ['lightest' => $this->lightest, 'darkest' => $this->darkest, 'windows' => array_map(
            static fn (?array $window): array => $window === null ? [] : ['from' => $window[0], 'to' => $window[1]],
            $this->windows,
        )];
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

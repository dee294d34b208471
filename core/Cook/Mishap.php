<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Rice\Stage;

/**
 * What may have broken the grains, or held the rice to the base, of what is known of a cook: found by rule, since no
 * model of the pot follows it (our own thresholds).
 */
final readonly class Mishap
{
    /** Grains that stood longer in water are brittle, min; so long is enough. */
    private const LONG_SOAK_MIN = 120;

    private const SOAK_MIN = 45;

    /** A pot that rested less lets neither go, min. */
    private const SHORT_REST_MIN = 5.0;

    /** Fat under which a base holds on, and what lets it go, ml a cm². */
    private const THIN_FAT = 0.06;

    private const FAT = 0.09;

    private function __construct(
        public Also $what, public Note $cause, public Note $change, public ?string $path = null,
        public int|float|string|null $value = null,
    ) {
    }

    /** @return list<self> of what was noted, the likeliest first; of each at least one */
    public static function of(Cook $cook): array
    {
        $outcome = $cook->state->outcome;

        return [
            ...($outcome?->had(Also::Broke) === true ? self::broke($cook) : []),
            ...($outcome?->had(Also::Stuck) === true ? self::stuck($cook, $outcome) : []),
        ];
    }

    /** @return non-empty-list<self> */
    private static function broke(Cook $cook): array
    {
        $plan = $cook->plan();
        $soakMin = (int) round($plan->dish->grain->rice->soak->minutes);
        $found = [];
        if ($soakMin > self::LONG_SOAK_MIN) {
            $found[] = new self(
                Also::Broke, Note::of('mishap.soaked-long', minutes: $soakMin),
                Note::of('mishap.soak-shorter', minutes: self::SOAK_MIN), 'rice/soak/minutes', self::SOAK_MIN,
            );
        }
        $lift = $plan->boil()?->liftAt;
        $over = $lift === null ? 0.0 : ($cook->liftedAfterS() ?? 0) - ($lift->by ?? $lift->amount);
        if ($over > 0) {
            $found[] = new self(
                Also::Broke, Note::of('mishap.lifted-late', seconds: (int) round($over)),
                Note::of('mishap.lift-in-time'),
            );
        }
        $stage = $plan->dish->grain->water->stage;
        $sooner = match ($stage) {
            Stage::Smears => Stage::PinPoint,
            Stage::PinPoint => Stage::Thread,
            Stage::Thread => Stage::Breaks,
            default => null,
        };
        if ($plan->potted->rice instanceof BoilPlan && $sooner !== null) {
            $found[] = new self(
                Also::Broke, Note::of('mishap.lifted-soft', stage: Note::label($stage, 'words')),
                Note::of('mending.lifted', stage: Note::label($sooner, 'words')), 'water/stage', $sooner->value,
            );
        }
        if (self::rested($cook) < self::SHORT_REST_MIN) {
            $found[] = new self(Also::Broke, Note::of('mishap.turned-hot'), Note::of('mishap.rest'));
        }

        return [...$found, new self(Also::Broke, Note::of('mishap.handled'), Note::of('mishap.handle'))];
    }

    /** @return non-empty-list<self> */
    private static function stuck(Cook $cook, Outcome $outcome): array
    {
        $base = $cook->plan()->dish->build->base;
        $found = [];
        if ($base->fatMlPerCm2 < self::THIN_FAT) {
            $found[] = new self(
                Also::Stuck, Note::of('mishap.little-fat'), Note::of('mishap.more-fat'), 'base/fat_ml_per_cm2',
                self::FAT,
            );
        }
        $crust = $outcome->crust ?? UnderTheLid::heatOf($cook)?->colour();
        if (in_array($crust, [CrustColour::Dark, CrustColour::Burnt], true)) {
            $found[] = new self(Also::Stuck, Note::of('mishap.burnt-on'), Note::of('mishap.less-heat'));
        } elseif ($base->kind->isLaid && in_array($crust, [CrustColour::Pale, CrustColour::Straw], true)) {
            $found[] = new self(Also::Stuck, Note::of('mishap.not-set'), Note::of('mishap.till-it-lets-go'));
        }
        if (self::rested($cook) < self::SHORT_REST_MIN) {
            $found[] = new self(Also::Stuck, Note::of('mishap.turned-hot'), Note::of('mishap.cold-cloth'));
        }

        return $found === []
            ? [new self(Also::Stuck, Note::of('mishap.held-on'), Note::of('mishap.cold-cloth'))]
            : $found;
    }

    /** Minutes off the heat before it was opened. */
    private static function rested(Cook $cook): float
    {
        $rested = 0.0;
        foreach (array_reverse(UnderTheLid::heatOf($cook)->heat ?? []) as $stretch) {
            if (! $stretch->isRest()) {
                break;
            }
            $rested += $stretch->length();
        }

        return $rested;
    }
}

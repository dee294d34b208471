<?php

declare(strict_types=1);

namespace Orbek\Core\Drill;

use DateTimeImmutable;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Cook\TurnedHeat;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Rice\Draining;

/**
 * A supper cooked for practice: a kitchen that is not what the plan takes it for. What it hides is known to the
 * simulation alone, and told at the end.
 */
final readonly class Supper
{
    /** What a ring may really give, a bag take, and a filling hold, over what is thought. */
    private const RINGS = [0.82, 0.9, 1.0, 1.12, 1.22];

    private const BAGS = [0.84, 0.92, 1.0, 1.1, 1.18];

    private const WETTER = [-0.05, 0.0, 0.06, 0.12];

    private const LATE_MIN = [0, 0, 10, 20];

    /** Guests call so long after the lid went on. */
    private const CALL_AFTER_MIN = 8;

    private function __construct(public float $ring, public float $bag, public float $wetter, public int $lateMin)
    {
    }

    /** @param  array{float, float, float, float}  $chances 0 … 1: ring, bag, filling, guests */
    public static function of(array $chances): self
    {
        $pick = static fn (int $count, float $chance): int => min($count - 1, (int) floor($chance * $count));

        return new self(
            self::RINGS[$pick(count(self::RINGS), $chances[0])], self::BAGS[$pick(count(self::BAGS), $chances[1])],
            self::WETTER[$pick(count(self::WETTER), $chances[2])],
            self::LATE_MIN[$pick(count(self::LATE_MIN), $chances[3])],
        );
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->number('ring', 0.5, 2), $fields->number('bag', 0.5, 2), $fields->number('wetter', -0.3, 0.3),
            $fields->whole('late_min', 0, 120),
        );
    }

    /** @return array{ring: float, bag: float, wetter: float, late_min: int} */
    public function toArray(): array
    {
        return ['ring' => $this->ring, 'bag' => $this->bag, 'wetter' => $this->wetter, 'late_min' => $this->lateMin];
    }

    /** Minutes by which guests have said they come later, by now: a while after the first pot was closed. */
    public function callsAt(MealCook $cook, DateTimeImmutable $now): int
    {
        foreach ($cook->dishes as $dish) {
            $sealedAt = $dish->state->of(WorkKind::Layer)->doneAt;
            if ($sealedAt !== null && TurnedHeat::minutes($sealedAt, $now) >= self::CALL_AFTER_MIN) {
                return $this->lateMin;
            }
        }

        return 0;
    }

    /** Doneness of the rice in the boil as it really is; null where none boils. */
    public function doneness(Cook $cook, DateTimeImmutable $now): ?float
    {
        $task = $cook->boiling();
        $startedAt = $task === null ? null : $cook->state->progress[$task]->startedAt;
        $forecast = $cook->lift()?->forecast;

        return $startedAt === null || $forecast === null ? null : $forecast->boil->donenessAfter(
            max(0.0, (float) ($now->getTimestamp() - $startedAt->getTimestamp())), $this->bag,
        );
    }

    /** Whether the water has come back to the boil: on a ring that gives more it does sooner. */
    public function boilsAgain(Cook $cook, DateTimeImmutable $now): bool
    {
        $task = $cook->boiling();
        $startedAt = $task === null ? null : $cook->state->progress[$task]->startedAt;
        $forecast = $cook->lift()?->forecast;

        return $startedAt !== null && $forecast !== null
            && $now->getTimestamp() - $startedAt->getTimestamp() >= $forecast->boil->backAtBoilS / $this->ring;
    }

    /** @return array<string, bool>|null whether each cue can be felt at a closed pot; null while none is closed */
    public function atTheLid(Cook $cook, DateTimeImmutable $now): ?array
    {
        $sealedAt = $cook->state->of(WorkKind::Layer)->doneAt;
        $course = $sealedAt === null || $cook->state->of(WorkKind::Open)->isDone() ? null : $this->course($cook);
        if ($sealedAt === null || $course === null) {
            return null;
        }

        $minute = TurnedHeat::minutes($sealedAt, $now);

        return array_map(
            static fn (Cue $cue): bool => $cue->isAt($course, $minute),
            array_filter(
                $cook->plan()->dish->craft->cues->all,
                static fn (Cue $cue): bool => $cue->isOffered && $cue->felt !== null,
            ),
        );
    }

    /** The second at which the rice was really as it is wanted; null where none is boiled. */
    public function rightLiftS(Cook $cook): ?float
    {
        $forecast = $cook->lift()?->forecast;

        return $forecast === null ? null : $forecast->boil->secondsTo($forecast->target, $this->bag);
    }

    /**
     * The closed pot as it really is.
     *
     * @param  float|null  $liftedS seconds at which the rice was lifted; null as planned
     */
    public function pot(Cook $cook, SealedPot $planned, ?float $liftedS): SealedPot
    {
        $further = $this->further($cook, $liftedS);

        return $planned->heated($this->ring)->changed(fn (SealedLayer $layer): SealedLayer => match (true) {
            $layer instanceof SealedFilling => $layer->wetter($this->wetter * $layer->stuff->kg()),
            $layer instanceof SealedRice => $layer->cooked(max(0.0, min(1.0, $layer->doneness() + $further))),
            default => $layer,
        });
    }

    /** The closed pot followed as it really goes; null while it is not closed. */
    public function course(Cook $cook): ?Course
    {
        $turned = UnderTheLid::turned($cook);
        $pot = $cook->plan()->sealedPot();

        return $turned === null || $pot === null
            ? null
            : $turned->course($this->pot($cook, $pot, $cook->liftedAfterS()));
    }

    /** How much further the rice went into the pot than it was planned, in doneness. */
    private function further(Cook $cook, ?float $liftedS): float
    {
        $forecast = $cook->lift()?->forecast;
        if ($forecast === null || $liftedS === null) {
            return 0.0;
        }
        $exposure = $forecast->boil->exposureAfter($liftedS + Draining::HAND_DELAY_S) + $forecast->carryOverS;

        return $forecast->boil->front->donenessAfter($exposure / $this->bag)
            - $forecast->donenessInPot($forecast->liftAt());
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Heat\Aim;
use Orbek\Core\Heat\Foretold;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Heat\MaybePots;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\WorkKind;

/** A closed pot in the middle of its cook: the heat as it really was, what it is like inside now, what is ahead. */
final readonly class UnderTheLid
{
    private const STEP_S = 4.0;

    /**
     * @param  list<Lifted>  $lifted
     * @param  list<Cue>  $asks cues worth asking for now
     * @param  list<Note>  $changes what the last thing that happened changes, in sentences
     */
    private function __construct(
        public Plan $plan,
        public array $lifted,
        public float $nowMin,
        /** As it was till now and is planned from here. */
        public Course $course,
        /** What is believed of ring, low mark and browning by what was seen. */
        public Odds $odds,
        /** Where the pot may be now; null where nothing was seen that tells. */
        public ?MaybePots $maybe,
        public array $asks,
        public array $changes,
        /** The minute up to which a forgotten pot is followed; null where it is followed till now. */
        public ?float $followedToMin,
    ) {
    }

    public static function of(Cook $cook, DateTimeImmutable $now): ?self
    {
        $sealedAt = $cook->state->of(WorkKind::Layer)->doneAt;
        $plan = $cook->plan();
        if ($sealedAt === null || $cook->state->of(WorkKind::Open)->isDone() || $plan->sealedPot() === null) {
            return null;
        }
        $nowMin = TurnedHeat::minutes($sealedAt, $now);
        [$course, $odds, $maybe] = self::followed($cook, $sealedAt, $now);
        $endMin = $course->end()->minute;

        return new self(
            plan: $plan,
            lifted: TurnedHeat::of($cook, $sealedAt, $now)->lifted,
            nowMin: min($nowMin, $endMin),
            course: $course,
            odds: $odds,
            maybe: $maybe,
            asks: self::asks($plan, $course, $cook->state->lidEvents, $nowMin),
            changes: self::changes($cook, $sealedAt, $now, $course),
            followedToMin: $nowMin > $endMin + 1 ? $endMin : null,
        );
    }

    /**
     * As it was and will be on the likeliest stove, what is believed of that, and where the pot may be now.
     *
     * @return array{Course, Odds, MaybePots|null}
     */
    private static function followed(Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now): array
    {
        $pot = $cook->plan()->sealedPot() ?? throw new LogicException('The food does not go into this pot.');
        $evidence = LidEvidence::of($cook, $sealedAt, $now);
        [$maybe, $odds] = $evidence->isNone() ? [null, $evidence->prior] : $evidence->pots($pot);
        [$ring, $mark, $browns] = $odds->means();
        $likely = $pot->heated(exp($ring))->turning(exp($mark), exp($browns));

        return [TurnedHeat::of($cook, $sealedAt, $now)->course($likely), $odds, $maybe];
    }

    /** The heat of a closed pot as it was turned, till it was opened or till now; null where it was never closed. */
    public static function turned(Cook $cook): ?TurnedHeat
    {
        $sealedAt = $cook->state->of(WorkKind::Layer)->doneAt;
        $till = $cook->state->of(WorkKind::Open)->startedAt ?? $cook->state->servedAt ?? $cook->now;

        return $sealedAt === null ? null : TurnedHeat::of($cook, $sealedAt, $till);
    }

    /** The heat as a served cook really had it; null where it was never closed. */
    public static function heatOf(Cook $cook): ?Course
    {
        $asItWas = self::times($cook);
        $pot = $cook->plan()->sealedPot();

        return $asItWas === null || $pot === null ? null : TurnedHeat::of($cook, ...$asItWas)->course($pot);
    }

    /**
     * @return array{DateTimeImmutable, DateTimeImmutable}|null when the lid went on and came off; null where it did not
     */
    public static function times(Cook $cook): ?array
    {
        $sealedAt = $cook->state->of(WorkKind::Layer)->doneAt;
        $openedAt = $cook->state->of(WorkKind::Open)->startedAt ?? $cook->state->servedAt;

        return $sealedAt === null || $openedAt === null || $cook->plan()->sealedPot() === null ? null : [
            $sealedAt, $openedAt,
        ];
    }

    public function aim(): Aim
    {
        return $this->plan->dish->aim();
    }

    public function pot(): SealedPot
    {
        return $this->course->pot;
    }

    /** @return list<Foretold> what goes wrong from here, if nothing is changed */
    public function ahead(): array
    {
        return array_values(array_filter(
            Foretold::in(HeatPlan::judged($this->course, $this->aim()), $this->aim()),
            fn (Foretold $fault): bool => $fault->minute >= $this->nowMin - 0.5,
        ));
    }

    /** The pot as it is this minute, to go on from. */
    public function asItIs(): Steaming
    {
        $steaming = new Steaming($this->pot());
        $lifted = Lifted::inOrder($this->lifted);
        $left = 60 * $this->nowMin;
        foreach ($this->course->heat as $stretch) {
            $seconds = min($left, 60 * $stretch->minutes);
            while ($lifted !== [] && 60 * $lifted[0]->minute <= $steaming->seconds + $seconds) {
                $one = array_shift($lifted);
                $until = max(0.0, 60 * $one->minute - $steaming->seconds);
                $steaming->advance($stretch->flame, $until, self::STEP_S);
                $one->from($steaming);
                $seconds -= $until;
                $left -= $until;
            }
            $steaming->advance($stretch->flame, $seconds, self::STEP_S);
            $left -= $seconds;
        }

        return $steaming;
    }

    public function isSprinkled(): bool
    {
        return array_filter($this->lifted, static fn (Lifted $one): bool => $one->sprinkledKg > 0) !== [];
    }

    /** The last heat under it, as it was turned; null where there is none. */
    public function lastHeat(): ?Flame
    {
        $heats = array_filter($this->course->heat, static fn (Stretch $stretch): bool => ! $stretch->isRest());

        return array_pop($heats)?->flame;
    }

    /** @return list<Stretch> the stretches still to come, the one that is on first with what is left of it */
    public function left(): array
    {
        $left = [];
        $from = 0.0;
        foreach ($this->course->heat as $stretch) {
            $from += $stretch->minutes;
            $rest = min($stretch->minutes, $from - $this->nowMin);
            if ($rest > 0.01) {
                $left[] = $stretch->lasting($rest);
            }
        }

        return $left;
    }

    /** What is under the pot now. */
    public function flame(): Flame
    {
        return $this->left()[0]->flame ?? Flame::off();
    }

    /**
     * @param  list<Event>  $events
     * @return list<Cue>
     */
    private static function asks(Plan $plan, Course $course, array $events, float $nowMin): array
    {
        $cues = $plan->dish->craft->cues->all;
        $said = array_map(static fn (Event $event): ?string => $event instanceof CueSeen ? $event->cue : null, $events);
        // What has not come yet may be said again.
        $isAsked = static fn (Cue $cue): bool => ($cue->denies !== null || ! in_array($cue->id, $said, true))
            && $cue->isDue($course, $nowMin);

        return array_values(array_filter($cues, static function (Cue $cue) use ($cues, $isAsked): bool {
            $with = $cues[$cue->asked->with ?? ''] ?? null;

            return $isAsked($cue) && ($with === null || $isAsked($with));
        }));
    }

    /** @return list<Note> */
    private static function changes(
        Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now, Course $after,
    ): array {
        $last = $cook->last;
        $what = $last === null ? null : LidChange::what($cook, $last);

        return $last === null || $what === null
            ? []
            : [LidChange::between(self::followed($cook->without($last), $sealedAt, $now)[0], $after, $what)];
    }
}

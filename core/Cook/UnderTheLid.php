<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Heat\Aim;
use Orbek\Core\Heat\Foretold;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\StoveReport;
use Orbek\Core\Learning\StoveTable;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Till;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\WorkKind;

/** A closed pot in the middle of its cook: the heat as it really was, what it is like inside now, what is ahead. */
final readonly class UnderTheLid
{
    /** Minutes round the forecast in which steam is asked for. */
    private const ASKED_ROUND_MIN = 3.0;

    /** A hot lid tells of steam a little early, and less sharply. */
    private const LID_BEFORE_STEAM_MIN = 1.0;

    private const TOASTED_FROM = 0.4;

    private const STEP_S = 4.0;

    /**
     * @param  list<float>  $openedAtMin
     * @param  list<Cue>  $asks cues worth asking for now
     * @param  list<Note>  $changes what the last thing that happened changes, in sentences
     */
    private function __construct(
        public Plan $plan,
        public array $openedAtMin,
        public float $nowMin,
        /** As it was till now and is planned from here. */
        public Course $course,
        public FactorBelief $stove,
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
        [$course, $stove] = self::followed($cook, $sealedAt, $now);
        $endMin = $course->end()->minute;

        return new self(
            $plan, TurnedHeat::of($cook, $sealedAt, $now)->openedAtMin, min($nowMin, $endMin), $course, $stove,
            self::asks($course, $cook->state->lidEvents, $nowMin), self::changes($cook, $sealedAt, $now, $course),
            $nowMin > $endMin + 1 ? $endMin : null,
        );
    }

    /** @return array{Course, FactorBelief} as it was and will be, with what it has told of its ring */
    private static function followed(Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now): array
    {
        $turned = TurnedHeat::of($cook, $sealedAt, $now);
        $seen = self::report($cook, $sealedAt);
        $stove = $cook->plan()->stove();
        if (! $seen->isEmpty()) {
            $table = StoveTable::of(self::potWith($cook->plan(), null), $turned->line);
            $stove = $stove->today()->given($table->likelihood($seen));
        }

        return [$turned->course(self::potWith($cook->plan(), $stove)), $stove];
    }

    /**
     * What a noted cook says of its stove, on the grid of FactorBelief; null where it says nothing.
     *
     * @return list<float>|null
     */
    public static function taught(Cook $cook): ?array
    {
        $outcome = $cook->state->outcome;
        $asItWas = self::times($cook);
        if ($asItWas === null || $outcome === null || HeatLine::usesOven($cook->plan()->potted->first()->line())) {
            return null;
        }
        $seen = self::report($cook, $asItWas[0]);
        $hard = $outcome->where === Where::Top || $outcome->where === Where::Middle
            ? in_array($outcome->rice, [RiceOutcome::Hard, RiceOutcome::Firm], true)
            : null;
        $measured = $cook->state->measuredCrust;
        $report = new StoveReport(
            $cook->plan()->dish->base->kind->isLaid ? $outcome->crust : null, $seen->steamAtLidMin,
            $seen->noSteamByMin, $seen->toastedAtMin,
            $measured?->tooOdd === null ? $measured : null, $hard,
        );

        return $report->isEmpty() ? null : StoveTable::of(
            self::potWith($cook->plan(), null), TurnedHeat::of($cook, ...$asItWas)->line,
        )->likelihood($report);
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
    private static function times(Cook $cook): ?array
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
        $opened = $this->openedAtMin;
        $left = 60 * $this->nowMin;
        foreach ($this->course->heat as $block) {
            $seconds = min($left, 60 * $block->minutes);
            while ($opened !== [] && 60 * $opened[0] <= $steaming->seconds + $seconds) {
                $until = max(0.0, 60 * array_shift($opened) - $steaming->seconds);
                $steaming->advance($block->flame, $until, self::STEP_S);
                $steaming->open();
                $seconds -= $until;
                $left -= $until;
            }
            $steaming->advance($block->flame, $seconds, self::STEP_S);
            $left -= $seconds;
        }

        return $steaming;
    }

    /** @return list<HeatBlock> the stretches still to come, the one that is on first with what is left of it */
    public function left(): array
    {
        $left = [];
        $from = 0.0;
        foreach ($this->course->heat as $block) {
            $from += $block->minutes;
            $rest = min($block->minutes, $from - $this->nowMin);
            if ($rest > 0.01) {
                $left[] = $block->lasting($rest);
            }
        }

        return $left;
    }

    /** What is under the pot now. */
    public function flame(): Flame
    {
        return $this->left()[0]->flame ?? Flame::off();
    }

    /** The plan's pot at the heat its kind would give, or as a belief has it. */
    private static function potWith(Plan $plan, ?FactorBelief $stove): SealedPot
    {
        $pot = $plan->sealedPot() ?? throw new LogicException('The food does not go into this pot.');

        return $pot->heated(($stove?->likely() ?? 1.0) / $plan->stove()->likely());
    }

    /** What was seen of the closed pot, with the minute of each thing. */
    private static function report(Cook $cook, DateTimeImmutable $sealedAt): StoveReport
    {
        $steam = $none = $toasted = null;
        foreach ($cook->state->lidEvents as $event) {
            $minute = TurnedHeat::minutes($sealedAt, $event->at);
            switch ($event instanceof CueSeen ? $event->cue : null) {
                case Cue::Steam:
                    $steam ??= $minute;
                    break;
                case Cue::LidHot:
                    $steam ??= $minute + self::LID_BEFORE_STEAM_MIN;
                    break;
                case Cue::NoSteam:
                    $none = $minute;
                    break;
                case Cue::Toasted:
                    $toasted ??= $minute;
                    break;
                case null:
            }
        }

        $steam ??= TurnedHeat::steamMin($cook, $sealedAt);

        return new StoveReport(null, $steam, $steam === null ? $none : null, $toasted);
    }

    /**
     * @param  list<Event>  $events
     * @return list<Cue>
     */
    private static function asks(Course $course, array $events, float $nowMin): array
    {
        $said = array_map(static fn (Event $event): ?Cue => $event instanceof CueSeen ? $event->cue : null, $events);
        $asks = [];
        $steamMin = $course->steamAtLidMin();
        if (
            ! in_array(Cue::Steam, $said, true)
                && ($steamMin === null ? $nowMin > 6 : $nowMin >= $steamMin - self::ASKED_ROUND_MIN)
        ) {
            $asks = [Cue::Steam, Cue::NoSteam];
            if (! in_array(Cue::LidHot, $said, true) && $course->at($nowMin)->lidC >= Till::LID_HOT_C) {
                $asks[] = Cue::LidHot;
            }
        }
        if (! in_array(Cue::Toasted, $said, true) && $course->at($nowMin)->browning >= self::TOASTED_FROM) {
            $asks[] = Cue::Toasted;
        }

        return $asks;
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

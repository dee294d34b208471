<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Cook\Events\Steered;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Heat\SteeredKitchens;
use Orbek\Core\Heat\Steering;
use Orbek\Core\Heat\Stove;
use Orbek\Core\Heat\Turn;
use Orbek\Core\Heat\Way;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\WorkKind;

/**
 * A closed pot steered: followed from as it was under what is believed of its stove, the heat and minutes that are best
 * from here, and when a look would tell most. Offered; nothing is done by it.
 */
final readonly class LidSteer
{
    /** No more looks than this are asked for. */
    private const LOOKS = 2;

    private const APART_MIN = 4.0;

    /** A look is asked for from so long before its best minute on. */
    private const BEFORE_MIN = 1.0;

    /** A chance is told as so many of these. */
    public const SAMPLES = 24;

    private function __construct(
        private Cook $cook,
        /** Minutes sealed, as it was reckoned. */
        public float $nowMin,
        /** What to do; null where it is as planned. */
        public ?Turn $turn,
        /** What is on now. */
        private ?Flame $on,
        /** What would be done, were it left alone: what stays, then the heat and its minutes. */
        private Turn $planned,
        /** The best minute for a look, sealed; null where none would tell enough. */
        public ?float $lookAtMin,
        public Odds $odds,
    ) {
    }

    /** @param  UnderTheLid  $lid of the cook now */
    public static function of(Cook $cook, UnderTheLid $lid, DateTimeImmutable $now): ?self
    {
        $plan = $cook->plan();
        $sealedAt = $cook->state->of(WorkKind::Layer)->doneAt;
        $load = $plan->potted->first();
        $low = Steered::low($load->line());
        if ($sealedAt === null || $low === null || $load->sealed === null || $load->stove === null
            || $cook->state->of(WorkKind::Open)->isDone() || HeatLine::usesOven($load->line())) {
            return null;
        }
        $nowMin = TurnedHeat::minutes($sealedAt, $now);
        $isWithoutSteam = $plan->dish->aim()->steams && self::isWithoutSteam($cook, $load->stove);
        $from = self::from($cook, $lid, $low, $sealedAt, $isWithoutSteam);
        if ($from === null) {
            return null;
        }
        [$on, $stayMin, $flame, $minutes, $spentMin] = $from;
        [$pots, $odds] = $lid->maybe === null
            ? LidEvidence::of($cook, $sealedAt, $now)->pots($load->sealed) : [$lid->maybe, $lid->odds];
        $restMin = array_sum(array_map(
            static fn (Stretch $stretch): float => $stretch->isRest() ? $stretch->minutes : 0.0, $load->line(),
        ));
        $looks = self::looks($cook, $sealedAt);
        $steering = Steering::from(
            pots: $pots->within($odds->rangeOfRings()), on: $on, stayMin: $stayMin,
            flames: Steering::flames($flame, $load->stove), bounds: $plan->dish->bounds(),
            spentMin: $spentMin, plannedMin: $minutes, restMin: $restMin,
            aim: $plan->dish->aim(), isOpen: self::isOpen($looks, $nowMin),
            isSprinkled: $lid->isSprinkled(),
        );
        $turn = $steering->best($odds);
        $turn = $on === null && $isWithoutSteam && $turn->isOver() ? $turn->waiting() : $turn;
        $mayLook = count($looks) < self::LOOKS && ! self::isOpen($looks, $nowMin);
        [$lookIn, $wins] = $mayLook ? $steering->look($odds, $turn) : [0.0, 0.0];
        $wanted = $looks === [] ? SteeredKitchens::LOOK_WINS : SteeredKitchens::AGAIN_WINS;
        $lookAtMin = $wins >= $wanted ? $nowMin + $turn->stayMin + $lookIn : null;
        if ($mayLook && $odds->isDoubted && $looks !== []) {
            $lookAtMin = max($looks) + Way::AGAIN_AFTER * ($nowMin + $turn->stayMin + $turn->minutes - max($looks));
        }

        return new self(
            cook: $cook, nowMin: $nowMin, turn: $turn->isWorthIt() ? $turn : null, on: $on,
            planned: new Turn($stayMin, $flame, $minutes, $turn->asPlanned, $turn->asPlanned),
            lookAtMin: $lookAtMin,
            odds: $odds,
        );
    }

    /**
     * What is on and how long it stays, the low heat after it and its minutes, and how long that has been on.
     *
     * @return array{Flame|null, float, Flame, float, float}|null null where there is nothing to steer yet, or any more
     */
    private static function from(
        Cook $cook, UnderTheLid $lid, int $low, DateTimeImmutable $sealedAt, bool $isWithoutSteam,
    ): ?array {
        $line = $cook->plan()->potted->first()->line();
        $at = static fn (int $index): Progress => $cook->state->progress[WorkKind::Heat->id($index)] ?? new Progress;
        $heats = array_values(array_filter($lid->left(), static fn (Stretch $stretch): bool => ! $stretch->isRest()));
        if ($at($low)->isRunning()) {
            // Its minutes up, it is gone on with where steam is waited for.
            $flame = $heats[0]->flame ?? ($isWithoutSteam ? $lid->lastHeat() : null);

            return $flame === null ? null : [
                null, 0.0, $flame, $heats[0]->minutes ?? 0.0,
                TurnedHeat::minutes($at($low)->startedAt ?? $sealedAt, $cook->now),
            ];
        }
        if ($heats === [] || $at($low)->isDone()) {
            return null;
        }
        $before = $line[$low - 1] ?? null;
        if ($before !== null && $before->till !== null && ! self::hasCome($cook, $before->till)) {
            return null;
        }
        if (! isset($heats[1])) {
            // Its strong heat is over its time: what is next is chosen now.
            return [null, 0.0, $heats[0]->flame, $heats[0]->minutes, 0.0];
        }

        return [$heats[0]->flame, min(20.0, $heats[0]->minutes), $heats[1]->flame, $heats[1]->minutes, 0.0];
    }

    private static function hasCome(Cook $cook, Cue $cue): bool
    {
        foreach ($cook->state->lidEvents as $event) {
            if ($event instanceof CueSeen && $event->cue === $cue->id) {
                return true;
            }
        }

        return false;
    }

    /** Whether the cook says that no steam has shown. */
    private static function isWithoutSteam(Cook $cook, Stove $stove): bool
    {
        $cues = $cook->plan()->dish->craft->cues;
        $isWithout = false;
        foreach ($cook->state->lidEvents as $event) {
            $cue = $event instanceof CueSeen ? $event->of($cues) : null;
            $isWithout = match (true) {
                $cue?->id === $stove->steam->id => false,
                $cue?->denies === $stove->steam->id => true,
                default => $isWithout,
            };
        }

        return $isWithout;
    }

    /**
     * Whether it was looked at just now: water goes over dry rice while the lid is up.
     *
     * @param  list<float>  $looks minutes sealed
     */
    private static function isOpen(array $looks, float $nowMin): bool
    {
        return $looks !== [] && $nowMin < max($looks) + self::APART_MIN;
    }

    /**
     * When it was looked at; what is told within a few minutes is one look.
     *
     * @return list<float> minutes sealed
     */
    private static function looks(Cook $cook, DateTimeImmutable $sealedAt): array
    {
        $cues = $cook->plan()->dish->craft->cues;
        $looks = [];
        foreach ($cook->state->lidEvents as $event) {
            if ($event instanceof CueSeen && $event->of($cues)?->isOfLook() === true) {
                $minute = TurnedHeat::minutes($sealedAt, $event->at);
                if ($looks !== [] && $minute < $looks[count($looks) - 1] + self::APART_MIN) {
                    array_pop($looks);
                }
                $looks[] = $minute;
            }
        }

        return $looks;
    }

    /** Whether a look is asked for now. */
    public function asksForALook(): bool
    {
        return $this->lookAtMin !== null && $this->nowMin >= $this->lookAtMin - self::BEFORE_MIN;
    }

    /** In how many of 24 ways that it may be it comes right, turned as told; and left as it is. */
    public function right(): int
    {
        return (int) round(self::SAMPLES * ($this->turn ?? $this->planned)->share);
    }

    public function rightAsPlanned(): int
    {
        return (int) round(self::SAMPLES * $this->planned->share);
    }

    /** What to do; null where the heat stays as it is. */
    public function says(): ?Note
    {
        if ($this->turn === null) {
            return null;
        }

        return self::told(
            $this->cook->plan(), $this->turn, $this->on,
            $this->on === null && $this->turn->flame === $this->planned->flame,
        );
    }

    /**
     * What to do, in words.
     *
     * @param  Flame|null  $on what is on, and may stay on for a while first
     * @param  bool  $isSame whether the heat stays, and only its minutes change
     */
    public static function told(Plan $plan, Turn $turn, ?Flame $on, bool $isSame): Note
    {
        $says = static fn (Flame $flame): Note => $plan->kitchen->says(
            $flame, $plan->potted->first()->place->ring->id,
        );

        return Note::of(
            'lid-steer.told', heat: $says($turn->flame), minutes: (int) round($turn->minutes),
            stay: $on === null ? 0 : (int) round($turn->stayMin), on: $says($on ?? $turn->flame), isSame: $isSame,
            sprinkledMl: self::ml($turn), isWaiting: $turn->isWaiting,
        );
    }

    private static function ml(Turn $turn): int
    {
        return (int) round(1000 * $turn->sprinkledKg);
    }

    /** What it takes the place of. */
    public function was(): Note
    {
        $plan = $this->cook->plan();
        $says = static fn (Flame $flame): Note => $plan->kitchen->says(
            $flame, $plan->potted->first()->place->ring->id,
        );

        return Note::of(
            'lid-steer.left', heat: $says($this->planned->flame), minutes: (int) round($this->planned->minutes),
            stay: $this->on === null ? 0 : (int) round($this->planned->stayMin),
            on: $says($this->on ?? $this->planned->flame),
        );
    }

    /** @return list<Note> how sure that is, what it does to the clock, and when a look tells most */
    public function more(): array
    {
        $later = $this->laterMin();
        $isAhead = $this->lookAtMin !== null && ! $this->asksForALook();

        return array_values(array_filter([
            $this->turn === null
                ? Note::of('lid-steer.as-planned', right: $this->right(), samples: self::SAMPLES)
                : Note::of(
                    'lid-steer.sure', right: $this->right(), samples: self::SAMPLES, was: $this->rightAsPlanned(),
                ),
            $later > 0 ? Note::of('lid-steer.later', minutes: $later) : null,
            $later < 0 ? Note::of('lid-steer.sooner', minutes: -$later) : null,
            $isAhead ? Note::of('lid-steer.look', minutes: (int) round($this->lookAtMin - $this->nowMin)) : null,
        ]));
    }

    /** By how many minutes later than planned the pot comes off; sooner where negative. */
    public function laterMin(): int
    {
        $ends = static fn (Turn $turn): float => $turn->stayMin + $turn->minutes;

        return $this->turn === null ? 0 : (int) round($ends($this->turn) - $ends($this->planned));
    }

    /** @return array<string, float|string> as its event tells it */
    public function event(): array
    {
        return $this->turn === null ? [] : [
            'setting' => round(100 * $this->turn->flame->setting, 1),
            'ring' => $this->turn->flame->ring === ''
                ? $this->cook->plan()->potted->first()->place->ring->id : $this->turn->flame->ring,
            ...($this->turn->flame->plate === null ? [] : ['plate' => $this->turn->flame->plate->id]),
            'stay' => round($this->on === null ? 0.0 : $this->turn->stayMin), 'minutes' => round($this->turn->minutes),
            ...($this->turn->sprinkledKg > 0 ? ['sprinkled' => self::ml($this->turn)] : []),
        ];
    }
}

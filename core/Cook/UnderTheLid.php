<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\StoveReport;
use Orbek\Core\Learning\StoveTable;
use Orbek\Core\Lid\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Foretold;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Plan\Plan;

/** A closed pot in the middle of its cook: the heat as it really was, what it is like inside now, what is ahead. */
final readonly class UnderTheLid
{
    /** Minutes round the forecast in which steam is asked for. */
    private const ASKED_ROUND_MIN = 3.0;

    /** A hot lid tells of steam a little early, and less sharply. */
    private const LID_BEFORE_STEAM_MIN = 1.0;

    private const TOASTED_FROM = 0.4;

    private const LID_HOT_C = 55.0;

    private const STEP_S = 4.0;

    /**
     * @param  non-empty-list<HeatBlock>  $heat as it was till now and is planned from here
     * @param  list<float>  $openedAtMin
     * @param  list<Cue>  $asks cues worth asking for now
     * @param  list<string>  $changes what the last thing that happened changes, in sentences
     */
    private function __construct(
        public Plan $plan,
        public SealedPot $pot,
        public array $heat,
        public array $openedAtMin,
        public float $nowMin,
        public Course $course,
        public FactorBelief $stove,
        public array $asks,
        public array $changes,
    ) {
    }

    public static function of(Cook $cook, DateTimeImmutable $now): ?self
    {
        $sealedAt = $cook->progress['layer']->doneAt ?? null;
        $plan = $cook->plan;
        if ($sealedAt === null || $cook->progress['open']->isDone() || $plan->sealedPot === null) {
            return null;
        }
        $nowMin = self::minutes($sealedAt, $now);
        $heat = self::heat($cook, $sealedAt, $now, $cook->lidEvents);
        $opened = self::opened($cook->lidEvents, $sealedAt);
        $stove = self::believed($plan, $heat, self::report($cook->lidEvents, $sealedAt));
        $pot = self::potWith($plan, $stove);
        $course = Course::of($pot, $heat, self::STEP_S, openedAtMin: $opened);

        return new self($plan, $pot, $heat, $opened, min($nowMin, $course->end()->minute), $course, $stove, self::asks($course, $cook->lidEvents, $nowMin), self::changes($cook, $sealedAt, $now, $course));
    }

    /**
     * What a noted cook says of its stove, on the grid of FactorBelief; null where it says nothing.
     *
     * @return list<float>|null
     */
    public static function taught(Cook $cook): ?array
    {
        $sealedAt = $cook->progress['layer']->doneAt ?? null;
        $openedAt = $cook->progress['open']->startedAt ?? $cook->servedAt;
        if ($sealedAt === null || $openedAt === null || $cook->outcome === null || $cook->plan->sealedPot === null || $cook->plan->heat->usesOven()) {
            return null;
        }
        $seen = self::report($cook->lidEvents, $sealedAt);
        $hard = $cook->outcome->where === Where::Top || $cook->outcome->where === Where::Middle ? in_array($cook->outcome->rice, [RiceOutcome::Hard, RiceOutcome::Firm], true) : null;
        $report = new StoveReport($cook->plan->dish->base->kind->isLaid() ? $cook->outcome->crust : null, $seen->steamAtLidMin, $seen->noSteamByMin, $seen->toastedAtMin, $hard);
        if ($report->isEmpty()) {
            return null;
        }

        return StoveTable::of(self::potWith($cook->plan, null), self::heat($cook, $sealedAt, $openedAt, $cook->lidEvents))->likelihood($report);
    }

    /** The heat as a served cook really had it; null where it was never closed. */
    public static function heatOf(Cook $cook): ?Course
    {
        $sealedAt = $cook->progress['layer']->doneAt ?? null;
        $openedAt = $cook->progress['open']->startedAt ?? $cook->servedAt;

        return $sealedAt === null || $openedAt === null || $cook->plan->sealedPot === null ? null
            : Course::of($cook->plan->sealedPot, self::heat($cook, $sealedAt, $openedAt, $cook->lidEvents), self::STEP_S, openedAtMin: self::opened($cook->lidEvents, $sealedAt));
    }

    public function aim(): Aim
    {
        return $this->plan->aim();
    }

    /** @return list<Foretold> what goes wrong from here, if nothing is changed */
    public function ahead(): array
    {
        return array_values(array_filter(Foretold::in($this->course, $this->aim()), fn (Foretold $fault): bool => $fault->minute >= $this->nowMin - 0.5));
    }

    /** The pot as it is this minute, to go on from. */
    public function asItIs(): Steaming
    {
        $steaming = new Steaming($this->pot);
        $opened = $this->openedAtMin;
        $left = 60 * $this->nowMin;
        foreach ($this->heat as $block) {
            $seconds = min($left, 60 * $block->minutes);
            while ($opened !== [] && 60 * $opened[0] <= $steaming->seconds + $seconds) {
                $until = max(0.0, 60 * array_shift($opened) - $steaming->seconds);
                $steaming->advance($block, $until, self::STEP_S);
                $steaming->open();
                $seconds -= $until;
                $left -= $until;
            }
            $steaming->advance($block, $seconds, self::STEP_S);
            $left -= $seconds;
        }

        return $steaming;
    }

    /** @return list<HeatBlock> the stretches still to come, the one that is on first with what is left of it */
    public function left(): array
    {
        $left = [];
        $from = 0.0;
        foreach ($this->heat as $block) {
            $rest = min($block->minutes, $from + $block->minutes - $this->nowMin);
            $from += $block->minutes;
            if ($rest > 0.01) {
                $left[] = new HeatBlock($rest, $block->setting, $block->plate, $block->until, $block->wanted, $block->ovenC);
            }
        }

        return $left;
    }

    /** The setting that is on now, %. */
    public function setting(): float
    {
        return 100 * ($this->left()[0]->setting ?? 0.0);
    }

    private static function minutes(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return max(0.0, ((float) $to->format('U.u') - (float) $from->format('U.u')) / 60);
    }

    /** The plan's pot at the heat its kind would give, or as a belief has it. */
    private static function potWith(Plan $plan, ?FactorBelief $stove): SealedPot
    {
        $pot = $plan->sealedPot ?? throw new \LogicException('The food does not go into this pot.');

        return $pot->with(netW: $pot->netW / $plan->stove->likely() * ($stove?->likely() ?? 1.0));
    }

    /**
     * @param  list<Event>  $events
     * @return non-empty-list<HeatBlock>
     */
    private static function heat(Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now, array $events): array
    {
        $sets = array_values(array_filter($events, static fn (Event $event): bool => $event->type === EventType::HeatSet));
        $nowMin = self::minutes($sealedAt, $now);
        $line = [];
        $at = 0.0;
        foreach ($cook->plan->heat->blocks as $index => $block) {
            $id = 'heat-'.($index + 1);
            $progress = $cook->progress[$id] ?? new Progress;
            $planned = $at + max(0.0, $block->minutes + $progress->lengthenedMin);
            $end = match (true) {
                $progress->doneAt !== null => max($at, self::minutes($sealedAt, $progress->doneAt)),
                $progress->startedAt !== null => max($planned, $nowMin),
                default => $planned,
            };
            $setting = $block->setting;
            foreach ($sets as $set) {
                $when = self::minutes($sealedAt, $set->at);
                if ($when >= $at && $when < $end) {
                    if ($when > $at + 0.05) {
                        $line[] = new HeatBlock($when - $at, $setting, $block->plate, null, $setting, $block->ovenC);
                    }
                    $at = $when;
                    $setting = $set->setting / 100;
                }
            }
            if ($end > $at + 0.05) {
                $line[] = new HeatBlock($end - $at, $setting, $block->plate, $block->until, $setting, $setting === $block->setting ? $block->ovenC : null);
            }
            $at = max($at, $end);
        }

        return $line === [] ? [$cook->plan->heat->blocks[0]] : $line;
    }

    /**
     * @param  list<Event>  $events
     * @return list<float>
     */
    private static function opened(array $events, DateTimeImmutable $sealedAt): array
    {
        $opened = [];
        foreach ($events as $event) {
            if ($event->type === EventType::Opened) {
                $opened[] = self::minutes($sealedAt, $event->at);
            }
        }

        return $opened;
    }

    /** @param  list<Event>  $events */
    private static function report(array $events, DateTimeImmutable $sealedAt): StoveReport
    {
        $steam = $none = $toasted = null;
        foreach ($events as $event) {
            $minute = self::minutes($sealedAt, $event->at);
            switch (Cue::tryFrom((string) $event->subject)) {
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

        return new StoveReport(null, $steam, $steam === null ? $none : null, $toasted);
    }

    /** @param  non-empty-list<HeatBlock>  $heat */
    private static function believed(Plan $plan, array $heat, StoveReport $seen): FactorBelief
    {
        $today = $plan->stove->today();

        return $seen->isEmpty() ? $plan->stove : $today->given(StoveTable::of(self::potWith($plan, null), $heat)->likelihood($seen));
    }

    /**
     * @param  list<Event>  $events
     * @return list<Cue>
     */
    private static function asks(Course $course, array $events, float $nowMin): array
    {
        $said = array_map(static fn (Event $event): ?Cue => Cue::tryFrom((string) $event->subject), $events);
        $asks = [];
        $steamMin = $course->steamAtLidMin;
        if (! in_array(Cue::Steam, $said, true) && ($steamMin === null ? $nowMin > 6 : $nowMin >= $steamMin - self::ASKED_ROUND_MIN)) {
            $asks = [Cue::Steam, Cue::NoSteam];
            if (! in_array(Cue::LidHot, $said, true) && $course->at($nowMin)->lidC >= self::LID_HOT_C) {
                $asks[] = Cue::LidHot;
            }
        }
        if (! in_array(Cue::Toasted, $said, true) && $course->at($nowMin)->browning >= self::TOASTED_FROM) {
            $asks[] = Cue::Toasted;
        }

        return $asks;
    }

    /** @return list<string> */
    private static function changes(Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now, Course $after): array
    {
        $last = $cook->last;
        $what = match ($last?->type) {
            EventType::HeatSet => sprintf('Turned to %d %%', (int) round($last->setting)),
            EventType::Opened => 'Opened',
            EventType::Late => sprintf('%d min late, the low heat runs on', $last->minutes),
            EventType::Cue => Cue::from((string) $last->subject)->label(),
            default => null,
        };
        if ($last === null || $what === null) {
            return [];
        }
        $without = $cook->without($last);
        $heat = self::heat($without, $sealedAt, $now, $without->lidEvents);
        $was = Course::of(self::potWith($cook->plan, self::believed($cook->plan, $heat, self::report($without->lidEvents, $sealedAt))), $heat, self::STEP_S, openedAtMin: self::opened($without->lidEvents, $sealedAt));

        $says = [];
        if ($was->colour() !== $after->colour()) {
            $says[] = sprintf('the crust comes out %s, not %s', $after->colour()->label(), $was->colour()->label());
        }
        $done = static fn (Course $course): ?float => $course->firstMinute(static function ($moment): bool {
            foreach ($moment->layers as $layer) {
                if ($layer->doneness < Aim::DONE) {
                    return false;
                }
            }

            return true;
        });
        [$wasDone, $isDone] = [$done($was), $done($after)];
        if ($isDone === null && $wasDone !== null) {
            $says[] = 'the rice is not done by the end';
        } elseif ($isDone !== null && $wasDone !== null && abs($isDone - $wasDone) >= 1) {
            $says[] = sprintf('the rice is done %d min %s', (int) round(abs($isDone - $wasDone)), $isDone > $wasDone ? 'later' : 'earlier');
        }
        $water = $after->end()->leakG - $was->end()->leakG;
        if (abs($water) >= 5) {
            $says[] = sprintf('%d g %s steam gets out', (int) round(abs($water)), $water > 0 ? 'more' : 'less');
        }

        return [$says === [] ? "{$what}: nothing that matters changes." : "{$what}: ".implode('; ', $says).'.'];
    }
}

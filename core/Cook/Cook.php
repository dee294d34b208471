<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Plan\Lift;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Station;
use Orbek\Core\Rice\Stage;

/**
 * cook = fold(events): what has happened so far, and so what is next.
 *
 * Events are taken in the order in which they happened, each once, so that an event sent twice or
 * late after a lost connection ends in the same cook.
 */
final readonly class Cook
{
    private const SOONEST_TEST_S = 5.0;

    private const LATEST_TEST_S = 3600.0;

    private const LATEST_BACK_S = 1800.0;

    /**
     * @param  array<string, Progress>  $progress by task
     * @param  list<string>  $cautionsRead
     * @param  list<Observation>  $observations grains tested and spoonfuls weighed, in order
     */
    private function __construct(
        public Plan $plan,
        public array $progress,
        public array $cautionsRead,
        public array $observations,
        /** Seconds after which the water was seen to boil again. */
        private ?float $backAtBoilS,
        /** First scoops lifted from the boil that is on, or was last. */
        public int $scoops,
        public ?DateTimeImmutable $servedAt,
        public ?Outcome $outcome,
        /** @var list<Event> what was done to the closed pot and seen of it, in order */
        public array $lidEvents,
        /** Minutes by which those who eat are late. */
        public int $lateMin,
        /** The event that an undo would take back. */
        public ?Event $last,
        /** The moment up to which it is folded. */
        private DateTimeImmutable $now,
        /** @var list<Event> all of them, in order */
        private array $events,
    ) {
    }

    /** @param  list<Event>  $events in any order */
    public static function fold(Plan $plan, array $events, DateTimeImmutable $now): self
    {
        $byId = [];
        foreach ($events as $event) {
            $byId[$event->id] = $event;
        }
        $ordered = array_values($byId);
        usort($ordered, static fn (Event $a, Event $b): int => [$a->at->format('U.u'), $a->id] <=> [$b->at->format('U.u'), $b->id]);

        $undone = [];
        foreach ($ordered as $event) {
            if ($event->type === EventType::Undone) {
                $undone[(string) $event->subject] = true;
            }
        }

        /** @var array<string, Progress> $progress */
        $progress = array_map(static fn (Task $task): Progress => new Progress, $plan->schedule->tasks);
        $read = [];
        $observations = [];
        $backAtBoilS = null;
        $scoops = 0;
        $servedAt = null;
        $outcome = null;
        $lidEvents = [];
        $lateMin = 0;
        $last = null;
        foreach ($ordered as $event) {
            if ($event->type === EventType::Undone || isset($undone[$event->id])) {
                continue;
            }
            $at = $event->at;
            $before = $progress[(string) $event->subject] ?? null;
            switch ($event->type) {
                case EventType::Started:
                    if ($before !== null && $before->startedAt === null) {
                        $progress[(string) $event->subject] = new Progress($at, null, $before->lengthenedMin);
                        $scoops = str_starts_with((string) $event->subject, 'boil') ? 0 : $scoops;
                        $last = $event;
                    }
                    break;
                case EventType::Done:
                    if ($before !== null && $before->doneAt === null) {
                        $progress[(string) $event->subject] = new Progress($before->startedAt ?? $at, $at, $before->lengthenedMin);
                        $progress = self::startWhatFollowsAtOnce($plan, $progress, (string) $event->subject, $at);
                        $last = $event;
                    }
                    break;
                case EventType::Lengthened:
                    if ($before !== null) {
                        $progress[(string) $event->subject] = new Progress($before->startedAt, $before->doneAt, $before->lengthenedMin + $event->minutes);
                        $last = $event;
                    }
                    break;
                case EventType::Tested:
                case EventType::Weighed:
                case EventType::BackAtBoil:
                    // Seen before the rice was in, or hours after: a slip of the hand, not a test.
                    $seconds = $before?->startedAt === null ? 0.0 : (float) $at->format('U.u') - (float) $before->startedAt->format('U.u');
                    if ($seconds >= self::SOONEST_TEST_S && $seconds <= self::LATEST_TEST_S) {
                        match ($event->type) {
                            EventType::Tested => $observations[] = Observation::touched($seconds, $event->stage ?? Stage::first()),
                            EventType::Weighed => $observations[] = Observation::weighed($seconds, $event->ratio),
                            default => $backAtBoilS = min($seconds, self::LATEST_BACK_S),
                        };
                        $last = $event;
                    }
                    break;
                case EventType::Scooped:
                    if ($before !== null && $before->isRunning() && $plan->boil !== null && $scoops < count($plan->boil->lifts) - 1) {
                        $scoops++;
                        $last = $event;
                    }
                    break;
                case EventType::HeatSet:
                case EventType::Opened:
                case EventType::Cue:
                    // Before the lid is on and after it is off there is nothing under it.
                    if (isset($progress['layer']) && $progress['layer']->isDone() && ! $progress['open']->isDone()) {
                        $lidEvents[] = $event;
                        $last = $event;
                    }
                    break;
                case EventType::Late:
                    $lateMin += $event->minutes;
                    $held = self::holds($plan, $progress);
                    if ($held !== null) {
                        $progress[$held] = new Progress($progress[$held]->startedAt, $progress[$held]->doneAt, $progress[$held]->lengthenedMin + $event->minutes);
                    }
                    $last = $event;
                    break;
                case EventType::CautionRead:
                    $read[] = (string) $event->subject;
                    break;
                case EventType::Served:
                    $servedAt ??= $at;
                    $last = $event;
                    break;
                case EventType::Noted:
                    $outcome = $event->outcome;
                    break;
            }
        }

        return new self($plan, self::endWhatRanOut($plan, $progress, $now), $read, $observations, $backAtBoilS, $scoops, $servedAt, $outcome, $lidEvents, $lateMin, $last, $now, $ordered);
    }

    /**
     * The stretch of heat that runs longer when those who eat are late: the one that is on, or the last low one.
     *
     * @param  array<string, Progress>  $progress
     */
    private static function holds(Plan $plan, array $progress): ?string
    {
        $held = null;
        foreach (array_keys($plan->heat->blocks) as $index) {
            $id = 'heat-'.($index + 1);
            if (isset($progress[$id]) && ! $progress[$id]->isDone() && ($held === null || ! $plan->heat->blocks[$index]->isRest())) {
                $held = $id;
                if ($progress[$id]->isRunning() && $plan->heat->blocks[$index]->until === null) {
                    break;
                }
            }
        }

        return $held;
    }

    /** The same cook, had one event not happened. */
    public function without(Event $event): self
    {
        return self::fold($this->plan, array_values(array_filter($this->events, static fn (Event $other): bool => $other->id !== $event->id)), $this->now);
    }

    /** What goes on under the lid; null while it is not on, and once it is off. */
    public function underTheLid(): ?UnderTheLid
    {
        return UnderTheLid::of($this, $this->now);
    }

    /** Its minutes as planned and lengthened. */
    public function minutes(string $task): int
    {
        return max(0, $this->plan->schedule->tasks[$task]->minutes + $this->progress[$task]->lengthenedMin);
    }

    /** When a running task's minutes are up. */
    public function endsAt(string $task): ?DateTimeImmutable
    {
        $startedAt = $this->progress[$task]->startedAt;

        return $startedAt?->setTimestamp($startedAt->getTimestamp() + 60 * $this->minutes($task));
    }

    /** The boil that is running, if one is. */
    public function boiling(): ?string
    {
        foreach ($this->progress as $task => $progress) {
            if ($progress->isRunning() && str_starts_with($task, 'boil')) {
                return $task;
            }
        }

        return null;
    }

    /** The lift that comes next in the boil, or was the last; null where no rice is boiled and drained. */
    public function lift(): ?Lift
    {
        return $this->plan->boil?->lifts[$this->scoops];
    }

    /** Whether a scoop is lifted while the rest boils on. */
    public function isScoopNext(): bool
    {
        return $this->plan->boil !== null && $this->scoops < count($this->plan->boil->lifts) - 1;
    }

    /** When to lift, with all that was seen in this boil. */
    public function forecast(): ?BoilForecast
    {
        return $this->lift()?->forecast->seeing($this->observations, $this->backAtBoilS);
    }

    /** Seconds the rice was in the water when it was lifted, once it has been. */
    public function liftedAfterS(): ?int
    {
        $boil = $this->progress['boil'] ?? new Progress;

        return $boil->startedAt !== null && $boil->doneAt !== null ? $boil->doneAt->getTimestamp() - $boil->startedAt->getTimestamp() : null;
    }

    /**
     * What the notebook keeps of it: forecast and fact, and how it came out.
     *
     * @return array{stove?: array{pot: string, burner: string, likelihood: list<float>}, steam_min?: float, rice?: string, crust?: string, filling?: string, line?: string, lifted_s?: int, lift_forecast_s?: int, late_min?: int, taught?: array{lot: string, likelihood: list<float>}, used?: array{lot: string, g: float}}
     */
    public function summary(): array
    {
        $summary = [];
        $lifted = $this->liftedAfterS();
        if ($lifted !== null && $this->plan->boil !== null) {
            $summary['lifted_s'] = $lifted;
            $summary['lift_forecast_s'] = (int) round($this->plan->boil->liftAt->amount);
        }
        if (($this->progress['boil'] ?? $this->progress['cook'] ?? new Progress)->startedAt !== null) {
            $summary['used'] = ['lot' => $this->plan->dish->rice->lot, 'g' => round($this->plan->rice->amount, 1)];
        }
        $forecast = $this->forecast();
        if ($this->observations !== [] && $forecast !== null) {
            $summary['taught'] = ['lot' => $this->plan->dish->rice->lot, 'likelihood' => array_map(static fn (float $likely): float => round($likely, 9), $forecast->taught)];
        }
        if ($this->servedAt !== null) {
            $summary['late_min'] = (int) round(($this->servedAt->getTimestamp() - $this->plan->tableAt->getTimestamp()) / 60);
        }
        if ($this->outcome !== null) {
            $stove = UnderTheLid::taught($this);
            if ($stove !== null) {
                $summary['stove'] = ['pot' => $this->plan->pot()->id, 'burner' => $this->plan->dish->lid->burner, 'likelihood' => array_map(static fn (float $likely): float => round($likely, 9), $stove)];
            }
            $summary += ['rice' => $this->outcome->rice->value, 'crust' => $this->outcome->crust->value, 'filling' => $this->outcome->filling->value, 'line' => $this->outcome->line];
        }

        return $summary;
    }

    /**
     * What to mind at a task, as far as it has not been read in this cook.
     *
     * @return list<Caution>
     */
    public function cautions(?string $task): array
    {
        $station = match (true) {
            $task === null => null,
            $task === 'rinse' => Station::Rice,
            $task === 'hot-fat' => Station::Layers,
            $task === 'layer' => Station::Lid,
            $task === 'open' => Station::Serve,
            str_starts_with($task, 'filling-'), $task === 'marinade' => Station::Filling,
            preg_match('/^heat-\d/', $task) === 1 => Station::Heat,
            default => null,
        };

        return $station === null ? [] : array_values(array_filter(
            $this->plan->cautions[$station->value] ?? [],
            fn (Caution $caution): bool => ! in_array($caution->value, $this->cautionsRead, true),
        ));
    }

    /** What to do now, next, and what runs beside; laid again round what has happened. */
    public function situation(): Situation
    {
        [$schedule, $tableAt] = $this->layAgain();

        $waiting = [];
        $running = [];
        foreach (array_keys($schedule->tasks) as $id) {
            $this->progress[$id]->isRunning() ? $running[] = $id : $waiting[] = $id;
        }

        $current = $this->inHand($running);
        $next = array_values(array_filter($waiting, fn (string $id): bool => $this->isReady($id, $current)));
        if ($current === null) {
            // Between two things to do, whatever comes first is next: a start, or something to turn down.
            $first = $this->firstToEnd($running);
            $startsAt = isset($next[0]) ? $tableAt->modify("{$schedule->start($next[0])} minutes") : null;
            $current = $first !== null && ($startsAt === null || $this->endsAt($first) < $startsAt) ? $first : array_shift($next);
        }

        return new Situation(
            $current,
            $next[0] ?? null,
            isset($next[0]) && $this->followsAtOnce($next[0], $current),
            array_values(array_filter($running, static fn (string $id): bool => $id !== $current)),
            $schedule,
            $tableAt,
        );
    }

    /**
     * The running task that has the hands, or whose minutes are up.
     *
     * @param  list<string>  $running
     */
    private function inHand(array $running): ?string
    {
        foreach ($running as $id) {
            if ($this->plan->schedule->tasks[$id]->attention === Attention::Throughout) {
                return $id;
            }
        }
        $first = $this->firstToEnd($running);

        return $first !== null && $this->endsAt($first) <= $this->now ? $first : null;
    }

    /**
     * The running task that will call for a hand first.
     *
     * @param  list<string>  $running
     */
    private function firstToEnd(array $running): ?string
    {
        $calling = array_filter($running, fn (string $id): bool => $this->plan->schedule->tasks[$id]->attention !== Attention::None);
        usort($calling, fn (string $a, string $b): int => $this->endsAt($a) <=> $this->endsAt($b));

        return $calling[0] ?? null;
    }

    private function followsAtOnce(string $id, ?string $current): bool
    {
        foreach ($this->plan->schedule->tasks[$id]->after as $gap) {
            if ($gap->task === $current && $gap->isAtOnce()) {
                return true;
            }
        }

        return false;
    }

    /** Whether what it comes after is done, is being done, or ends without a hand: its start reckons with that. */
    private function isReady(string $id, ?string $current): bool
    {
        $task = $this->plan->schedule->tasks[$id];
        if ($task->attention === Attention::None) {
            return false;
        }
        foreach ($task->after as $gap) {
            $endsByItself = $this->progress[$gap->task]->isRunning() && $this->plan->schedule->tasks[$gap->task]->attention === Attention::None;
            if ($gap->task !== $current && ! $this->progress[$gap->task]->isDone() && ! $endsByItself) {
                return false;
            }
        }

        return true;
    }

    /**
     * What is still to do, counted back from the table; the table moves when it cannot be met.
     *
     * @return array{Schedule, DateTimeImmutable}
     */
    private function layAgain(): array
    {
        $left = array_keys(array_filter($this->progress, static fn (Progress $progress): bool => ! $progress->isDone()));
        $tasks = [];
        foreach ($left as $id) {
            $task = $this->plan->schedule->tasks[$id]->minding($left);
            $endsAt = $this->endsAt($id);
            $tasks[] = $endsAt === null ? $task : $task->shortenedTo(max(0, (int) ceil(($endsAt->getTimestamp() - $this->now->getTimestamp()) / 60)));
        }

        $tableAt = $this->plan->tableAt->modify("+{$this->lateMin} minutes");
        $schedule = $this->layFor($tasks, $tableAt);
        $lateS = $this->now->getTimestamp() - $tableAt->modify("{$schedule->firstStart()} minutes")->getTimestamp();
        if ($tasks !== [] && $lateS > 0) {
            $tableAt = $tableAt->modify('+'.(int) ceil($lateS / 60).' minutes');
            $schedule = $this->layFor($tasks, $tableAt);
        }

        return [$schedule, $tableAt];
    }

    /** @param  list<Task>  $tasks */
    private function layFor(array $tasks, DateTimeImmutable $tableAt): Schedule
    {
        // Drained rice does not wait because the rest has time: gaps to what is done still count,
        // as far as what is running leaves room.
        $latest = [];
        foreach ($tasks as $task) {
            if ($this->progress[$task->id]->startedAt !== null) {
                continue;
            }
            $after = $this->plan->schedule->tasks[$task->id]->after;
            $earliest = $this->now->getTimestamp();
            foreach ($after as $gap) {
                $earliest = max($earliest, $this->progress[$gap->task]->isRunning() ? (int) $this->endsAt($gap->task)?->getTimestamp() : 0);
            }
            foreach ($after as $gap) {
                $doneAt = $this->progress[$gap->task]->doneAt;
                if ($gap->mostMin !== null && $doneAt !== null) {
                    $latestAt = max($doneAt->getTimestamp() + 60 * $gap->mostMin, $earliest);
                    $latest[$task->id] = min($latest[$task->id] ?? PHP_INT_MAX, (int) ceil(($latestAt - $tableAt->getTimestamp()) / 60));
                }
            }
        }

        try {
            return CountBack::lay($tasks, $latest);
        } catch (CannotBeLaid) {
            return CountBack::lay(array_map(static fn (Task $task): Task => $task->withoutMost(), $tasks));
        }
    }

    /**
     * @param  array<string, Progress>  $progress
     * @return array<string, Progress>
     */
    private static function startWhatFollowsAtOnce(Plan $plan, array $progress, string $done, DateTimeImmutable $at): array
    {
        foreach ($plan->schedule->tasks as $id => $task) {
            foreach ($task->after as $gap) {
                if ($gap->task === $done && $gap->isAtOnce() && $progress[$id]->startedAt === null) {
                    $progress[$id] = new Progress($at, null, $progress[$id]->lengthenedMin);
                }
            }
        }

        return $progress;
    }

    /**
     * What needs no hand ends when its minutes are up.
     *
     * @param  array<string, Progress>  $progress
     * @return array<string, Progress>
     */
    private static function endWhatRanOut(Plan $plan, array $progress, DateTimeImmutable $now): array
    {
        foreach ($progress as $id => $state) {
            if ($state->startedAt === null || $state->doneAt !== null || $plan->schedule->tasks[$id]->attention !== Attention::None) {
                continue;
            }
            $endsAt = $state->startedAt->modify('+'.max(0, $plan->schedule->tasks[$id]->minutes + $state->lengthenedMin).' minutes');
            if ($endsAt <= $now) {
                $progress[$id] = new Progress($state->startedAt, $endsAt, $state->lengthenedMin);
            }
        }

        return $progress;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Care\Caution;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\Eye;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Rice\Lift;
use Orbek\Core\Plan\Work\WorkKind;

/**
 * cook = fold(events): what has happened so far, and so what is next.
 *
 * Events are taken in the order in which they happened, each once, so that an event sent twice or
 * late after a lost connection ends in the same cook.
 *
 * @phpstan-type Summary array{
 *     pot?: string, burner?: string, rice?: string, crust?: string, filling?: string, line?: string,
 *     browning?: float, colour?: string, lifted_s?: int, lift_forecast_s?: int, lift_from_s?: int, lift_by_s?: int,
 *     late_min?: int, people?: int, taught?: array{lot: string, likelihood: list<float>},
 *     used?: array{lot: string, g: float},
 *     stove?: array{pot: string, burner: string, likelihood: list<float>},
 *     eye?: array{who: string, evidence: list<float>, readings: int}, salt?: string, also?: list<string>,
 *     notes?: list<array{of: string, likelihood: list<float>}>,
 *     boiled?: array{pot: string, burner: string, likelihood: list<float>},
 *     glass?: list<array{by_glass: float, by_scale: float}>,
 *     heats?: list<array{of: string, likelihood: list<float>}>
 * }
 */
final readonly class Cook
{
    /** Minutes past its time from which a table counts as late. */
    public const LATE_MIN = 10;

    /** Spoonfuls taken so near each other are held against each other. */
    private const SAME_SPOONFUL_S = 90.0;

    /** How far a weighed spoonful leaves the doneness beside it unsure. */
    private const WEIGHED_SD = 0.05;

    /** @param  list<Event>  $events all of them, in order */
    private function __construct(
        public State $state,
        /** The event that an undo would take back. */
        public ?Event $last,
        /** The moment up to which it is folded. */
        public DateTimeImmutable $now,
        private array $events,
    ) {
    }

    /** @param  list<Event>  $events in any order */
    public static function fold(Plan $plan, array $events, DateTimeImmutable $now): self
    {
        $state = new State($plan);
        $last = null;
        foreach (self::counting($events) as $event) {
            $last = $event->happenTo($state) ? $event : $last;
        }
        $state->endWhatRanOut($now);

        return new self($state, $last, $now, self::inOrder($events));
    }

    /**
     * What was not taken back, as it happened.
     *
     * @param  list<Event>  $events in any order
     * @return list<Event>
     */
    public static function counting(array $events): array
    {
        $undone = [];
        foreach ($events as $event) {
            if ($event instanceof Events\Undone) {
                $undone[$event->event] = true;
            }
        }

        return array_values(array_filter(
            self::inOrder($events), static fn (Event $event): bool => ! isset($undone[$event->id]),
        ));
    }

    /**
     * @param  list<Event>  $events
     * @return list<Event> each once, as they happened
     */
    private static function inOrder(array $events): array
    {
        $byId = [];
        foreach ($events as $event) {
            $byId[$event->id] = $event;
        }
        $ordered = array_values($byId);
        usort(
            $ordered,
            static fn (Event $a, Event $b): int => [$a->at->format('U.u'), $a->id] <=> [$b->at->format('U.u'), $b->id],
        );

        return $ordered;
    }

    public function plan(): Plan
    {
        return $this->state->plan;
    }

    /** How many events it is the fold of. */
    public function eventCount(): int
    {
        return count($this->events);
    }

    /** The same cook, had one event not happened. */
    public function without(Event $event): self
    {
        return self::fold(
            $this->plan(),
            array_values(array_filter($this->events, static fn (Event $other): bool => $other->id !== $event->id)),
            $this->now,
        );
    }

    /** What goes on under the lid; null while it is not on, and once it is off. */
    public function underTheLid(): ?UnderTheLid
    {
        return UnderTheLid::of($this, $this->now);
    }

    /** Its minutes as planned and lengthened. */
    public function minutes(string $task): int
    {
        return $this->state->minutes($task);
    }

    /** When a running task's minutes are up. */
    public function endsAt(string $task): ?DateTimeImmutable
    {
        return $this->state->endsAt($task);
    }

    /** The boil that is running, if one is. */
    public function boiling(): ?string
    {
        foreach ($this->state->progress as $task => $progress) {
            if ($progress->isRunning() && $this->plan()->day->task($task)->kind === WorkKind::Boil) {
                return $task;
            }
        }

        return null;
    }

    /** The lift that comes next in the boil, or was the last; null where no rice is boiled and drained. */
    public function lift(): ?Lift
    {
        return $this->plan()->boil()?->lifts[$this->state->scoops];
    }

    /** The boil that the rice is in, or was last; null where it has been in none yet. */
    public function boilTask(): ?string
    {
        $last = null;
        foreach ($this->state->progress as $task => $progress) {
            if ($progress->startedAt !== null && $this->plan()->day->task($task)->kind === WorkKind::Boil) {
                $last = $task;
            }
        }

        return $last;
    }

    /** Whether a scoop is lifted while the rest boils on. */
    public function isScoopNext(): bool
    {
        return $this->state->scoops < count($this->plan()->boil()->lifts ?? []) - 1;
    }

    /** When to lift, with all that was seen in this boil. */
    public function forecast(): ?BoilForecast
    {
        return $this->lift()?->forecast->seeing($this->state->observations, $this->state->backAtBoilS);
    }

    /** Seconds the rice was in the water when it was lifted, once it has been. */
    public function liftedAfterS(): ?int
    {
        $boil = $this->state->of(WorkKind::Boil);

        return $boil->startedAt !== null && $boil->doneAt !== null
            ? $boil->doneAt->getTimestamp() - $boil->startedAt->getTimestamp()
            : null;
    }

    /** What is left of it in the fridge; null where nothing is, or nothing any more. */
    public function leftovers(): ?Leftovers
    {
        return $this->state->leftoversGone === null ? $this->state->leftovers : null;
    }

    /**
     * What the notebook keeps of it: forecast and fact, what it taught, and how it came out.
     *
     * @return Summary
     */
    public function summary(): array
    {
        $plan = $this->plan();
        $summary = ['pot' => $plan->dish->lid->pot, 'burner' => $plan->dish->lid->ring] + $this->taught();
        $lifted = $this->liftedAfterS();
        $boil = $plan->boil();
        if ($lifted !== null && $boil !== null) {
            $summary['lifted_s'] = $lifted;
            $liftAt = $boil->liftAt;
            $summary['lift_forecast_s'] = (int) round($liftAt->amount);
            $summary['lift_from_s'] = (int) round($liftAt->from ?? $liftAt->amount);
            $summary['lift_by_s'] = (int) round($liftAt->by ?? $liftAt->amount);
        }
        if (($this->state->of(WorkKind::Boil)->startedAt ?? $this->state->of(WorkKind::Cook)->startedAt) !== null) {
            $summary['used'] = ['lot' => $plan->dish->grain->rice->bag, 'g' => round($plan->potted->raw->inGrams(), 1)];
        }
        if ($this->state->servedAt !== null) {
            $summary['late_min'] = (int) round(
                ($this->state->servedAt->getTimestamp() - $plan->day->tableAt->getTimestamp()) / 60,
            );
        }
        $summary['people'] = $plan->dish->table->eaters;
        $glass = $this->glassBesideScale();
        $summary += $glass === [] ? [] : ['glass' => $glass];
        $outcome = $this->state->outcome;

        return $summary + ($outcome === null ? []
            : [
                'rice' => $outcome->rice->value, 'filling' => $outcome->filling->value, 'line' => $outcome->line,
            ] + ($outcome->crust === null ? [] : ['crust' => $outcome->crust->value])
                + ($outcome->salt === null ? [] : ['salt' => $outcome->salt->value])
                + ($outcome->also === [] ? [] : ['also' => array_column($outcome->also, 'value')])
                + $this->measured());
    }

    /**
     * What spoonfuls came to under glass and on the scale, where both were within a minute and a half of each other:
     * how the reading of photographs is checked where it is used.
     *
     * @return list<array{by_glass: float, by_scale: float}>
     */
    private function glassBesideScale(): array
    {
        $pairs = [];
        $forecast = $this->forecast();
        foreach ($this->state->observations as $read) {
            foreach ($this->state->observations as $weighed) {
                $isPair = $read->picture !== null && $weighed->picture === null && $weighed->stage === null
                    && abs($read->seconds - $weighed->seconds) <= self::SAME_SPOONFUL_S;
                if ($isPair && $forecast !== null) {
                    $cooked = $forecast->donenessAfter($read->seconds) - $forecast->donenessAfter($weighed->seconds);
                    $pairs[] = [
                        'by_glass' => round($read->doneness, 3),
                        // What the one cooked longer than the other is no fault of either.
                        'by_scale' => round($weighed->weighs($forecast->uptake) + $cooked, 3),
                    ];
                }
            }
        }

        return $pairs;
    }

    /** @return array{browning?: float, colour?: string} of the crust as it was measured */
    private function measured(): array
    {
        $crust = $this->state->measuredCrust;

        return $crust === null || $crust->tooOdd !== null ? [] : [
            'browning' => round($crust->browning(), 4), 'colour' => $crust->colour->hex(),
        ];
    }

    /**
     * @return array{
     *     stove?: array{pot: string, burner: string, likelihood: list<float>},
     *     eye?: array{who: string, evidence: list<float>, readings: int},
     *     taught?: array{lot: string, likelihood: list<float>},
     *     notes?: list<array{of: string, likelihood: list<float>}>,
     *     boiled?: array{pot: string, burner: string, likelihood: list<float>},
     *     heats?: list<array{of: string, likelihood: list<float>}>
     * }
     */
    private function taught(): array
    {
        $dish = $this->plan()->dish;
        $taught = [];
        $forecast = $this->forecast();
        if ($this->state->observations !== [] && $forecast !== null) {
            $taught['taught'] = ['lot' => $dish->grain->rice->bag, 'likelihood' => self::rounded($forecast->taught)];
        }
        $eye = $this->eye();
        if ($eye !== null) {
            $taught['eye'] = $eye;
        }
        $stove = LidTeaches::of($this);
        if ($stove !== null) {
            $taught['stove'] = [
                'pot' => $this->plan()->pot()->id,
                'burner' => $dish->lid->ring,
                'likelihood' => self::rounded($stove['stove']),
            ];
            $taught['heats'] = array_map(
                static fn (array $one): array => ['likelihood' => self::rounded($one['likelihood'])] + $one,
                $stove['heats'],
            );
        }
        $boiled = $this->state->servedAt === null ? null : BoilSays::of($this);
        if ($boiled !== null) {
            $taught['boiled'] = ['likelihood' => self::rounded($boiled['likelihood'])] + $boiled;
        }
        $notes = array_map(
            static fn (array $one): array => ['likelihood' => self::rounded($one['likelihood'])] + $one,
            NoteTeaches::of($this),
        );

        return $notes === [] ? $taught : $taught + ['notes' => $notes];
    }

    /**
     * What grains touched near a weighed spoonful tell of who touched them.
     *
     * @return array{who: string, evidence: list<float>, readings: int}|null
     */
    private function eye(): ?array
    {
        $forecast = $this->lift()?->forecast;
        $weighed = array_values(array_filter(
            $this->state->observations, static fn (Observation $one): bool => $one->stage === null,
        ));
        if ($forecast === null || $weighed === []) {
            return null;
        }
        $boil = $this->state->backAtBoilS === null
            ? $forecast->boil
            : $forecast->boil->backAfter($this->state->backAtBoilS);
        // By the scale alone: what was touched must not judge itself.
        $factor = $forecast->seeing($weighed, $this->state->backAtBoilS)->today->likely();
        $evidence = [];
        $readings = 0;
        foreach ($this->state->observations as $one) {
            if ($one->stage !== null) {
                $lesson = Eye::named($boil->donenessAfter($one->seconds, $factor), $one->stage, self::WEIGHED_SD);
                $evidence = $evidence === [] ? $lesson : array_map(
                    static fn (float $sum, float $ln): float => round($sum + $ln, 6), $evidence, $lesson,
                );
                $readings++;
            }
        }

        return $readings === 0 ? null : [
            'who' => $this->plan()->reads(), 'evidence' => $evidence, 'readings' => $readings,
        ];
    }

    /**
     * @param  list<float>  $likelihood
     * @return list<float>
     */
    private static function rounded(array $likelihood): array
    {
        return array_map(static fn (float $likely): float => round($likely, 9), $likelihood);
    }

    /**
     * What to mind at a task, as far as it has not been read in this cook.
     *
     * @return list<Caution>
     */
    public function cautions(?string $task): array
    {
        if ($task === null) {
            return [];
        }
        $work = $this->plan()->day->task($task);
        $station = $work->kind->station();
        $there = [...($work->caution === null ? [] : [$work->caution]), ...array_filter(
            $station === null ? [] : $this->plan()->cautions()[$station->value] ?? [],
            fn (Caution $caution): bool => ! $this->plan()->day->isMindedAtOneTask($caution),
        )];

        return array_values(array_filter(
            $there, fn (Caution $caution): bool => ! in_array($caution->value, $this->state->cautionsRead, true),
        ));
    }
}

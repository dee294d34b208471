<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Events\Remarked;
use Orbek\Core\Dish\Tasting;
use Orbek\Core\Learning\MeasuredCrust;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\WorkKind;

/** How far a cook is: what each event in turn makes of it. */
final class State extends Tasks
{
    private const SOONEST_TEST_S = 5.0;

    private const LATEST_TEST_S = 3600.0;

    /** @var list<string> */
    public array $cautionsRead = [];

    /** @var list<Observation> grains tested and spoonfuls weighed, in order */
    public array $observations = [];

    /** Seconds after which the water was seen to boil again. */
    public ?float $backAtBoilS = null;

    /** First scoops lifted from the boil that is on, or was last. */
    public int $scoops = 0;

    /** @var array<string, TasteSaid> how what is tasted at a task was last, by task */
    public array $tasted = [];

    /** @var list<array{Tasting, TasteSaid}> all that was tasted, in order */
    public array $tastings = [];

    /** @var list<string> tasks whose look was found to have gone too far */
    public array $tooFar = [];

    /** @var list<string> tasks whose water came hot */
    public array $fromKettle = [];

    public ?DateTimeImmutable $servedAt = null;

    public ?Outcome $outcome = null;

    public ?MeasuredCrust $measuredCrust = null;

    public ?Leftovers $leftovers = null;

    public ?LeftoversGone $leftoversGone = null;

    /** @var list<Remarked> lines written later, in order */
    public array $remarks = [];

    /** @var list<Event> what was done to the closed pot and seen of it, in order */
    public array $lidEvents = [];

    /** Minutes by which those who eat are late; by which the table is wanted sooner where negative. */
    public int $lateMin = 0;

    public function __construct(public readonly Plan $plan)
    {
        parent::__construct($plan->day->schedule->tasks);
    }

    /**
     * Seconds a boil had been running at a moment; null where that is before the rice was in, or
     * hours after: a slip of the hand, not a test.
     */
    public function secondsIn(string $task, DateTimeImmutable $at): ?float
    {
        $startedAt = ($this->progress[$task] ?? null)?->startedAt;
        $seconds = $startedAt === null ? 0.0 : (float) $at->format('U.u') - (float) $startedAt->format('U.u');

        return $seconds >= self::SOONEST_TEST_S && $seconds <= self::LATEST_TEST_S ? $seconds : null;
    }

    /** Whether the lid is on: before and after there is nothing under it. */
    public function isSealed(): bool
    {
        return $this->of(WorkKind::Layer)->isDone() && ! $this->of(WorkKind::Open)->isDone();
    }

    /** Progress of the first piece of work of a kind; none where the dish has no such work. */
    public function of(WorkKind $kind): Progress
    {
        return $this->progress[$kind->id()] ?? new Progress;
    }

    /** The stretch of heat that runs longer when those who eat are late: the one that is on, or the last low one. */
    public function stretchThatHolds(): ?string
    {
        $held = null;
        foreach ($this->plan->potted->first()->line() as $index => $stretch) {
            $id = WorkKind::Heat->id($index);
            $progress = $this->progress[$id] ?? null;
            if ($progress === null || $progress->isDone() || ($held !== null && $stretch->isRest())) {
                continue;
            }
            $held = $id;
            if ($progress->isRunning() && $stretch->till === null) {
                break;
            }
        }

        return $held;
    }
}

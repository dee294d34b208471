<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Job;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\EndsBy;
use Orbek\Core\Plan\Work\WorkKind;

/** A task of a meal: whose it is, what it is called, and what the clock sees of it. */
final readonly class MealTask
{
    /** A closed pot keeps so long in a low oven before its rice dries, min. */
    private const KEEPS_WARM_MIN = 40;

    /** @param  int|null  $dish its place among the meal's dishes; null for a side */
    public function __construct(
        public Job $job,
        public Note $name,
        public ?Note $detail,
        public ?int $dish,
        public ?WorkKind $kind,
        public ?Note $keeps,
        /** The ring it is on, by id; null where it is on none. */
        public ?string $ring,
        /** Its id within its dish, or among the sides. */
        public string $task,
        public Attention $attention,
        /** What the cook says when it begins, and when it is done. */
        public Note $begin,
        public Note $finish,
        /** Done the day before: off the clock of the day. */
        public bool $isAhead = false,
        /** What ends it beside its minutes. */
        public ?EndsBy $endsBy = null,
    ) {
    }

    /** The same as the clock is to see it otherwise. */
    private function as(Job $job, ?bool $isAhead = null): self
    {
        return new self(
            job: $job,
            name: $this->name,
            detail: $this->detail,
            dish: $this->dish,
            kind: $this->kind,
            keeps: $this->keeps,
            ring: $this->ring,
            task: $this->task,
            attention: $this->attention,
            begin: $this->begin,
            finish: $this->finish,
            isAhead: $isAhead ?? $this->isAhead,
            endsBy: $this->endsBy,
        );
    }

    /** The same, done the day before or not. */
    public function ahead(bool $isAhead): self
    {
        return $isAhead === $this->isAhead ? $this : $this->as($this->job, $isAhead);
    }

    /** Whether it wants somebody's hands, from its start. */
    public function wantsHands(): bool
    {
        foreach ($this->job->claims as [$thing]) {
            if ($thing === Hold::hands()->key()) {
                return true;
            }
        }

        return false;
    }

    /** Minutes for which it has somebody's hands. */
    public function handsMin(): int
    {
        $minutes = 0;
        foreach ($this->job->claims as [$thing, $from, $to]) {
            $minutes += $thing === Hold::hands()->key() ? $to - $from : 0;
        }

        return $minutes;
    }

    /** Whether it is in the oven itself; a dish that is kept warm has the oven before it is opened. */
    public function isInOven(): bool
    {
        foreach ($this->job->claims as [$thing, $from]) {
            if ($thing === Hold::oven()->key() && $from >= 0) {
                return true;
            }
        }

        return false;
    }

    /**
     * A dish that may be done a while before the table, and is kept in the oven till then: it rests there, closed, and
     * is opened at the table.
     */
    public function keptWarm(int $dish): self
    {
        if ($this->dish !== $dish || $this->kind !== WorkKind::Open) {
            return $this;
        }
        $after = array_map(static fn (After $gap): After => After::gap(
            $gap->task, $gap->leastMin, max($gap->mostMin ?? 0, self::KEEPS_WARM_MIN),
        ), $this->job->after);

        return $this->as($this->job->following($after)->claiming([
            ...$this->job->claims, [Hold::oven()->key(), -self::KEEPS_WARM_MIN, 0],
        ]));
    }

    /** The same at a fixed start: a pin of the cook's. */
    public function pinned(int $start): self
    {
        return $this->as($this->job->pinned($start));
    }
}

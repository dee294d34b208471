<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** A stretch of work as the clock sees it: whole minutes, what it claims and when, what it comes after. */
final readonly class Job
{
    /**
     * @param  list<array{string, int, int}>  $claims the thing, from, to, in minutes from its start
     * @param  list<After>  $after
     * @param  bool  $isBound needs the cook in the kitchen: the rest can be done far ahead, or runs alone
     * @param  float  $waitCost what a minute costs that what it makes waits for what follows
     * @param  bool  $isHot must end within some minutes of the table
     */
    public function __construct(
        public string $id,
        public int $minutes,
        public array $claims = [],
        public array $after = [],
        public bool $isBound = true,
        public float $waitCost = 0.0,
        public bool $isHot = false,
        /** Its start where that is fixed, minutes before the table. */
        public ?int $pin = null,
    ) {
    }

    /** The same at a fixed start, or let go of. */
    public function pinned(?int $start): self
    {
        return new self(
            id: $this->id,
            minutes: $this->minutes,
            claims: $this->claims,
            after: $this->after,
            isBound: $this->isBound,
            waitCost: $this->waitCost,
            isHot: $this->isHot,
            pin: $start,
        );
    }

    /**
     * The same with other gaps.
     *
     * @param  list<After>  $after
     */
    public function following(array $after): self
    {
        return new self(
            id: $this->id,
            minutes: $this->minutes,
            claims: $this->claims,
            after: $after,
            isBound: $this->isBound,
            waitCost: $this->waitCost,
            isHot: $this->isHot,
            pin: $this->pin,
        );
    }

    /**
     * The same with other claims.
     *
     * @param  list<array{string, int, int}>  $claims
     */
    public function claiming(array $claims): self
    {
        return new self(
            id: $this->id,
            minutes: $this->minutes,
            claims: $claims,
            after: $this->after,
            isBound: $this->isBound,
            waitCost: $this->waitCost,
            isHot: $this->isHot,
            pin: $this->pin,
        );
    }

    /** The same with no greatest gap, hot or not: to show where it pinches. */
    public function loose(): self
    {
        return new self(
            $this->id, $this->minutes, $this->claims,
            array_map(static fn (After $gap): After => After::gap($gap->task, $gap->leastMin, null), $this->after),
            $this->isBound, $this->waitCost,
        );
    }
}

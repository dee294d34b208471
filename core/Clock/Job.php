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
    ) {
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** Jobs with their places, how good that is, and what no plan can beat. */
final readonly class Laid
{
    /**
     * @param  array<string, int>  $starts minutes before the table, negative, by job
     * @param  int  $busyMin from the first start of a bound job to the table
     * @param  float  $waiting the cost of all waits
     * @param  int  $boundMin the least that busyMin can be, as far as is known
     */
    public function __construct(
        public array $starts, public int $busyMin, public float $waiting, public int $boundMin,
    ) {
    }

    /** Nothing shorter exists. */
    public function isProven(): bool
    {
        return $this->busyMin <= $this->boundMin;
    }

    /**
     * Whether the longest chain of jobs alone takes so long: no thing more would help.
     *
     * @param  list<Job>  $jobs
     */
    public function isProvenBy(array $jobs): bool
    {
        $chain = new Windows($jobs, [], Windows::FARTHEST_MIN, false);

        return $chain->settle() && $this->busyMin <= max(0, ...array_map(
            static fn (Job $job, int $latest): int => $job->isBound ? -$latest : 0, $jobs, $chain->latest,
        ));
    }
}

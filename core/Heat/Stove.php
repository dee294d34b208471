<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Cue;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Ring;

/** What a pot can be steamed on: the ring it is closed on, others that it can be moved to, and the plates there are. */
final readonly class Stove
{
    /**
     * @param  Cue  $steam what a first heat ends at
     * @param  list<Ring>  $others smaller rings that it can be moved to
     * @param  list<Plate>  $plates
     * @param  Plate|null  $always that it must stand on whatever the heat: clay over a flame
     */
    public function __construct(
        public Ring $ring, public Cue $steam, public array $others = [], public array $plates = [],
        public ?Plate $always = null,
    ) {
    }

    /** @return non-empty-list<Plate|null> what it may stand on, null for the bare ring */
    public function footings(): array
    {
        return $this->always === null ? [null, ...$this->plates] : [$this->always];
    }

    /** @return non-empty-list<Ring> the ring it is closed on first */
    public function rings(): array
    {
        return [$this->ring, ...$this->others];
    }
}

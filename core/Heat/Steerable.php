<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;

/** A closed pot with its heat line, as far as steering it needs to know. */
final readonly class Steerable
{
    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  float  $lotSd of ln tau
     * @param  non-empty-list<Cue>  $edges what an edge eased off the wall is held against, from the palest on
     */
    public function __construct(
        public SealedPot $pot, public array $line, public Aim $aim, public Odds $odds, public float $lotSd,
        public Stove $stove, public Bounds $bounds, public array $edges,
    ) {
    }

    /** What an edge that has browned so far looks like. */
    public function edgeAt(float $browning): Cue
    {
        $seen = $this->edges[0];
        foreach ($this->edges as $edge) {
            $seen = $browning >= $edge->from ? $edge : $seen;
        }

        return $seen;
    }
}

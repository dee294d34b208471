<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;

/** A closed pot with its heat line, as far as steering it needs to know. */
final readonly class Steerable
{
    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  float  $lotSd of ln tau
     */
    public function __construct(
        public SealedPot $pot, public array $line, public Aim $aim, public Odds $odds, public float $lotSd,
        public Stove $stove, public Bounds $bounds,
    ) {
    }
}

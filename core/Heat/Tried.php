<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Stretch;

/** A heat line that the search has followed on the stove as it is thought to be. */
final readonly class Tried
{
    /** @param  non-empty-list<Stretch>  $line */
    public function __construct(
        public array $line,
        public Flame $first,
        public Flame $low,
        public float $browning,
        public float $miss,
        public float $minutes,
    ) {
    }
}

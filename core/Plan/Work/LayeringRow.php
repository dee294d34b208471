<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;

/** One thing that goes into the pot as it is layered: what, how much, and the one word of craft that it wants. */
final readonly class LayeringRow
{
    /** @param  list<Note>  $on what lies on it, and how it is laid */
    public function __construct(
        public Note $says,
        public Figure|Quantity|null $amount = null,
        public array $on = [],
        /** Which layer of the pot's section it is, from the base up; null for what is none. */
        public ?int $layer = null,
    ) {
    }
}

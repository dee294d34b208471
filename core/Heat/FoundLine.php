<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Stretch;

/** A heat line that was found for a pot, and what it may come to on this stove. */
final readonly class FoundLine
{
    /** @param  non-empty-list<Stretch>  $line */
    public function __construct(public array $line, public Spread $spread)
    {
    }
}

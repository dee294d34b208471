<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What a cue that was seen says of the heat that a pot gets. */
enum Teaches: string
{
    /** Its minute is that at which it first shows. */
    case When = 'when';

    /** By then it had come so far; how long ago is not said. */
    case Reached = 'reached';
}

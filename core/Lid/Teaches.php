<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What a cue that was seen says of the heat that a pot gets. */
enum Teaches: string
{
    /** Its minute is that at which it first shows. */
    case When = 'when';

    /** Its sign lies between two values. */
    case Between = 'between';
}

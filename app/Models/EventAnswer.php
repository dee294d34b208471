<?php

declare(strict_types=1);

namespace App\Models;

/** What became of an event that was sent. */
enum EventAnswer: string
{
    case Taken = 'taken';
    case Known = 'known';
    case OfAnotherCook = 'of-another-cook';
    /** The same id with other content: one of the two would be lost. */
    case Differs = 'differs';
}

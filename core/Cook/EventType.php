<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What can happen at the stove. */
enum EventType: string
{
    case Started = 'started';
    case Done = 'done';
    case Lengthened = 'lengthened';
    case CautionRead = 'caution-read';
    case Served = 'served';
    case Noted = 'noted';
    case Undone = 'undone';
}

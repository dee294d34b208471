<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What can happen at the stove. */
enum EventType: string
{
    case Started = 'started';
    case Done = 'done';
    case Lengthened = 'lengthened';
    case Tested = 'tested';
    case Weighed = 'weighed';
    case BackAtBoil = 'back-at-boil';
    case Scooped = 'scooped';
    case HeatSet = 'heat-set';
    case Opened = 'opened';
    case Cue = 'cue';
    case Late = 'late';
    case CautionRead = 'caution-read';
    case Served = 'served';
    case Noted = 'noted';
    case Undone = 'undone';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** The day that a week begins with. */
enum Weekday: string
{
    case Monday = 'monday';
    case Saturday = 'saturday';
    case Sunday = 'sunday';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** How the filling came out. */
enum FillingOutcome: string
{
    case Dry = 'dry';
    case Tough = 'tough';
    case Right = 'right';
    case Soft = 'soft';
    case Wet = 'wet';
}

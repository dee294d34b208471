<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** What can be held. */
enum HoldKind: string
{
    case Hands = 'hands';
    case Ring = 'ring';
    case Pot = 'pot';
    case Oven = 'oven';
    case Sink = 'sink';
}

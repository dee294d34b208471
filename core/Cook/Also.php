<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What else a cook notes of how it came out. */
enum Also: string
{
    case Broke = 'broke';
    case Stuck = 'stuck';
}

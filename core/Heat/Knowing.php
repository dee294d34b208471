<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** What a cook knows of where the crust is going, one thing after another. */
enum Knowing: string
{
    case Planned = 'planned';
    case Boil = 'boil';
    case Steam = 'steam';
    case Look = 'look';
    case Again = 'again';
}

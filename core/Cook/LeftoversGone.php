<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What became of leftovers. */
enum LeftoversGone: string
{
    case Eaten = 'eaten';
    case Thrown = 'thrown';
    /** Cooked on, as the filling of another dish. */
    case CookedOn = 'cooked-on';
}

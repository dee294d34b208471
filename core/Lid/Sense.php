<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** By what a cook tells how far a crust is. */
enum Sense: string
{
    case Look = 'look';
    case Smell = 'smell';
    case Sound = 'sound';
    /** It was not looked at. */
    case None = 'none';
}

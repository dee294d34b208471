<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What may have been other than it was thought to be. */
enum Sway
{
    case Ring;
    case Mark;
    case Filling;
    case Rice;
    case FirstHeat;
    case Lid;
}

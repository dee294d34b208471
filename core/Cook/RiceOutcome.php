<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** How the rice came out, by what the teeth say. */
enum RiceOutcome: string
{
    case Hard = 'hard';
    case Firm = 'firm';
    case Right = 'right';
    case Soft = 'soft';
    case Wet = 'wet';
}

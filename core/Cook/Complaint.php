<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What a cook finds wrong with a pot that is still on. */
enum Complaint: string
{
    case TopHard = 'top-hard';
    case BottomWet = 'bottom-wet';
    case Pale = 'pale';
    case Burning = 'burning';
    case Leaking = 'leaking';
    case Tough = 'tough';
}

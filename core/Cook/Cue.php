<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** What eye, hand and nose tell of a closed pot, asked for when it matters. */
enum Cue: string
{
    case Steam = 'steam';
    case NoSteam = 'no-steam';
    case LidHot = 'lid-hot';
    case Toasted = 'toasted';
}

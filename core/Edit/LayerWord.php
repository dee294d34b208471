<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

/** What can be done to a layer. */
enum LayerWord: string
{
    case Up = 'up';
    case Down = 'down';
    case To = 'to';
    case Halve = 'halve';
    case Third = 'third';
    case Remove = 'remove';
    case Share = 'share';
    case Grams = 'grams';
    case AddRice = 'add-rice';
    case AddFilling = 'add-filling';
}

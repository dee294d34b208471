<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

/** What a filling is drawn as, so that pots can be told apart. */
enum Looks: string
{
    case Joint = 'joint';
    case Cube = 'cube';
    case Ball = 'ball';
    case Fish = 'fish';
    case Prawn = 'prawn';
    case Egg = 'egg';
    case Pulse = 'pulse';
    case Root = 'root';
    case Leaf = 'leaf';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

/**
 * What can be done to a heat line: the one found for the pot taken again, another taken whole, or one stretch changed.
 */
enum HeatWord: string
{
    case Stock = 'stock';
    case Take = 'take';
    case Minutes = 'minutes';
    case Setting = 'setting';
    case Ring = 'ring';
    case Plate = 'plate';
    case Until = 'until';
    case After = 'after';
    case Part = 'part';
    case Remove = 'remove';
}

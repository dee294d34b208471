<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

enum Matter: string
{
    case Crust = 'crust';
    case Rice = 'rice';
    case Filling = 'filling';
    case Mixed = 'mixed';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** Where in the pot the rice was other than it should be. */
enum Where: string
{
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';
}

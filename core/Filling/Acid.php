<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

/** How sour a marinade is: it decides how long meat may lie in it. */
enum Acid: string
{
    case None = 'none';
    case Mild = 'mild';
    case Strong = 'strong';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

/** When yogurt goes into the marinade. */
enum Yogurt: string
{
    case None = 'none';
    case Now = 'now';
    case Morning = 'morning';
}

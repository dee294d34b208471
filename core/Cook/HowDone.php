<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

/** How a step that ends by a look came to its end. */
enum HowDone: string
{
    case InTime = 'in-time';
    case TooFar = 'too-far';
    /** Its water came hot from a kettle or a pan. */
    case FromKettle = 'from-kettle';
}

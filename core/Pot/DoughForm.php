<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

/** How the dough of a seal is rolled. */
enum DoughForm: string
{
    /** Round the rim. */
    case Rope = 'rope';

    /** Over the whole pot, like a pie's lid. */
    case Sheet = 'sheet';
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** Where a heat line comes from. */
enum Origin: string
{
    case Found = 'found';
    case Own = 'own';
}

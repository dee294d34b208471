<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;

/** A change was made to a version that another window has replaced meanwhile. */
final class Overtaken extends RuntimeException
{
    public function __construct(public readonly int $version)
    {
        parent::__construct(
            'This was changed in another window meanwhile. Your change is not saved yet; '
            .'look at it as it is now, and make your change if you still want it.',
        );
    }
}

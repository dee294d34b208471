<?php

declare(strict_types=1);

namespace App\Models;

use App\Wording\Wording;
use RuntimeException;

/** A change was made to a version that another window has replaced meanwhile. */
final class Overtaken extends RuntimeException
{
    public function __construct(public readonly int $version)
    {
        parent::__construct(app(Wording::class)->say('pages/errors.overtaken'));
    }
}

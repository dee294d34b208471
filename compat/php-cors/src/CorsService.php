<?php

declare(strict_types=1);

namespace Fruitcake\Cors;

use LogicException;

/**
 * Orbek serves one origin and takes Laravel's HandleCors out of the middleware, so nothing may
 * reach this class; it says so instead of pretending to have checked an origin.
 */
final class CorsService
{
    public function __construct()
    {
        throw new LogicException('Cross-origin requests are not served: keep HandleCors out of the middleware.');
    }
}

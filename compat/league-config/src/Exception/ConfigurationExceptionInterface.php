<?php

declare(strict_types=1);

namespace League\Config\Exception;

use Throwable;

interface ConfigurationExceptionInterface extends Throwable
{
}

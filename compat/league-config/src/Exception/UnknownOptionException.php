<?php

declare(strict_types=1);

namespace League\Config\Exception;

use OutOfBoundsException;

final class UnknownOptionException extends OutOfBoundsException implements ConfigurationExceptionInterface
{
}

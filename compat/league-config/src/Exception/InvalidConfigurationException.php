<?php

declare(strict_types=1);

namespace League\Config\Exception;

use UnexpectedValueException;

class InvalidConfigurationException extends UnexpectedValueException implements ConfigurationExceptionInterface
{
    /** @param  string  $option the setting that is wrong, as a path */
    public static function forConfigOption(string $option, mixed $valueGiven, ?string $description = null): self
    {
        return new self(sprintf(
            'Invalid config option for "%s": %s%s',
            $option,
            is_scalar($valueGiven) ? var_export($valueGiven, true) : get_debug_type($valueGiven),
            $description === null ? '' : sprintf(' (%s)', $description),
        ));
    }
}

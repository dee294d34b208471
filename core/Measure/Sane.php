<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use LogicException;

/** What the computation takes for granted: a value out of such a range is a bug, not a cook's slip. */
final class Sane
{
    /** @throws LogicException */
    public static function between(string $what, float $value, float $least, float $most): float
    {
        return is_finite($value) && $value >= $least && $value <= $most
            ? $value
            : throw new LogicException("{$what}: {$value} is not between {$least} and {$most}.");
    }
}

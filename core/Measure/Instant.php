<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use DateTimeImmutable;

/**
 * Minutes counted in instants: PHP's modify() goes by the wall clock, which jumps an hour where
 * summer time begins or ends.
 */
final class Instant
{
    /** The instant so many minutes later, or earlier, in the same zone. */
    public static function plusMinutes(DateTimeImmutable $from, int $minutes): DateTimeImmutable
    {
        return $from->setTimestamp($from->getTimestamp() + 60 * $minutes);
    }
}

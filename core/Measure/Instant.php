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
    /** How far to look for a change of clocks on either side. */
    private const NEAR_S = 7200;

    /** A day and time as somebody wrote it, with am or pm or without: "2026-12-05T6:45 am" is 2026-12-05T06:45. */
    public static function onTwentyFour(string $said): string
    {
        return (string) preg_replace_callback(
            '/T0?(\d{1,2}):([0-5]\d)\s*([ap])\.?\s*m\.?$/i',
            static fn (array $found): string => (int) $found[1] < 1 || (int) $found[1] > 12 ? $found[0] : sprintf(
                'T%02d:%s', (int) $found[1] % 12 + (strtolower($found[3]) === 'p' ? 12 : 0), $found[2],
            ),
            $said,
        );
    }

    /** Which of two it is where its hour comes twice, as clocks go back: 1 or 2; null where it comes once. */
    public static function comesTwice(DateTimeImmutable $time): ?int
    {
        $zone = $time->getTimezone();
        $at = static fn (int $s): DateTimeImmutable => $time->setTimestamp($time->getTimestamp() + $s);
        $goneBack = $zone->getOffset($at(-self::NEAR_S)) - $zone->getOffset($time);
        if ($goneBack > 0 && $at(-$goneBack)->format('H:i') === $time->format('H:i')) {
            return 2;
        }
        $goesBack = $zone->getOffset($time) - $zone->getOffset($at(self::NEAR_S));

        return $goesBack > 0 && $at($goesBack)->format('H:i') === $time->format('H:i') ? 1 : null;
    }

    /** The instant so many minutes later, or earlier, in the same zone. */
    public static function plusMinutes(DateTimeImmutable $from, int $minutes): DateTimeImmutable
    {
        return $from->setTimestamp($from->getTimestamp() + 60 * $minutes);
    }
}

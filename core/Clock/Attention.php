<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** When a task needs the cook's hands. */
enum Attention: string
{
    case Throughout = 'throughout';
    case AtStart = 'start';
    case AtEnd = 'end';
    case None = 'none';

    /** Minutes of hands at the start or the end of a task that runs by itself in between. */
    private const TOUCH_MIN = 1;

    /**
     * The part of a task that holds the hands, in minutes from its start.
     *
     * @return array{int, int}|null
     */
    public function hands(int $minutes): ?array
    {
        return match ($this) {
            self::Throughout => [0, $minutes],
            self::AtStart => [0, min(self::TOUCH_MIN, $minutes)],
            self::AtEnd => [max(0, $minutes - self::TOUCH_MIN), $minutes],
            self::None => null,
        };
    }
}

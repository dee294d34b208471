<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

/** When yogurt goes into the marinade. */
enum Yogurt: string
{
    case None = 'none';
    case Now = 'now';
    case Morning = 'morning';

    public function label(): string
    {
        return match ($this) {
            self::None => 'no yogurt',
            self::Now => 'yogurt from the start',
            self::Morning => 'yogurt in the last hour',
        };
    }
}

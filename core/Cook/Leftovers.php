<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Measure\Instant;

/**
 * What was left of a cook and went into the fridge. Usual public advice (local rules come first): within two hours, one
 * in a room above 32 °C; eaten within three days, reheated once.
 */
final readonly class Leftovers
{
    public const MOST_PORTIONS = 40;

    private const STANDS_MIN = 120;

    private const STANDS_HOT_MIN = 60;

    private const HOT_ROOM_C = 32.0;

    private const KEEPS_MIN = 3 * 24 * 60;

    public function __construct(
        public int $portions, public DateTimeImmutable $chilledAt, private DateTimeImmutable $servedAt,
        private float $roomC,
    ) {
    }

    /** How long they stood before, min. */
    public function stoodMin(): int
    {
        return max(0, intdiv($this->chilledAt->getTimestamp() - $this->servedAt->getTimestamp(), 60));
    }

    /** How long they may have stood, min. */
    public function mayStandMin(): int
    {
        return $this->roomC > self::HOT_ROOM_C ? self::STANDS_HOT_MIN : self::STANDS_MIN;
    }

    public function isInTime(): bool
    {
        return $this->stoodMin() <= $this->mayStandMin();
    }

    public function isPast(DateTimeImmutable $now): bool
    {
        return $now > $this->eatBy();
    }

    /** The last moment to eat them: three days after they were cooked, not after they were chilled. */
    public function eatBy(): DateTimeImmutable
    {
        return Instant::plusMinutes($this->servedAt, self::KEEPS_MIN);
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

use DateTimeImmutable;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Sane;

/** How fast a bag is cooked, by what the last weeks took from it. */
final readonly class Pace
{
    /** So far back it is looked; a bag that has been in use for less is taken over its own days. */
    public const DAYS = 90;

    /** Fewer days than these tell no pace. */
    private const LEAST_DAYS = 7;

    /** A bag that runs out within so many days is worth buying now. */
    private const SOON_DAYS = 14;

    private function __construct(public float $gPerDay)
    {
    }

    /**
     * @param  float  $usedG raw rice taken from the bag in the last DAYS
     * @param  float  $days since the first of those cooks
     */
    public static function of(float $usedG, float $days): self
    {
        $over = max(self::LEAST_DAYS, min(self::DAYS, Sane::between('days', $days, 0, 1e5)));

        return new self($usedG / $over);
    }

    /** The day on which it is empty; null where nothing is taken from it. */
    public function emptyOn(float $leftG, DateTimeImmutable $now): ?DateTimeImmutable
    {
        return $this->gPerDay <= 0 ? null : Instant::plusMinutes($now, (int) round(1440 * $leftG / $this->gPerDay));
    }

    /** Whether it is to be bought now. */
    public function isSoon(float $leftG): bool
    {
        return $leftG < self::SOON_DAYS * $this->gPerDay;
    }
}

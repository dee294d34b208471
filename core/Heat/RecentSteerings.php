<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

/** The steerings asked of last, at whichever crossroads: each has read off some MB, so no more are kept than these. */
final class RecentSteerings
{
    private const MOST = 32;

    private int $places = 0;

    /** @var array<string, Steering> by place and what counts there, the last one last */
    private array $steerings = [];

    /** A number for a crossroads that no other has, before or after. */
    public function place(): int
    {
        return $this->places++;
    }

    /** @param  callable(): Steering  $make where it is not kept */
    public function at(string $key, callable $make): Steering
    {
        $steering = $this->steerings[$key] ?? $make();
        unset($this->steerings[$key]);
        $this->steerings = [...array_slice($this->steerings, 1 - self::MOST), $key => $steering];

        return $steering;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Rice;

/**
 * What a cook sees and feels on the way from raw to done. "70 %" means different things to
 * different people; the pressed grain does not, so dishes target one of these.
 */
enum Stage: string
{
    case Snaps = 'snaps';
    case HardHeart = 'half';
    case Rises = 'rises';
    case Breaks = 'breaks';
    case Thread = 'thread';
    case PinPoint = 'point';
    case Smears = 'done';

    /** The doneness a cook who aims at this stage means. */
    public function doneness(): float
    {
        return match ($this) {
            self::Snaps => 0.20,
            self::HardHeart => 0.50,
            self::Rises => 0.60,
            self::Breaks => 0.70,
            self::Thread => 0.85,
            self::PinPoint => 0.95,
            self::Smears => 1.00,
        };
    }

    /** Doneness at which the stage begins; the next one's beginning ends it. */
    public function begins(): float
    {
        return match ($this) {
            self::Snaps => 0.0,
            self::HardHeart => 0.35,
            self::Rises => 0.55,
            self::Breaks => 0.65,
            self::Thread => 0.78,
            self::PinPoint => 0.90,
            self::Smears => 0.98,
        };
    }

    public static function first(): self
    {
        return self::Snaps;
    }

    /** The one before it; of the first itself. */
    public function before(): self
    {
        $cases = self::cases();

        return $cases[max(0, (int) array_search($this, $cases, true) - 1)];
    }

    /** Doneness at which the stage ends: infinite for the last. */
    public function ends(): float
    {
        $cases = self::cases();
        $next = $cases[(int) array_search($this, $cases, true) + 1] ?? null;

        return $next === null ? INF : $next->begins();
    }

    public static function at(float $doneness): self
    {
        $reached = self::Snaps;
        foreach (self::cases() as $stage) {
            if ($doneness >= $stage->begins()) {
                $reached = $stage;
            }
        }

        return $reached;
    }
}

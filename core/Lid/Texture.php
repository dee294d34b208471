<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** How steamed rice eats (docs/model.md, sections A and F). */
enum Texture: string
{
    case Hard = 'hard';
    case Firm = 'firm';
    case Tender = 'tender';
    case Soft = 'soft';
    case Wet = 'wet';

    /** Free water over raw rice past which it eats wet whatever the grain holds. */
    public const FREE = 0.10;

    /** Doneness short of which a grain has a hard heart. */
    private const DONE = 0.90;

    /** @param  float  $uptake weight with all its water over raw weight */
    public static function of(float $uptake, float $freeShare, float $doneness = 1.0): self
    {
        return match (true) {
            $freeShare > self::FREE, $uptake > 2.9 => self::Wet,
            $uptake < 2.15, $doneness < self::DONE => self::Hard,
            $uptake < 2.3 => self::Firm,
            $uptake <= 2.65 => self::Tender,
            default => self::Soft,
        };
    }
}

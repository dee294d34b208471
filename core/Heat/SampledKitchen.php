<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Normal;

/**
 * One of the kitchens that a pot may stand in: what its ring and low marks give, its bag, its filling, and how its
 * cook sees. A fixed sample of even cover (Halton's sequence, through the normal's quantiles).
 */
final readonly class SampledKitchen
{
    public const COUNT = 24;

    /** A cue is seen so much early or late at most, min. */
    private const CUE_MIN = 0.5;

    private function __construct(
        /** With what it gives and holds in this kitchen. */
        public SealedPot $pot,
        /** What its ring gives over what is thought, ln. */
        public float $lnRing,
        /** By how much its cues are seen late, min; early where negative. */
        public float $lateMin,
        /** How its cook is off, in sd: the minutes of a boil, the minute of steam, a colour looked at, a second one. */
        public float $boilOff,
        public float $steamOff,
        public float $lookOff,
        public float $againOff,
    ) {
    }

    /**
     * @param  float  $lotSd of ln tau
     * @return non-empty-list<self>
     */
    public static function all(SealedPot $pot, Odds $odds, float $lotSd): array
    {
        return array_map(static fn (int $n): self => self::of(
            $pot, $odds, $lotSd, static fn (int $base): float => self::halton($n, $base),
        ), range(1, self::COUNT));
    }

    /**
     * One drawn by chance.
     *
     * @param  callable(): float  $share evenly in 0 … 1, ends excluded
     * @param  float  $brownSd of ln: how far its pot browns otherwise than thought
     */
    public static function drawn(SealedPot $pot, Odds $odds, float $lotSd, callable $share, float $brownSd): self
    {
        return self::of(
            $pot->turning(1.0, exp($brownSd * Normal::quantile($share()))), $odds, $lotSd,
            static fn (int $base): float => $share(),
        );
    }

    /** @param  callable(int): float  $share evenly in 0 … 1, of each prime its own */
    private static function of(SealedPot $pot, Odds $odds, float $lotSd, callable $share): self
    {
        $sd = static fn (int $base): float => Normal::quantile($share($base));
        $lnRing = $odds->ringLn + $odds->ringSd * $sd(2);
        $there = MaybePots::varied(
            $pot->heated(exp($lnRing))->turning(exp($odds->markSd * $sd(11))), exp($lotSd * $sd(3)),
            MaybePots::WETNESS_SD * $sd(5),
        );

        return new self(
            pot: $there, lnRing: $lnRing, lateMin: self::CUE_MIN * (2 * $share(7) - 1), boilOff: $sd(13),
            steamOff: $sd(17), lookOff: $sd(19), againOff: $sd(23),
        );
    }

    /** Halton's sequence: evenly spread shares in 0 … 1. */
    private static function halton(int $n, int $base): float
    {
        $share = 0.0;
        $part = 1.0;
        while ($n > 0) {
            $part /= $base;
            $share += $part * ($n % $base);
            $n = intdiv($n, $base);
        }

        return $share;
    }
}

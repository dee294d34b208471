<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;
use Orbek\Core\Water\Taste;

/**
 * What a note or a taste says of those who eat: how salt they like it, and how long a cut of theirs takes to be tender.
 * Each on the grid of FactorBelief (docs/model.md, section D); the bands and scatters are our own.
 */
final class FromTheNote
{
    /** Scatter of ln f over households, and over animals and cuts of one kind. */
    public const SALT_SD = 0.2;

    public const TENDER_SD = 0.2;

    /** From how far off the liked it is called flat or salty, in ln of the share of salt. */
    private const SALT_BAND = 0.27;

    /** How unsure that call is of all that is eaten, and of one part of it at the stove. */
    private const NOTED_SD = 0.15;

    private const TASTED_SD = 0.35;

    /** A word said in passing may be any word: what can hardly be teaches next to nothing. */
    private const SLIP = 0.06;

    /** Tenderness under which it is tough, and past which soft; how unsure the teeth are, in ln. */
    private const TOUGH = 0.95;

    private const SOFT = 2.4;

    private const TEETH_SD = 0.15;

    /**
     * @param  float  $percent salt in what was eaten
     * @param  int  $call −1 flat, 0 right, 1 salty
     * @param  bool  $isPart a part of it, tasted at the stove
     * @return list<float> how likely each factor on the usual share makes that call
     */
    public static function salt(float $percent, int $call, bool $isPart = false): array
    {
        $off = log(max(0.01, $percent) / Taste::Usual->percent());
        $sd = $isPart ? self::TASTED_SD : self::NOTED_SD;

        return array_map(static function (float $ln) use ($off, $call, $sd): float {
            $flat = Normal::below((-self::SALT_BAND - ($off - $ln)) / $sd);
            $salty = Normal::below((($off - $ln) - self::SALT_BAND) / $sd);

            return self::said($call, $flat, $salty);
        }, FactorBelief::grid());
    }

    /**
     * @param  float  $tenderness it had by the time to tender of its kind, 1 tender
     * @param  int  $call −1 tough, 0 right, 1 soft
     * @param  bool  $staysWhole its pieces are wanted whole: of others it is right as well when they fall apart
     * @return list<float> how likely each factor on that time makes that call
     */
    public static function tender(float $tenderness, int $call, bool $staysWhole = true): array
    {
        $has = log(max(0.01, $tenderness));

        return array_map(static function (float $ln) use ($has, $call, $staysWhole): float {
            $tough = Normal::below((log(self::TOUGH) - ($has - $ln)) / self::TEETH_SD);
            $soft = Normal::below((($has - $ln) - log(self::SOFT)) / self::TEETH_SD);

            return self::said($call, $tough, $call === 0 && ! $staysWhole ? 0.0 : $soft);
        }, FactorBelief::grid());
    }

    /** How likely one of three words is, said now and then without a thought. */
    private static function said(int $call, float $below, float $above): float
    {
        return self::SLIP / 3 + (1 - self::SLIP) * max(0.0, match ($call) {
            -1 => $below,
            1 => $above,
            default => 1 - $below - $above,
        });
    }
}

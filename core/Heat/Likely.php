<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Teaches;
use Orbek\Core\Measure\Normal;

/** How likely each point of a belief makes what was seen of a closed pot (docs/model.md, section D). */
final class Likely
{
    /** How far a colour looked at misleads, in ln browning. */
    public const LOOK_SD = 0.25;

    /** So far under done a heart is called hard, and how far that misleads. */
    private const HARD_UNDER = 0.03;

    private const HARD_SD = 0.06;

    /** Nothing is quite impossible: a tap may be a slip. */
    private const SLIP = 1e-3;

    /** A colour is seldom mistaken by more than its noise. */
    private const MISTAKEN = 1e-5;

    /** Sd of the minute at which what has not come yet would have been seen. */
    private const YET_MIN = 0.5;

    /**
     * Of something seen of the pots of Odds.
     *
     * @param  list<list<float|null>>  $values by ring and mark: the minute at which it comes in that pot, null where it
     *     does not; of what lies between, its sign at that minute
     * @return list<float> by ring × mark
     */
    public static function seen(Odds $odds, Cue $cue, Cue $of, array $values, float $minute): array
    {
        if ($cue->teaches === Teaches::Between) {
            $signs = self::signs($values);

            return array_map(static fn (float $sign): float => self::SLIP
                    + Normal::below(($cue->scaledTo() - $sign) / $cue->noise)
                    - Normal::below(($cue->scaledFrom() - $sign) / $cue->noise), $signs);
        }

        return $cue->denies === null
            ? self::minute($values, $minute, $of->sdAt($minute)) : self::later($values, $minute);
    }

    /**
     * Of what a look or a smell tells of the crust's browning.
     *
     * @param  list<list<float|null>>  $values ln browning then, by ring and mark
     * @return list<list<float>> by ring × mark, then by browning
     */
    public static function browning(Odds $odds, Cue $cue, array $values): array
    {
        return self::between($odds, self::signs($values), $cue->scaledFrom(), $cue->scaledTo(), $cue->noise);
    }

    /**
     * @param  list<list<float|null>>  $values
     * @return list<float> by ring × mark
     */
    private static function signs(array $values): array
    {
        return Odds::between(array_map(
            static fn (array $row): array => array_map(static fn (?float $sign): float => $sign ?? 0.0, $row), $values,
        ));
    }

    /**
     * Of a colour looked at.
     *
     * @param  list<float>  $lnBrowning of the crust then, by ring × mark
     * @return list<list<float>> by that, then by browning
     */
    public static function colour(Odds $odds, array $lnBrowning, CrustColour $colour): array
    {
        return self::between(
            $odds, $lnBrowning, $colour === CrustColour::Pale ? -INF : log($colour->begins()),
            $colour === CrustColour::Burnt ? INF : log($colour->ends()), self::LOOK_SD,
        );
    }

    /**
     * @param  list<float>  $lnBrowning by ring × mark
     * @return list<list<float>> by that, then by browning
     */
    private static function between(Odds $odds, array $lnBrowning, float $from, float $to, float $sd): array
    {
        $browns = $odds->browns();

        return array_map(static fn (float $ln): array => array_map(
            static fn (float $brown): float => self::MISTAKEN + Normal::below(($to - $ln - $brown) / $sd)
                - Normal::below(($from - $ln - $brown) / $sd), $browns,
        ), $lnBrowning);
    }

    /**
     * Of a crust as a photograph has it.
     *
     * @param  list<float>  $lnBrowning of the crust then, by ring × mark
     * @return list<list<float>> by that, then by browning
     */
    public static function measured(Odds $odds, array $lnBrowning, float $seen, float $sd): array
    {
        $browns = $odds->browns();

        return array_map(static fn (float $ln): array => array_map(
            static fn (float $brown): float => 0.02 + Normal::bell(($ln + $brown - $seen) / $sd), $browns,
        ), $lnBrowning);
    }

    /**
     * Of rice that came out done, or hard.
     *
     * @param  list<float>  $doneness of the least cooked, by ring × mark
     * @return list<float>
     */
    public static function done(array $doneness, bool $isDone): array
    {
        return array_map(static function (float $share) use ($isDone): float {
            $hard = Normal::below((Aim::DONE - self::HARD_UNDER - $share) / self::HARD_SD);

            return 0.1 + ($isDone ? 1 - $hard : $hard);
        }, $doneness);
    }

    /**
     * Of something that comes at a minute.
     *
     * @param  list<list<float|null>>  $minutes at which it comes, by the pots of Odds; null where it does not
     * @return list<float> by ring × mark
     */
    public static function minute(array $minutes, float $seen, float $sd): array
    {
        // Where it does not come it would come so much later.
        $never = $seen + 6 * $sd + 8.0;

        return array_map(
            static fn (float $minute): float => self::SLIP + Normal::bell(($minute - $seen) / $sd),
            Odds::between(array_map(static fn (array $row): array => array_map(
                static fn (?float $minute): float => min($never, $minute ?? $never), $row,
            ), $minutes)),
        );
    }

    /**
     * Of something that has not come by a minute.
     *
     * @param  list<list<float|null>>  $minutes at which it comes, by the pots of Odds; null where it does not
     * @return list<float> by ring × mark
     */
    public static function later(array $minutes, float $minute): array
    {
        return array_map(
            static fn (float $comes): float => self::SLIP + Normal::below(($comes - $minute) / self::YET_MIN),
            Odds::between(array_map(static fn (array $row): array => array_map(
                static fn (?float $comes): float => min($minute + 10, $comes ?? $minute + 10), $row,
            ), $minutes)),
        );
    }
}

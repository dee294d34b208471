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
     * Of something seen of a closed pot.
     *
     * @param  list<float|null>  $values by the pots of MaybePots: the minute at which it comes in that pot, null where
     *     it does not; of what lies between, its sign at that minute
     * @return list<list<float>> as Odds takes it
     */
    public static function seen(Cue $cue, Cue $of, array $values, float $minute): array
    {
        if ($cue->teaches === Teaches::Between) {
            return self::over($values)->likely(static fn (float $sign): float => self::SLIP
                    + Normal::below(($cue->scaledTo() - $sign) / $cue->noise)
                    - Normal::below(($cue->scaledFrom() - $sign) / $cue->noise));
        }

        return $cue->denies === null
            ? self::minute($values, $minute, $of->sdAt($minute)) : self::later($values, $minute);
    }

    /**
     * Of what a look or a smell tells of the crust's browning.
     *
     * @param  OverPots  $lnBrowning of the crust then
     * @return list<list<float>> as Odds takes it
     */
    public static function browning(Odds $odds, Cue $cue, OverPots $lnBrowning): array
    {
        $from = $cue->scaledFrom();
        $to = $cue->scaledTo();

        return self::browned($odds, $lnBrowning, static fn (float $ln): float => self::within(
            $ln, $from, $to, $cue->noise,
        ));
    }

    /** @param  list<float|null>  $signs by the pots of MaybePots; null where they were not followed so far */
    public static function over(array $signs): OverPots
    {
        return OverPots::of(array_map(static fn (?float $sign): float => $sign ?? 0.0, $signs));
    }

    /**
     * Of a colour looked at.
     *
     * @param  OverPots  $lnBrowning of the crust then
     * @return list<list<float>> as Odds takes it
     */
    public static function colour(Odds $odds, OverPots $lnBrowning, CrustColour $colour): array
    {
        return self::browned($odds, $lnBrowning, static fn (float $ln): float => self::ofColour($colour, $ln));
    }

    /** How likely a crust that has browned so far, ln, is seen as a colour. */
    public static function ofColour(CrustColour $colour, float $ln): float
    {
        return self::within(
            $ln, $colour === CrustColour::Pale ? -INF : log($colour->begins()),
            $colour === CrustColour::Burnt ? INF : log($colour->ends()), self::LOOK_SD,
        );
    }

    private static function within(float $ln, float $from, float $to, float $sd): float
    {
        return self::MISTAKEN + Normal::below(($to - $ln) / $sd) - Normal::below(($from - $ln) / $sd);
    }

    /**
     * Of a crust as a photograph has it.
     *
     * @param  OverPots  $lnBrowning of the crust then
     * @return list<list<float>> as Odds takes it
     */
    public static function measured(Odds $odds, OverPots $lnBrowning, float $seen, float $sd): array
    {
        return self::browned(
            $odds, $lnBrowning, static fn (float $ln): float => 0.02 + Normal::bell(($ln - $seen) / $sd),
        );
    }

    /**
     * @param  callable(float): float  $likely of ln browning
     * @return list<list<float>> by ring × mark, then by browning × wetness
     */
    private static function browned(Odds $odds, OverPots $lnBrowning, callable $likely): array
    {
        $browns = $odds->browns();

        return array_map(static function (float ...$wets) use ($browns, $likely): array {
            $row = [];
            foreach ($browns as $brown) {
                foreach ($wets as $ln) {
                    $row[] = $likely($ln + $brown);
                }
            }

            return $row;
        }, ...$lnBrowning->values);
    }

    /**
     * Of rice that came out done, or hard.
     *
     * @param  OverPots  $doneness of the least cooked
     * @return list<list<float>> as Odds takes it
     */
    public static function done(OverPots $doneness, bool $isDone): array
    {
        return $doneness->likely(static function (float $share) use ($isDone): float {
            $hard = Normal::below((Aim::DONE - self::HARD_UNDER - $share) / self::HARD_SD);

            return 0.1 + ($isDone ? 1 - $hard : $hard);
        });
    }

    /**
     * Of something that comes at a minute.
     *
     * @param  list<float|null>  $minutes at which it comes, by the pots of MaybePots; null where it does not
     * @return list<list<float>> as Odds takes it
     */
    public static function minute(array $minutes, float $seen, float $sd): array
    {
        // Where it does not come it would come so much later.
        $never = $seen + 6 * $sd + 8.0;

        return self::at($minutes, $never)->likely(
            static fn (float $minute): float => self::SLIP + Normal::bell(($minute - $seen) / $sd),
        );
    }

    /**
     * Of something that has not come by a minute.
     *
     * @param  list<float|null>  $minutes at which it comes, by the pots of MaybePots; null where it does not
     * @return list<list<float>> as Odds takes it
     */
    public static function later(array $minutes, float $minute): array
    {
        return self::at($minutes, $minute + 10)->likely(
            static fn (float $comes): float => self::SLIP + Normal::below(($comes - $minute) / self::YET_MIN),
        );
    }

    /** @param  list<float|null>  $minutes */
    private static function at(array $minutes, float $never): OverPots
    {
        return OverPots::of(array_map(
            static fn (?float $minute): float => min($never, $minute ?? $never), $minutes,
        ));
    }
}

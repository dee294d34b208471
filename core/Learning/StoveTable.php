<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Heat\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Lid\Teaches;
use Orbek\Core\Measure\Normal;
use Orbek\Core\Pot\Matter;

/**
 * One cook followed under every heat its stove may have had, so that what was seen tells which.
 *
 * The course is run at some points of ln f (section F re-run on a grid); between them what it ends
 * with is read off in straight lines, browning on the logarithm's scale.
 */
final readonly class StoveTable
{
    private const RUNS = 17;

    private const REACH = 0.6;

    /** How far a colour misleads the eye, in ln browning. */
    private const COLOUR_NOISE = 0.25;

    /** How unevenly a crust browns, in ln browning: one place was touched. */
    private const CRUST_SCATTER = 0.12;

    /** Sd of the minute at which what has not come yet would have been seen. */
    private const YET_MIN = 0.5;

    /** Nothing is quite impossible: a tap may be a slip. */
    private const SLIP = 0.02;

    /** Between a run in which a cue shows and one in which it never does. */
    private const NEVER_MIN = 60.0;

    private const HARD_NOISE = 0.06;

    /**
     * @param  list<Course>  $runs
     * @param  list<float>  $lnBrowning by run
     * @param  list<float>  $doneness of the least cooked rice, by run
     */
    private function __construct(private array $runs, private array $lnBrowning, private array $doneness)
    {
    }

    /**
     * @param  SealedPot  $pot at the heat its kind would give, factor 1
     * @param  non-empty-list<Stretch>  $heat as it was
     */
    public static function of(SealedPot $pot, array $heat): self
    {
        $runs = $ln = $done = [];
        for ($run = 0; $run < self::RUNS; $run++) {
            $runs[] = $course = Course::of($pot->heated(exp(self::lnFactor($run))), $heat, 5.0, 120.0);
            $ln[] = log(max(1e-4, $course->end()->browning));
            $least = 1.0;
            foreach ($course->end()->layers as $state) {
                $least = $state->matter === Matter::Rice ? min($least, $state->doneness) : $least;
            }
            $done[] = $least;
        }

        return new self($runs, $ln, $done);
    }

    /** Browning this stove's factor would end with. */
    public function browning(float $factor): float
    {
        return exp($this->between(log($factor), $this->lnBrowning));
    }

    /** Minutes sealed at which a cue would show; null where it never does. */
    public function minuteOf(Cue $cue, float $factor): ?float
    {
        return $this->minute($this->minutesOf($cue), log($factor));
    }

    /**
     * How likely each factor of the grid makes what was seen.
     *
     * @return list<float>
     */
    public function likelihood(StoveReport $seen): array
    {
        $cues = array_map($this->likelyCue(...), $seen->cues);

        return array_map(function (float $ln) use ($seen, $cues): float {
            $likely = 1.0;
            $b = $this->between($ln, $this->lnBrowning);
            if ($seen->measured !== null) {
                $off = ($b - $seen->measured->lnBrowning) / hypot($seen->measured->sd, self::CRUST_SCATTER);
                $likely *= 0.02 + Normal::bell($off);
            } elseif ($seen->crust !== null) {
                $from = $seen->crust === CrustColour::Pale ? -INF : log($seen->crust->begins());
                $to = $seen->crust === CrustColour::Burnt ? INF : log($seen->crust->ends());
                $likely *= 0.02 + Normal::below(($to - $b) / self::COLOUR_NOISE) - Normal::below(
                    ($from - $b) / self::COLOUR_NOISE,
                );
            }
            foreach ($cues as $likelyAt) {
                $likely *= $likelyAt($ln);
            }
            if ($seen->riceHard !== null) {
                $hard = Normal::below((Aim::DONE - 0.03 - $this->between($ln, $this->doneness)) / self::HARD_NOISE);
                $likely *= 0.1 + ($seen->riceHard ? $hard : 1 - $hard);
            }

            return $likely;
        }, FactorBelief::grid());
    }

    /** @return callable(float): float of ln f: how likely it makes one cue */
    private function likelyCue(SeenCue $seen): callable
    {
        $cue = $seen->cue;
        if ($cue->teaches === Teaches::Between && $cue->sign !== null) {
            $sign = $cue->sign;
            $there = array_map(
                static fn (Course $run): float => $sign->scaled($sign->at($run, $seen->minute)), $this->runs,
            );

            return fn (float $ln): float => self::SLIP
                + Normal::below(($cue->scaledTo() - $this->between($ln, $there)) / $cue->noise)
                - Normal::below(($cue->scaledFrom() - $this->between($ln, $there)) / $cue->noise);
        }
        $minutes = $this->minutesOf($cue);
        $sd = $cue->sdAt($seen->minute);

        return function (float $ln) use ($seen, $minutes, $sd): float {
            $minute = $this->minute($minutes, $ln);

            return match (true) {
                $seen->isThere => $minute === null ? 1e-4 : 1e-4 + Normal::bell(($minute - $seen->minute) / $sd),
                $minute === null => 1.0,
                default => 1e-3 + Normal::below(($minute - $seen->minute) / self::YET_MIN),
            };
        };
    }

    /** @return list<float|null> minutes sealed at which a cue shows, by run */
    private function minutesOf(Cue $cue): array
    {
        return array_map($cue->minuteIn(...), $this->runs);
    }

    /** @param  list<float|null>  $minutes by run */
    private function minute(array $minutes, float $ln): ?float
    {
        $at = ($ln + self::REACH) / (2 * self::REACH) * (self::RUNS - 1);

        return $minutes[max(0, min(self::RUNS - 1, (int) round($at)))] === null
            ? null
            : $this->between($ln, array_map(static fn (?float $min): float => $min ?? self::NEVER_MIN, $minutes));
    }

    private static function lnFactor(int $run): float
    {
        return -self::REACH + 2 * self::REACH * $run / (self::RUNS - 1);
    }

    /** @param  list<float>  $values by run */
    private function between(float $ln, array $values): float
    {
        $at = max(0.0, min(self::RUNS - 1.001, ($ln + self::REACH) / (2 * self::REACH) * (self::RUNS - 1)));
        $low = (int) floor($at);

        return $values[$low] + ($at - $low) * ($values[$low + 1] - $values[$low]);
    }
}

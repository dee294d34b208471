<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Heat\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\SealedPot;
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

    /** How far a colour misleads the eye, in ln browning; and a minute noted at the stove. */
    private const COLOUR_NOISE = 0.25;

    /** How unevenly a crust browns, in ln browning: one place was touched. */
    private const CRUST_SCATTER = 0.12;

    private const MINUTE_NOISE = 0.8;

    private const MINUTE_SHARE = 0.07;

    /** Browning at which a pot begins to smell toasted. */
    public const TOASTED = 0.8;

    private const HARD_NOISE = 0.06;

    /**
     * @param  list<float>  $lnBrowning by run
     * @param  list<float|null>  $steamMin by run
     * @param  list<float>  $doneness of the least cooked rice, by run
     * @param  list<list<array{float, float}>>  $browningAt minute and browning, by run
     */
    private function __construct(
        private array $lnBrowning, private array $steamMin, private array $doneness, private array $browningAt,
    ) {
    }

    /**
     * @param  SealedPot  $pot at the heat its kind would give, factor 1
     * @param  non-empty-list<HeatBlock>  $heat as it was
     */
    public static function of(SealedPot $pot, array $heat): self
    {
        $ln = $steam = $done = $curves = [];
        for ($run = 0; $run < self::RUNS; $run++) {
            $course = Course::of($pot->heated(exp(self::lnFactor($run))), $heat, 5.0, 120.0);
            $ln[] = log(max(1e-4, $course->end()->browning));
            $steam[] = $course->steamAtLidMin();
            $least = 1.0;
            foreach ($course->end()->layers as $state) {
                $least = $state->matter === Matter::Rice ? min($least, $state->doneness) : $least;
            }
            $done[] = $least;
            $curves[] = array_map(static fn ($moment): array => [$moment->minute, $moment->browning], $course->moments);
        }

        return new self($ln, $steam, $done, $curves);
    }

    /** Browning this stove's factor would end with. */
    public function browning(float $factor): float
    {
        return exp($this->between(log($factor), $this->lnBrowning));
    }

    /** Minutes to steam at the lid; null where it never comes. */
    public function steamAtLid(float $factor): ?float
    {
        $at = (log($factor) + self::REACH) / (2 * self::REACH) * (self::RUNS - 1);

        return $this->steamMin[max(0, min(self::RUNS - 1, (int) round($at)))] === null
            ? null
            : $this->between(log($factor), array_map(static fn (?float $min): float => $min ?? 60.0, $this->steamMin));
    }

    /**
     * How likely each factor of the grid makes what was seen.
     *
     * @return list<float>
     */
    public function likelihood(StoveReport $seen): array
    {
        return array_map(function (float $ln) use ($seen): float {
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
            $steam = $this->steamAtLid(exp($ln));
            if ($seen->steamAtLidMin !== null) {
                $sd = self::MINUTE_NOISE + self::MINUTE_SHARE * $seen->steamAtLidMin;
                $likely *= $steam === null ? 1e-4 : 1e-4 + Normal::bell(($steam - $seen->steamAtLidMin) / $sd);
            }
            if ($seen->noSteamByMin !== null && $steam !== null) {
                $likely *= 1e-3 + Normal::below(($steam - $seen->noSteamByMin) / self::MINUTE_NOISE);
            }
            if ($seen->toastedAtMin !== null) {
                $likely *= 0.05 + Normal::below(
                    (
                        log(max(1e-4, $this->browningAt($ln, $seen->toastedAtMin))) - log(self::TOASTED)
                    ) / self::COLOUR_NOISE,
                );
            }
            if ($seen->riceHard !== null) {
                $hard = Normal::below((Aim::DONE - 0.03 - $this->between($ln, $this->doneness)) / self::HARD_NOISE);
                $likely *= 0.1 + ($seen->riceHard ? $hard : 1 - $hard);
            }

            return $likely;
        }, FactorBelief::grid());
    }

    private function browningAt(float $ln, float $minute): float
    {
        $at = array_map(static function (array $curve) use ($minute): float {
            $found = 0.0;
            foreach ($curve as [$when, $browning]) {
                $found = $when <= $minute + 0.01 ? $browning : $found;
            }

            return $found;
        }, $this->browningAt);

        return $this->between($ln, $at);
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

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Normal;

/** A heat line on the stove as it is thought to be, and on one that gives less and one that gives more. */
final readonly class Robust
{
    /** The ring may give so many sd more or less than is thought. */
    public const SDS = 1.3;

    /**
     * A cue is seen so much late where the ring gives a sd more, early where it gives less: a strong heat
     * forgives less, min.
     */
    private const CUE_MIN = 0.2;

    /** Of what is only judged at its end few moments are kept. */
    private const SELDOM_S = 600.0;

    /** Where the ring gives more and less it is followed in steps so much longer. */
    private const ROUGHER = 2.0;

    /** Rings that are reckoned with between: evenly likely ones. */
    private const RINGS = 40;

    /** What the prospect weighs beside how often it is right left alone. */
    private const PROSPECT_WEIGHS = 0.4;

    /** Shares closer than one in so many are equal. */
    private const SHARES = 100;

    /** @param  float  $prospect how likely it is brought to come out right (Prospect); 0 where that was not asked */
    private function __construct(
        public HeatPlan $plan, public HeatPlan $less, public HeatPlan $more, public float $prospect = 0.0,
    ) {
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  float  $ringSd of ln heat
     */
    public static function of(
        SealedPot $pot, Aim $aim, array $line, float $ringSd, float $stepS, Stove $stove, Bounds $bounds,
    ): self {
        $plan = HeatPlan::of($pot, $aim, $line, $stepS, self::SELDOM_S);
        $around = self::around($plan, $pot, $aim, $ringSd, self::ROUGHER * $stepS);
        // What is not right on the stove as it is thought to be is ranked by what it misses.
        $till = $plan->isRight() ? LineTillLow::of($line) : null;

        return $till === null ? $around : new self(
            $plan, $around->less, $around->more, Prospect::of($pot, $till, $ringSd, $stove, $bounds, $aim),
        );
    }

    /**
     * Less and more round a plan that was followed already.
     *
     * @param  float  $ringSd of ln heat
     */
    public static function around(HeatPlan $plan, SealedPot $pot, Aim $aim, float $ringSd, float $stepS): self
    {
        $on = static fn (float $sds): HeatPlan => HeatPlan::of(
            $pot->heated(exp($sds * $ringSd)), $aim, HeatLine::seenLater($plan->line, $sds * self::CUE_MIN), $stepS,
            self::SELDOM_S,
        );

        return new self($plan, $on(-self::SDS), $on(self::SDS));
    }

    /** The least margin to any limit on any of the three. */
    public function margin(): float
    {
        return min($this->plan->margin(), $this->less->margin(), $this->more->margin());
    }

    /**
     * On what share of rings nothing is missed: each limit read off between the three, and beyond them
     * as it was going.
     */
    public function share(): float
    {
        $right = 0;
        for ($ring = 0; $ring < self::RINGS; $ring++) {
            $z = Normal::quantile(($ring + 0.5) / self::RINGS) / self::SDS;
            $right += (int) $this->isRightAt($z);
        }

        return $right / self::RINGS;
    }

    /**
     * How likely it comes right, steered or left alone: each is reckoned roughly, and the two err otherwise.
     *
     * @return float a share
     */
    public function likely(): float
    {
        return self::PROSPECT_WEIGHS * $this->prospect + (1 - self::PROSPECT_WEIGHS) * $this->share();
    }

    /**
     * @return array{float, int, float} what a plan is chosen by: how likely it comes right, how plain it is, its margin
     */
    public function worth(): array
    {
        $trouble = 0;
        $ring = $this->plan->line[0]->flame->ring;
        foreach ($this->plan->line as $stretch) {
            $trouble += 1 + (int) ($stretch->flame->plate !== null)
                + (int) ($stretch->flame->ring !== '' && $stretch->flame->ring !== $ring);
        }

        return [round(self::SHARES * $this->likely()) / self::SHARES, -$trouble, $this->margin()];
    }

    /** @param  float  $z −1 where the ring gives less, 1 where it gives more */
    private function isRightAt(float $z): bool
    {
        $other = $z < 0 ? $this->less : $this->more;
        foreach ($this->plan->limits as $index => $limit) {
            if (! $limit->towards($other->limits[$index], abs($z))->isMet()) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\Steaming;

/** A heat gone on with from a pot as it may be, and what comes of it by the minute at which it is turned off. */
final readonly class Way
{
    private const STEP_S = 20.0;

    private const REST_STEP_S = 60.0;

    private const ROUGH_STEP_S = 30.0;

    /** A look is thought of at these shares of its minutes. */
    private const LOOKS = [0.0, 0.2, 0.35, 0.5, self::AGAIN_AFTER, 0.8];

    /** A second look is had after so much of what is left, and which of them that is. */
    public const AGAIN_AFTER = 0.65;

    public const AGAIN = 4;

    private const EVERY_MIN = 2.5;

    private const MOST_FOLLOWED = 3;

    /** A limit read off between pots is so far unsure to either side, in steps of a cook. */
    private const UNSURE = 0.4;

    public const NO_BROWNING = 1e-4;

    private const NOT_FINE = 5.0;

    /**
     * @param  float  $stayMin what is on stays on for so long first
     * @param  non-empty-list<float>  $minutes at which it may be turned off, from then
     * @param  list<OverPots>  $lnBrowning after the rest, by minute
     * @param  list<list<list<float>>>  $isFine how surely all but the crust's colour is as wanted, by minute, wetness,
     *     ring × mark of Odds
     * @param  non-empty-list<float>  $looks minutes at which it may be looked at
     * @param  list<OverPots>  $lnAt browning then
     * @param  list<list<float>>  $margins to any limit but the crust's colour, by the pots of MaybePots, then by minute
     * @param  list<list<float>>  $lns browning after the rest, the same way
     */
    private function __construct(
        public float $stayMin, public Flame $flame, public array $minutes, private array $lnBrowning,
        private array $isFine,
        public array $looks, public array $lnAt, private array $margins, private array $lns, public float $sprinkledKg,
    ) {
    }

    /**
     * @param  Flame|null  $on what is on now
     * @param  float  $stayMin that stays on for so long first
     * @param  float  $leastMin before it may be turned off
     * @param  float  $plannedMin when it is turned off as planned
     * @param  float  $sprinkledKg hot water over the rice first
     */
    public static function of(
        MaybePots $pots, ?Flame $on, float $stayMin, Flame $flame, float $leastMin, float $plannedMin, float $mostMin,
        float $restMin, Aim $aim, Followed $followed, float $sprinkledKg = 0.0,
    ): self {
        $minutes = [...self::evenly($leastMin, $plannedMin), ...array_slice(self::evenly($plannedMin, $mostMin), 1)];
        $looks = array_map(static fn (float $share): float => round($share * $plannedMin, 2), self::LOOKS);
        $along = static function (Steaming $there) use (
            $on, $stayMin, $flame, $minutes, $restMin, $aim, $looks, $sprinkledKg,
        ): array {
            $pot = clone $there;
            Lifted::sprinkle($pot, $sprinkledKg);
            if ($on !== null) {
                $pot->advance($on, 60 * $stayMin, self::STEP_S);
            }

            return self::follow($pot, $flame, $minutes, $restMin, $aim, $looks);
        };
        $way = serialize([$stayMin, $flame, $sprinkledKg]);
        $along = array_map(
            static fn (Steaming $one): array => $followed->along($way, $one, $along), $pots->all,
        );
        $over = static fn (int $minute, int $what): OverPots => OverPots::of(
            array_map(static fn (array $along): float => $along[0][$minute][$what], $along),
        );
        $bags = MaybePots::ringsAmong(count($along)) * Odds::MARK_NODES;
        $likely = $along[intdiv($bags, 2)];
        $ends = $fine = $at = [];
        foreach (array_keys($looks) as $look) {
            $at[] = OverPots::of(array_map(static fn (array $along): float => $along[1][$look], $along));
        }
        foreach (array_keys($minutes) as $t) {
            $ends[] = $over($t, 0);
            [$faster, $slower] = array_map(
                static fn (array $along): float => $along[0][$t][1] - $likely[0][$t][1],
                array_slice($along, $bags, 2),
            );
            $fine[] = self::fine($over($t, 1), $faster, $slower);
        }

        return new self(
            stayMin: $stayMin, flame: $flame, minutes: $minutes, lnBrowning: $ends, isFine: $fine, looks: $looks,
            lnAt: $at, margins: array_map(static fn (array $along): array => array_column($along[0], 1), $along),
            lns: array_map(static fn (array $along): array => array_column($along[0], 0), $along),
            sprinkledKg: $sprinkledKg,
        );
    }

    /**
     * From one minute to another in steps of which every other is followed: an even count.
     *
     * @return non-empty-list<float>
     */
    private static function evenly(float $from, float $to): array
    {
        $steps = 2 * min(self::MOST_FOLLOWED, (int) ceil(($to - $from) / self::EVERY_MIN / 2));

        return $steps === 0 ? [$from] : array_map(
            static fn (int $step): float => round($from + $step * ($to - $from) / $steps, 2), range(0, $steps),
        );
    }

    /**
     * How surely a limit is met, over another bag.
     *
     * @param  float  $faster by what the margin is other with a faster bag
     * @return list<list<float>> by wetness, then by ring × mark
     */
    private static function fine(OverPots $margins, float $faster, float $slower): array
    {
        $out = MaybePots::OUTER_SHARE;

        return array_map(static fn (array $wet): array => array_map(
            static fn (float $margin): float => $out * self::fineness($margin + $faster)
                + (1 - 2 * $out) * self::fineness($margin) + $out * self::fineness($margin + $slower), $wet,
        ), $margins->values);
    }

    /**
     * Followed from every other minute through its rest; between them it is read off.
     *
     * @param  non-empty-list<float>  $minutes
     * @param  list<float>  $looks minutes of which the crust is wanted too
     * @return array{list<array{float, float}>, list<float>} by minute: ln browning and margin at the end; ln browning
     *     at the looks
     */
    private static function follow(
        Steaming $pot, Flame $flame, array $minutes, float $restMin, Aim $aim, array $looks = [],
        float $stepS = self::STEP_S,
    ): array {
        $came = $seen = [];
        $at = 0.0;
        $last = count($minutes) - 1;
        foreach ($minutes as $t => $minute) {
            if ($t % 2 === 1 && $t !== $last) {
                continue;
            }
            while (isset($looks[count($seen)]) && $looks[count($seen)] <= $minute) {
                $look = $looks[count($seen)];
                $pot->advance($flame, 60 * ($look - $at), $stepS);
                $at = max($at, $look);
                $seen[] = self::ln($pot);
            }
            $pot->advance($flame, 60 * ($minute - $at), $stepS);
            $at = $minute;
            $rested = clone $pot;
            $rested->advance(Flame::off(), 60 * $restMin, self::REST_STEP_S);
            $came[$t] = [self::ln($rested), $aim->marginOf($rested)];
        }
        foreach (array_keys($minutes) as $t) {
            $came[$t] ??= [
                ($came[$t - 1][0] + $came[$t + 1][0]) / 2, ($came[$t - 1][1] + $came[$t + 1][1]) / 2,
            ];
        }
        ksort($came);

        return [array_values($came), $seen];
    }

    /**
     * What one pot comes to after its rest, by the minute at which the heat is turned off.
     *
     * @param  float  $stayMin that what is on stays on for first
     * @param  non-empty-list<float>  $minutes every other one is followed, and the last; the rest read off
     * @return list<array{float, float}> ln browning, and the least margin to any other limit
     */
    public static function ends(
        Steaming $there, ?Flame $on, float $stayMin, Flame $flame, array $minutes, float $restMin, Aim $aim,
    ): array {
        $pot = clone $there;
        if ($on !== null) {
            $pot->advance($on, 60 * $stayMin, self::STEP_S);
        }

        return self::follow($pot, $flame, $minutes, $restMin, $aim, stepS: self::ROUGH_STEP_S)[0];
    }

    /**
     * What lifting the lid for a look costs one pot: too early, its rice is never long enough in steam.
     *
     * @param  int  $which of the pots of MaybePots, and itself as it is now
     * @param  Flame|null  $on what is on now
     * @return array<int, float>|null margin lost by the minute at which it is turned off, from the look on; null where
     *     the rice has not been steamed long enough yet for its lid to be lifted
     */
    public function lostBy(int $look, int $which, Steaming $itself, ?Flame $on, float $restMin, Aim $aim): ?array
    {
        $pot = $this->at($look, $itself, $on);
        if ($aim->steams && $pot->steamedS < 60 * Aim::STEAMED_MIN) {
            return null;
        }
        $pot->open();
        $lost = [];
        foreach ($this->from($look, $pot, $restMin, $aim) as $t => [, $margin]) {
            $lost[$t] = $this->margins[$which][$t] - $margin;
        }

        return $lost;
    }

    /**
     * What water over the rice at a look mends in a pot, and what it takes from the crust.
     *
     * @param  int  $which of the pots of MaybePots, and itself as it is now
     * @return array<int, array{float, float}> by the minute at which it is turned off, from the look on: the share of
     *     what is missed that is mended, ln browning
     */
    public function mendedBy(
        int $look, int $which, Steaming $itself, ?Flame $on, float $sprinkledKg, float $restMin, Aim $aim,
    ): array {
        $pot = $this->at($look, $itself, $on);
        $pot->open();
        Lifted::sprinkle($pot, $sprinkledKg);
        $mended = [];
        foreach ($this->from($look, $pot, $restMin, $aim) as $t => [$ln, $margin]) {
            $misses = 1 - self::fineness($this->margins[$which][$t]);
            $mends = $misses <= 0.0 ? 0.0 : max(0.0, 1 - (1 - self::fineness($margin)) / $misses);
            $mended[$t] = [$mends, $ln - $this->lns[$which][$t]];
        }

        return $mended;
    }

    /** A pot as it is at a look. */
    private function at(int $look, Steaming $itself, ?Flame $on): Steaming
    {
        $pot = clone $itself;
        if ($on !== null) {
            $pot->advance($on, 60 * $this->stayMin, self::STEP_S);
        }
        $pot->advance($this->flame, 60 * $this->looks[$look], self::STEP_S);

        return $pot;
    }

    /**
     * What a pot comes to from a look on.
     *
     * @return array<int, array{float, float}> ln browning and margin at the end, by the minute of turning off
     */
    private function from(int $look, Steaming $pot, float $restMin, Aim $aim): array
    {
        $at = $this->looks[$look];
        $later = array_filter($this->minutes, static fn (float $minute): bool => $minute >= $at);
        $left = array_map(static fn (float $minute): float => $minute - $at, array_values($later));

        return $left === [] ? [] : array_combine(
            array_keys($later), self::follow($pot, $this->flame, $left, $restMin, $aim)[0],
        );
    }

    /** How surely a limit is met that is read off between pots. */
    public static function fineness(float $margin): float
    {
        return max(0.0, min(1.0, 0.5 + $margin / (2 * self::UNSURE)));
    }

    private static function ln(Steaming $pot): float
    {
        return log(max(self::NO_BROWNING, $pot->browning));
    }

    /**
     * In what share of the belief all comes out right, by minute.
     *
     * @return non-empty-list<float>
     */
    public function shares(Odds $odds, Aim $aim): array
    {
        $sums = $odds->sums();

        return array_map(fn (int $t): float => self::share(
            $this->lnBrowning[$t]->values, $this->isFine[$t], $sums, $odds, $aim,
        ), array_keys($this->minutes));
    }

    /** In what share of the belief more than the crust's colour is missed. */
    public function missesBesides(int $t, Odds $odds): float
    {
        $misses = 0.0;
        foreach ($this->isFine[$t] as $w => $there) {
            foreach ($odds->wet($w) as $i => $weight) {
                $misses += $weight * (1 - $there[$i]);
            }
        }

        return $misses;
    }

    /** How far off it comes on the whole: the crust in ln browning; what else is missed weighs far more. */
    public function offBy(int $t, Odds $odds, Aim $aim): float
    {
        $brown = $odds->means()[2];
        $off = 0.0;
        foreach ($this->lnBrowning[$t]->values as $w => $there) {
            foreach ($odds->wet($w) as $i => $weight) {
                $off += $weight * (
                    $aim->offBy(exp($there[$i] + $brown)) + self::NOT_FINE * (1 - $this->isFine[$t][$w][$i])
                );
            }
        }

        return $off;
    }

    /** Whether the crust is past its colour by then, in the middle of what is believed. */
    public function isTooDark(int $t, Odds $odds, Aim $aim): bool
    {
        $ln = $odds->means()[2];
        foreach ($this->lnBrowning[$t]->values as $w => $ends) {
            foreach ($odds->wet($w) as $i => $weight) {
                $ln += $weight * $ends[$i];
            }
        }

        return $ln > log($aim->mostBrowning());
    }

    /**
     * This way up to a look, and another from there: the crust goes on from where it is.
     *
     * @param  float  $lost margin that lifting the lid costs the pot that is likeliest
     * @param  array{float, float}  $mended the share of what is missed that is mended then, and ln browning it adds
     * @return array{list<list<float>>, list<list<float>>} ln browning at the end and how surely all else is fine, by
     *     wetness, then by ring × mark
     */
    public function then(
        int $look, self $other, int $till, int $which, float $lost, array $mended = [0.0, 0.0],
    ): array {
        [$mends, $browns] = $mended;
        $ln = $fine = [];
        $closed = self::fineness($other->margins[$which][$till]);
        $left = $closed <= 0.0 ? 1.0 : min(1.0, self::fineness($other->margins[$which][$till] - $lost) / $closed);
        foreach ($this->lnAt[$look]->values as $w => $at) {
            $lns = $fines = [];
            $from = $other->lnAt[$look]->values[$w];
            $to = $other->lnBrowning[$till]->values[$w];
            foreach ($at as $i => $now) {
                $lns[] = log(max(self::NO_BROWNING, exp($now) + max(0.0, exp($to[$i] + $browns) - exp($from[$i]))));
                $is = ($this->isFine[$till][$w][$i] + $other->isFine[$till][$w][$i]) / 2;
                $fines[] = $left * ($is + $mends * (1 - $is));
            }
            $ln[] = $lns;
            $fine[] = $fines;
        }

        return [$ln, $fine];
    }

    /**
     * @param  list<list<float>>  $lnBrowning at the end, by wetness, then by ring × mark
     * @param  list<list<float>>  $isFine how surely all else is, the same way
     * @param  array<int, list<list<float>>>  $sums as of Odds::sums
     */
    public static function share(array $lnBrowning, array $isFine, array $sums, Odds $odds, Aim $aim): float
    {
        [$first, $next] = $odds->browns();
        $step = $next - $first;
        $least = $first / $step - 0.5;
        $from = log(max(self::NO_BROWNING / 100, $aim->crust->begins())) / $step - $least;
        $to = log($aim->mostBrowning()) / $step - $least;
        $share = 0.0;
        foreach ($sums as $i => $wets) {
            foreach ($wets as $w => $sum) {
                $fine = $isFine[$w][$i];
                if ($fine > 0.0) {
                    // Each point of browning stands for all as far as half way to the next.
                    $ln = $lnBrowning[$w][$i] / $step;
                    $share += $fine * (self::below($sum, $to - $ln) - self::below($sum, $from - $ln));
                }
            }
        }

        return $share;
    }

    /**
     * What lies below a place among sums, in lines between them.
     *
     * @param  list<float>  $sums
     */
    private static function below(array $sums, float $place): float
    {
        if ($place <= 0.0) {
            return 0.0;
        }
        $at = (int) $place;

        return $at >= Odds::BROWNS ? $sums[Odds::BROWNS] : $sums[$at] + ($place - $at) * ($sums[$at + 1] - $sums[$at]);
    }

    /** The point nearest to a minute. */
    public function nearest(float $minute): int
    {
        $best = 0;
        foreach ($this->minutes as $t => $at) {
            if (abs($at - $minute) < abs($this->minutes[$best] - $minute)) {
                $best = $t;
            }
        }

        return $best;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Steaming;

/** A heat gone on with from a pot as it may be, and what comes of it by the minute at which it is turned off. */
final readonly class Way
{
    private const STEP_S = 20.0;

    private const REST_STEP_S = 30.0;

    /** A look is thought of at these shares of its minutes. */
    private const LOOKS = [0.0, 0.2, 0.35, 0.5, 0.65, 0.8];

    private const EVERY_MIN = 2.5;

    /** A limit read off between pots is so far unsure to either side, in steps of a cook. */
    private const UNSURE = 0.4;

    public const NO_BROWNING = 1e-4;

    private const NOT_FINE = 5.0;

    /**
     * @param  float  $stayMin what is on stays on for so long first
     * @param  non-empty-list<float>  $minutes at which it may be turned off, from then
     * @param  list<list<float>>  $lnBrowning after the rest, by minute, then by ring × mark of Odds
     * @param  list<list<float>>  $isFine how surely all but the crust's colour is as wanted, the same way
     * @param  non-empty-list<float>  $looks minutes at which it may be looked at
     * @param  list<list<float>>  $lnAt of the crust then, by ring × mark
     * @param  list<float>  $margins of the likeliest pot to any limit but the crust's colour, by minute
     */
    private function __construct(
        public float $stayMin, public Flame $flame, public array $minutes, private array $lnBrowning,
        private array $isFine,
        public array $looks, public array $lnAt, private array $margins,
    ) {
    }

    /**
     * @param  Flame|null  $on what is on now
     * @param  float  $stayMin that stays on for so long first
     * @param  float  $leastMin before it may be turned off
     */
    public static function of(
        MaybePots $pots, ?Flame $on, float $stayMin, Flame $flame, float $leastMin, float $mostMin, float $restMin,
        Aim $aim,
    ): self {
        $steps = max(1, (int) round(($mostMin - $leastMin) / self::EVERY_MIN));
        $minutes = array_map(
            static fn (int $step): float => round($leastMin + $step * ($mostMin - $leastMin) / $steps, 2),
            range(0, $steps),
        );
        $looks = array_map(
            static fn (float $share): float => round($share * max($minutes[0], $minutes[intdiv($steps, 2)]), 2),
            self::LOOKS,
        );
        $along = static function (Steaming $there) use (
            $on, $stayMin, $flame, $minutes, $restMin, $aim, $looks,
        ): array {
            $pot = clone $there;
            if ($on !== null) {
                $pot->advance($on, 60 * $stayMin, self::STEP_S);
            }

            return self::follow($pot, $flame, $minutes, $restMin, $aim, $looks);
        };
        $grid = array_map(static fn (array $row): array => array_map($along, $row), $pots->grid);
        $others = array_map($along, $pots->others);
        $likely = $grid[intdiv(count($grid), 2)][1];
        $ends = $fine = $at = [];
        foreach (array_keys($looks) as $look) {
            $at[] = Odds::between(array_map(
                static fn (array $row): array => array_map(static fn (array $along): float => $along[1][$look], $row),
                $grid,
            ));
        }
        foreach (array_keys($minutes) as $t) {
            $of = static fn (int $what): array => array_map(
                static fn (array $row): array => array_map(
                    static fn (array $along): float => $along[0][$t][$what], $row,
                ), $grid,
            );
            $ends[] = Odds::between($of(0));
            $fine[] = self::fine(Odds::between($of(1)), array_map(
                static fn (array $along): float => $along[0][$t][1] - $likely[0][$t][1], $others,
            ));
        }

        return new self(
            stayMin: $stayMin, flame: $flame, minutes: $minutes, lnBrowning: $ends, isFine: $fine, looks: $looks,
            lnAt: $at, margins: array_column($likely[0], 1),
        );
    }

    /**
     * How surely a limit is met, over another bag and another wetness.
     *
     * @param  list<float>  $margins by ring × mark
     * @param  list<float>  $off by what the margin is other with a faster bag, a slower, a drier filling, a wetter
     * @return list<float>
     */
    private static function fine(array $margins, array $off): array
    {
        $in = 1 - 2 * MaybePots::OUTER_SHARE;
        $out = MaybePots::OUTER_SHARE;
        $all = [];
        foreach ([[$off[0], $out], [0.0, $in], [$off[1], $out]] as [$bag, $share]) {
            foreach ([[$off[2], $out], [0.0, $in], [$off[3], $out]] as [$wet, $of]) {
                $all[] = [$bag + $wet, $share * $of];
            }
        }

        return array_map(static function (float $margin) use ($all): float {
            $fine = 0.0;
            foreach ($all as [$by, $share]) {
                $fine += $share * self::fineness($margin + $by);
            }

            return $fine;
        }, $margins);
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

        return self::follow($pot, $flame, $minutes, $restMin, $aim, stepS: self::REST_STEP_S)[0];
    }

    /**
     * What lifting the lid for a look costs the likeliest pot: too early, its rice is never long enough in steam.
     *
     * @param  Flame|null  $on what is on now
     * @return array<int, float> margin lost by the minute at which it is turned off, from the look on
     */
    public function lostBy(int $look, Steaming $likely, ?Flame $on, float $restMin, Aim $aim): array
    {
        $pot = clone $likely;
        if ($on !== null) {
            $pot->advance($on, 60 * $this->stayMin, self::STEP_S);
        }
        $at = $this->looks[$look];
        $pot->advance($this->flame, 60 * $at, self::STEP_S);
        $pot->open();
        $later = array_filter($this->minutes, static fn (float $minute): bool => $minute >= $at);
        $left = array_map(static fn (float $minute): float => $minute - $at, array_values($later));
        $ends = $left === [] ? [] : self::follow($pot, $this->flame, $left, $restMin, $aim)[0];
        $lost = [];
        foreach (array_keys($later) as $place => $t) {
            $lost[$t] = $this->margins[$t] - $ends[$place][1];
        }

        return $lost;
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
        return array_map(fn (int $t): float => self::share(
            $this->lnBrowning[$t], $this->isFine[$t], $odds->weights, $odds->browns(), $aim,
        ), array_keys($this->minutes));
    }

    /** How far off it comes on the whole: the crust in ln browning; what else is missed weighs far more. */
    public function offBy(int $t, Odds $odds, Aim $aim): float
    {
        $brown = $odds->means()[2];
        $off = 0.0;
        foreach ($this->lnBrowning[$t] as $i => $ln) {
            $off += array_sum($odds->weights[$i]) * (
                $aim->offBy(exp($ln + $brown)) + self::NOT_FINE * (1 - $this->isFine[$t][$i])
            );
        }

        return $off;
    }

    /** Whether the crust is past its colour by then, in the middle of what is believed. */
    public function isTooDark(int $t, Odds $odds, Aim $aim): bool
    {
        $ln = $odds->means()[2];
        foreach ($this->lnBrowning[$t] as $i => $end) {
            $ln += array_sum($odds->weights[$i]) * $end;
        }

        return $ln > log($aim->mostBrowning());
    }

    /**
     * This way up to a look, and another from there: the crust goes on from where it is.
     *
     * @param  float  $lost margin that lifting the lid costs
     * @return array{list<float>, list<float>} ln browning at the end and how surely all else is fine, by ring × mark
     */
    public function then(int $look, self $other, int $till, float $lost): array
    {
        $ln = $fine = [];
        $closed = self::fineness($other->margins[$till]);
        $left = $closed <= 0.0 ? 1.0 : min(1.0, self::fineness($other->margins[$till] - $lost) / $closed);
        foreach ($this->lnAt[$look] as $i => $now) {
            $adds = exp($other->lnBrowning[$till][$i]) - exp($other->lnAt[$look][$i]);
            $ln[] = log(max(self::NO_BROWNING, exp($now) + max(0.0, $adds)));
            $fine[] = $left * ($this->isFine[$till][$i] + $other->isFine[$till][$i]) / 2;
        }

        return [$ln, $fine];
    }

    /**
     * @param  list<float>  $lnBrowning at the end, by ring × mark
     * @param  list<float>  $isFine how surely all else is
     * @param  list<list<float>>  $weights by ring × mark, then by browning
     * @param  list<float>  $browns
     */
    public static function share(array $lnBrowning, array $isFine, array $weights, array $browns, Aim $aim): float
    {
        $from = log(max(self::NO_BROWNING / 100, $aim->crust->begins()));
        $to = log($aim->mostBrowning());
        $share = 0.0;
        foreach ($lnBrowning as $i => $ln) {
            $sum = 0.0;
            foreach ($weights[$i] as $b => $weight) {
                $end = $ln + $browns[$b];
                if ($end >= $from && $end <= $to) {
                    $sum += $weight;
                }
            }
            $share += $sum * $isFine[$i];
        }

        return $share;
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

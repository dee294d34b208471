<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Pot\Ring;

/**
 * From a closed pot as it may be now: the heat, and the minutes of it, with which all comes out right in the
 * greatest share of what is believed; and when a look at the crust would tell most (docs/model.md, section F).
 */
final readonly class Steering
{
    /** A heat may be left on so much longer than was planned, min. */
    public const LONGER_MIN = 12.5;

    /** What is so little likelier to come out right is not worth a hand at the knob. */
    private const WORTH = 0.03;

    /** Of what is as likely as this within, the end nearest to the one planned is taken, the latest look. */
    private const AS_LIKELY = 0.01;

    /** Less low heat than the school's least is worth it where it wins so much more. */
    private const SOONER_WINS = 0.05;

    private const NEAR_MIN = 0.01;

    /** Where hardly anything comes right what is least off is done. */
    private const HOPELESS = 0.03;

    /** A way that is so much less off, in ln browning and what else is missed, is worth a hand at the knob. */
    private const LESS_OFF = 0.1;

    /**
     * @param  non-empty-list<Way>  $ways the one planned first
     * @param  Flame|null  $on what is on now
     */
    private function __construct(
        private array $ways, private float $leastMin, private float $plannedMin, private Aim $aim,
        private MaybePots $pots, private ?Flame $on, private float $restMin,
    ) {
    }

    /**
     * @param  Flame|null  $on what is on now, and is planned to stay on for so long
     * @param  non-empty-list<Flame>  $flames that may be turned to, the one planned first
     * @param  float  $spentMin of low heat so far
     * @param  float  $plannedMin till it is turned off as planned
     */
    public static function from(
        MaybePots $pots, ?Flame $on, float $stayMin, array $flames, Bounds $bounds, float $spentMin, float $plannedMin,
        float $restMin, Aim $aim, Followed $followed = new Followed,
    ): self {
        $least = min($bounds->leastSteered($spentMin), $plannedMin);

        $ways = [];
        foreach (array_unique([$stayMin, 0.0]) as $stay) {
            // Turned sooner than planned, to what is planned or more of it: less comes of turning down.
            foreach ($stay === $stayMin ? $flames : array_slice($flames, 0, 2) as $flame) {
                $ways[] = Way::of(
                    pots: $pots, on: $on, stayMin: $stay, flame: $flame, leastMin: $least,
                    plannedMin: $plannedMin, mostMin: $plannedMin + self::LONGER_MIN, restMin: $restMin, aim: $aim,
                    followed: $followed,
                );
            }
        }

        return new self(
            ways: $ways, leastMin: min($bounds->lowLeastMin - $spentMin, $plannedMin), plannedMin: $plannedMin,
            aim: $aim, pots: $pots, on: $on, restMin: $restMin,
        );
    }

    /**
     * Heats that a hand would think of: the one that is on or planned, a mark more and less, on a plate or off it, the
     * least of a smaller ring.
     *
     * @return non-empty-list<Flame>
     */
    public static function flames(Flame $planned, Stove $stove): array
    {
        $ring = array_values(array_filter(
            $stove->rings(), static fn (Ring $one): bool => $one->id === $planned->ring,
        ))[0] ?? $stove->ring;
        $shares = $ring->knob->shares();
        $lower = array_filter($shares, static fn (float $share): bool => $share < $planned->setting - 1e-6);
        $higher = array_filter($shares, static fn (float $share): bool => $share > $planned->setting + 1e-6);
        $flames = [$planned];
        if ($higher !== []) {
            $flames[] = $planned->at(min($higher), $ring->id);
        }
        if ($lower !== []) {
            $flames[] = $planned->at(max($lower), $ring->id);
        }
        $footings = $stove->footings();
        foreach ($footings as $plate) {
            if ($plate?->id !== $planned->plate?->id && count($footings) > 1) {
                $flames[] = $planned->with($plate);
                break;
            }
        }

        foreach ($stove->rings() as $other) {
            if ($other->id !== $ring->id && $other->netW() < $ring->netW()) {
                $flames[] = Flame::on($other->id, $other->knob->lowest(), $stove->always);
                break;
            }
        }

        return $flames;
    }

    /** What is best from here, by what is believed. */
    public function best(Odds $odds): Turn
    {
        $shares = array_map(fn (Way $way): array => $way->shares($odds, $this->aim), $this->ways);
        $planned = $this->ways[0];
        $asPlanned = $shares[0][$planned->nearest($this->plannedMin)];
        $hopeless = $this->most($shares, 0.0) < self::HOPELESS ? $this->leastOff($odds, $asPlanned) : null;
        if ($hopeless !== null) {
            return $hopeless;
        }
        $most = $this->most($shares, $this->leastMin);
        $sooner = $this->most($shares, 0.0);
        $from = $sooner > $most + self::SOONER_WINS ? 0.0 : $this->leastMin - self::NEAR_MIN;
        $most = $from > 0.0 ? $most : $sooner;
        if ($most < $asPlanned + self::WORTH) {
            return new Turn(
                $planned->stayMin, $planned->flame, $planned->minutes[$planned->nearest($this->plannedMin)], $asPlanned,
                $asPlanned,
            );
        }
        $best = null;
        foreach ($this->ways as $w => $way) {
            foreach ($way->minutes as $t => $minutes) {
                $off = abs($minutes - $this->plannedMin);
                $isBest = $minutes >= $from && $shares[$w][$t] >= $most - self::AS_LIKELY;
                if ($isBest && ($best === null || $off < $best[0])) {
                    $best = [$off, new Turn($way->stayMin, $way->flame, $minutes, $shares[$w][$t], $asPlanned)];
                }
            }
        }

        return $best[1] ?? new Turn($planned->stayMin, $planned->flame, $this->plannedMin, $asPlanned, $asPlanned);
    }

    /** What comes least off where nothing comes right; null where that is hardly better than what was planned. */
    private function leastOff(Odds $odds, float $asPlanned): ?Turn
    {
        $planned = $this->ways[0];
        $at = $planned->nearest($this->plannedMin);
        $least = $planned->offBy($at, $odds, $this->aim) - self::LESS_OFF;
        $pot = $this->pots->all[$odds->likeliest()]->pot;
        // Nobody is told to turn up what is too dark already.
        $mostW = $planned->isTooDark($at, $odds, $this->aim) ? $pot->wattsInto($planned->flame) : INF;
        $best = null;
        foreach ($this->ways as $way) {
            if ($pot->wattsInto($way->flame) > $mostW) {
                continue;
            }
            foreach ($way->minutes as $t => $minutes) {
                $off = $way->offBy($t, $odds, $this->aim);
                if ($off < $least) {
                    [$least, $best] = [$off, new Turn(
                        $way->stayMin, $way->flame, $minutes, $asPlanned, $asPlanned, true,
                    )];
                }
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<non-empty-list<float>>  $shares by way and minute
     * @param  float  $leastMin of heat at least
     */
    private function most(array $shares, float $leastMin): float
    {
        $most = 0.0;
        foreach ($this->ways as $w => $way) {
            foreach ($way->minutes as $t => $minutes) {
                $most = $minutes >= $leastMin - self::NEAR_MIN ? max($most, $shares[$w][$t]) : $most;
            }
        }

        return $most;
    }

    /**
     * When a look at the crust tells most, and how much likelier all comes out right with it.
     *
     * @return array{float, float} minutes from now; the share with it less that without
     */
    public function look(Odds $odds, Turn $turn): array
    {
        $way = $this->wayOf($turn);
        $others = array_values(array_filter(
            $this->ways, static fn (Way $other): bool => $other->stayMin === $way->stayMin,
        ));
        $wins = [];
        $which = $odds->likeliest();
        foreach ($way->looks as $look => $minute) {
            if ($minute > $turn->minutes) {
                break;
            }
            $ends = [];
            $lost = $way->lostBy($look, $which, $this->pots->all[$which], $this->on, $this->restMin, $this->aim);
            if ($lost === null) {
                continue;
            }
            foreach ($others as $other) {
                foreach ($way->minutes as $t => $till) {
                    if ($till >= $minute) {
                        $ends[] = $way->then($look, $other, $t, $which, $lost[$t] ?? 0.0);
                    }
                }
            }
            $share = 0.0;
            foreach (self::seeing($odds, $way->lnAt[$look]) as $seen) {
                $most = 0.0;
                foreach ($ends as [$ln, $fine]) {
                    $most = max($most, Way::share($ln, $fine, $seen, $odds, $this->aim));
                }
                $share += $most;
            }
            $wins[] = [$minute, $share - $turn->share];
        }

        return self::latest($wins);
    }

    /**
     * The latest look that tells about as much as the best: less is left by then for the law to be wrong in.
     *
     * @param  list<array{float, float}>  $wins minutes from now, and what is won
     * @return array{float, float}
     */
    private static function latest(array $wins): array
    {
        $most = max([0.0, ...array_column($wins, 1)]);
        $latest = [0.0, 0.0];
        foreach ($wins as $one) {
            $latest = $one[1] > 0.0 && $one[1] >= $most - self::AS_LIKELY ? $one : $latest;
        }

        return $latest;
    }

    private function wayOf(Turn $turn): Way
    {
        foreach ($this->ways as $way) {
            if ($way->flame === $turn->flame && $way->stayMin === $turn->stayMin) {
                return $way;
            }
        }

        return $this->ways[0];
    }

    /**
     * A belief split by what may be seen: of each colour, sums that add up to the chance of seeing it.
     *
     * @return list<array<int, list<list<float>>>> as of Odds::sums, by colour
     */
    private static function seeing(Odds $odds, OverPots $lnBrowning): array
    {
        $browns = $odds->browns();
        $seeing = [];
        foreach (CrustColour::cases() as $colour) {
            $seeing[] = $odds->sums(static fn (int $i, int $b, int $w): float => Likely::ofColour(
                $colour, $lnBrowning->values[$w][$i] + $browns[$b],
            ));
        }

        return $seeing;
    }
}

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
final class Steering
{
    /** A heat may be left on so much longer than was planned, min. */
    public const LONGER_MIN = 12.5;

    /** What is so little likelier to come out right is not worth a hand at the knob. */
    private const WORTH = 0.03;

    /** Of what is as likely as this within, the end nearest to the one planned is taken, the latest look. */
    private const AS_LIKELY = 0.01;

    /** Hot water that is sprinkled over dry rice while the lid is up, of its raw weight. */
    private const SPRINKLED = 0.25;

    /** Less low heat than the school's least is worth it where it wins so much more. */
    private const SOONER_WINS = 0.05;

    private const NEAR_MIN = 0.01;

    /** What is seen so seldom decides no look. */
    private const SELDOM = 0.01;

    /** Where hardly anything comes right what is least off is done. */
    private const HOPELESS = 0.03;

    /** A way that is so much less off, in ln browning and what else is missed, is worth a hand at the knob. */
    private const LESS_OFF = 0.1;

    /** @var array<string, Way> with water over the rice first, by the heat */
    private array $sprinkled = [];

    /** @var non-empty-list<Way> the one planned first */
    private readonly array $ways;

    private readonly float $sprinkleKg;

    /**
     * @param  Flame|null  $on what is on now, and is planned to stay on for so long
     * @param  non-empty-list<Flame>  $flames that may be turned to, the one planned first
     * @param  float  $soonestMin before it may be turned off
     * @param  float  $leastMin before it should be
     * @param  float  $plannedMin when it is turned off as planned
     */
    private function __construct(
        private readonly MaybePots $pots, private readonly ?Flame $on, float $stayMin, array $flames,
        private readonly float $soonestMin, private readonly float $leastMin, private readonly float $plannedMin,
        private readonly float $restMin, private readonly Aim $aim, private readonly Followed $followed,
        private readonly bool $isOpen, private readonly bool $isSprinkled,
    ) {
        $this->sprinkleKg = round(self::SPRINKLED * $pots->all[0]->pot->riceKg(), 2);
        $ways = array_map(fn (Flame $flame): Way => $this->along($stayMin, $flame), $flames);
        // Turned sooner than planned, to what is planned or more of it: less comes of turning down.
        foreach ($stayMin > 0.0 ? array_slice($flames, 0, 2) : [] as $flame) {
            $ways[] = $this->along(0.0, $flame);
        }
        $this->ways = $ways;
    }

    /**
     * @param  Flame|null  $on what is on now, and is planned to stay on for so long
     * @param  non-empty-list<Flame>  $flames that may be turned to, the one planned first
     * @param  float  $spentMin of low heat so far
     * @param  float  $plannedMin till it is turned off as planned
     * @param  bool  $isOpen whether the lid is up, so that dry rice can be sprinkled
     * @param  bool  $isSprinkled whether it was already: once is enough
     */
    public static function from(
        MaybePots $pots, ?Flame $on, float $stayMin, array $flames, Bounds $bounds, float $spentMin, float $plannedMin,
        float $restMin, Aim $aim, Followed $followed = new Followed, bool $isOpen = false,
        bool $isSprinkled = false,
    ): self {
        return new self(
            pots: $pots, on: $on, stayMin: $stayMin, flames: $flames,
            soonestMin: min($bounds->leastSteered($spentMin), $plannedMin),
            leastMin: min($bounds->lowLeastMin - $spentMin, $plannedMin), plannedMin: $plannedMin, restMin: $restMin,
            aim: $aim, followed: $followed, isOpen: $isOpen, isSprinkled: $isSprinkled,
        );
    }

    /** What is on stays on for so long, then a heat; so much hot water over the rice before. */
    private function along(float $stayMin, Flame $flame, float $sprinkledKg = 0.0): Way
    {
        return Way::of(
            pots: $this->pots, on: $this->on, stayMin: $stayMin, flame: $flame, leastMin: $this->soonestMin,
            plannedMin: $this->plannedMin, mostMin: $this->plannedMin + self::LONGER_MIN, restMin: $this->restMin,
            aim: $this->aim, followed: $this->followed, sprinkledKg: $sprinkledKg,
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
        $dry = $this->bestOf($this->ways, $odds);
        if (! $this->isOpen || $this->isSprinkled || $this->missesBesides($dry, $odds) < self::WORTH) {
            return $dry;
        }
        $wet = $this->bestOf([...$this->ways, ...$this->sprinkling($dry->flame)], $odds);

        return $wet->share < $dry->share + self::WORTH ? $dry : $wet;
    }

    /** In what share of the belief more than the crust's colour is missed. */
    private function missesBesides(Turn $turn, Odds $odds): float
    {
        $way = $this->wayOf($turn);

        return $way->missesBesides($way->nearest($turn->minutes), $odds);
    }

    /** @return list<Way> with water over the rice first: the heat planned, a mark more, the one that is best dry */
    private function sprinkling(Flame $flame): array
    {
        $flames = [...array_map(static fn (Way $way): Flame => $way->flame, array_slice($this->ways, 0, 2)), $flame];
        $ways = [];
        foreach ($flames as $one) {
            $key = serialize($one);
            $ways[$key] = $this->sprinkled[$key] ??= $this->along(0.0, $one, $this->sprinkleKg);
        }

        return array_values($ways);
    }

    /** @param  non-empty-list<Way>  $ways */
    private function bestOf(array $ways, Odds $odds): Turn
    {
        $shares = array_map(fn (Way $way): array => $way->shares($odds, $this->aim), $ways);
        $planned = $this->ways[0];
        $asPlanned = $shares[0][$planned->nearest($this->plannedMin)];
        $hopeless = $this->most($ways, $shares, 0.0) < self::HOPELESS ? $this->leastOff($odds, $asPlanned) : null;
        if ($hopeless !== null) {
            return $hopeless;
        }
        $most = $this->most($ways, $shares, $this->leastMin);
        $sooner = $this->most($ways, $shares, 0.0);
        $from = $sooner > $most + self::SOONER_WINS ? 0.0 : $this->leastMin - self::NEAR_MIN;
        $most = $from > 0.0 ? $most : $sooner;
        if ($most < $asPlanned + self::WORTH) {
            return new Turn(
                $planned->stayMin, $planned->flame, $planned->minutes[$planned->nearest($this->plannedMin)], $asPlanned,
                $asPlanned,
            );
        }
        $best = null;
        foreach ($ways as $w => $way) {
            foreach ($way->minutes as $t => $minutes) {
                $off = abs($minutes - $this->plannedMin);
                $isBest = $minutes >= $from && $shares[$w][$t] >= $most - self::AS_LIKELY;
                if ($isBest && ($best === null || $off < $best[0])) {
                    $best = [$off, new Turn(
                        $way->stayMin, $way->flame, $minutes, $shares[$w][$t], $asPlanned,
                        sprinkledKg: $way->sprinkledKg,
                    )];
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
     * @param  non-empty-list<Way>  $ways
     * @param  non-empty-list<non-empty-list<float>>  $shares by way and minute
     * @param  float  $leastMin of heat at least
     */
    private function most(array $ways, array $shares, float $leastMin): float
    {
        $most = 0.0;
        foreach ($ways as $w => $way) {
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
        $look = $this->lookWith($odds, $turn, false);

        return $look[1] >= SteeredKitchens::LOOK_WINS || $this->isSprinkled || $turn->sprinkledKg > 0
            || $this->missesBesides($turn, $odds) < self::WORTH
            ? $look : $this->lookWith($odds, $turn, true);
    }

    /**
     * @param  bool  $isMending whether dry rice is sprinkled at it
     * @return array{float, float} as of look()
     */
    private function lookWith(Odds $odds, Turn $turn, bool $isMending): array
    {
        $way = $this->wayOf($turn);
        $which = $odds->likeliest();
        $drier = $this->pots->drier($which);
        $wins = [];
        foreach ($way->looks as $look => $minute) {
            if ($minute > $turn->minutes) {
                break;
            }
            // It was looked at just now.
            if ($this->isOpen && $look !== Way::AGAIN) {
                continue;
            }
            $lost = $way->lostBy($look, $which, $this->pots->all[$which], $this->on, $this->restMin, $this->aim);
            if ($lost === null) {
                continue;
            }
            $mended = $isMending ? $way->mendedBy(
                look: $look, which: $drier, itself: $this->pots->all[$drier], on: $this->on,
                sprinkledKg: $this->sprinkleKg, restMin: $this->restMin, aim: $this->aim,
            ) : [];
            $ends = [];
            foreach ($this->thenTo($way, $isMending) as $other) {
                foreach ($way->minutes as $t => $till) {
                    if ($till >= $minute) {
                        $ends[] = $way->then(
                            look: $look, other: $other, till: $t, which: $which, lost: $lost[$t] ?? 0.0,
                            mended: $mended[$t] ?? [0.0, 0.0],
                        );
                    }
                }
            }
            $wins[] = [$minute, $this->shareSeeing($odds, $way->lnAt[$look], $ends, $turn->share) - $turn->share];
        }

        return self::latest($wins);
    }

    /** @return list<Way> that may be gone on with after another, from a look on; of wet rice the likeliest few */
    private function thenTo(Way $way, bool $isMending): array
    {
        $all = $way->sprinkledKg > 0 ? array_values($this->sprinkled) : $this->ways;
        $there = array_filter($all, static fn (Way $other): bool => $other->stayMin === $way->stayMin);

        return $isMending ? [$way, ...array_slice($there, 0, 2)] : array_values($there);
    }

    /**
     * In what share of a belief all comes right, the best being done by what is seen.
     *
     * @param  list<array{list<list<float>>, list<list<float>>}>  $ends as of Way::then
     * @param  float  $unseen the share where something is seen that hardly may be
     */
    private function shareSeeing(Odds $odds, OverPots $lnBrowning, array $ends, float $unseen): float
    {
        $share = 0.0;
        foreach (self::seeing($odds, $lnBrowning) as $seen) {
            $chance = 0.0;
            foreach ($seen as $wets) {
                foreach ($wets as $sums) {
                    $chance += $sums[Odds::BROWNS];
                }
            }
            $most = 0.0;
            foreach ($chance < self::SELDOM ? [] : $ends as [$ln, $fine]) {
                $most = max($most, Way::share($ln, $fine, $seen, $odds, $this->aim));
            }
            $share += $chance < self::SELDOM ? $chance * $unseen : $most;
        }

        return $share;
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
        foreach ([...$this->ways, ...$this->sprinkled] as $way) {
            if ($way->flame === $turn->flame && $way->stayMin === $turn->stayMin
                && $way->sprinkledKg === $turn->sprinkledKg) {
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

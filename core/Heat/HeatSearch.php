<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use LogicException;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;

/**
 * Finds a heat line for a pot: a first heat till steam is at the lid and some minutes past it (or for
 * so many minutes, where steam comes later; or none), a low heat for as long as rice, filling and
 * crust take, a rest.
 *
 * Two things are roots, not grids. The low heat is the least setting that holds steam and the one
 * below, of what knobs and plates can do. The minutes of strong heat are those that bring the crust
 * its colour: a first heat is followed once and kept minute by minute, one low heat gone on from one
 * of these tells how far its colour is off, and the minute that makes up for it is read off what was
 * kept. Of what comes out right and is little longer than the shortest, the plan that is right on
 * most rings is taken.
 */
final class HeatSearch
{
    /** As a plan is followed. */
    private const STEP_S = 8.0;

    /** Heat on the base that a first heat is looked for at, W/cm²: what ends a long knob is tried as well. */
    private const FIRST_W_PER_CM2 = [1.3, 2.2, 0.8];

    /** Heat on the base from which it is strong, W/cm². */
    private const STRONG_W_PER_CM2 = 1.2;

    private const FIRST_MOST_MIN = 36;

    private const PAST_MOST_MIN = 10;

    /** Before steam a first heat is kept so often, min. */
    private const KEPT_EVERY_MIN = 3;

    /** A first heat till steam that is shorter than this is none. */
    private const SHORTEST_S = 90.0;

    private const LOW_STEP_MIN = 2.5;

    /** No low heat is longer, unless the filling or the school asks for it. */
    private const LOW_MOST_MIN = 75.0;

    private const LOW_LONGER_MIN = 40.0;

    private const TENDER_LONGER = 1.3;

    /** Tries to come to the colour from one first heat and one low heat. */
    private const TRIES = 2;

    /** So near to the colour that is wanted is near enough, in ln browning. */
    private const NEAR = 0.15;

    /** Settings that hold steam, and ones below, that are tried of each ring and plate. */
    private const HOLD = 1;

    private const BELOW = 2;

    /** What misses no more, in steps that a cook would notice, is right. */
    private const RIGHT = 0.05;

    /** Fewer lines that come out right than these are few to choose from. */
    private const FEW = 4;

    /** A low heat that misses so much more than the best, in steps that a cook would notice, is not tried further. */
    private const MISSES_MORE = 0.5;

    /** Nor is what misses so much more looked at on other rings. */
    private const LEADS_MISSING = 1.0;

    /** Low heats that another first heat is tried with, the nearest. */
    private const GO_ON = 3;

    /** Where nothing is right: so many low heats are looked at closer, from so many minutes of first heat at first. */
    private const CLOSER = 2;

    private const LOOKS = 6;

    /** Plans that are looked at on other rings; so many where none of those is right. */
    private const LEADING = 4;

    private const MOST_LEADING = 6;

    /** Among plans so much longer than the shortest the one most likely right is taken, min. */
    private const LONGER_MIN = 10.0;

    /** Less likely than this to be brought to come out right, a slower low heat is looked for as well. */
    private const NARROW = 0.5;

    /** So much longer a low heat then, min, which is to win so much. */
    private const SLOWER_MIN = 20.0;

    private const SLOWER_WINS = 0.05;

    /** @var list<Tried> */
    private array $tried = [];

    /** What takes longer is not looked at: so much longer than the shortest that comes out right. */
    private float $longestMin = INF;

    /** @var array<int, float> browning that each low heat was seen to add, by its place */
    private array $adds = [];

    /** @var array<string, Tried> low heats without a first one */
    private array $bare = [];

    private readonly float $lowMostMin;

    /** So much longer than the school asks low heat is, min. */
    private float $slowerMin = 0.0;

    private function __construct(
        private readonly SealedPot $pot,
        private readonly Aim $aim,
        private readonly Stove $stove,
        private readonly Bounds $bounds,
        private readonly float $ringSd,
    ) {
        $tenderMin = array_map(
            static fn (SealedLayer $layer): float => $layer instanceof SealedFilling
                ? max(0.0, $layer->pieces->wanted - $layer->pieces->tenderness) * $layer->pieces->tenderS / 60
                : 0.0,
            $pot->layers,
        );
        $this->lowMostMin = max(
            self::LOW_MOST_MIN, $bounds->lowLeastMin + self::LOW_LONGER_MIN, self::TENDER_LONGER * max($tenderMin),
        );
    }

    /** @param  float  $ringSd of ln heat: what is not known of the ring */
    public static function find(SealedPot $pot, Aim $aim, Stove $stove, Bounds $bounds, float $ringSd): Findings
    {
        $search = new self($pot, $aim, $stove, $bounds, $ringSd);
        $search->search();
        $found = $search->leading();

        return $found->best()->plan->isRight() && $found->best()->likely() < self::NARROW
            ? $search->slower($found) : $found;
    }

    /** Where little room is left a long low heat forgives more: looked for, and taken where it wins enough. */
    private function slower(Findings $found): Findings
    {
        $this->slowerMin = self::SLOWER_MIN;
        $this->forget();
        if ($this->bounds->strongFromMin !== null) {
            $this->seek($this->firsts(self::STRONG_W_PER_CM2), 1, true);
        }
        if (! $this->isFound()) {
            $this->seek($this->firsts(), self::KEPT_EVERY_MIN, false);
        }
        $slower = $this->tried === [] ? $found : $this->leading();

        $best = $slower->best();

        return ! $best->plan->isRight() || $best->likely() < $found->best()->likely() + self::SLOWER_WINS
            ? $found
            : new Findings([...$slower->plans, ...$found->plans], self::LONGER_MIN + self::SLOWER_MIN);
    }

    private function forget(): void
    {
        $this->tried = $this->adds = $this->bare = [];
        $this->longestMin = INF;
    }

    private function search(): void
    {
        // A base that wants so many strong minutes gets them where that comes out right.
        if ($this->bounds->strongFromMin !== null) {
            $this->seek($this->firsts(self::STRONG_W_PER_CM2), 1, true);
        }
        if (! $this->isFound()) {
            // Looked for as if nothing had been tried; what was stays a choice.
            $asked = $this->tried;
            $this->forget();
            $this->seek($this->firsts(), self::KEPT_EVERY_MIN, false);
            $this->tried = [...$asked, ...$this->tried];
        }
        if ($this->leastMiss() > 0.0 || ($this->bounds->strongFromMin === null && $this->areFewRight())) {
            $this->tryBare();
        }
        if ($this->leastMiss() > 0.0) {
            $this->lookCloser();
        }
    }

    /** Whether there is little to choose from. */
    private function areFewRight(): bool
    {
        return count(array_filter(
            $this->tried, static fn (Tried $one): bool => $one->miss <= self::RIGHT,
        )) < self::FEW;
    }

    /** Low heats a setting higher, and no first heat: slow, and so the easier steered. */
    private function tryBare(): void
    {
        $first = $this->firsts()[0] ?? throw new LogicException('A ring gives some heat.');
        $cold = new Kept(new Steaming($this->pot), 0, null, null);
        foreach (LowHeats::of($this->pot, $this->stove, self::HOLD + 1, 0) as $low) {
            $this->try($first, $cold, $low);
        }
    }

    /** Where nothing is right yet: first heats minute by minute before the low heats that came nearest. */
    private function lookCloser(): void
    {
        $near = $this->tried;
        usort($near, $this->nearer(...));
        $lows = [];
        foreach ($near as $one) {
            $lows[serialize($one->low)] ??= $one;
        }
        foreach (array_slice($lows, 0, self::CLOSER) as $one) {
            if ($this->leastMiss() > 0.0) {
                $this->leastOf($this->follow($one->first, 1), $one->first, $one->low);
            }
        }
    }

    /**
     * Looks along a first heat for the minute from which least is missed: here and there, then beside the best.
     *
     * @param  non-empty-list<Kept>  $kept
     */
    private function leastOf(array $kept, Flame $first, Flame $low): void
    {
        $step = max(1, intdiv(count($kept), self::LOOKS));
        $least = INF;
        $best = 0;
        $seen = [];
        $looks = range(0, count($kept) - 1, $step);
        do {
            foreach ($looks as $at) {
                if (isset($kept[$at]) && ! isset($seen[$at])) {
                    $seen[$at] = true;
                    $tried = $this->try($first, $kept[$at], $low);
                    [$least, $best] = $tried->miss < $least ? [$tried->miss, $at] : [$least, $best];
                }
            }
            $isLast = $step === 1;
            $step = intdiv($step + 1, 2);
            $looks = [$best - $step, $best + $step];
        } while (! $isLast && $least > 0.0);
    }

    /**
     * @param  list<Flame>  $firsts
     * @param  int  $every before steam a first heat is kept so often, min
     * @param  bool  $asAsked whether it takes as many minutes as the base wants
     */
    private function seek(array $firsts, int $every, bool $asAsked): void
    {
        $lows = LowHeats::of($this->pot, $this->stove, self::HOLD, self::BELOW);
        foreach ($firsts as $first) {
            $kept = array_values(array_filter(
                $this->follow($first, $every),
                fn (Kept $one): bool => ! $asAsked || $this->bounds->wants($one->minutes),
            ));
            if ($kept === []) {
                continue;
            }
            foreach ($lows as $place => $low) {
                $this->seekColour($first, $kept, $low, $place);
            }
            $lows = $this->worthGoingOn($lows);
        }
    }

    /**
     * @param  float  $leastWPerCm2 on the base; a ring that gives less gives what it can
     * @return list<Flame> first heats, the likeliest first
     */
    private function firsts(float $leastWPerCm2 = 0.0): array
    {
        $ring = $this->stove->ring;
        $wPerCm2 = $this->pot->netW($ring->id) / ($this->pot->areaM2() * 1e4);
        $shares = array_map(
            static fn (float $wanted): float => $ring->knob->nearest(min(1.0, $wanted / $wPerCm2)),
            array_filter([...self::FIRST_W_PER_CM2, $wPerCm2], static fn (float $w): bool => $w >= min(
                $leastWPerCm2, $wPerCm2,
            )),
        );

        return array_map(
            fn (float $share): Flame => Flame::on($ring->id, $share, $this->stove->always),
            array_values(array_unique($shares)),
        );
    }

    /**
     * The low heats that have come near so far.
     *
     * @param  array<int, Flame>  $lows
     * @return array<int, Flame>
     */
    private function worthGoingOn(array $lows): array
    {
        $least = $this->leastMiss();
        $shortest = $this->shortest($least);
        $near = array_filter($this->tried, static fn (Tried $one): bool => $one->miss <= $least + self::MISSES_MORE
            && $one->minutes <= $shortest + 2 * self::LONGER_MIN);
        usort($near, $this->nearer(...));
        $going = [];
        foreach ($near as $one) {
            $place = array_search($one->low, $lows, true);
            if ($place !== false && count($going) < self::GO_ON) {
                $going[$place] = $one->low;
            }
        }
        ksort($going);

        return $going;
    }

    /** What misses least, then what is nearest to the colour, then the shortest. */
    private function nearer(Tried $a, Tried $b): int
    {
        return [round($a->miss, 1), $this->aim->offBy($a->browning), $a->minutes]
            <=> [round($b->miss, 1), $this->aim->offBy($b->browning), $b->minutes];
    }

    /** Whether something misses nothing and is well within its colour. */
    private function isFound(): bool
    {
        foreach ($this->tried as $one) {
            if ($one->miss <= 0.0 && $this->aim->offBy($one->browning) < self::NEAR) {
                return true;
            }
        }

        return false;
    }

    private function leastMiss(): float
    {
        return array_reduce($this->tried, static fn (float $least, Tried $one): float => min($least, $one->miss), INF);
    }

    /** The shortest of those that miss least. */
    private function shortest(float $least): float
    {
        $best = array_filter($this->tried, static fn (Tried $one): bool => $one->miss <= $least + self::RIGHT);

        return array_reduce(
            $best === [] ? $this->tried : $best, static fn (
                float $least, Tried $one,
            ): float => min($least, $one->minutes), INF,
        );
    }

    /**
     * A first heat followed minute by minute till some minutes past steam, or till the crust is past its colour.
     *
     * @return non-empty-list<Kept>
     */
    private function follow(Flame $first, int $every): array
    {
        $steaming = new Steaming($this->pot);
        $kept = [new Kept(clone $steaming, 0, null, null)];
        $steamS = null;
        for ($minute = 1; $minute <= self::FIRST_MOST_MIN; $minute++) {
            $steaming->advance($first, 60.0, self::STEP_S, $steamS === null ? $this->stove->steam : null);
            $steamS ??= $steaming->steamAtLidS === null ? null : $steaming->seconds;
            $past = $steamS === null ? null : (int) round(($steaming->seconds - $steamS) / 60);
            if (($past !== null && $past > self::PAST_MOST_MIN) || $steaming->browning > $this->aim->mostBrowning()) {
                break;
            }
            if ($past !== null ? $steaming->seconds >= self::SHORTEST_S : $minute % $every === 0) {
                $kept[] = new Kept(
                    clone $steaming, (int) round($steaming->seconds / 60), $steamS === null ? null : $steamS / 60,
                    $past,
                );
            }
        }

        return $kept;
    }

    /**
     * The minutes of first heat that bring the crust its colour with one low heat.
     *
     * @param  non-empty-list<Kept>  $kept
     */
    private function seekColour(Flame $first, array $kept, Flame $low, int $place): void
    {
        $wanted = $this->aim->wantedBrowning();
        $at = isset($this->adds[$place]) ? $this->nearest(
            $kept, $wanted - $this->adds[$place],
        ) : $this->firstGuess($kept);
        $seen = [];
        for ($try = 0; $try < self::TRIES && ! isset($seen[$at]); $try++) {
            $seen[$at] = true;
            $tried = $this->try($first, $kept[$at], $low);
            if ($tried->miss <= self::RIGHT) {
                $this->longestMin = min($this->longestMin, $tried->minutes + self::LONGER_MIN);
            }
            // What browning is lacking or too much is made up for by the first heat's own.
            $this->adds[$place] = $tried->browning - $kept[$at]->steaming->browning;
            if ($this->aim->offBy($tried->browning) < self::NEAR) {
                break;
            }
            $at = $this->nearest($kept, $wanted - $this->adds[$place]);
        }
    }

    /** @param  non-empty-list<Kept>  $kept */
    private function firstGuess(array $kept): int
    {
        foreach ($kept as $index => $one) {
            if ($one->pastMin !== null && $one->pastMin >= 1) {
                return $index;
            }
        }

        return intdiv(count($kept), 3);
    }

    /** @param  non-empty-list<Kept>  $kept */
    private function nearest(array $kept, float $browning): int
    {
        $best = 0;
        foreach ($kept as $index => $one) {
            if (abs($one->steaming->browning - $browning) < abs($kept[$best]->steaming->browning - $browning)) {
                $best = $index;
            }
        }

        return $best;
    }

    /** Goes on with a low heat, and keeps what that came to. */
    private function try(Flame $first, Kept $from, Flame $low): Tried
    {
        if ($from->minutes > 0) {
            return $this->tried[] = $this->goOn($first, $from, $low);
        }
        // Without a first heat it is the same, whichever that would have been.
        $key = serialize($low);
        if (! isset($this->bare[$key])) {
            $this->tried[] = $this->bare[$key] = $this->goOn($first, $from, $low);
        }

        return $this->bare[$key];
    }

    /** A low heat gone on with from a first heat till all is cooked and the crust is set, and a rest. */
    private function goOn(Flame $first, Kept $from, Flame $low): Tried
    {
        $steaming = clone $from->steaming;
        $tooDark = 1.1 * $this->aim->mostBrowning();
        $tooLight = 0.95 * $this->aim->wantedBrowning();
        $minutes = 0.0;
        $least = $this->bounds->lowLeastMin + $this->slowerMin;
        $most = min($this->lowMostMin, $this->longestMin - $from->minutes - $this->bounds->restMin);
        do {
            $steaming->advance($low, 60 * self::LOW_STEP_MIN, self::STEP_S);
            $minutes += self::LOW_STEP_MIN;
            $isLeft = ! $this->aim->isCooked($steaming)
                || ($steaming->browning < $tooLight && $from->pastMin === self::PAST_MOST_MIN);
        } while ($minutes < $least || ($isLeft && $minutes < $most && $steaming->browning < $tooDark));
        $steaming->advance(Flame::off(), 60 * $this->bounds->restMin, self::STEP_S);
        $rest = $this->bounds->restMin > 0 ? [Stretch::rest($this->bounds->restMin)] : [];

        $line = [...$from->stretch($first, $this->stove->steam), new Stretch($minutes, $low), ...$rest];

        return new Tried($line, $first, $low,
            $steaming->browning, $this->aim->missOf($steaming), $steaming->seconds / 60);
    }

    private function leading(): Findings
    {
        $least = $this->leastMiss();
        $shortest = $this->shortest($least);
        $leading = array_values(array_filter(
            $this->tried, static fn (
                Tried $one,
            ): bool => $one->miss <= $least + self::LEADS_MISSING && $one->minutes <= $shortest + self::LONGER_MIN,
        ));
        usort($leading, $this->nearer(...));
        $plans = [];
        $isRight = false;
        foreach ($leading as $place => $one) {
            if ($place >= ($isRight ? self::LEADING : self::MOST_LEADING)) {
                break;
            }
            $plans[] = $plan = Robust::of(
                pot: $this->pot, aim: $this->aim, line: $one->line, ringSd: $this->ringSd, stepS: self::STEP_S,
                stove: $this->stove, bounds: $this->bounds,
            );
            $isRight = $isRight || $plan->plan->isRight();
        }

        return $plans === []
            ? throw new LogicException('No heat was tried.')
            : new Findings($plans, self::LONGER_MIN);
    }
}

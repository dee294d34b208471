<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/**
 * Finds a heat plan: a first heat till steam is at the lid and some minutes more, a low heat for as
 * long as rice and filling take, a rest.
 *
 * A coarse grid over the two settings, the minutes past steam and plate or not, then a finer one
 * round the best. Each first heat is followed once and gone on from in clones; a low heat ends as
 * soon as all is cooked and the crust has its colour, and is given up when that is past.
 */
final class HeatSearch
{
    private const STEP_S = 5.0;

    private const FIRST = [0.35, 0.45, 0.58, 0.72, 0.86, 1.0];

    private const PAST_STEAM_MIN = [0.0, 1.5, 3.0, 5.0];

    /** Setting over that which would hold the pot at the boil, roughly, and plate or not. */
    private const LOW = [[0.08, false], [0.12, false], [0.17, false], [0.23, false], [0.22, true], [0.3, true], [0.38, true], [0.48, true]];

    private const FIRST_MOST_MIN = 22.0;

    /** Rounds of the finer search, each round the leading few, each narrower than the one before. */
    private const ROUNDS = 2;

    private const LEADING = 3;

    private const NARROWER = 0.5;

    private const LOW_STEP_MIN = 2.5;

    private const LOW_LEAST_MIN = 10.0;

    private const LOW_MOST_MIN = 110.0;

    private const REST_MIN = 8.0;

    /** A stove that runs this much hotter must not burn it, for the plan called safer. */
    private const HOTTER = 1.2;

    /** A crust one shade lighter, or rice a touch firmer. */
    private const JUST_MISSED = 2.0;

    private const SLACK = 0.06;

    /** Minutes that a crust at the very edge of its colour counts as, against one well inside. */
    private const RISK_MIN = 8.0;

    /** Settings are made for a 24 cm pot on 735 W net; others by base and ring. */
    private const MADE_FOR_W_PER_M2 = 735 / 0.04524;

    /** @var list<HeatPlan> */
    private array $found = [];

    private function __construct(private readonly SealedPot $pot, private readonly Aim $aim, private readonly float $scale)
    {
    }

    /**
     * @param  non-empty-list<HeatBlock>  $stock the school's own line: what is found is never worse
     * @return array{best: HeatPlan, stock: HeatPlan, quicker: HeatPlan|null, safer: HeatPlan|null}
     */
    public static function find(SealedPot $pot, Aim $aim, array $stock): array
    {
        $search = new self($pot, $aim, self::MADE_FOR_W_PER_M2 * $pot->areaM2() / $pot->netW);
        $asStock = self::judged($pot, $aim, $stock);
        // In an oven there is nothing to find: its time follows from the filling.
        if (array_filter($stock, static fn (HeatBlock $block): bool => $block->ovenC !== null) === []) {
            $search->coarse();
            for ($round = 0; $round < self::ROUNDS; $round++) {
                foreach ($search->leading() as $plan) {
                    $search->finer($plan, self::NARROWER ** $round);
                }
            }
        }
        $best = $search->found === [] ? $asStock : $search->best();
        if (self::order($asStock, $best) < 0) {
            $best = $asStock;
        }

        return ['best' => $best, 'stock' => $asStock, 'quicker' => $search->quicker($best), 'safer' => $search->safer($best)];
    }

    /** @param  non-empty-list<HeatBlock>  $blocks */
    public static function judged(SealedPot $pot, Aim $aim, array $blocks): HeatPlan
    {
        $end = Course::of($pot, $blocks, self::STEP_S, 1e6)->end();

        return new HeatPlan($blocks, $aim->miss($end, $pot->layers), $end->browning, $aim->limits($end, $pot->layers));
    }

    private function coarse(): void
    {
        foreach (self::FIRST as $first) {
            $this->from($first * min(1.0, $this->scale), self::PAST_STEAM_MIN, self::LOW);
        }
    }

    private function finer(HeatPlan $best, float $width): void
    {
        $first = $best->blocks[0]->setting;
        $low = $best->blocks[1] ?? null;
        if ($low === null) {
            return;
        }
        $setting = $low->setting / $this->scale;
        foreach ([1 - 0.12 * $width, 1 + 0.12 * $width] as $other) {
            $this->from(min(1.0, $first * $other), [0.0, 1.0, 2.0, 4.0], [[$setting, $low->plate]]);
        }
        $this->from($first, [0.5, 2.5, 6.0], [[(1 - 0.15 * $width) * $setting, $low->plate], [(1 + 0.15 * $width) * $setting, $low->plate]]);
    }

    /**
     * @param  list<float>  $pastSteamMin
     * @param  list<array{float, bool}>  $lows
     */
    private function from(float $setting, array $pastSteamMin, array $lows): void
    {
        $steaming = new Steaming($this->pot);
        $first = new HeatBlock(0.5, $setting, false, null, $setting);
        $steamMin = null;
        $most = $this->aim->mostBrowning();
        for ($minutes = 0.5; $minutes <= self::FIRST_MOST_MIN + 1e-9 && $steaming->browning <= $most; $minutes += 0.5) {
            $steaming->advance($first, 30.0, self::STEP_S);
            if ($steamMin === null && $steaming->steamAtLidS !== null) {
                $steamMin = $minutes;
            }
            $isLast = $minutes >= self::FIRST_MOST_MIN - 1e-9;
            foreach ($pastSteamMin as $past) {
                if (($steamMin !== null && abs($minutes - $steamMin - $past) < 0.01) || ($steamMin === null && $isLast && $past === $pastSteamMin[0])) {
                    foreach ($lows as [$low, $plate]) {
                        $this->lowFrom($steaming, $minutes, $setting, $past < 0.01 && $steamMin !== null, min(1.0, $low * $this->scale), $plate);
                    }
                }
            }
            if ($steamMin !== null && $minutes > $steamMin + array_reduce($pastSteamMin, static fn (float $most, float $past): float => max($most, $past), 0.0)) {
                break;
            }
        }
    }

    private function lowFrom(Steaming $from, float $firstMin, float $first, bool $atSteam, float $setting, bool $plate): void
    {
        $steaming = clone $from;
        $low = new HeatBlock(self::LOW_STEP_MIN, $setting, $plate, null, $setting);
        $most = $this->aim->mostBrowning();
        $least = $this->aim->crust === CrustColour::Pale ? 0.0 : $this->aim->crust->begins();
        $minutes = 0.0;
        $before = INF;
        $nearly = false;
        while ($minutes < self::LOW_MOST_MIN) {
            $steaming->advance($low, 60 * self::LOW_STEP_MIN, self::STEP_S);
            $minutes += self::LOW_STEP_MIN;
            if ($steaming->browning > $most) {
                return;
            }
            // A touch firmer, a shade lighter: what the quicker plan is chosen from.
            if (! $nearly && $minutes >= self::LOW_LEAST_MIN && $this->aim->isCooked($steaming, self::SLACK)) {
                $nearly = true;
                $this->rested(clone $steaming, $firstMin, $first, $atSteam, $minutes, $setting, $plate);
            }
            if ($minutes >= self::LOW_LEAST_MIN && $this->aim->isCooked($steaming)) {
                // The last of the colour comes in the rest; a crust that has stopped browning gets none.
                if ($steaming->browning >= 0.97 * $least || $steaming->browning - $before < 0.002) {
                    break;
                }
                $before = $steaming->browning;
            }
        }
        $this->rested($steaming, $firstMin, $first, $atSteam, $minutes, $setting, $plate);
    }

    private function rested(Steaming $steaming, float $firstMin, float $first, bool $atSteam, float $minutes, float $setting, bool $plate): void
    {
        $rest = new HeatBlock(self::REST_MIN, 0.0, false, null, 0.0);
        $steaming->advance($rest, 60 * self::REST_MIN, self::STEP_S);
        $end = Moment::of($steaming, 0.0);
        $this->found[] = new HeatPlan([
            new HeatBlock($firstMin, $first, false, $atSteam ? 'steam shows at the lid' : null, $first),
            new HeatBlock($minutes, $setting, $plate, null, $setting),
            $rest,
        ], $this->aim->miss($end, $this->pot->layers), $end->browning, $this->aim->limits($end, $this->pot->layers));
    }

    /** @return list<HeatPlan> */
    private function leading(): array
    {
        $plans = $this->found;
        usort($plans, self::order(...));

        return array_slice($plans, 0, self::LEADING);
    }

    private function best(): HeatPlan
    {
        return $this->leading()[0];
    }

    /** Nothing missed first, then the least time; a crust near its far edge counts as longer. */
    private static function order(HeatPlan $a, HeatPlan $b): int
    {
        return [round($a->miss, 2), $a->minutes() + self::RISK_MIN * $a->nearTooDark()] <=> [round($b->miss, 2), $b->minutes() + self::RISK_MIN * $b->nearTooDark()];
    }

    /** Less time than the best, at the price of one limit only just missed. */
    private function quicker(HeatPlan $best): ?HeatPlan
    {
        $plans = array_filter($this->found, static fn (HeatPlan $plan): bool => $plan->minutes() < $best->minutes() - 1 && $plan->miss < $best->miss + self::JUST_MISSED);
        usort($plans, static fn (HeatPlan $a, HeatPlan $b): int => $a->minutes() + 12 * $a->miss <=> $b->minutes() + 12 * $b->miss);

        return $plans[0] ?? null;
    }

    /** As good as the best, and not past its colour on a stove that runs hotter than it is known to. */
    private function safer(HeatPlan $best): ?HeatPlan
    {
        $plans = array_filter($this->found, static fn (HeatPlan $plan): bool => $plan->miss <= $best->miss + 0.05 && $plan->browning < $best->browning);
        usort($plans, self::order(...));
        foreach (array_slice($plans, 0, 6) as $plan) {
            $hot = Course::of($this->pot->with(netW: self::HOTTER * $this->pot->netW), $plan->blocks, self::STEP_S, 1e6)->end();
            if ($hot->browning <= $this->aim->mostBrowning()) {
                return $plan;
            }
        }

        usort($plans, static fn (HeatPlan $a, HeatPlan $b): int => $a->browning <=> $b->browning);

        return $plans[0] ?? null;
    }
}

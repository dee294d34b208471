<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;

/**
 * The same kitchens as of HowSure, their cooks looking where they are going: each times its boil, sees steam, and has
 * a look at the crust where that tells something, or two; and does what is best by what it then believes.
 */
final class SteeredKitchens
{
    private const STEP_S = 10.0;

    /** How well a boil on the ring tells its heat, in ln (section D). */
    public const BOIL_SD = 0.08;

    /** A look is asked for where it makes so much more come out right. */
    public const LOOK_WINS = 0.03;

    /** And a second one where it makes so much more. */
    public const AGAIN_WINS = 0.05;

    /** So often something is decided without steam. */
    private const WITHOUT_STEAM = 3;

    /** Where its minutes are up without steam that is waited for so long, min, once. */
    private const LATEST_MIN = 12.5;

    /** Where the low heat is chosen. */
    private Crossroads $atLow;

    /** @param  Odds  $odds before anything is seen */
    private function __construct(private Steerable $what, private LineTillLow $line, private Odds $odds)
    {
        $spentMin = $line->follow($what->pot, stepS: self::STEP_S)[2];
        $this->atLow = new Crossroads(
            what: $what, pots: MaybePots::of(
                $what->pot, $this->odds, $what->lotSd,
                static fn (SealedPot $one): Steaming => $line->follow($one, stepS: self::STEP_S)[0],
            ),
            on: $line->on, spentMin: $spentMin, planned: new Turn(
                $line->pastMin, $line->low->flame, max(0.0, $line->low->minutes - $spentMin), 0.0, 0.0,
            ),
            restMin: $line->restMin,
        );
    }

    /**
     * How kitchens end with each thing more that is known.
     *
     * @param  bool  $isBoiled whether water is brought to the boil on the ring beforehand
     * @param  list<SampledKitchen>|null  $kitchens null for the fixed sample
     * @return array<string, list<KitchenEnd>> by what is known: boil, steam, look, again; and of kitchens that are
     *     given as planned too; none where nothing can be steered
     */
    public static function of(Steerable $what, bool $isBoiled, ?array $kitchens = null): array
    {
        $till = LineTillLow::of($what->line);
        if ($till === null) {
            return [];
        }
        $steered = new self($what, $till, $what->odds->forMany());
        $rows = [];
        foreach ($kitchens ?? SampledKitchen::all($what->pot, $what->odds, $what->lotSd) as $kitchen) {
            if ($kitchens !== null) {
                $rows['planned'][] = $steered->asPlanned($kitchen);
            }
            foreach ($steered->in($kitchen, $isBoiled) as $known => $end) {
                $rows[$known][] = $end;
            }
        }

        return $rows;
    }

    /**
     * What to do by the minute at which steam is seen, and by what a look tells then, for a page that has no one to
     * ask.
     *
     * @return list<array{minute: float, turn: Turn, look: array{float, array<string, Turn>}|null}> each half minute;
     *     of a look how long after that it tells most, and what to do by the edge's cue; none where steam is not
     *     waited for
     */
    public static function bySteam(Steerable $what): array
    {
        $till = LineTillLow::of($what->line);
        if ($till === null || $till->on === null) {
            return [];
        }
        $steered = new self($what, $till, $what->odds);
        $steamMin = $steered->atLow->steamMin();
        $minutes = array_filter($steamMin, static fn (?float $minute): bool => $minute !== null);
        if ($minutes === []) {
            return [];
        }
        $told = [];
        for ($half = (int) floor(2 * min($minutes)); $half <= (int) ceil(2 * max($minutes)); $half++) {
            $minute = max(0.5, $half / 2);
            $odds = $steered->odds->given(
                Likely::minute($steamMin, $minute, $what->stove->steam->sdAt($minute)),
            );
            $turn = $steered->atLow->best($odds);
            $told[] = ['minute' => $minute, 'turn' => $turn, 'look' => $steered->byEdge($odds, $turn)];
        }

        return $told;
    }

    /** @return array{float, array<string, Turn>}|null minutes from now, and what to do then by the edge's cue */
    private function byEdge(Odds $odds, Turn $turn): ?array
    {
        $look = $this->atLow->look($odds, $turn);
        if ($look === null) {
            return null;
        }
        [$at, $ln, $then] = $look;
        $turns = [];
        foreach ($this->what->edges as $edge) {
            $turns[$edge->id] = $then->best($odds->looking(
                static fn (Odds $by): array => Likely::browning($by, $edge, $ln),
            ), $odds);
        }

        return [($this->line->on === null ? 0.0 : $turn->stayMin) + $at, $turns];
    }

    private function asPlanned(SampledKitchen $kitchen): KitchenEnd
    {
        [$pot, , $spent] = $this->line->follow($kitchen->pot, $kitchen->lateMin, self::STEP_S);
        $low = $this->line->low;

        return $this->end($pot, $this->atLow, new Turn(
            $this->line->pastMin, $low->flame, max(0.0, $low->minutes - $spent), 0.0, 0.0,
        ));
    }

    /** @return array<string, KitchenEnd> */
    private function in(SampledKitchen $kitchen, bool $isBoiled): array
    {
        [$pot, $steamMin] = $this->line->follow($kitchen->pot, $kitchen->lateMin, self::STEP_S);
        $odds = $this->odds;
        $ends = [];
        if ($isBoiled) {
            $odds = $odds->knowingRing($kitchen->lnRing + self::BOIL_SD * $kitchen->boilOff, self::BOIL_SD);
            $ends['boil'] = $this->end(clone $pot, $this->atLow, $this->atLow->best($odds));
        }
        $from = $this->atLow;
        $belief = $this->whenSteam($odds, $from, $pot, $steamMin, $kitchen);
        $turn = $from->best($belief);
        if ($steamMin === null) {
            [$from, $belief, $turn] = $this->waited($pot, $odds, $turn, $kitchen);
        }
        $ends['steam'] = $this->end(clone $pot, $from, $turn);
        $looked = $this->looked($pot, $from, $belief, $turn, $kitchen->lookOff);
        if ($looked === null) {
            return $ends + ['look' => $ends['steam'], 'again' => $ends['steam']];
        }
        [$pot, $from, $belief, $turn] = $looked;
        $ends['look'] = $this->end(clone $pot, $from, $turn);
        $again = $this->looked($pot, $from, $belief, $turn, $kitchen->againOff);
        $ends['again'] = $again === null ? $ends['look'] : $this->end($again[0], $again[1], $again[3]);

        return $ends;
    }

    /** What is believed once steam shows, or does not. */
    private function whenSteam(
        Odds $odds, Crossroads $from, Steaming $pot, ?float $steamMin, SampledKitchen $kitchen,
    ): Odds {
        if ($steamMin === null) {
            return $odds->given(Likely::later($from->steamMin(), $pot->seconds / 60));
        }
        $sd = $this->what->stove->steam->sdAt($steamMin);

        return $odds->given(Likely::minute($from->steamMin(), $steamMin + $sd * $kitchen->steamOff, $sd));
    }

    /**
     * Steam is waited for: when it shows, or the minutes are up without it, what is best is asked anew.
     *
     * @param  Odds  $odds but for steam
     * @return array{Crossroads, Odds, Turn}
     */
    private function waited(Steaming $pot, Odds $odds, Turn $turn, SampledKitchen $kitchen): array
    {
        $from = $this->atLow;
        $mayWait = $this->what->aim->steams;
        for ($time = 0; ; $time++) {
            $from->goOn($pot, $turn, 0.0);
            $from = $from->after($turn, $this->untilSteam($pot, $turn));
            $steamMin = $pot->steamAtLidS === null ? null : $pot->steamAtLidS / 60;
            $belief = $this->whenSteam($odds, $from, $pot, $steamMin, $kitchen);
            $turn = $from->best($belief);
            if ($steamMin !== null || ($turn->isOver() ? ! $mayWait : $time >= self::WITHOUT_STEAM)) {
                return [$from, $belief, $turn];
            }
            if ($turn->isOver()) {
                $turn = $turn->waiting(self::LATEST_MIN);
                $mayWait = false;
            }
        }
    }

    /** @return float minutes for which it goes on: till steam is seen to have shown, or those planned are up */
    private function untilSteam(Steaming $pot, Turn $turn): float
    {
        $waited = 0.0;
        while ($pot->steamAtLidS === null && $waited < $turn->minutes) {
            $minutes = min(Turn::WAITS_MIN, $turn->minutes - $waited);
            $pot->advance($turn->flame, 60 * $minutes, self::STEP_S);
            $waited += $minutes;
        }

        return $waited;
    }

    private function end(Steaming $pot, Crossroads $from, Turn $turn): KitchenEnd
    {
        $from->goOn($pot, $turn, $turn->minutes);
        $pot->advance(Flame::off(), 60 * $this->line->restMin, self::STEP_S);

        return KitchenEnd::of($pot, $this->what->aim);
    }

    /**
     * A look, and what is done by it.
     *
     * @param  float  $off by how much the colour is misjudged, in sd
     * @return array{Steaming, Crossroads, Odds, Turn}|null null where no look tells enough
     */
    private function looked(Steaming $pot, Crossroads $from, Odds $odds, Turn $turn, float $off): ?array
    {
        $look = $from->look($odds, $turn, $odds->likeliest());
        if ($look === null) {
            return null;
        }
        [$at, $ln, $then] = $look;
        $from->goOn($pot, $turn, $at);
        $pot->open();
        $seen = $this->what->edgeAt($pot->browning * exp(Likely::LOOK_SD * $off));
        $belief = $odds->looking(static fn (Odds $by): array => Likely::browning($by, $seen, $ln));

        return [$pot, $then, $belief, $then->best($belief)];
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;

/**
 * The same kitchens as of HowSure, their cooks looking where they are going: each times its boil, sees steam, and has
 * one look at the crust where that tells something; and does what is best by what it then believes.
 */
final class SteeredKitchens
{
    private const STEP_S = 10.0;

    /** How well a boil on the ring tells its heat, in ln (section D). */
    public const BOIL_SD = 0.08;

    /** A look is asked for where it makes so much more come out right. */
    public const LOOK_WINS = 0.03;

    /** Where the low heat is chosen. */
    private MaybePots $pots;

    /** @var list<list<float|null>> minute of steam, by ring and mark of Odds */
    private array $steamMin;

    private float $spentMin;

    private Steering $atLow;

    /**
     * @var array<string, array{float, list<float>, Steering}|null> by heat: when a look tells most, the crust then
     *     (ln browning, by ring × mark), and what to do from it
     */
    private array $looks = [];

    private function __construct(private Steerable $what, private LineTillLow $line)
    {
        $this->pots = MaybePots::of(
            $what->pot, $what->odds, $what->lotSd,
            static fn (SealedPot $one): Steaming => $line->follow($one, stepS: self::STEP_S)[0],
        );
        $this->steamMin = array_map(static fn (array $row): array => array_map(
            static fn (Steaming $one): ?float => $one->steamAtLidS === null ? null : $one->steamAtLidS / 60, $row,
        ), $this->pots->grid);
        $this->spentMin = $line->follow($what->pot, stepS: self::STEP_S)[2];
        $this->atLow = Steering::from(
            pots: $this->pots, on: $line->on, stayMin: $line->pastMin,
            flames: Steering::flames($line->low->flame, $what->stove),
            bounds: $what->bounds, spentMin: $this->spentMin, plannedMin: $line->low->minutes - $this->spentMin,
            restMin: $line->restMin, aim: $what->aim,
        );
    }

    /**
     * How kitchens end with each thing more that is known.
     *
     * @param  bool  $isBoiled whether water is brought to the boil on the ring beforehand
     * @param  list<SampledKitchen>|null  $kitchens null for the fixed sample
     * @return array<string, list<KitchenEnd>> by what is known: boil, steam, look, and of kitchens that are given as
     *     planned too; none where nothing can be steered
     */
    public static function of(Steerable $what, bool $isBoiled, ?array $kitchens = null): array
    {
        $till = LineTillLow::of($what->line);
        if ($till === null) {
            return [];
        }
        $steered = new self($what, $till);
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
     *     of a look how long after that it tells most, and what to do by the colour seen; none where steam is not
     *     waited for
     */
    public static function bySteam(Steerable $what): array
    {
        $till = LineTillLow::of($what->line);
        $steered = $till === null || $till->on === null ? null : new self($what, $till);
        $minutes = array_filter(
            array_merge(...($steered->steamMin ?? [])), static fn (?float $minute): bool => $minute !== null,
        );
        if ($steered === null || $minutes === []) {
            return [];
        }
        $told = [];
        for ($half = (int) floor(2 * min($minutes)); $half <= (int) ceil(2 * max($minutes)); $half++) {
            $minute = max(0.5, $half / 2);
            $odds = $what->odds->given(
                Likely::minute($steered->steamMin, $minute, $what->stove->steam->sdAt($minute)),
            );
            $turn = $steered->atLow->best($odds);
            $told[] = ['minute' => $minute, 'turn' => $turn, 'look' => $steered->byColour($odds, $turn)];
        }

        return $told;
    }

    /** @return array{float, array<string, Turn>}|null minutes from now, and what to do then by the colour seen */
    private function byColour(Odds $odds, Turn $turn): ?array
    {
        $look = $this->lookFor($odds, $turn);
        if ($look === null) {
            return null;
        }
        [$at, $ln, $then] = $look;
        $turns = [];
        foreach (CrustColour::cases() as $colour) {
            $turns[$colour->value] = $then->best($odds->looking(
                static fn (Odds $by): array => Likely::colour($by, $ln, $colour),
            ));
        }

        return [($this->line->on === null ? 0.0 : $turn->stayMin) + $at, $turns];
    }

    private function asPlanned(SampledKitchen $kitchen): KitchenEnd
    {
        [$pot, , $spent] = $this->line->follow($kitchen->pot, $kitchen->lateMin, self::STEP_S);
        $low = $this->line->low;

        return $this->end($pot, $this->line->on, new Turn(
            $this->line->pastMin, $low->flame, max(0.0, $low->minutes - $spent), 0.0, 0.0,
        ));
    }

    /** @return array<string, KitchenEnd> */
    private function in(SampledKitchen $kitchen, bool $isBoiled): array
    {
        [$pot, $steamMin] = $this->line->follow($kitchen->pot, $kitchen->lateMin, self::STEP_S);
        $odds = $this->what->odds;
        $ends = [];
        if ($isBoiled) {
            $odds = $odds->knowingRing($kitchen->lnRing + self::BOIL_SD * $kitchen->boilOff, self::BOIL_SD);
            $ends['boil'] = $this->end(clone $pot, $this->line->on, $this->atLow->best($odds));
        }
        if ($steamMin !== null) {
            $sd = $this->what->stove->steam->sdAt($steamMin);
            $odds = $odds->given(Likely::minute(
                $this->steamMin, $steamMin + $sd * $kitchen->steamOff, $sd,
            ));
        } else {
            $odds = $odds->given(Likely::later($this->steamMin, $pot->seconds / 60));
        }
        $turn = $this->atLow->best($odds);
        $ends['steam'] = $this->end(clone $pot, $this->line->on, $turn);
        $ends['look'] = $this->looked($pot, $odds, $turn, $kitchen) ?? $ends['steam'];

        return $ends;
    }

    private function end(Steaming $pot, ?Flame $on, Turn $turn): KitchenEnd
    {
        if ($on !== null) {
            $pot->advance($on, 60 * $turn->stayMin, self::STEP_S);
        }
        $pot->advance($turn->flame, 60 * $turn->minutes, self::STEP_S);
        $pot->advance(Flame::off(), 60 * $this->line->restMin, self::STEP_S);

        return KitchenEnd::of($pot, $this->what->aim);
    }

    /** Null where no look tells enough. */
    private function looked(Steaming $pot, Odds $odds, Turn $turn, SampledKitchen $kitchen): ?KitchenEnd
    {
        $look = $this->lookFor($odds, $turn);
        if ($look === null) {
            return null;
        }
        [$at, $ln, $then] = $look;
        $this->goOn($pot, $turn, $at);
        $seen = CrustColour::of($pot->browning * exp(Likely::LOOK_SD * $kitchen->lookOff));

        return $this->end($pot, null, $then->best($odds->looking(
            static fn (Odds $by): array => Likely::colour($by, $ln, $seen),
        )));
    }

    /** To the minute of a look, and the lid lifted for it. */
    private function goOn(Steaming $pot, Turn $turn, float $minutes): void
    {
        if ($this->line->on !== null) {
            $pot->advance($this->line->on, 60 * $turn->stayMin, self::STEP_S);
        }
        $pot->advance($turn->flame, 60 * $minutes, self::STEP_S);
        $pot->open();
    }

    /** @return array{float, list<float>, Steering}|null one for all pots that are turned so */
    private function lookFor(Odds $odds, Turn $turn): ?array
    {
        $key = serialize([$turn->stayMin, $turn->flame]);
        if (! array_key_exists($key, $this->looks)) {
            $this->looks[$key] = $this->whenToLook($odds, $turn);
        }

        return $this->looks[$key];
    }

    /** @return array{float, list<float>, Steering}|null */
    private function whenToLook(Odds $odds, Turn $turn): ?array
    {
        [$at, $wins] = $this->atLow->look($odds, $turn);
        if ($wins < self::LOOK_WINS) {
            return null;
        }
        $pots = $this->pots->after(fn (Steaming $pot) => $this->goOn($pot, $turn, $at));

        return [
            $at, $pots->lnBrowning(), Steering::from(
                pots: $pots, on: null, stayMin: 0.0, flames: Steering::flames($turn->flame, $this->what->stove),
                bounds: $this->what->bounds, spentMin: $this->spentMin + $at,
                plannedMin: max(0.0, $turn->minutes - $at), restMin: $this->line->restMin, aim: $this->what->aim,
            ),
        ];
    }
}

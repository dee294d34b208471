<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\School;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Lid\StockHeat;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Measure\Water;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Uptake;
use Orbek\Core\Water\Absorption;

/** Rice cooked in measured water that it takes up: one pot, a cooker, or a quick pot of its own. */
final readonly class MeasuredPlan extends RicePlan
{
    /** Heat that rice takes on the way up, as water of so much of its weight. */
    private const RICE_AS_WATER = 0.6;

    /** The ring's setting while the rice simmers open. */
    private const SIMMERS_AT = 0.5;

    /** What rice sealed at dry craters still takes up, times its raw weight. */
    private const STILL_TAKES = 0.15;

    /** Most of a grain is done by the front; the last of it while the lid stays on. */
    private const DONE_BY = 0.8;

    private const COOKER_STANDS_MIN = 8;

    /** Doneness at dry craters, and of rice out of a cooker or its own quick pot. */
    private const CRATERS = 0.80;

    private const COOKED = 0.97;

    /** What a cooker's steam hole lets out, g a litre of its size (section G). */
    private const VENTS_G_PER_L = 50.0;

    private function __construct(
        RiceKind $kind, Pot $pot, Ring $ring, Figure $tau, Figure $salt, Figure $saltKept,
        public Absorption $absorption,
        /** The line of the cooker's own scale. */
        public Figure $cookerLine,
        /** Minutes from cold water to dry craters (one pot), or till the rice is done. */
        public int $cookMin,
        /** Doneness and weight over raw weight when the pot is sealed. */
        public float $doneness,
        public float $uptake,
        public ?Figure $broth,
    ) {
        parent::__construct(
            kind: $kind,
            pot: $pot,
            ring: $ring,
            tau: $tau,
            water: $absorption->water,
            salt: $salt,
            saltKept: $saltKept,
            keptPerGPerL: $absorption->water->amount / 1000,
        );
    }

    /** @throws Refused when the dish names what the kitchen does not have */
    public static function of(Dish $dish, Kitchen $kitchen, FactorBelief $belief, Mass $raw): self
    {
        $pot = $kitchen->pot($dish->grain->water->pot, 'water/pot');
        if ($dish->grain->cooking->takesCooker() && $pot->cooker === null) {
            throw Refused::because('water/pot', 'refused.no-rice-cooker', pot: $pot->name);
        }
        $ring = $pot->cooker === null
            ? $kitchen->ringUnder($pot, $dish->grain->water->ring, 'water/burner')
            : Ring::ofCooker($pot->name, $pot->cooker->watts);
        $kind = $kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind;
        $front = CookingFront::of($kind, $dish->grain->rice->soak, $belief->likely());
        $inWaterMin = self::inWaterMin($dish, $kitchen, $front);
        $absorption = self::absorption($dish, $kitchen, $raw, $pot, $ring, $inWaterMin);
        $saltG = $dish->grain->water->saltGPerL * $absorption->water->amount / 1000;
        $isOnePot = $dish->grain->cooking === Cooking::OnePot;

        return new self(
            kind: $kind, pot: $pot, ring: $ring,
            tau: Figure::of($front->tauS / 60, 'min', 1, Note::of(
                'measured-plan.tau', soak: $dish->grain->rice->soak->words(),
                belief: $belief->words(),
            )),
            salt: Figure::of($saltG, 'g', 0, Note::of(
                'measured-plan.salt-in-the-water',
                saltGPerL: round($dish->grain->water->saltGPerL, 1), water: $absorption->water,
            )),
            saltKept: Figure::of($saltG, 'g', 1, Note::of('measured-plan.salt-stays')),
            absorption: $absorption,
            cookerLine: Figure::of(
                $pot->cooker?->line($absorption->cookerMark->amount) ?? $absorption->cookerMark->amount, '', 1,
                ...$absorption->cookerMark->why,
            ),
            cookMin: self::cookMin($dish, $kitchen, $raw, $ring, $absorption, $inWaterMin),
            doneness: match ($dish->grain->cooking) {
                Cooking::OnePot => self::CRATERS,
                Cooking::Share => $dish->grain->water->stage->doneness(),
                default => self::COOKED,
            },
            uptake: $isOnePot ? $absorption->target - self::STILL_TAKES : $absorption->target,
            broth: self::broth($dish, $raw, $absorption),
        );
    }

    /** Minutes at the boil till the rice has what it is to take up there. */
    private static function inWaterMin(Dish $dish, Kitchen $kitchen, CookingFront $front): float
    {
        $exposureS = $dish->grain->cooking === Cooking::Share
            ? $front->exposureTo($dish->grain->water->stage->doneness())
            : self::DONE_BY * $front->tauS;

        return $exposureS / CookingFront::speed($kitchen->boilC()) / 60;
    }

    private static function absorption(
        Dish $dish, Kitchen $kitchen, Mass $raw, Pot $pot, Ring $ring, float $inWaterMin,
    ): Absorption {
        $isOnePot = $dish->grain->cooking === Cooking::OnePot;
        $kind = $kitchen->bag($dish->grain->rice->bag, 'rice/lot')->kind;

        $seal = $isOnePot ? $dish->lid->seal : $dish->craft->seals->get(Seal::TIGHT_LID, 'lid/seal');

        return Absorption::of(
            kind: $kind, soak: $dish->grain->rice->soak, raw: $raw, netW: $ring->netW(),
            openMin: $dish->grain->water->openMin, setting: self::SIMMERS_AT,
            leakShare: $seal->leakShare,
            coveredMin: $isOnePot ? self::sealedMin($dish->school) : $inWaterMin,
            folded: $dish->grain->cooking === Cooking::Quick,
            fillingFreeG: $dish->grain->cooking->isWithFilling() ? self::freeG($dish, $raw) : 0.0,
            brothG: self::brothG($dish, $raw), cup: $kitchen->equipment->cup,
            cookerCupMl: $pot->cooker->cupMl ?? Absorption::COOKER_CUP_ML,
            target: $dish->grain->cooking === Cooking::Share
                ? Uptake::of($kind, $dish->grain->rice->soak)->at($dish->grain->water->stage->doneness())
                : null,
            ventG: $dish->grain->cooking->takesCooker() ? self::VENTS_G_PER_L * $pot->litres : 0.0,
        );
    }

    /** Minutes from cold water to dry craters (one pot), or till the rice is done. */
    private static function cookMin(
        Dish $dish, Kitchen $kitchen, Mass $raw, Ring $ring, Absorption $absorption, float $inWaterMin,
    ): int {
        $fillingKg = $dish->grain->cooking === Cooking::InCooker
            ? $dish->fillings->inPot()->layeredMass($raw)->kg : 0.0;
        $minutes = match ($dish->grain->cooking) {
            Cooking::OnePot => $dish->grain->water->openMin,
            Cooking::Cooker, Cooking::InCooker => $inWaterMin + self::COOKER_STANDS_MIN,
            default => $dish->grain->water->openMin + $dish->grain->water->toastMin + $inWaterMin,
        };

        return max(1, (int) ceil(self::heatUpMin($absorption, $raw->kg + $fillingKg, $kitchen, $ring) + $minutes));
    }

    /** @param  float  $withKg raw rice, and filling that is heated with it */
    private static function heatUpMin(Absorption $absorption, float $withKg, Kitchen $kitchen, Ring $ring): float
    {
        $waterKg = $absorption->water->amount / 1000 + self::RICE_AS_WATER * $withKg;

        return Water::J_PER_KG_K * $waterKg * ($kitchen->boilC() - $kitchen->site->tapC) / $ring->netW() / 60;
    }

    private static function broth(Dish $dish, Mass $raw, Absorption $absorption): ?Figure
    {
        $gravyG = $dish->fillings->gravyForRiceG($raw);
        $grams = min(self::brothG($dish, $raw), $absorption->water->amount);
        $why = [Note::of(
            'measured-plan.broth-for-water', brothPerRice: round($grams / $raw->inGrams(), 2),
        )];
        if ($gravyG > 0) {
            $why[] = Note::of('measured-plan.own-gravy', grams: (int) round($gravyG));
        }

        return $grams <= 0 ? null : Figure::of($grams, 'g', 0, ...$why)->filling(1.0);
    }

    /** Broth that takes the place of water: what is told, and what the fillings' gravy gives, g. */
    private static function brothG(Dish $dish, Mass $raw): float
    {
        return $dish->grain->water->brothPerRice * $raw->inGrams() + $dish->fillings->gravyForRiceG($raw);
    }

    /** Free water that the filling brings, with the juice still to come, g. */
    private static function freeG(Dish $dish, Mass $raw): float
    {
        $juiceG = 0.0;
        foreach ($dish->fillings->inPot()->all as $filling) {
            $juiceG += $filling->freeShare($raw) * $filling->layeredMass($raw)->inGrams();
            foreach ($filling->partMasses($raw) as $index => $mass) {
                $juiceG += $filling->parts[$index]->kind->juiceShare * (1 - $filling->ready) * $mass->inGrams();
            }
        }

        return $juiceG;
    }

    /**
     * Minutes on the heat under the lid, by the school's own line: the heat that is found for a pot follows its water.
     */
    private static function sealedMin(School $school): float
    {
        return array_sum(array_map(
            static fn (StockHeat $heat): float => $heat->isRest() ? 0.0 : $heat->minutes, $school->heats,
        ));
    }
}

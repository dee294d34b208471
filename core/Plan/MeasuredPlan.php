<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\School;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Lid\Burner;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Water\Absorption;

/** Rice cooked in measured water that it takes up: one pot, a cooker, or a quick pot of its own. */
final readonly class MeasuredPlan
{
    private const WATER_J_PER_KG_K = 4186.0;

    /** Most of a grain is done by the front; the last of it while the lid stays on. */
    private const DONE_BY = 0.8;

    private const COOKER_STANDS_MIN = 8;

    /** Doneness at dry craters, and of rice out of a cooker or its own quick pot. */
    private const CRATERS = 0.80;

    private const COOKED = 0.97;

    private function __construct(
        public RiceKind $kind,
        public Absorption $absorption,
        public Pot $pot,
        public Burner $burner,
        /** Minutes from cold water to dry craters (one pot), or till the rice is done. */
        public int $cookMin,
        public Figure $tau,
        public Figure $water,
        public Figure $salt,
        public Figure $saltKept,
        /** Doneness and weight over raw weight when the pot is sealed. */
        public float $doneness,
        public float $uptake,
        public ?Figure $broth,
    ) {
    }

    /** @throws OutOfRange when the dish names what the kitchen does not have */
    public static function of(Dish $dish, Kitchen $kitchen, FactorBelief $belief, Mass $raw, HeatLine $heat): self
    {
        $pot = $kitchen->pot($dish->water->pot, 'water/pot');
        $isCooker = $dish->school === School::Cooker;
        if ($isCooker && $pot->cookerW === null) {
            throw OutOfRange::because('water/pot', "\"{$pot->name}\" is no rice cooker;", 'name the kitchen\'s cooker');
        }
        $burner = $pot->cookerW === null ? $kitchen->burner($dish->water->burner, 'water/burner') : Burner::ofCooker($pot->name, $pot->cookerW);
        $kind = $kitchen->lot($dish->rice->lot, 'rice/lot')->kind;
        $soak = $dish->rice->soak;
        $front = CookingFront::of($kind, $soak, $belief->likely());
        $inWaterMin = self::DONE_BY * $front->tauS / CookingFront::speed($kitchen->boilC()) / 60;

        $isOnePot = $dish->school === School::OnePot;
        $fillingFreeG = $isOnePot ? self::freeG($dish, $raw) : 0.0;
        $coveredMin = $isOnePot ? self::sealedMin($heat) : $inWaterMin;
        $brothG = $dish->water->brothPerRice * $raw->inGrams();
        $absorption = Absorption::of($kind, $soak, $raw, $burner, $dish->water->openMin, 0.5, $isOnePot ? $dish->lid->seal : Seal::TightLid, $coveredMin, $dish->school === School::Yesterday, $fillingFreeG, $brothG, $kitchen->cup);

        $waterKg = $absorption->water->amount / 1000;
        $heatUpMin = self::WATER_J_PER_KG_K * ($waterKg + 0.6 * $raw->kg) * ($kitchen->boilC() - $kitchen->tapC) / $burner->netW() / 60;
        $cookMin = $heatUpMin + match ($dish->school) {
            School::OnePot => $dish->water->openMin,
            School::Cooker => $inWaterMin + self::COOKER_STANDS_MIN,
            default => $dish->water->openMin + $inWaterMin,
        };
        $saltG = $dish->water->saltGPerL * $waterKg;

        return new self(
            $kind, $absorption, $pot, $burner, max(1, (int) ceil($cookMin)),
            Figure::of($front->tauS / 60, 'min', 1, sprintf('Raw to done in water at 100 °C, %s; %s.', $soak->words(), $belief->words())),
            $absorption->water,
            Figure::of($saltG, 'g', 0, sprintf('%s g a litre in %s of water.', round($dish->water->saltGPerL, 1), $absorption->water->text())),
            Figure::of($saltG, 'g', 1, 'Nothing is drained: all the salt stays in the rice.'),
            $isOnePot ? self::CRATERS : self::COOKED,
            $isOnePot ? $absorption->target - 0.15 : $absorption->target,
            $brothG > 0 ? Figure::of(min($brothG, $absorption->water->amount), 'g', 0, sprintf('%s times the rice, in place of that much water. Salted and coloured to taste.', round($dish->water->brothPerRice, 2)))->filling(1.0) : null,
        );
    }

    /** Free water that the filling brings, with the juice still to come, g. */
    private static function freeG(Dish $dish, Mass $raw): float
    {
        $juiceG = 0.0;
        foreach ($dish->filling->partMasses($raw) as $index => $mass) {
            $juiceG += $dish->filling->parts[$index]->kind->juiceShare() * (1 - $dish->filling->ready) * $mass->inGrams();
        }

        return $dish->filling->freeShare() * $dish->filling->layeredMass($raw)->inGrams() + $juiceG;
    }

    private static function sealedMin(HeatLine $heat): float
    {
        $minutes = 0.0;
        foreach ($heat->blocks as $block) {
            $minutes += $block->isRest() ? 0.0 : $block->minutes;
        }

        return $minutes;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Rice\Uptake;

/** A planned pot as its lid is closed on it: what the steaming starts from. */
final class Sealing
{
    private const HOT_FAT_C = 140.0;

    private const FAT_KG_PER_L = 0.92;

    /** Something laid on hot fat is warm through when the rice goes on it. */
    private const LAID_C = 60.0;

    /**
     * @param  float  $share of the dish that lies in this pot
     * @return SealedPot|null null where it would not even go in
     */
    public static function of(Dish $dish, Kitchen $kitchen, Knowledge $knowledge, Pot $pot, string $burner, Mass $raw, ?BoilPlan $boil, ?MeasuredPlan $measured, float $share = 1.0): ?SealedPot
    {
        $soak = $dish->rice->soak;
        $kind = $kitchen->lot($dish->rice->lot, 'rice/lot')->kind;
        $factor = $knowledge->lot($dish->rice->lot)->likely();
        $waitMin = WorkOrder::waitMin($dish);
        $riceC = $boil === null
            ? ($measured !== null && $dish->water->pot === $dish->lid->pot ? $kitchen->boilC() : 80.0)
            : $dish->water->draining->celsiusAfter(60 * $waitMin, $raw->times($share * (Uptake::of($kind, $soak)->at($dish->water->stage->doneness()) + Uptake::SURFACE)), $kitchen->boilC(), $kitchen->roomC);

        $layers = [];
        $base = $dish->base;
        if ($base->kind->isLaid()) {
            $layers[] = self::base($dish, $pot, $raw->times($share), Uptake::of($kind, $soak));
        }
        $top = array_key_last(array_filter($dish->layers, static fn ($layer): bool => $layer->matter === Matter::Rice));
        foreach ($dish->layers as $index => $layer) {
            if ($layer->matter === Matter::Rice) {
                $layers[] = SealedLayer::rice(
                    $kind, $soak, $raw->kg * $share * $layer->share,
                    $measured === null ? ($layer->stage ?? $dish->water->stage)->doneness() : $measured->doneness,
                    $riceC, $index === $top ? $dish->lid->sprinkledMlPerKg / 1000 * $raw->kg * $share : 0.0, $factor, $measured?->uptake,
                );

                continue;
            }
            $filling = $dish->filling;
            $layers[] = SealedLayer::filling(
                $filling->toughest(), $filling->layeredMass($raw)->kg * $share * $layer->share, 1 - $filling->ready,
                // One pot: the filling's free water is in the measured water that the rice has taken up.
                $measured !== null && $dish->water->pot === $dish->lid->pot ? 0.03 : $filling->freeShare(),
                $measured !== null && $dish->water->pot === $dish->lid->pot ? $kitchen->boilC() - 2 : $filling->celsius(),
                $filling->halfThicknessMm(), $filling->ready, $filling->marinade?->tenderFactor() ?? 1.0, $filling->name, $filling->strictest()?->safeCoreC(),
            );
        }

        try {
            return SealedPot::of($pot->diameterCm, $pot->heightCm(), $pot->baseJPerK(), $knowledge->stove($pot->id, $burner)->likely() * $kitchen->burner($burner, 'lid/burner')->netW(), $kitchen->boilC(), $dish->lid->seal, $layers, $base->kind->isLaid() ? self::HOT_FAT_C : null);
        } catch (OutOfRange) {
            return null;
        }
    }

    private static function base(Dish $dish, Pot $pot, Mass $raw, Uptake $uptake): SealedLayer
    {
        $base = $dish->base;
        $fatKg = $base->fatMlPerCm2 * $pot->baseCm2() / 1000 * self::FAT_KG_PER_L;
        if (! $base->kind->takesRice()) {
            return SealedLayer::crust($base->kind, $base->kind->gramsPerCm2() * $pot->baseCm2() / 1000, $base->kind->waterShare(), $fatKg, self::LAID_C);
        }
        $weight = $uptake->at($dish->water->stage->doneness()) + Uptake::SURFACE;
        $mass = $raw->kg * $base->riceShare * $weight;

        return SealedLayer::crust($base->kind === BaseKind::YogurtRice ? BaseKind::YogurtRice : BaseKind::Rice, $mass, 1 - Uptake::DRY_SHARE / $weight, $fatKg, self::LAID_C);
    }
}

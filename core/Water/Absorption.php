<?php

declare(strict_types=1);

namespace Orbek\Core\Water;

use Orbek\Core\Lid\Burner;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Measure\Volume;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;

/**
 * Measured water for rice that is not drained: one pot, cooker, quick.
 *
 * Water to add = raw · (W_target − 1 − 0.28 S) + open simmer loss + lid loss − free water of the
 * filling (docs/model.md, Absorption). What is boiled off is heat over the heat of evaporation.
 */
final readonly class Absorption
{
    private const EVAPORATION_J_PER_G = 2257.0;

    /** Share of a ring's net heat that goes into steam under a closed lid on the lowest flame. */
    private const LOWEST_SETTING = 0.1;

    private const TARGET = 2.35;

    private const TARGET_SELLA = 2.5;

    private const TARGET_FOLDED = 2.2;

    /** A cooker's own scale: plain unsoaked rice by the 180 ml cup, and what its steam hole loses. */
    private const SCALE_BULK_KG_PER_L = 0.85;

    private const SCALE_LOSS_G = 30.0;

    private function __construct(
        public Figure $water,
        /** Of it water or milk, beside the broth that is there. */
        public Figure $beside,
        public Figure $inCups,
        public Figure $cookerMark,
        /** The filling alone brings more than the rice can take. */
        public bool $isTooWet,
        /** Weight over raw weight that the rice is to reach. */
        public float $target,
    ) {
    }

    /**
     * @param  float  $openMin minutes simmered without a lid
     * @param  float  $setting of the ring meanwhile, 0 … 1
     * @param  float  $coveredMin minutes under the lid on the lowest heat
     * @param  float  $fillingFreeG free water that the filling brings, g
     * @param  float  $brothG broth to be used for part of the water, g
     *
     * @throws OutOfRange
     */
    public static function of(RiceKind $kind, Soak $soak, Mass $raw, Burner $burner, float $openMin, float $setting, Seal $seal, float $coveredMin, bool $folded, float $fillingFreeG, float $brothG, Cup $cup): self
    {
        OutOfRange::unlessBetween('rice', $raw->inGrams(), 20, 10000, 'g');
        OutOfRange::unlessBetween('open simmer', $openMin, 0, 120, 'min');
        OutOfRange::unlessBetween('setting', $setting, 0, 1);
        OutOfRange::unlessBetween('covered', $coveredMin, 0, 180, 'min');
        OutOfRange::unlessBetween('water in the filling', $fillingFreeG, 0, 10000, 'g');
        OutOfRange::unlessBetween('broth', $brothG, 0, 20000, 'g');

        $target = match (true) {
            $folded => self::TARGET_FOLDED,
            $kind === RiceKind::SellaBasmati => self::TARGET_SELLA,
            default => self::TARGET,
        };
        $gain = Soak::FULL_GAIN * $soak->saturation($kind);
        $takenG = $raw->inGrams() * ($target - 1 - $gain);
        $openG = $burner->netW() * $setting * 60 * $openMin / self::EVAPORATION_J_PER_G;
        $lidG = $burner->netW() * self::LOWEST_SETTING * $seal->leakShare() * 60 * $coveredMin / self::EVAPORATION_J_PER_G;
        $addG = $takenG + $openG + $lidG - $fillingFreeG;
        $liquid = max(0.0, $addG);
        $besideG = max(0.0, $liquid - $brothG);

        $perMark = Mass::ofVolume(Volume::cups(1, Cup::RiceCooker), self::SCALE_BULK_KG_PER_L)->inGrams() * (self::TARGET - 1);

        return new self(
            Figure::of($liquid, 'g', 0,
                sprintf('The rice is to weigh %s times its raw weight%s: it takes %d g more%s.', $target, $folded ? ', since a wet filling is folded in' : '', (int) round($takenG), $gain > 0.005 ? sprintf(', having %d g from the soak', (int) round($gain * $raw->inGrams())) : ''),
                sprintf('%d g boil off without the lid, %d g get past it; the filling brings %d g.', (int) round($openG), (int) round($lidG), (int) round($fillingFreeG)))->filling(1.0),
            Figure::of($besideG, 'g', 0, sprintf('%d g in all, %d g of it broth, by weight.', (int) round($liquid), (int) round(min($brothG, $liquid)))),
            Figure::of(Volume::millilitres($besideG)->inCups($cup), $cup->label(), 2, sprintf('%d ml each; a millilitre of water weighs a gram.', (int) $cup->millilitres())),
            Figure::of(max(0.0, ($liquid - self::SCALE_LOSS_G) / $perMark), '', 1, sprintf('A cooker\'s line counts 180 ml cups of plain unsoaked rice at %d g of water each, and %d g for its steam hole.', (int) round($perMark), (int) self::SCALE_LOSS_G)),
            $addG < 0,
            $target,
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Water;

use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Sane;
use Orbek\Core\Measure\Volume;
use Orbek\Core\Measure\Water;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;

/**
 * Measured water for rice that is not drained: one pot, cooker, quick.
 *
 * Water to add = raw · (W_target − 1 − 0.28 S) + open simmer loss + lid loss − free water of the
 * filling (docs/model.md, section G). What is boiled off is heat over the heat of evaporation.
 */
final readonly class Absorption
{
    /** Share of a ring's net heat that goes into steam under a closed lid on the lowest flame. */
    private const LOWEST_SETTING = 0.1;

    private const TARGET = 2.75;

    private const TARGET_SELLA = 2.9;

    private const TARGET_FOLDED = 2.55;

    /** Parts of water to raw rice that a cooker's scale is drawn for (docs/model.md, section G). */
    private const SCALE_WATER = 1.35;

    /** A cooker's own scale: plain unsoaked rice by the 180 ml cup, and what its steam hole loses. */
    private const SCALE_BULK_KG_PER_L = 0.85;

    /** The cup that comes with most cookers. */
    public const COOKER_CUP_ML = 180.0;

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
     * @param  float  $netW heat of the ring at full setting that reaches the pot
     * @param  float  $leakShare of the steam that gets past the lid
     * @param  float  $openMin minutes simmered without a lid
     * @param  float  $setting of the ring meanwhile, 0 … 1
     * @param  float  $coveredMin minutes under the lid on the lowest heat
     * @param  float  $fillingFreeG free water that the filling brings, g
     * @param  float  $brothG broth to be used for part of the water, g
     * @param  float  $cookerCupMl of rice for a line of the cooker's scale
     * @param  float|null  $target weight over raw weight where it is not to be tender in this water
     * @param  float  $ventG steam that a cooker lets out by its hole, g
     */
    public static function of(
        RiceKind $kind, Soak $soak, Mass $raw, float $netW, float $openMin, float $setting, float $leakShare,
        float $coveredMin, bool $folded, float $fillingFreeG, float $brothG, Cup $cup,
        float $cookerCupMl = self::COOKER_CUP_ML, ?float $target = null,
        float $ventG = 0.0,
    ): self {
        Sane::between('rice', $raw->inGrams(), 1, 50000);
        Sane::between('open simmer', $openMin, 0, 120);
        Sane::between('setting', $setting, 0, 1);
        Sane::between('covered', $coveredMin, 0, 10000);
        Sane::between('water in the filling', $fillingFreeG, 0, 1e6);
        Sane::between('broth', $brothG, 0, 1e6);

        $target ??= self::tender($kind, $folded);
        $gain = Soak::FULL_GAIN * $soak->saturation($kind);
        $takenG = $raw->inGrams() * ($target - 1 - $gain);
        $steamG = static fn (float $watts, float $minutes): float => $watts * 60 * $minutes
            / (Water::EVAPORATION_J_PER_KG / 1000);
        $openG = $steamG($netW * $setting, $openMin);
        $lidG = $steamG($netW * self::LOWEST_SETTING * $leakShare, $coveredMin) + $ventG;
        $addG = $takenG + $openG + $lidG - $fillingFreeG;
        $liquid = max(0.0, $addG);
        $besideG = max(0.0, $liquid - $brothG);

        return new self(
            Figure::of($liquid, 'g', 0,
                Note::of(
                    'absorption.target-weight', target: $target, folded: $folded,
                    takenG: (int) round($takenG), gain: (int) round($gain * $raw->inGrams()), isGained: $gain > 0.005,
                ),
                Note::of(
                    'absorption.lost-as-steam', openG: (int) round($openG), lidG: (int) round($lidG),
                    fillingFreeG: (int) round($fillingFreeG),
                ))->filling(1.0),
            Figure::of($besideG, 'g', 0, Note::of(
                'absorption.of-it-broth',
                liquid: (int) round($liquid), brothG: (int) round(min($brothG, $liquid)),
            )),
            Figure::of(
                Volume::millilitres($besideG)->inCups($cup), 'cups', 2,
                Note::of('absorption.cup-size', cup: $cup, millilitres: (int) $cup->millilitres()),
            ),
            self::cookerMark($liquid, $cookerCupMl),
            $addG < 0,
            $target,
        );
    }

    /** Weight over raw weight of tender rice. */
    private static function tender(RiceKind $kind, bool $folded): float
    {
        return match (true) {
            $folded => self::TARGET_FOLDED,
            $kind === RiceKind::SellaBasmati => self::TARGET_SELLA,
            default => self::TARGET,
        };
    }

    /** How far up a cooker's own scale so much water stands. */
    private static function cookerMark(float $waterG, float $cupMl): Figure
    {
        $rice = Mass::ofVolume(Volume::millilitres($cupMl), self::SCALE_BULK_KG_PER_L);
        $perMark = $rice->inGrams() * self::SCALE_WATER;

        return Figure::of(max(0.0, ($waterG - self::SCALE_LOSS_G) / $perMark), '', 1, Note::of(
            'absorption.cooker-line',
            cupMl: (int) round($cupMl), perMark: (int) round($perMark), scaleLossG: (int) self::SCALE_LOSS_G,
        ));
    }
}

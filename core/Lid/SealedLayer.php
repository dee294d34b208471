<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Uptake;

/**
 * One layer as the lid is closed on it: what it weighs, what water it holds and how far it is cooked.
 *
 * Masses in kg, temperatures in °C. Fields that another matter would use stay at zero.
 */
final readonly class SealedLayer
{
    /** Parboiled drained rice and filling, kg per m³ (docs/model.md, section E). */
    private const RICE_KG_PER_M3 = 720.0;

    private const FILLING_DRY = 0.28;

    private const FILLING_FAT = 0.05;

    private const FILLING_WATER = 0.67;

    /** A raw or juicy filling conducts by its moving juice; rice by rest. W per m K. */
    private const WET_CONDUCTS = 2.0;

    private const CONDUCTS = 0.5;

    private const CORE_LAG_S_PER_M2 = 1.3e6;

    private function __construct(
        public Matter $matter,
        public string $label,
        public float $dryKg,
        public float $fatKg,
        /** Water in the grain, the piece or the slice. */
        public float $boundKg,
        /** Water that lies free between them. */
        public float $freeKg,
        public float $celsius,
        public float $litres,
        public float $conducts,
        /** Rice: raw weight, uptake at which a grain is full, seconds raw to done at 100 °C, core radius. */
        public float $rawKg = 0.0,
        public float $fullUptake = 0.0,
        public float $tauS = 0.0,
        public float $coreRadius = 0.0,
        /** Filling: juice still to come, lag of a piece's core, seconds to tender at 95 °C, tenderness so far. */
        public float $juiceKg = 0.0,
        public float $lagS = 1.0,
        public float $tenderS = 0.0,
        public float $tenderness = 0.0,
        /** How readily its face browns on the base. */
        public float $browns = 0.9,
        /** Core temperature that makes it safe; null where there is none to reach. */
        public ?float $safeC = null,
    ) {
    }

    /**
     * @param  float  $waterShare of the mass
     *
     * @throws OutOfRange
     */
    public static function crust(BaseKind $kind, float $massKg, float $waterShare, float $fatKg, float $celsius): self
    {
        return new self(Matter::Crust, $kind->label(), $massKg * (1 - $waterShare), $fatKg, $massKg * $waterShare, 0.0, $celsius, $massKg / $kind->kgPerLitre(), self::CONDUCTS, browns: $kind->browning());
    }

    /**
     * @param  float  $doneness as it goes into the pot
     * @param  float  $addedKg liquid poured over it
     * @param  float  $factor the bag's own on tau
     * @param  float|null  $uptake weight over raw weight where it was cooked in measured water; else that of drained rice
     */
    public static function rice(RiceKind $kind, Soak $soak, float $rawKg, float $doneness, float $celsius, float $addedKg = 0.0, float $factor = 1.0, ?float $uptake = null): self
    {
        $free = $uptake === null ? Uptake::SURFACE * $rawKg : 0.0;
        $uptake ??= Uptake::of($kind, $soak)->at($doneness);

        return new self(
            Matter::Rice, 'rice', Uptake::DRY_SHARE * $rawKg, 0.0, ($uptake - Uptake::DRY_SHARE) * $rawKg, $free + $addedKg, $celsius,
            // Clinging and poured water fills the gaps between the grains and does not raise them.
            1000 * $rawKg * $uptake / self::RICE_KG_PER_M3, self::CONDUCTS,
            rawKg: $rawKg, fullUptake: $kind->fullUptake(), tauS: CookingFront::of($kind, $soak, $factor)->tauS, coreRadius: CookingFront::coreRadius($doneness),
        );
    }

    /**
     * @param  float  $juiceLeft share of its juice still to come: 1 raw, 0 cooked
     * @param  float  $freeShare of its mass that is free water
     * @param  float  $halfThicknessMm of a piece
     * @param  float  $tenderness so far, 1 tender
     * @param  float  $tenderFactor a tenderising marinade's, on the time to tender
     */
    public static function filling(FillingKind $kind, float $massKg, float $juiceLeft, float $freeShare, float $celsius, float $halfThicknessMm, float $tenderness, float $tenderFactor = 1.0, ?string $label = null, ?float $safeC = null): self
    {
        $free = $freeShare * $massKg;
        $isWet = $juiceLeft > 0.5 || $free > Steaming::WET_SHARE * self::FILLING_DRY * $massKg;

        return new self(
            Matter::Filling, $label ?? str_replace('-', ' ', $kind->value), self::FILLING_DRY * $massKg, self::FILLING_FAT * $massKg, self::FILLING_WATER * $massKg - $free, $free, $celsius,
            $massKg / $kind->bulkKgPerLitre(), $isWet ? self::WET_CONDUCTS : self::CONDUCTS,
            juiceKg: $juiceLeft * $kind->juiceShare() * $massKg, lagS: ($halfThicknessMm / 1000) ** 2 * self::CORE_LAG_S_PER_M2,
            tenderS: 60 * $kind->tenderMin() * $tenderFactor, tenderness: $tenderness, browns: 1.2, safeC: $safeC ?? $kind->safeCoreC(),
        );
    }

    /** The same with rice that cooks so many times as slowly. */
    public function slower(float $factor): self
    {
        return $this->copy(tauS: $this->tauS * $factor);
    }

    /** The same with more (or less) free water, taken from what is bound where there is none. */
    public function wetter(float $kg): self
    {
        $more = max(-$this->freeKg, min($kg, 0.8 * $this->boundKg));

        return $this->copy(freeKg: $this->freeKg + $more, boundKg: $this->boundKg - $more);
    }

    /** The same with rice cooked further (or less far) in the boil. */
    public function cooked(float $doneness): self
    {
        return $this->copy(coreRadius: CookingFront::coreRadius($doneness));
    }

    private function copy(?float $tauS = null, ?float $freeKg = null, ?float $boundKg = null, ?float $coreRadius = null): self
    {
        return new self(
            $this->matter, $this->label, $this->dryKg, $this->fatKg, $boundKg ?? $this->boundKg, $freeKg ?? $this->freeKg, $this->celsius, $this->litres, $this->conducts,
            $this->rawKg, $this->fullUptake, $tauS ?? $this->tauS, $coreRadius ?? $this->coreRadius, $this->juiceKg, $this->lagS, $this->tenderS, $this->tenderness, $this->browns, $this->safeC,
        );
    }

    /** @throws OutOfRange */
    public static function fromFields(Fields $fields): self
    {
        $matter = $fields->one('matter', Matter::class);
        $celsius = $fields->number('temperature_c', 0, 110, '°C');

        if ($matter === Matter::Crust) {
            $kind = $fields->one('kind', BaseKind::class);

            return self::crust($kind, $fields->number('mass_g', 1, 5000, 'g') / 1000, $fields->number('water_share', 0.02, 0.95), $fields->number('fat_g', 0, 1000, 'g') / 1000, $celsius);
        }
        if ($matter === Matter::Mixed) {
            throw OutOfRange::unknown($fields->at('matter'), $matter->value, ['crust', 'rice', 'filling']);
        }
        if ($matter === Matter::Rice) {
            return self::rice(
                $fields->one('rice', RiceKind::class),
                Soak::of($fields->number('soak_min', 0, 2880, 'min'), $fields->number('soak_c', 0, 60, '°C', 20)),
                $fields->number('raw_g', 1, 20000, 'g') / 1000, $fields->number('doneness', 0, 1), $celsius, $fields->number('added_liquid_g', 0, 20000, 'g', 0) / 1000,
            );
        }

        return self::filling(
            $fields->one('kind', FillingKind::class), $fields->number('mass_g', 1, 50000, 'g') / 1000, $fields->flag('raw', false) ? 1.0 : 0.0,
            $fields->number('free_water_share', 0, 0.6), $celsius, $fields->number('half_thickness_mm', 1, 80, 'mm'), $fields->number('tenderness', 0, 10),
        );
    }
}

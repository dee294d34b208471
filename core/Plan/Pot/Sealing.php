<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use LogicException;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Dish\Poured;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Pieces;
use Orbek\Core\Lid\SealedCrust;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Measure\Fat;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Rice\RicePlan;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Uptake;

/** A planned pot as its lid is closed on it: what the steaming starts from (docs/model.md, sections C and F). */
final readonly class Sealing
{
    private const HOT_FAT_C = 140.0;

    /** Something laid on hot fat is warm through when the rice goes on it. */
    private const LAID_C = 60.0;

    /** Rice out of a cooker or its own quick pot, turned over. */
    private const TURNED_OUT_C = 80.0;

    /** Free water of a filling whose water the rice has taken up, over its weight. */
    private const TAKEN_UP = 0.03;

    /** A filling in the pot of its rice, below the boil. */
    private const BELOW_BOIL_C = 2.0;

    /** Surfaces and gravy out of the pan. */
    private const COOKED_C = 85.0;

    /** Out of the fridge, what was not left standing. */
    private const FRIDGE_C = 6.0;

    /** Only browned, a piece is raw inside; from the first share its core warms, by the second it is cooked. */
    private const RAW_INSIDE = 0.3;

    private const COOKED_THROUGH = 0.8;

    /** Time constant of a filling that waits under its lid off the heat, min: as water standing in its pot. */
    private const STANDING_MIN = 60.0;

    /** A mark so near to its share is taken for that. */
    private const AS_ITS_SHARE = 1e-3;

    /** Raw rice in this pot. */
    private Mass $raw;

    /** Rice cooked in the pot that is sealed, with its filling. */
    private bool $isOnePot;

    /** Minutes that the filling has cooked with the rice in its cooker before it is kept warm. */
    private int $inCookerMin;

    public function __construct(
        private Dish $dish, private RicePlan $rice, private PotOnRing $place, private Waits $waits,
        private Kitchen $kitchen, private Knowledge $knowledge,
    ) {
        $this->raw = $dish->table->rawRice()->times($place->share);
        $this->isOnePot = $rice instanceof MeasuredPlan && $dish->grain->water->pot === $dish->lid->pot;
        $this->inCookerMin = $rice instanceof MeasuredPlan && $dish->grain->cooking === Cooking::InCooker
            ? $rice->cookMin : 0;
    }

    /**
     * The pot sealed; null where the food would not even go in.
     *
     * @param  non-empty-list<Ring>  $rings that it may stand on, the one it is closed on first
     */
    public function on(array $rings): ?SealedPot
    {
        $pot = $this->place->pot;
        $isLaid = $this->dish->build->base->kind->isLaid;
        $layers = [...($isLaid ? [$this->crust()] : []), ...$this->layers()];
        if ($layers === [] || SealedPot::highCm($pot->diameterCm, $layers) > $pot->heightCm()) {
            return null;
        }
        $netW = $marks = [];
        foreach ($rings as $ring) {
            foreach ($ring->knob->shares() as $share) {
                if ($share <= SealedPot::LOW_MARK) {
                    $marks[SealedPot::markKey($ring->id, $share)] = $this->knowledge->mark($ring->id, $share)->likely();
                }
            }
            $netW[$ring->id] = $this->knowledge->stove($pot->id, $ring)->likely() * $ring->netW();
        }

        return SealedPot::of(
            diameterCm: $pot->diameterCm,
            heightCm: $pot->heightCm(),
            baseJPerK: $pot->baseJPerK(),
            netW: $netW,
            boilC: $this->kitchen->boilC(),
            // With nothing but its lid a pot closes as well as its lid does.
            seal: $this->dish->lid->seal->id === Seal::TIGHT_LID
                ? $this->dish->craft->seals->get($pot->lid->sealId(), 'pot/lid') : $this->dish->lid->seal,
            layers: $layers,
            basePreheatC: $isLaid ? self::HOT_FAT_C : null,
            marks: array_filter($marks, static fn (float $factor): bool => abs($factor - 1) > self::AS_ITS_SHARE),
            browns: $this->knowledge->browning($pot->id, $this->dish->build->base->kind->id)->likely(),
            flames: array_values(array_map(
                static fn (Ring $ring): string => $ring->id,
                array_filter($rings, static fn (Ring $ring): bool => $ring->kind->isFlame()),
            )),
        );
    }

    /** @return list<SealedLayer> from the base up, without what is laid on it */
    private function layers(): array
    {
        $rice = array_filter(
            $this->dish->build->layers, static fn (LayerChoice $layer): bool => $layer->matter === Matter::Rice,
        );
        $top = array_key_last($rice);
        $layers = [];
        foreach ($this->dish->build->layers as $index => $layer) {
            $sprinkledKg = $index === $top ? $this->overKg() : 0.0;
            $layers[] = $layer->matter === Matter::Rice ? $this->rice($layer)->wetter(
                $sprinkledKg,
            ) : $this->filling($layer);
        }

        return $layers;
    }

    /** Water over the top as the lid is put on, kg. */
    private function overKg(): float
    {
        return $this->dish->lid->sprinkledMlPerKg / 1000 * $this->raw->kg
            + array_sum(array_map(
                fn (Poured $one): float => $one->waterKg($this->raw), $this->dish->build->underTheLid(),
            ));
    }

    private function rice(LayerChoice $layer): SealedRice
    {
        $rawKg = $this->raw->kg * $layer->share;
        $factor = $this->knowledge->bag($this->dish->grain->rice->bag)->likely();
        if ($this->rice instanceof MeasuredPlan) {
            return SealedRice::weighing(
                $this->rice->kind, CookingFront::of($this->rice->kind, $this->dish->grain->rice->soak, $factor), $rawKg,
                $this->rice->doneness, $this->isOnePot
                    ? $this->kitchen->boilC()
                    : self::TURNED_OUT_C, $this->rice->uptake,
            );
        }
        $lift = $this->boil()->liftOf($layer->stage ?? $this->dish->grain->water->stage);

        $rice = SealedRice::drained(
            kind: $this->rice->kind,
            soak: $this->dish->grain->rice->soak,
            rawKg: $rawKg,
            lifted: $lift->outOfWater,
            doneness: $lift->inPot,
            celsius: $lift->celsius,
            factor: $factor,
        );

        return $this->dish->grain->boiled === [] ? $rice : $rice->holding(
            $this->dish->grain->boiledMass($this->raw)->kg * $layer->share,
            $this->dish->grain->boiledLitres($this->raw) * $layer->share,
        );
    }

    private function filling(LayerChoice $layer): SealedFilling
    {
        $filling = $this->dish->fillings->get($layer->of);
        $surfaceC = match (true) {
            $this->isOnePot => $this->kitchen->boilC() - self::BELOW_BOIL_C,
            $filling->ready > 0 => $this->cooled(self::COOKED_C),
            default => $this->rawC($filling),
        };
        // A cut that took longer here is not so far, after as many minutes, as its kind.
        $longer = $this->knowledge->tender($filling->toughest()->id)->likely();
        $had = $filling->ready + $this->inCookerMin / max(1.0, $filling->toughest()->tenderMin);
        $ready = min(1.0, $had / $longer);
        $pieces = Pieces::of(
            $filling->toughest(), $filling->halfThicknessMm(), $this->isOnePot ? $surfaceC : $this->insideC($filling),
            1 - $ready, $ready, $longer * ($filling->marinade?->tenderFactor() ?? 1.0),
        );
        $kg = $filling->layeredMass($this->dish->table->rawRice())->kg * $this->place->share * $layer->share;

        return SealedFilling::of(
            $filling->name, $kg, $this->isOnePot
                ? self::TAKEN_UP
                : $filling->freeShare($this->dish->table->rawRice()), $filling->kgPerLitre(), $surfaceC,
            ($filling->hasBite ? $pieces->withBite() : $pieces)->safeAt($filling->strictest()?->safeCoreC),
        );
    }

    /** Raw from the fridge, or as warm as the room where it stands out of it first. */
    private function rawC(Filling $filling): float
    {
        return $filling->standsOut ? $this->kitchen->site->roomC : self::FRIDGE_C;
    }

    /** The core of a piece when it is layered (section C): one that is only browned is raw inside. */
    private function insideC(Filling $filling): float
    {
        $ready = $filling->ready;
        if ($ready <= 0) {
            return $this->rawC($filling);
        }
        $share = max(0.0, min(1.0, ($ready - self::RAW_INSIDE) / (self::COOKED_THROUGH - self::RAW_INSIDE)));

        return $this->cooled(self::FRIDGE_C + (self::COOKED_C - self::FRIDGE_C) * $share);
    }

    /** After its wait; what is colder than the room stays as it is. */
    private function cooled(float $celsius): float
    {
        $over = max(0.0, $celsius - $this->kitchen->site->roomC);

        return $celsius - $over * (1 - exp(-$this->waits->fillingMin / self::STANDING_MIN));
    }

    private function crust(): SealedCrust
    {
        $base = $this->dish->build->base;
        $baseCm2 = $this->place->pot->baseCm2();
        $fatKg = $base->fatMlPerCm2 * $baseCm2 / 1000 * Fat::KG_PER_L;
        if (! $base->kind->takesRice) {
            return SealedCrust::of(
                $base->kind, $base->gramsPerCm2() * $baseCm2 / 1000, $base->kind->waterShare, $fatKg, self::LAID_C,
            );
        }
        $weight = $this->rice instanceof MeasuredPlan
            ? $this->rice->uptake
            : Uptake::of(
                $this->rice->kind, $this->dish->grain->rice->soak,
            )->at($this->dish->grain->water->stage->doneness()) + Uptake::SURFACE;

        return SealedCrust::of(
            $base->kind, $this->raw->kg * $base->riceShare * $weight, 1 - Uptake::DRY_SHARE / $weight, $fatKg,
            self::LAID_C,
        );
    }

    private function boil(): BoilPlan
    {
        return $this->rice instanceof BoilPlan ? $this->rice : throw new LogicException('This rice is not boiled.');
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fat;
use Orbek\Core\Pot\Matter;

/**
 * A sealed pot's layers cut into slices, and what of them does not change while it steams.
 *
 * The crust is one slice; the lowest slice of any other layer is 4 mm, those above at most 12 mm, so
 * that no figure hangs on how a layer happens to divide (docs/model.md, section F).
 */
final readonly class Stack
{
    /** The share of a piece that is its inside; what is round it goes with the gravy. */
    public const INSIDE = 0.60;

    /** Free water over dry matter past which a filling counts as wet. */
    public const WET_SHARE = 0.10;

    private const LOWEST_M = 0.004;

    /** Nothing lies thinner than a grain: what is less conducts as if it were. */
    private const THINNEST_M = 0.002;

    private const SLICE_M = 0.012;

    private const DRY_J_PER_KG_K = 1600.0;

    private const WALL_W_PER_M2K = 8.0;

    /** A base slice gives off its bound water down to this share. */
    public const BOUND_LEFT = 0.1;

    /** @var list<int> the layer of each slice */
    public array $layerOf;

    /** @var list<float> each slice's share of its layer */
    public array $part;

    /** @var list<float> J/K of dry matter and fat; of filling, without the inside of its pieces */
    public array $dryJ;

    /** @var list<float> J/K of dry matter in the inside of pieces */
    public array $insideDryJ;

    /** @var list<float> W/K between a slice and the next above; 0 over the topmost */
    public array $through;

    /** @var list<float> W/K through the wall */
    public array $wall;

    /** @var list<float> raw rice, kg; 0 where there is none */
    public array $raw;

    /** @var list<float> dry matter, kg */
    public array $dryKg;

    /** @var list<float> juice that comes in all, kg */
    public array $juice;

    /** @var list<float> uptake at which the rice of a slice is full */
    public array $full;

    /** @var list<float> seconds raw to done of its rice */
    public array $tauS;

    /** @var list<float> seconds by which the inside of its pieces lags */
    public array $lagS;

    /** @var list<float> seconds to tender at 95 °C */
    public array $tenderS;

    /** @var list<float> bound water of a slice below which none is given off, kg */
    public array $leastKg;

    /** @var list<float> free water that a slice holds against its own weight, kg */
    public array $holdsKg;

    /** @var list<int> slices whose water can fall into the one below, from below */
    public array $falls;

    /** @var list<int> slices of rice */
    public array $rice;

    /** @var list<int> slices of filling */
    public array $filling;

    /** @var array<int, list<int>> slices of filling beside each slice of rice */
    public array $wicksFrom;

    public function __construct(SealedPot $pot)
    {
        $area = $pot->areaM2();
        $layerOf =
            $part = $heights = $conducts = $dryJ = $insideDryJ = $raw = $dryKg = $juice = $rice = $filling = $wall = [];
        $full = $tauS = $lagS = $tenderS = $leastKg = [];
        foreach ($pot->layers as $index => $layer) {
            $whole = $layer->stuff->litres / 1000 / $area;
            foreach (self::heights($layer->matter, $whole) as $high) {
                $i = count($layerOf);
                $share = $whole > 0 ? $high / $whole : 1.0;
                $layerOf[] = $index;
                $part[] = $share;
                $heights[] = max(self::THINNEST_M, $high);
                $conducts[] = $layer->conducts;
                $inside = $layer instanceof SealedFilling ? self::INSIDE : 0.0;
                $dryJ[] = $share
                    * (
                        self::DRY_J_PER_KG_K * (1 - $inside) * $layer->stuff->dryKg
                            + Fat::J_PER_KG_K * $layer->stuff->fatKg
                    );
                $insideDryJ[] = $share * self::DRY_J_PER_KG_K * $inside * $layer->stuff->dryKg;
                $leastKg[] = $share * self::BOUND_LEFT * (1 - $inside) * $layer->stuff->boundKg;
                $raw[] = $layer instanceof SealedRice ? $share * $layer->rawKg : 0.0;
                $dryKg[] = $share * $layer->stuff->dryKg;
                $juice[] = $layer instanceof SealedFilling ? $share * $layer->juiceKg() : 0.0;
                $full[] = $layer instanceof SealedRice ? $layer->fullUptake : 0.0;
                $tauS[] = $layer instanceof SealedRice ? $layer->tauS : 0.0;
                $lagS[] = $layer instanceof SealedFilling ? $layer->pieces->lagS : 0.0;
                $tenderS[] = $layer instanceof SealedFilling ? $layer->pieces->tenderS : 0.0;
                $wall[] = self::WALL_W_PER_M2K * M_PI * $pot->diameterCm / 100 * $high;
                if ($layer instanceof SealedRice) {
                    $rice[] = $i;
                }
                if ($layer instanceof SealedFilling) {
                    $filling[] = $i;
                }
            }
        }
        $through = [];
        for ($i = 0; $i + 1 < count($heights); $i++) {
            $through[] = $area / ($heights[$i] / 2 / $conducts[$i] + $heights[$i + 1] / 2 / $conducts[$i + 1]);
        }
        $this->layerOf = $layerOf;
        $this->part = $part;
        $this->dryJ = $dryJ;
        $this->insideDryJ = $insideDryJ;
        $this->through = [...$through, 0.0];
        $this->wall = $wall;
        $this->raw = $raw;
        $this->dryKg = $dryKg;
        $this->juice = $juice;
        $this->full = $full;
        $this->tauS = $tauS;
        $this->lagS = $lagS;
        $this->tenderS = $tenderS;
        $this->rice = $rice;
        $this->filling = $filling;
        $this->leastKg = $leastKg;
        $holds = $falls = [];
        foreach ($raw as $i => $kg) {
            $holds[] = $kg > 0 ? Steaming::RICE_HOLDS * $kg : Steaming::FILLING_HOLDS * $dryKg[$i];
            if ($i > 0 && ($kg > 0 || $raw[$i - 1] > 0)) {
                $falls[] = $i;
            }
        }
        $this->holdsKg = $holds;
        $this->falls = $falls;
        $wicks = [];
        foreach ($rice as $i) {
            $wicks[$i] = array_values(array_intersect([$i - 1, $i + 1], $filling));
        }
        $this->wicksFrom = $wicks;
    }

    /** @return non-empty-list<float> m, from below */
    private static function heights(Matter $matter, float $whole): array
    {
        if ($matter === Matter::Crust || $whole <= 2 * self::LOWEST_M) {
            return [$whole];
        }
        $rest = $whole - self::LOWEST_M;
        $count = (int) ceil($rest / self::SLICE_M - 1e-9);

        return [self::LOWEST_M, ...array_fill(0, $count, $rest / $count)];
    }
}

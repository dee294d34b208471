<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Fat;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Uptake;

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

    /** A base slice gives off its bound water down to this share. */
    public const BOUND_LEFT = 0.1;

    /** @var list<int> the layer of each slice */
    public array $layerOf;

    /** @var list<non-empty-list<int>> the slices of each layer, from below */
    public array $slicesOf;

    /** @var list<float> each slice's share of its layer */
    public array $part;

    /** @var list<float> J/K of dry matter and fat; of filling, without the inside of its pieces */
    public array $dryJ;

    /** @var list<float> J/K of dry matter in the inside of pieces */
    public array $insideDryJ;

    /** @var array<int, float> W/K between a slice and the next above; 0 over the topmost */
    public array $through;

    /**
     * @var array<int, array{float, float, float, float}> by slice under a bed of grains through which vapour goes
     *     up: half the height over the area, and the conductivity, of that slice (0 where no vapour goes through it)
     *     and of the bed
     */
    public array $bed;

    /** @var list<float> W/K through the wall */
    public array $wall;

    /** @var list<float> raw rice, kg; 0 where there is none */
    public array $raw;

    /** @var list<float> dry matter, kg */
    public array $dryKg;

    /** @var list<float> juice that comes in all, kg */
    public array $juice;

    /** @var list<float> water bound in the rice of a slice when it is full, kg */
    public array $fullKg;

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

    /** @var array<int, list<int>> slices of filling beside a slice of rice, where there are some */
    public array $wicksFrom;

    /** @var array<int, float> 1/s of its want of water that such a slice draws */
    public array $wicks;

    /** @var list<float> 1/s of what is more than it holds that goes down */
    public array $fallsPerS;

    /** @var list<float> the lesser of its raw rice and that of the slice below, kg: between them water creeps up */
    public array $creepsKg;

    public function __construct(SealedPot $pot)
    {
        $slices = self::slices($pot);
        $this->layerOf = array_column($slices, 'layer');
        $this->slicesOf = self::byLayer($this->layerOf);
        $this->part = array_column($slices, 'part');
        $this->dryJ = array_column($slices, 'dryJ');
        $this->insideDryJ = array_column($slices, 'insideDryJ');
        $this->wall = array_column($slices, 'wall');
        $this->raw = array_column($slices, 'raw');
        $this->dryKg = array_column($slices, 'dryKg');
        $this->juice = array_column($slices, 'juice');
        $this->fullKg = array_column($slices, 'fullKg');
        $this->tauS = array_column($slices, 'tauS');
        $this->lagS = array_column($slices, 'lagS');
        $this->tenderS = array_column($slices, 'tenderS');
        $this->leastKg = array_column($slices, 'leastKg');
        $of = static fn (string $class): array => array_keys(array_filter(
            $slices, static fn (array $slice): bool => $pot->layers[$slice['layer']] instanceof $class,
        ));
        $this->rice = $of(SealedRice::class);
        $this->filling = $of(SealedFilling::class);
        $this->through = self::through($slices, $pot->areaM2());
        $this->bed = self::bed($pot, $slices);
        $holds = $falls = $fallsPerS = $creeps = $wicks = $wicksFrom = [];
        foreach ($this->raw as $i => $kg) {
            $under = $this->raw[$i - 1] ?? 0.0;
            $holds[] = $kg > 0 ? Steaming::RICE_HOLDS * $kg : Steaming::FILLING_HOLDS * $this->dryKg[$i];
            $fallsPerS[] = 1 / ($kg > 0 ? Steaming::FALLS_S : Steaming::RUNS_S);
            $creeps[] = min($kg, $under);
            if ($i > 0 && ($kg > 0 || $under > 0 || $this->isGravyOnGravy($i))) {
                $falls[] = $i;
            }
        }
        foreach ($this->rice as $i) {
            $beside = array_values(array_intersect([$i - 1, $i + 1], $this->filling));
            if ($beside !== []) {
                $wicksFrom[$i] = $beside;
                $wicks[$i] = Steaming::WICKS * $pot->areaM2()
                    / ($this->fullKg[$i] + Uptake::DRY_SHARE * $this->raw[$i]);
            }
        }
        $this->holdsKg = $holds;
        $this->falls = $falls;
        $this->fallsPerS = $fallsPerS;
        $this->creepsKg = $creeps;
        $this->wicksFrom = $wicksFrom;
        $this->wicks = $wicks;
    }

    /** Whether a slice of filling lies on another: gravy is a liquid, and runs through both. */
    private function isGravyOnGravy(int $i): bool
    {
        return in_array($i, $this->filling, true) && in_array($i - 1, $this->filling, true);
    }

    /**
     * @return list<array{
     *     layer: int, part: float, high: float, conducts: float, dryJ: float, insideDryJ: float, wall: float,
     *     raw: float, dryKg: float, juice: float, fullKg: float, tauS: float, lagS: float, tenderS: float,
     *     leastKg: float,
     * }> from the base up
     */
    private static function slices(SealedPot $pot): array
    {
        $area = $pot->areaM2();
        $around = Fire::WALL_W_PER_M2K * M_PI * $pot->diameterCm / 100;
        $wallJPerCm = $pot->wallJPerKPerCm();
        $slices = [];
        foreach ($pot->layers as $index => $layer) {
            $whole = $layer->stuff->litres / 1000 / $area;
            $rice = $layer instanceof SealedRice ? $layer : null;
            $filling = $layer instanceof SealedFilling ? $layer : null;
            $inside = $filling === null ? 0.0 : self::INSIDE;
            foreach (self::heights($layer->matter, $whole) as $high) {
                $part = $whole > 0 ? $high / $whole : 1.0;
                $dryKg = $part * $layer->stuff->dryKg;
                $slices[] = [
                    'layer' => $index, 'part' => $part, 'high' => max(self::THINNEST_M, $high),
                    'conducts' => $layer->conducts,
                    // The wall round it is as warm as what is laid in.
                    'dryJ' => self::DRY_J_PER_KG_K * (1 - $inside) * $dryKg
                        + Fat::J_PER_KG_K * $part * $layer->stuff->fatKg + 100 * $high * $wallJPerCm,
                    'insideDryJ' => self::DRY_J_PER_KG_K * $inside * $dryKg, 'wall' => $around * $high,
                    'raw' => $part * ($rice->rawKg ?? 0.0), 'dryKg' => $dryKg,
                    'juice' => $part * ($filling?->juiceKg() ?? 0.0),
                    'fullKg' => $rice === null ? 0.0 : $part * $rice->rawKg * ($rice->fullUptake - Uptake::DRY_SHARE),
                    'tauS' => $rice->tauS ?? 0.0, 'lagS' => $filling->pieces->lagS ?? 0.0,
                    'tenderS' => $filling->pieces->tenderS ?? 0.0,
                    'leastKg' => $part * self::BOUND_LEFT * (1 - $inside) * $layer->stuff->boundKg,
                ];
            }
        }

        return $slices;
    }

    /**
     * @param  list<int>  $layerOf
     * @return list<non-empty-list<int>>
     */
    private static function byLayer(array $layerOf): array
    {
        $slicesOf = [];
        foreach ($layerOf as $i => $layer) {
            $slicesOf[$layer][] = $i;
        }

        return array_values($slicesOf);
    }

    /**
     * @param  list<array{high: float, conducts: float}>  $slices
     * @return list<float> W/K from each to the next above; none over the topmost
     */
    private static function through(array $slices, float $area): array
    {
        $through = [];
        for ($i = 0; $i + 1 < count($slices); $i++) {
            $through[] = $area / ($slices[$i]['high'] / 2 / $slices[$i]['conducts']
                + $slices[$i + 1]['high'] / 2 / $slices[$i + 1]['conducts']);
        }

        return [...$through, 0.0];
    }

    /**
     * @param  list<array{layer: int, high: float, conducts: float, raw: float}>  $slices
     * @return array<int, array{float, float, float, float}>
     */
    private static function bed(SealedPot $pot, array $slices): array
    {
        $bed = [];
        for ($i = 0; $i + 1 < count($slices); $i++) {
            [$one, $above] = [$slices[$i], $slices[$i + 1]];
            if ($above['raw'] > 0 && $pot->layers[$one['layer']]->matter !== Matter::Crust) {
                $twice = 2 * $pot->areaM2();
                $bed[$i] = [
                    $one['high'] / $twice, $one['conducts'], $above['high'] / $twice, $above['conducts'],
                ];
            }
        }

        return $bed;
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

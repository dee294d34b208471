<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\Uptake;

/**
 * What happens under the lid: water, heat and browning followed in time (docs/model.md, section F).
 *
 * A vertical stack of slices between the pot's base and its lid. Each holds dry matter, fat, bound
 * and free water and its enthalpy over liquid water at 0 °C, so that water which moves carries its
 * heat along. Held at the boil a slice gives off steam, which condenses in the first colder slices
 * above; what reaches the lid leaks, or warms it, drips and is taken up by a cloth. The state moves
 * forward only; a clone goes on from where it was made.
 */
final class Steaming
{
    /** Free water over dry matter past which a filling counts as wet. */
    public const WET_SHARE = 0.10;

    public const STEP_S = 4.0;

    private const SLICE_M = 0.012;

    private const AIR_C = 25.0;

    private const WATER_J = 4186.0;

    private const DRY_J = 1600.0;

    private const FAT_J = 2000.0;

    private const EVAPORATION_J = 2.257e6;

    private const PLATE_J_PER_K = 650.0;

    private const PLATE_W_PER_K = 9.0;

    private const PLATE_LOSS_W_PER_K = 1.3;

    private const BASE_LOSS_W_PER_K = 0.9;

    private const OVEN_W_PER_M2K = 12.0;

    private const FILM_W_PER_M2K = 450.0;

    private const SKIN_W_PER_MK = 0.14;

    private const WALL_W_PER_M2K = 8.0;

    private const LID_J_PER_K = 350.0;

    private const LID_W_PER_M2K = 13.8;

    private const LID_STARTS_C = 30.0;

    /** Seconds in which rice takes up its want of water, and in which free water evens out. */
    private const TAKES_UP_S = 600.0;

    /** kg per m² and s from a wet filling into dry rice beside it. */
    private const WICKS = 0.30 / 60;

    private const LID_OPENED_C = 60.0;

    /** Water that leaves as steam when the lid is lifted for a moment. */
    private const OPENED_KG = 0.008;

    /** Free water that rice holds against its own weight, kg per kg raw. */
    private const CLINGS = 0.15;

    private const UNDER_LID = 0.6;

    /** A base slice gives off its bound water down to this share. */
    private const BOUND_LEFT = 0.1;

    private const MADE_GOOD = 0.75;

    private const SKIN_PER_KG_M2 = 0.28 / 550;

    private const SOFT_SKIN_M = 0.0002;

    private const BROWNING_K = 110000 / 8.314;

    private const BROWNS_AT_K = 418.15;

    private const BROWNS_IN_S = 600.0;

    /** So much steam at the lid is seen, kg. */
    private const SEEN_KG = 1e-3;

    public float $seconds = 0.0;

    public float $baseC;

    /** Temperature of the browning face. */
    public float $faceC;

    public float $browning = 0.0;

    public float $skinM = 0.0;

    public float $leakKg = 0.0;

    public float $clothKg = 0.0;

    public float $lidC = self::LID_STARTS_C;

    /** Steam that has met the lid so far. */
    public float $metLidKg = 0.0;

    public ?float $steamAtLidS = null;

    /** @var array<int, float> °C by slice */
    public array $celsius = [];

    /** @var array<int, float> kg by slice */
    public array $free = [];

    /** @var array<int, float> kg by slice */
    public array $bound = [];

    /** @var array<int, float> core radius of rice, core temperature of filling, by slice */
    public array $core = [];

    /** @var array<int, float> by slice of filling */
    public array $tenderness = [];

    /** @var list<int> the layer of each slice */
    public array $layerOf = [];

    private float $plateC = self::AIR_C;

    private bool $onPlate = false;

    /** Joules brought in by flame and oven, and lost to the air. */
    private float $inJ = 0.0;

    private float $lostJ = 0.0;

    private float $startJ;

    private float $startKg;

    /** @var array<int, float> enthalpy, J by slice */
    private array $heat = [];

    /** @var array<int, float> J/K of dry matter and fat by slice */
    private array $dryJ = [];

    /** @var array<int, float> bound water below which none is given off, kg by slice */
    private array $least = [];

    /** @var array<int, float> juice not yet given off, kg by slice */
    private array $juice = [];

    /** @var array<int, float> W/K between a slice and the next above */
    private array $through = [];

    /** @var array<int, float> W/K through the wall */
    private array $wall = [];

    /** @var array<int, float> raw rice, kg by slice; 0 where there is none */
    private array $raw = [];

    public function __construct(public SealedPot $pot)
    {
        $area = $pot->areaM2();
        $heights = [];
        $conducts = [];
        foreach ($pot->layers as $index => $layer) {
            $high = $layer->litres / 1000 / $area;
            $count = $layer->matter === Matter::Crust ? 1 : max(1, (int) ceil($high / self::SLICE_M - 1e-9));
            for ($i = 0; $i < $count; $i++) {
                $heights[] = $high / $count;
                $conducts[] = $layer->conducts;
                $this->layerOf[] = $index;
                $this->celsius[] = $layer->celsius;
                $this->free[] = $layer->freeKg / $count;
                $this->bound[] = $layer->boundKg / $count;
                $this->dryJ[] = (self::DRY_J * $layer->dryKg + self::FAT_J * $layer->fatKg) / $count;
                $this->least[] = self::BOUND_LEFT * $layer->boundKg / $count;
                $this->raw[] = $layer->rawKg / $count;
                $this->juice[] = $layer->juiceKg / $count;
                $this->core[] = $layer->matter === Matter::Filling ? $layer->celsius : $layer->coreRadius;
                $this->tenderness[] = $layer->tenderness;
            }
        }
        foreach ($heights as $i => $high) {
            $this->heat[] = ($this->dryJ[$i] + self::WATER_J * ($this->free[$i] + $this->bound[$i])) * $this->celsius[$i];
            $this->wall[] = self::WALL_W_PER_M2K * M_PI * $pot->diameterCm / 100 * $high;
            if (isset($heights[$i + 1])) {
                $this->through[] = $area / ($high / 2 / $conducts[$i] + $heights[$i + 1] / 2 / $conducts[$i + 1]);
            }
        }
        $this->baseC = $pot->basePreheatC ?? $this->celsius[0];
        $this->faceC = $this->baseC;
        $this->startJ = $this->storedJ();
        $this->startKg = $this->waterKg();
    }

    /** How far the water that came in differs from what is there, g. */
    public function waterOffG(): float
    {
        return 1000 * ($this->startKg - $this->waterKg() - $this->leakKg - $this->clothKg);
    }

    /** How far the heat that came in differs from what is there and was lost, as a share of what came in. */
    public function energyOff(): float
    {
        return $this->inJ <= 0 ? 0.0 : ($this->startJ + $this->inJ - $this->lostJ - $this->storedJ()) / $this->inJ;
    }

    /**
     * Goes on for so many seconds under one heat.
     *
     * @param  float  $stepS at most; 2 to 5 s is stable
     */
    public function advance(HeatBlock $block, float $seconds, float $stepS = self::STEP_S): void
    {
        if ($seconds <= 0) {
            return;
        }
        $steps = (int) ceil($seconds / $stepS - 1e-9);
        $dt = $seconds / $steps;
        $pot = $this->pot;
        $area = $pot->areaM2();
        $boilC = $pot->boilC;
        $layers = $pot->layers;
        $count = count($this->celsius);
        $top = $count - 1;
        $flameW = $block->setting * $pot->netW;
        $oven = $block->ovenC;
        $inOven = $oven !== null;
        $plate = $block->plate && ! $inOven;
        if ($plate && ! $this->onPlate) {
            $this->plateC = self::AIR_C;
        }
        if (! $plate && $this->onPlate) {
            // A plate taken away takes its heat with it.
            $this->lostJ += self::PLATE_J_PER_K * ($this->plateC - self::AIR_C);
        }
        $this->onPlate = $plate;

        $baseJ = $pot->baseJPerK;
        $leakShare = $pot->seal->leakShare();
        $clothTakes = $pot->seal->clothTakes();
        $clothHolds = $pot->seal->clothHoldsKg();
        $lidW = self::LID_W_PER_M2K * $area;
        $browns = $layers[0]->browns;
        $isFilling0 = $layers[0]->matter === Matter::Filling;
        $wet0 = self::WET_SHARE * $layers[0]->dryKg / max(1, count(array_keys($this->layerOf, 0, true)));
        $boilJ = self::WATER_J * $boilC;
        $steamJ = self::EVAPORATION_J + $boilJ;

        // What rice and filling of each slice are like, and from where dry rice can wick.
        $isRice = $isFilling = $full = $pace = $lag = $tender = $juiceOf = $wicksFrom = [];
        foreach ($this->layerOf as $i => $index) {
            $layer = $layers[$index];
            $isRice[] = $layer->matter === Matter::Rice;
            $isFilling[] = $layer->matter === Matter::Filling;
            $full[] = $layer->fullUptake;
            $pace[] = $layer->tauS > 0 ? self::UNDER_LID * $dt / $layer->tauS : 0.0;
            $lag[] = 1 - exp(-$dt / $layer->lagS);
            $tender[] = $layer->tenderS > 0 ? $dt / $layer->tenderS : 0.0;
            $juiceOf[] = $layer->juiceKg / max(1, count(array_keys($this->layerOf, $index, true)));
            $beside = [];
            foreach ([$i - 1, $i + 1] as $j) {
                if (isset($this->layerOf[$j]) && $layers[$this->layerOf[$j]]->matter === Matter::Filling) {
                    $beside[] = $j;
                }
            }
            $wicksFrom[] = $layer->matter === Matter::Rice ? $beside : [];
        }

        $celsius = $this->celsius;
        $free = $this->free;
        $bound = $this->bound;
        $heat = $this->heat;
        $core = $this->core;
        $tenderness = $this->tenderness;
        $juice = $this->juice;
        $dryJ = $this->dryJ;
        $least = $this->least;
        $raw = $this->raw;
        $through = $this->through;
        $wall = $this->wall;
        $baseC = $this->baseC;
        $plateC = $this->plateC;
        $lidC = $this->lidC;
        $skin = $this->skinM;
        $browning = $this->browning;
        $inJ = $this->inJ;
        $lostJ = $this->lostJ;
        $metLid = $this->metLidKg;
        $leak = $this->leakKg;
        $cloth = $this->clothKg;
        $face = $this->faceC;
        $wickStep = self::WICKS * $area * $dt;
        $evens = $dt / self::TAKES_UP_S;
        $air = $inOven ? $oven : self::AIR_C;
        $wallFactor = $inOven ? self::OVEN_W_PER_M2K / self::WALL_W_PER_M2K : 1.0;
        $baseLoss = $inOven ? self::OVEN_W_PER_M2K * $area : self::BASE_LOSS_W_PER_K;
        $lidLoss = $inOven ? self::OVEN_W_PER_M2K * $area : $lidW;

        for ($step = 0; $step < $steps; $step++) {
            // Flame, plate and base.
            $into = $flameW;
            if ($inOven) {
                $into = 0.0;
            } elseif ($plate) {
                $into = self::PLATE_W_PER_K * ($plateC - $baseC);
                $lost = self::PLATE_LOSS_W_PER_K * ($plateC - self::AIR_C);
                $plateC += ($flameW - $into - $lost) * $dt / self::PLATE_J_PER_K;
                $lostJ += $lost * $dt;
            }
            $inJ += $inOven ? 0.0 : $flameW * $dt;
            $flux = ($baseC - $celsius[0]) / (1 / self::FILM_W_PER_M2K + $skin / self::SKIN_W_PER_MK);
            $face = $baseC - $flux / self::FILM_W_PER_M2K;
            $lost = $baseLoss * ($baseC - $air);
            $baseC += ($into - $lost - $flux * $area) * $dt / $baseJ;
            if ($lost < 0) {
                $inJ -= $lost * $dt;
            } else {
                $lostJ += $lost * $dt;
            }
            if ($face > 80) {
                $browning += $browns * exp(self::BROWNING_K * (1 / self::BROWNS_AT_K - 1 / ($face + 273.15))) * $dt / self::BROWNS_IN_S * ($skin < self::SOFT_SKIN_M ? 0.25 : 1.0);
            }

            // Conduction through base, slices and wall.
            $heat[0] += $flux * $area * $dt;
            $below = $celsius[0];
            for ($i = 0; $i < $count; $i++) {
                $lost = $wall[$i] * $wallFactor * ($below - $air) * $dt;
                $heat[$i] -= $lost;
                if ($lost < 0) {
                    $inJ -= $lost;
                } else {
                    $lostJ += $lost;
                }
                if ($i < $top) {
                    $above = $celsius[$i + 1];
                    $flow = $through[$i] * ($below - $above) * $dt;
                    $heat[$i] -= $flow;
                    $heat[$i + 1] += $flow;
                    $below = $above;
                }
            }

            // Steam: given off at the boil, condensing in the first colder slices above.
            $steam = 0.0;
            for ($i = 0; $i < $count; $i++) {
                $jPerK = $dryJ[$i] + self::WATER_J * ($free[$i] + $bound[$i]);
                $over = $heat[$i] - $jPerK * $boilC;
                if ($over < 0 && $steam > 0) {
                    $taken = -$over / self::EVAPORATION_J;
                    if ($taken > $steam) {
                        $taken = $steam;
                    }
                    $steam -= $taken;
                    $free[$i] += $taken;
                    $heat[$i] += $taken * $steamJ;
                    $jPerK += self::WATER_J * $taken;
                    $celsius[$i] = $heat[$i] / $jPerK;
                } elseif ($over > 0) {
                    $off = $over / self::EVAPORATION_J;
                    if ($off <= $free[$i]) {
                        $free[$i] -= $off;
                    } else {
                        $rest = $off - $free[$i];
                        $can = $bound[$i] - $least[$i];
                        if ($rest > $can) {
                            $rest = $can > 0 ? $can : 0.0;
                        }
                        $off = $free[$i] + $rest;
                        $free[$i] = 0.0;
                        $bound[$i] -= $rest;
                        if ($i === 0 && $rest > 0 && $top > 0) {
                            // Most of it is made good from the slice above, at that one's temperature.
                            $good = self::MADE_GOOD * $rest;
                            if ($good > $free[1]) {
                                $good = $free[1];
                            }
                            $free[1] -= $good;
                            $bound[0] += $good;
                            $carried = self::WATER_J * $good * $celsius[1];
                            $heat[1] -= $carried;
                            $heat[0] += $carried;
                            $jPerK += self::WATER_J * $good;
                        }
                    }
                    $steam += $off;
                    $heat[$i] -= $off * $steamJ;
                    $jPerK -= self::WATER_J * $off;
                    if ($i === 0 && ! ($isFilling0 && $free[0] > $wet0)) {
                        $skin += $off / $area * self::SKIN_PER_KG_M2;
                    }
                    $celsius[$i] = $heat[$i] / $jPerK;
                } else {
                    $celsius[$i] = $heat[$i] / $jPerK;
                }
            }

            // The lid: steam leaks, or condenses as far as the lid takes its heat; that drips, less the cloth's share.
            $lost = $lidLoss * ($lidC - $air) * $dt;
            if ($steam > 0) {
                $metLid += $steam;
                $rest = $steam * (1 - $leakShare);
                $condenses = (self::LID_J_PER_K * ($boilC - $lidC) + $lost) / self::EVAPORATION_J;
                if ($condenses > $rest) {
                    $condenses = $rest;
                } elseif ($condenses < 0) {
                    $condenses = 0.0;
                }
                $leak += $steam - $condenses;
                $lostJ += ($steam - $condenses) * $steamJ;
                $lidC += $condenses * self::EVAPORATION_J / self::LID_J_PER_K;
                $taken = $clothTakes * $condenses;
                if ($taken > $clothHolds - $cloth) {
                    $taken = $clothHolds - $cloth;
                }
                $cloth += $taken;
                $lostJ += $taken * $boilJ;
                $drips = $condenses - $taken;
                $free[$top] += $drips;
                $heat[$top] += $drips * $boilJ;
            }
            $lidC -= $lost / self::LID_J_PER_K;
            if ($lost < 0) {
                $inJ -= $lost;
            } else {
                $lostJ += $lost;
            }

            // Water between and into the grains; rice and filling cook on.
            for ($i = 0; $i < $count; $i++) {
                if ($isRice[$i]) {
                    $t = $celsius[$i];
                    $hasFree = $free[$i] > 0;
                    foreach ($wicksFrom[$i] as $j) {
                        $want = $full[$i] * $raw[$i] - $bound[$i] - Uptake::DRY_SHARE * $raw[$i];
                        if ($want > 0 && $free[$j] > 0) {
                            $moves = $wickStep * $want / ($full[$i] * $raw[$i]);
                            if ($moves > $free[$j]) {
                                $moves = $free[$j];
                            }
                            $free[$j] -= $moves;
                            $free[$i] += $moves;
                            $carried = self::WATER_J * $moves * $celsius[$j];
                            $heat[$j] -= $carried;
                            $heat[$i] += $carried;
                            $hasFree = true;
                        }
                    }
                    if ($t > 55) {
                        $speed = exp(9562.184 * (0.002679887 - 1 / ($t + 273.15)));
                        if ($t < 95) {
                            $speed /= 1 + exp((70 - $t) / 2);
                        }
                        $ratio = Uptake::DRY_SHARE + $bound[$i] / $raw[$i];
                        if ($core[$i] > 0 && ($hasFree || $ratio >= 1.28 + 0.82 * (1 - $core[$i] * $core[$i]))) {
                            $core[$i] -= $pace[$i] * $speed;
                            if ($core[$i] < 0) {
                                $core[$i] = 0.0;
                            }
                        }
                        if ($free[$i] > 0 && $ratio < $full[$i]) {
                            $takes = ($full[$i] - $ratio) * $raw[$i] * $speed * $evens;
                            if ($takes > $free[$i]) {
                                $takes = $free[$i];
                            }
                            $free[$i] -= $takes;
                            $bound[$i] += $takes;
                        }
                    }
                    if ($i > 0 && $isFilling[$i - 1] && $free[$i] > self::CLINGS * $raw[$i]) {
                        // More than clings to the grains drains into the filling below.
                        $moves = ($free[$i] - self::CLINGS * $raw[$i]) * $evens;
                        $free[$i] -= $moves;
                        $free[$i - 1] += $moves;
                        $carried = self::WATER_J * $moves * $t;
                        $heat[$i] -= $carried;
                        $heat[$i - 1] += $carried;
                    }
                    if ($i < $top && $isRice[$i + 1]) {
                        $moves = ($free[$i] - $free[$i + 1]) * $evens;
                        if ($moves !== 0.0) {
                            $free[$i] -= $moves;
                            $free[$i + 1] += $moves;
                            $carried = self::WATER_J * $moves * ($moves > 0 ? $t : $celsius[$i + 1]);
                            $heat[$i] -= $carried;
                            $heat[$i + 1] += $carried;
                        }
                    }
                } elseif ($isFilling[$i]) {
                    $core[$i] += ($celsius[$i] - $core[$i]) * $lag[$i];
                    if ($core[$i] > 45) {
                        if ($tender[$i] > 0) {
                            $tenderness[$i] += $tender[$i] * 2 ** (($core[$i] - 95) / 8);
                        }
                        if ($juice[$i] > 0) {
                            // Linear as the core goes from 50 to 80 °C.
                            $stays = $juiceOf[$i] * (80 - $core[$i]) / 30;
                            if ($stays < 0) {
                                $stays = 0.0;
                            }
                            if ($juice[$i] > $stays) {
                                $free[$i] += $juice[$i] - $stays;
                                $bound[$i] -= $juice[$i] - $stays;
                                $juice[$i] = $stays;
                            }
                        }
                    }
                }
            }

            if ($this->steamAtLidS === null && $metLid > self::SEEN_KG) {
                $this->steamAtLidS = $this->seconds + ($step + 1) * $dt;
            }
        }

        $this->celsius = $celsius;
        $this->free = $free;
        $this->bound = $bound;
        $this->heat = $heat;
        $this->core = $core;
        $this->tenderness = $tenderness;
        $this->juice = $juice;
        $this->baseC = $baseC;
        $this->faceC = $face;
        $this->plateC = $plateC;
        $this->lidC = $lidC;
        $this->skinM = $skin;
        $this->browning = $browning;
        $this->inJ = $inJ;
        $this->lostJ = $lostJ;
        $this->metLidKg = $metLid;
        $this->leakKg = $leak;
        $this->clothKg = $cloth;
        $this->seconds += $seconds;
    }

    /** Another seal from here on: a lid changed, or one that leaks. */
    public function reseal(Seal $seal): void
    {
        $this->pot = $this->pot->with(seal: $seal);
    }

    /** Water or milk of room warmth over the top. */
    public function sprinkle(float $kg, float $celsius = 20.0): void
    {
        $top = count($this->celsius) - 1;
        $this->free[$top] += $kg;
        $this->heat[$top] += self::WATER_J * $kg * $celsius;
        $this->celsius[$top] = $this->heat[$top] / ($this->dryJ[$top] + self::WATER_J * ($this->free[$top] + $this->bound[$top]));
        $this->startKg += $kg;
        $this->startJ += self::WATER_J * $kg * $celsius;
    }

    /** The lid lifted for a moment: its heat and the steam under it are gone, and a little of the top's. */
    public function open(): void
    {
        $this->lostJ += self::LID_J_PER_K * ($this->lidC - min($this->lidC, self::LID_OPENED_C));
        $this->lidC = min($this->lidC, self::LID_OPENED_C);
        $top = count($this->celsius) - 1;
        $gone = min($this->free[$top], self::OPENED_KG);
        $jPerK = $this->dryJ[$top] + self::WATER_J * ($this->free[$top] + $this->bound[$top]);
        $lost = $gone * (self::EVAPORATION_J + self::WATER_J * $this->celsius[$top]);
        // No colder than a hand may touch: steam comes off a hot top only.
        $lost = min($lost, max(0.0, $this->heat[$top] - $jPerK * self::LID_OPENED_C));
        $gone = $lost / (self::EVAPORATION_J + self::WATER_J * $this->celsius[$top]);
        $this->free[$top] -= $gone;
        $this->heat[$top] -= $lost;
        $this->celsius[$top] = $this->heat[$top] / ($jPerK - self::WATER_J * $gone);
        $this->leakKg += $gone;
        $this->lostJ += $lost;
    }

    private function waterKg(): float
    {
        return array_sum($this->free) + array_sum($this->bound);
    }

    private function storedJ(): float
    {
        return array_sum($this->heat) + $this->pot->baseJPerK * $this->baseC + self::LID_J_PER_K * $this->lidC + ($this->onPlate ? self::PLATE_J_PER_K * ($this->plateC - self::AIR_C) : 0.0);
    }
}

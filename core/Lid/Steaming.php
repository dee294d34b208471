<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Measure\Water;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Uptake;

/**
 * What happens under the lid: water, heat and browning followed in time (docs/model.md, section F).
 *
 * A vertical stack of slices between the pot's base and its lid. Each holds dry matter, fat, bound
 * and free water and its enthalpy over liquid water at 0 °C, so that water which moves carries its
 * heat along. A slice of filling is two: gravy, fat and the outside of its pieces (the slice itself),
 * and their inside. Held at the boil a slice gives off steam, which condenses in the first colder
 * slices above; what reaches the lid leaks, or warms it, drips and is taken up by a cloth. The state
 * moves forward only; a clone goes on from where it was made.
 *
 * Each step goes through the phases in the order in which step() names them. They are methods of
 * one class since they share the state; the laws they copy (the front of section A, the plate, the
 * lid) are pinned to those by tests. What every step writes has its type in its docblock only: PHP checks
 * a native one at each write, a tenth of the time a pot takes.
 */
final class Steaming
{
    public const STEP_S = 8.0;

    private const SHORTEST_S = 1e-6;

    /** Browning and tenderness past which a number says nothing more: burnt is past 3.5, falling apart past 3.5. */
    public const MOST = 12.0;

    /** A slice so near to the boil is at it; it holds as good as endless heat, J/K. */
    private const AT_BOIL_C = 1e-6;

    private const BOILING_J = 1e14;

    private const NONE = -1;

    private const FILM_W_PER_M2K = 450.0;

    private const SKIN_W_PER_MK = 0.20;

    private const SAME_C = 1e-6;

    private const LID_STARTS_C = 30.0;

    /** No hand rests on it any more. */
    public const LID_HOT_C = 60.0;

    private const LID_OPENED_C = 60.0;

    /** Water that leaves as steam when the lid is lifted for a moment. */
    public const OPENED_KG = 0.008;

    /** Seconds in which rice takes up its want of water, and in which free water creeps upward. */
    private const TAKES_UP_S = 600.0;

    /** kg per m² and s from a wet filling into dry rice beside it. */
    public const WICKS = 0.30 / 60;

    /** Free water that rice holds against its own weight, kg per kg raw; the rest falls in so many seconds. */
    public const RICE_HOLDS = 0.06;

    public const FALLS_S = 60.0;

    /** Free water that a filling holds, kg per kg of its dry matter; the rest runs into rice below. */
    public const FILLING_HOLDS = 0.20;

    public const RUNS_S = 60.0;

    /** Under the lid a grain's front moves at this share of its speed in boiling water. */
    public const UNDER_LID = 0.8;

    private const MADE_GOOD = 0.75;

    /** Metres of drying front for each kg of water given off a square metre. */
    private const SKIN_PER_KG_M2 = 0.20 / 550;

    /** Under so thin a dry front it browns slower, at no front at this share. */
    private const SOFT_SKIN_M = 0.0002;

    private const SOFT_BROWNS = 0.25;

    private const BROWNING_K = 70000 / 8.314;

    private const BROWNS_AT_K = 418.15;

    private const BROWNS_IN_S = 600.0;

    /** So near to the boil rice is in steam, K. */
    private const STEAM_UNDER_C = 3.0;

    /** So much steam at the lid is seen, kg. */
    private const SEEN_KG = 1e-3;

    /** Tenderness grows as 2^((T − 95)/8) (section C). */
    private const TENDER_PER_C = M_LN2 / 8;

    /** Nothing gets tender or gives juice below it. */
    private const NOTHING_BELOW_C = 45.0;

    /** @var float */
    public $seconds = 0.0;

    /** @var float */
    public $baseC;

    /** @var float temperature of the browning face */
    public $faceC;

    /** @var float */
    public $browning = 0.0;

    /** @var float the dry front in the base slice */
    public $skinM = 0.0;

    /** @var float */
    public $leakKg = 0.0;

    public float $clothKg = 0.0;

    /** @var float */
    public $lidC = self::LID_STARTS_C;

    /** @var float steam that has met the lid so far */
    public $metLidKg = 0.0;

    public ?float $steamAtLidS = null;

    /** @var float|null when the lid became too hot to touch */
    public $lidHotS = null;

    /** @var float seconds that the topmost rice has been within 3 °C of the boil */
    public $steamedS = 0.0;

    /** @var array<int, float> °C by slice; of filling, of its gravy */
    public $celsius = [];

    /** @var array<int, float> free water, kg by slice */
    public $free = [];

    /** @var array<int, float> water in grain, slice or the outside of pieces, kg by slice */
    public $bound = [];

    /** @var array<int, float> core radius of rice by slice */
    public $core = [];

    /** @var array<int, float> °C of the inside of pieces, by slice of filling */
    public $insideC = [];

    /** @var array<int, float> °C of the centre of pieces, by slice of filling */
    public $centreC = [];

    /** @var array<int, float> water in the inside of pieces, kg by slice of filling */
    public $inside = [];

    /** @var array<int, float> by slice of filling */
    public $tenderness = [];

    /** @var list<int> the layer of each slice */
    public readonly array $layerOf;

    /** @var list<non-empty-list<int>> the slices of each layer, from below */
    public readonly array $slicesOf;

    /** @var float */
    private $plateC = Fire::AIR_C;

    /** Heat that the plate under it holds, J/K; 0 without one. */
    private float $plateJ = 0.0;

    /** @var float joules brought in by flame and oven */
    private $inJ = 0.0;

    /** @var float and lost to the air */
    private $lostJ = 0.0;

    private float $startJ;

    private float $startKg;

    /** @var array<int, float> enthalpy, J by slice; of filling, of its gravy */
    private $heat = [];

    /** @var array<int, float> what each slice takes up for a degree, J */
    private $holdsJ = [];

    /** @var array<int, float> what each slice loses through the wall in this stretch, W/K */
    private array $wallW = [];

    /** @var array<int, float> the same in a step at the boil, J */
    private array $wallJ = [];

    /** @var int the first still slice: held at the boil between others that are */
    private $firstStill = self::NONE;

    /** @var int */
    private $lastStill = self::NONE;

    /** @var array<int, float> of conduct(): each temperature is from + share of the next above */
    private $from = [];

    /** @var array<int, float> */
    private $share = [];

    /** Speed of the grain's front at the boil. */
    private readonly float $boilSpeed;

    /** @var array<int, float> what the inside of pieces takes up for a degree, J by slice of filling */
    private $insideHoldsJ = [];

    /** @var array<int, float> juice not yet given off, kg by slice */
    private $juice = [];

    private bool $hasJuice;

    /** What does not change while it steams. */
    private readonly Stack $stack;

    private readonly int $top;

    private readonly ?int $topRice;

    private readonly float $inSteamC;

    private readonly float $areaM2;

    private readonly float $baseJ;

    private readonly float $browns;

    /** Free water over which a filling at the base keeps it from drying, kg; 0 where something else lies there. */
    private readonly float $wetBelowKg;

    private readonly float $skinPerKg;

    /** Of a kg of water at the boil, and of its steam, J. */
    private readonly float $boilJ;

    private readonly float $steamJ;

    private readonly Vapour $vapour;

    /** @var list<float> what vapour adds to a bed's conductivity, W/mK by °C */
    private readonly array $vapourWPerMK;

    /** Of steam that meets the lid the share that does not leak, and of what condenses the share a cloth takes. */
    private float $staysShare;

    private float $clothShare;

    private float $clothHoldsKg;

    /** The stretch of heat that is on, as the phases need it, and what it was made for. */
    private Fire $fire;

    private ?Flame $lit = null;

    public function __construct(public SealedPot $pot)
    {
        $this->stack = new Stack($pot);
        $this->layerOf = $this->stack->layerOf;
        $this->slicesOf = $this->stack->slicesOf;
        foreach ($this->layerOf as $i => $index) {
            $layer = $pot->layers[$index];
            $part = $this->stack->part[$i];
            $pieces = $layer instanceof SealedFilling ? $layer->pieces : null;
            $inside = $pieces === null ? 0.0 : Stack::INSIDE;
            $this->celsius[] = $layer->celsius;
            $this->free[] = $part * $layer->stuff->freeKg;
            $this->bound[] = $part * (1 - $inside) * $layer->stuff->boundKg;
            $this->holdsJ[] = $this->jPerK($i);
            $this->heat[] = $this->holdsJ[$i] * $layer->celsius;
            $this->juice[] = $this->stack->juice[$i];
            $this->core[] = $layer instanceof SealedRice ? $layer->coreRadius : 0.0;
            $this->tenderness[] = $pieces->tenderness ?? 0.0;
            $this->inside[] = $part * $inside * $layer->stuff->boundKg;
            $this->insideC[] = $pieces->celsius ?? $layer->celsius;
            $this->centreC[] = $pieces->celsius ?? $layer->celsius;
            $this->insideHoldsJ[] = $this->stack->insideDryJ[$i] + Water::J_PER_KG_K * $this->inside[$i];
        }
        $this->top = count($this->celsius) - 1;
        $this->topRice = $this->stack->rice === [] ? null : max($this->stack->rice);
        $this->inSteamC = $pot->boilC - self::STEAM_UNDER_C;
        $this->from = $this->share = $this->celsius;
        $this->hasJuice = array_sum($this->juice) > 0;
        $this->areaM2 = $pot->areaM2();
        $this->baseJ = $pot->baseJPerK;
        $this->browns = $pot->browns * $pot->layers[0]->browns;
        $this->wetBelowKg = $pot->layers[0]->matter === Matter::Filling
            ? Stack::WET_SHARE * $this->stack->dryKg[0]
            : 0.0;
        $this->skinPerKg = self::SKIN_PER_KG_M2 / $this->areaM2;
        $this->boilJ = Water::J_PER_KG_K * $pot->boilC;
        $this->boilSpeed = CookingFront::speed($pot->boilC);
        $this->vapour = new Vapour($pot->boilC);
        $this->vapourWPerMK = $this->vapour->bed();
        $this->steamJ = Water::EVAPORATION_J_PER_KG + $this->boilJ;
        $this->baseC = $pot->basePreheatC ?? $this->celsius[0];
        $this->faceC = $this->baseC;
        $this->close($pot->seal);
        $this->startJ = $this->storedJ();
        $this->startKg = $this->waterKg();
    }

    /** How deep the lowest layer of a pot dries with its own water gone, mm. */
    public static function driesThroughMm(SealedPot $pot): float
    {
        return 1000 * self::SKIN_PER_KG_M2 * (1 - Stack::BOUND_LEFT) * $pot->layers[0]->stuff->boundKg / $pot->areaM2();
    }

    /** Share of its own water that the lowest slice still has to give, and free water over it. */
    public function baseWater(): float
    {
        $own = $this->stack->part[0] * $this->pot->layers[0]->stuff->boundKg - $this->stack->leastKg[0];

        return $own <= 0 ? 0.0 : max(0.0, $this->free[0] + $this->bound[0] - $this->stack->leastKg[0]) / $own;
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
     * Goes on for so many seconds over one flame, or till a cue shows.
     *
     * @param  float  $stepS at most
     * @return float seconds that it went on
     */
    public function advance(Flame $flame, float $seconds, float $stepS = self::STEP_S, ?Cue $till = null): float
    {
        if ($seconds <= self::SHORTEST_S) {
            return 0.0;
        }
        $began = $this->seconds;
        $steps = (int) ceil($seconds / $stepS - 1e-9);
        $this->light($flame, $seconds / $steps);
        for ($step = 0; $step < $steps; $step++) {
            $this->step();
            if ($till !== null && $till->isShown($this)) {
                break;
            }
        }

        return $this->seconds - $began;
    }

    /** Sets the heat: what the phases of each step go by. */
    private function light(Flame $flame, float $dt): void
    {
        if ($this->lit === $flame && abs($this->fire->dt - $dt) < self::SHORTEST_S) {
            return;
        }
        $this->lit = $flame;
        $this->fire = Fire::under($this->pot, $flame, $dt, $this->stack->lagS);
        $factor = $this->fire->wallFactor;
        $this->wallW = array_map(static fn (float $wall): float => $factor * $wall, $this->stack->wall);
        $atBoil = ($this->pot->boilC - $this->fire->airC) * $this->fire->dt;
        $this->wallJ = array_map(static fn (float $wall): float => $wall * $atBoil, $this->wallW);
        if ($this->fire->plateJ > 0 && $this->plateJ <= 0) {
            $this->plateC = $flame->plateBeginsC();
            $this->lostJ -= $this->fire->plateJ * ($this->plateC - Fire::AIR_C);
        } elseif ($this->fire->plateJ <= 0) {
            // A plate taken away takes its heat with it.
            $this->lostJ += $this->plateJ * ($this->plateC - Fire::AIR_C);
        }
        $this->plateJ = $this->fire->plateJ;
    }

    /** One step in time, phase by phase. */
    private function step(): void
    {
        $this->conduct($this->burn());
        $this->brown();
        $this->meetLid($this->boil());
        $this->warmLid();
        $this->settle();
        $this->wick();
        $this->cookRice();
        $this->cookFilling();
        $this->fall();
        $this->seconds += $this->fire->dt;
        if ($this->topRice !== null && $this->celsius[$this->topRice] > $this->inSteamC) {
            $this->steamedS += $this->fire->dt;
        }
        if ($this->lidHotS === null && $this->lidC > self::LID_HOT_C) {
            $this->lidHotS = $this->seconds;
        }
        if ($this->steamAtLidS === null && $this->metLidKg > self::SEEN_KG) {
            $this->steamAtLidS = $this->seconds;
        }
    }

    /**
     * Flame and plate.
     *
     * @return float heat into the base, W
     */
    private function burn(): float
    {
        $fire = $this->fire;
        $metalC = $fire->plateJ > 0 ? $this->plateC : $this->baseC;
        $taken = $fire->flameW;
        if ($metalC > Fire::HOT_METAL_C) {
            $taken *= max(0.0, 1 - ($metalC - Fire::HOT_METAL_C) / Fire::HOT_METAL_K);
        }
        $this->inJ += $taken * $fire->dt;
        $into = $taken;
        if ($fire->plateJ > 0) {
            // Implicit: a thin plate gives its heat on sooner than a step lasts.
            $this->plateC = ($fire->plateJ * $this->plateC + $fire->dt * (
                $taken + $fire->plateW * $this->baseC + $fire->plateLossW * Fire::AIR_C
            )) / ($fire->plateJ + $fire->dt * ($fire->plateW + $fire->plateLossW));
            $into = $fire->plateW * ($this->plateC - $this->baseC);
            $lost = $fire->plateLossW * ($this->plateC - Fire::AIR_C);
            $this->lostJ += $lost * $fire->dt;
        }

        return $into;
    }

    /** The face that lies on the base browns. */
    private function brown(): void
    {
        if ($this->faceC > 80 && $this->browning < self::MOST) {
            $pace = exp(self::BROWNING_K * (1 / self::BROWNS_AT_K - 1 / ($this->faceC + 273.15)));
            $browned = $this->browns * $pace * $this->fire->dt / self::BROWNS_IN_S
                * (self::SOFT_BROWNS + (1 - self::SOFT_BROWNS) * min(1.0, $this->skinM / self::SOFT_SKIN_M));
            $this->browning = min(self::MOST, $this->browning + $browned);
        }
    }

    /** Heat to the air; from it, where the air of an oven is hotter. */
    private function lose(float $joules): void
    {
        if ($joules < 0) {
            $this->inJ -= $joules;
        } else {
            $this->lostJ += $joules;
        }
    }

    /**
     * Conduction from the base through the slices, and out through the wall: one implicit step (Thomas), so
     * that thin and dry slices do not swing. A slice that boils stays at the boil, however much it is given;
     * between slices that boil nothing flows, so that still ones are passed over (what they lose is boil()'s).
     *
     * @param  float  $intoW heat into the base, W
     */
    private function conduct(float $intoW): void
    {
        $fire = $this->fire;
        $dt = $fire->dt;
        $airC = $fire->airC;
        $top = $this->top;
        $through = $this->bedConducts();
        $wall = $this->wallW;
        $holds = $this->holdsJ;
        $celsius = $this->celsius;
        $a = $this->from;
        $this->from = [];
        $b = $this->share;
        $this->share = [];
        $filmR = 1 / self::FILM_W_PER_M2K;
        $fluxWPerK = 1 / ($filmR + $this->skinM / self::SKIN_W_PER_MK);
        $below = $fluxWPerK * $this->areaM2;
        $boilC = $this->pot->boilC;
        $firstStill = $this->firstStill;
        $lastStill = $this->lastStill;
        // From the base up, each temperature as a + b times the next above.
        $perS = 1 / $dt;
        $rate = $this->baseJ * $perS;
        $all = $rate + $fire->baseLossW + $below;
        $baseA = $under = ($rate * $this->baseC + $intoW + $fire->baseLossW * $airC) / $all;
        $baseB = $share = $below / $all;
        for ($i = 0; $i <= $top; $i++) {
            if ($i === $firstStill) {
                if ($lastStill === $top) {
                    break;
                }
                $a[$lastStill] = $under = $boilC;
                $b[$lastStill] = $share = 0.0;
                $below = $through[$lastStill];
                $i = $lastStill + 1;
            }
            $above = $through[$i];
            $out = $wall[$i];
            $rate = $holds[$i] * $perS;
            $part = 1 / ($rate + $out + $above + $below * (1 - $share));
            $a[$i] = $under = ($rate * $celsius[$i] + $out * $airC + $below * $under) * $part;
            $b[$i] = $share = $above * $part;
            $below = $above;
        }
        // Back down: the flows between the new temperatures are what moves.
        $heat = $this->heat;
        $this->heat = [];
        $lost = 0.0;
        $t = $under;
        $from = 0.0;
        for ($i = $top; $i > 0; $i--) {
            if ($i === $lastStill) {
                $i = $firstStill - 1;
                $t = $a[$i] + $b[$i] * $boilC;
                $from = 0.0;
                if ($i === 0) {
                    break;
                }
            }
            $out = $wall[$i] * ($t - $airC);
            $lost += $out;
            $next = $i - 1;
            $under = $a[$next] + $b[$next] * $t;
            $flow = $through[$next] * ($under - $t);
            $heat[$i] += ($flow - $out - $from) * $dt;
            $from = $flow;
            $t = $under;
        }
        $out = $wall[0] * ($t - $airC);
        $base = $baseA + $baseB * $t;
        $flux = $fluxWPerK * ($base - $t);
        $heat[0] += ($flux * $this->areaM2 - $out - $from) * $dt;
        $this->heat = $heat;
        $this->from = $a;
        $this->share = $b;
        $this->baseC = $base;
        $this->faceC = $base - $flux * $filmR;
        $this->lose(($lost + $out + $fire->baseLossW * ($base - $airC)) * $dt);
    }

    /** @return array<int, float> W/K from each slice to the next above, with what vapour carries through the rice */
    private function bedConducts(): array
    {
        $through = $this->stack->through;
        $carries = $this->vapourWPerMK;
        $celsius = $this->celsius;
        $last = count($carries) - 2;
        $boilC = $this->pot->boilC;
        foreach ($this->stack->bed as $i => [$half, $conducts, $halfAbove, $conductsAbove]) {
            if ($i >= $this->firstStill && $i < $this->lastStill) {
                continue;
            }
            $t = $celsius[$i + 1];
            if ($t < $boilC) {
                $t = 0.5 * ($t + min($boilC, $celsius[$i]));
            }
            $at = (int) $t;
            if ($at > $last || $at < 0) {
                continue;
            }
            $more = $carries[$at] + ($t - $at) * ($carries[$at + 1] - $carries[$at]);
            $through[$i] = 1 / ($half / ($conducts + $more) + $halfAbove / ($conductsAbove + $more));
        }

        return $through;
    }

    /**
     * Steam: given off at the boil, condensing in the first colder slices above.
     *
     * @return float steam that gets to the lid, kg
     */
    private function boil(): float
    {
        $boilC = $this->pot->boilC;
        $steamJ = $this->steamJ;
        $dryJ = $this->stack->dryJ;
        $leastKg = $this->stack->leastKg;
        $top = $this->top;
        $heat = $this->heat;
        $this->heat = [];
        $free = $this->free;
        $this->free = [];
        $bound = $this->bound;
        $this->bound = [];
        $celsius = $this->celsius;
        $this->celsius = [];
        $holds = $this->holdsJ;
        $this->holdsJ = [];
        $boils = $boilC - self::AT_BOIL_C;
        $kgPerJ = 1 / Water::EVAPORATION_J_PER_KG;
        $steam = 0.0;
        $wallJ = $this->wallJ;
        $firstStill = $this->firstStill;
        $lastStill = $this->lastStill;
        $lost = 0.0;
        foreach ($dryJ as $i => $dry) {
            $jPerK = $dry + Water::J_PER_KG_K * ($free[$i] + $bound[$i]);
            $over = $heat[$i] - $jPerK * $boilC;
            if ($i >= $firstStill && $i <= $lastStill) {
                $out = $wallJ[$i];
                $lost += $out;
                $over -= $out;
                $taken = -$over * $kgPerJ;
                if ($taken <= $steam && $free[$i] + $taken >= 0) {
                    // It stays at the boil: steam makes good what it loses.
                    $steam -= $taken;
                    $free[$i] += $taken;
                    $heat[$i] += $taken * $steamJ - $out;

                    continue;
                }
                $heat[$i] -= $out;
            }
            if ($over < 0 && $steam > 0) {
                $taken = -$over * $kgPerJ;
                $taken = $taken > $steam ? $steam : $taken;
                $steam -= $taken;
                $free[$i] += $taken;
                $heat[$i] += $taken * $steamJ;
                $jPerK += Water::J_PER_KG_K * $taken;
            } elseif ($over > 0) {
                $off = $over * $kgPerJ;
                if ($off <= $free[$i]) {
                    $free[$i] -= $off;
                } else {
                    // With its free water gone it gives of its bound water, down to a rest.
                    $rest = min($off - $free[$i], max(0.0, $bound[$i] - $leastKg[$i]));
                    $off = $free[$i] + $rest;
                    $free[$i] = 0.0;
                    $bound[$i] -= $rest;
                    if ($i === 0 && $top > 0) {
                        // Most of what the base gives is made good from the slice above, at that one's warmth.
                        $good = min(self::MADE_GOOD * $rest, $free[1]);
                        $free[1] -= $good;
                        $bound[0] += $good;
                        $carried = Water::J_PER_KG_K * $good * $celsius[1];
                        $heat[1] -= $carried;
                        $heat[0] += $carried;
                        $jPerK += Water::J_PER_KG_K * $good;
                    }
                }
                $steam += $off;
                $heat[$i] -= $off * $steamJ;
                $jPerK -= Water::J_PER_KG_K * $off;
                if ($i === 0 && ! ($this->wetBelowKg > 0 && $free[0] > $this->wetBelowKg)) {
                    $this->skinM += $off * $this->skinPerKg;
                }
            }
            $celsius[$i] = $t = $heat[$i] / $jPerK;
            // With water to give a slice at the boil takes up any heat.
            $holds[$i] = $t >= $boils && $leastKg[$i] < $free[$i] + $bound[$i] ? self::BOILING_J : $jPerK;
        }
        if ($lost !== 0.0) {
            $this->lose($lost);
        }
        $this->holdsJ = $holds;
        $this->heat = $heat;
        $this->free = $free;
        $this->bound = $bound;
        $this->celsius = $celsius;

        return $steam;
    }

    /** Which slices are still in the next step: those held at the boil between others that are, or under the lid. */
    private function settle(): void
    {
        $boiled = $this->pot->boilC + self::AT_BOIL_C;
        $celsius = $this->celsius;
        $from = $to = 0;
        foreach ($this->holdsJ as $i => $joules) {
            if ($joules >= self::BOILING_J && $celsius[$i] <= $boiled) {
                $from = $to === $i ? $from : $i;
                $to = $i + 1;
            }
        }
        $last = $to > $this->top ? $this->top : $to - 2;
        if ($from < $last) {
            $this->firstStill = $from + 1;
            $this->lastStill = $last;
        } else {
            $this->stir();
        }
    }

    /**
     * Before steam, vapour from the top condenses on the lid and drips, less the cloth's share; none leaks. Evened over
     * the step as two bodies are that touch.
     */
    private function warmLid(): void
    {
        $top = $this->top;
        $topC = $this->celsius[$top];
        $over = $topC - $this->lidC;
        if ($topC >= $this->pot->boilC - self::AT_BOIL_C || abs($over) < self::SAME_C) {
            return;
        }
        [$condensesW, $besidesW] = $this->vapour->toLid($topC, $this->lidC);
        $topJ = $this->jPerK($top);
        $lidJ = $this->fire->lidJ;
        $together = $topJ * $lidJ / ($topJ + $lidJ);
        $moved = $over * $together
            * (1 - exp(-($condensesW + $besidesW) * $this->areaM2 * $this->fire->dt / ($over * $together)));
        $condensed = min(
            $this->free[$top], $moved * $condensesW / ($condensesW + $besidesW) / Water::EVAPORATION_J_PER_KG,
        );
        $this->lidC += $moved / $lidJ;
        $this->heat[$top] -= $moved;
        if ($this->clothShare > 0 && $condensed > 0) {
            $taken = min($this->clothShare * $condensed, $this->clothHoldsKg - $this->clothKg);
            $this->clothKg += $taken;
            $this->free[$top] -= $taken;
            $this->heat[$top] -= $taken * Water::J_PER_KG_K * $topC;
            $this->lostJ += $taken * Water::J_PER_KG_K * $topC;
        }
    }

    /** The lid: steam leaks, or condenses as far as the lid takes its heat; that drips, less the cloth's share. */
    private function meetLid(float $steam): void
    {
        $fire = $this->fire;
        $lidC = $this->lidC;
        $lost = $fire->lidLossW * ($lidC - $fire->airC) * $fire->dt;
        if ($steam > 0) {
            $this->metLidKg += $steam;
            $most = $steam * $this->staysShare;
            $condenses = ($fire->lidJ * ($this->pot->boilC - $lidC) + $lost) / Water::EVAPORATION_J_PER_KG;
            $condenses = $condenses > $most ? $most : ($condenses > 0 ? $condenses : 0.0);
            $lidC += $condenses * Water::EVAPORATION_J_PER_KG / $fire->lidJ;
            $this->leakKg += $steam - $condenses;
            $this->lostJ += ($steam - $condenses) * $this->steamJ;
            if ($this->clothShare > 0) {
                $taken = min($this->clothShare * $condenses, $this->clothHoldsKg - $this->clothKg);
                $this->clothKg += $taken;
                $this->lostJ += $taken * $this->boilJ;
                $condenses -= $taken;
            }
            $this->free[$this->top] += $condenses;
            $this->heat[$this->top] += $condenses * $this->boilJ;
        }
        $this->lidC = $lidC - $lost / $fire->lidJ;
        $this->lose($lost);
    }

    /** Rice wicks from a wet filling beside it. */
    private function wick(): void
    {
        $bound = $this->bound;
        $fullKg = $this->stack->fullKg;
        $wicks = $this->stack->wicks;
        $dt = $this->fire->dt;
        foreach ($this->stack->wicksFrom as $i => $beside) {
            $wants = ($fullKg[$i] - $bound[$i]) * $wicks[$i] * $dt;
            foreach ($beside as $j) {
                $has = $this->free[$j];
                $moves = $wants < $has ? $wants : $has;
                if ($moves > 0) {
                    $joules = Water::J_PER_KG_K * $moves * $this->celsius[$j];
                    $this->free[$j] = $has - $moves;
                    $this->free[$i] += $moves;
                    $this->heat[$j] -= $joules;
                    $this->heat[$i] += $joules;
                }
            }
        }
    }

    /** Rice takes up free water, and its grains cook on. */
    private function cookRice(): void
    {
        $dt = $this->fire->dt;
        $takesUp = $dt / self::TAKES_UP_S;
        $celsius = $this->celsius;
        $boils = $this->pot->boilC - self::AT_BOIL_C;
        $stack = $this->stack;
        $fullKg = $stack->fullKg;
        $free = $this->free;
        $this->free = [];
        $bound = $this->bound;
        $this->bound = [];
        $core = $this->core;
        $this->core = [];
        foreach ($stack->rice as $i) {
            $t = $celsius[$i];
            $radius = $core[$i];
            $water = $free[$i];
            $wants = $water > 0 ? $fullKg[$i] - $bound[$i] : 0.0;
            if ($t <= CookingFront::STARTS_C || ($radius <= 0 && $wants <= 0)) {
                continue;
            }
            // The front's speed (section A), written out: this is the innermost loop.
            if ($t >= $boils) {
                $speed = $this->boilSpeed;
            } else {
                $speed = exp(9562.184 * (0.002679887 - 1 / ($t + 273.15)));
                if ($t < 95) {
                    $speed /= 1 + exp((70 - $t) / 2);
                }
            }
            if ($radius > 0 && ($water > 0
                || Uptake::DRY_SHARE + $bound[$i] / $stack->raw[$i] >= 1.28 + 0.82 * (1 - $radius * $radius))
            ) {
                $radius -= self::UNDER_LID * $dt / $stack->tauS[$i] * $speed;
                $core[$i] = $radius > 0 ? $radius : 0.0;
            }
            if ($wants > 0) {
                $takes = $wants * $speed * $takesUp;
                $takes = $takes < $water ? $takes : $water;
                $free[$i] = $water - $takes;
                $bound[$i] += $takes;
            }
        }
        $this->free = $free;
        $this->bound = $bound;
        $this->core = $core;
    }

    /** Gravy warms the pieces; their inside gets tender and gives off its juice. */
    private function cookFilling(): void
    {
        $dt = $this->fire->dt;
        $lags = $this->fire->lag;
        $centreLags = $this->fire->centreLag;
        $tenderS = $this->stack->tenderS;
        $celsius = $this->celsius;
        $holds = $this->insideHoldsJ;
        $gravy = $this->holdsJ;
        $heat = $this->heat;
        $this->heat = [];
        $centre = $this->centreC;
        $this->centreC = [];
        $insideC = $this->insideC;
        $this->insideC = [];
        $tenderness = $this->tenderness;
        $this->tenderness = [];
        foreach ($this->stack->filling as $i) {
            $inside = $insideC[$i];
            // What little gravy there is cools as it gives: it never falls past the pieces that it warms.
            $lag = $lags[$i];
            $rises = ($celsius[$i] - $inside) * $lag / (1 + $lag * $holds[$i] / $gravy[$i]);
            $heat[$i] -= $holds[$i] * $rises;
            $insideC[$i] = $inside += $rises;
            $centre[$i] += ($inside - $centre[$i]) * $centreLags[$i];
            $seconds = $tenderS[$i];
            if ($seconds > 0 && $inside > self::NOTHING_BELOW_C) {
                $tender = $tenderness[$i] + $dt / $seconds * exp(self::TENDER_PER_C * ($inside - 95));
                $tenderness[$i] = $tender < self::MOST ? $tender : self::MOST;
            }
        }
        $this->heat = $heat;
        $this->centreC = $centre;
        $this->insideC = $insideC;
        $this->tenderness = $tenderness;
        if ($this->hasJuice) {
            $this->giveJuice();
        }
    }

    /** Juice comes linearly as the inside goes from 50 to 80 °C (section C). */
    private function giveJuice(): void
    {
        $this->hasJuice = false;
        foreach ($this->stack->filling as $i) {
            $inside = $this->insideC[$i];
            $this->hasJuice = $this->hasJuice || $this->juice[$i] > 0;
            if ($this->juice[$i] <= 0 || $inside <= self::NOTHING_BELOW_C) {
                continue;
            }
            $stays = max(0.0, min(1.0, (80 - $inside) / 30)) * $this->stack->juice[$i];
            $comes = min($this->juice[$i] - $stays, $this->inside[$i]);
            if ($comes > 0) {
                $this->juice[$i] -= $comes;
                $this->inside[$i] -= $comes;
                $this->free[$i] += $comes;
                $this->insideHoldsJ[$i] -= Water::J_PER_KG_K * $comes;
                $this->heat[$i] += Water::J_PER_KG_K * $comes * $inside;
            }
        }
    }

    /** Water falls: more than rice or filling holds goes down; below that it creeps upward between slices of rice. */
    private function fall(): void
    {
        $dt = $this->fire->dt;
        $stack = $this->stack;
        $holds = $stack->holdsKg;
        $paces = $stack->fallsPerS;
        $creeps = $stack->creepsKg;
        $raw = $stack->raw;
        $celsius = $this->celsius;
        $heat = $this->heat;
        $this->heat = [];
        $free = $this->free;
        $this->free = [];
        foreach ($stack->falls as $i) {
            $under = $i - 1;
            $water = $free[$i];
            $over = $water - $holds[$i];
            if ($over > 0) {
                $kg = $over * $paces[$i] * $dt;
                $joules = Water::J_PER_KG_K * $kg * $celsius[$i];
            } elseif ($creeps[$i] > 0) {
                $below = $free[$under] / $raw[$under];
                $wetter = ($below < self::RICE_HOLDS ? $below : self::RICE_HOLDS) - $water / $raw[$i];
                if ($wetter <= 0) {
                    continue;
                }
                $kg = -$wetter * $creeps[$i] * $dt / self::TAKES_UP_S;
                $joules = Water::J_PER_KG_K * $kg * $celsius[$under];
            } else {
                continue;
            }
            $free[$i] = $water - $kg;
            $free[$under] += $kg;
            $heat[$i] -= $joules;
            $heat[$under] += $joules;
        }
        $this->free = $free;
        $this->heat = $heat;
    }

    /** Another seal from here on: a lid changed, or one that leaks. */
    public function reseal(Seal $seal): void
    {
        $this->pot = $this->pot->under($seal);
        $this->close($seal);
    }

    private function close(Seal $seal): void
    {
        $this->staysShare = 1 - $seal->leakShare;
        $this->clothShare = $seal->clothTakes;
        $this->clothHoldsKg = $seal->clothHoldsKg;
    }

    /** Water or milk over the top. */
    public function sprinkle(float $kg, float $celsius): void
    {
        $this->free[$this->top] += $kg;
        $this->heat[$this->top] += Water::J_PER_KG_K * $kg * $celsius;
        $this->celsius[$this->top] = $this->heat[$this->top] / $this->jPerK($this->top);
        $this->stir();
        $this->startKg += $kg;
        $this->startJ += Water::J_PER_KG_K * $kg * $celsius;
    }

    /** The lid lifted for a moment: its heat and the steam under it are gone, and a little of the top's. */
    public function open(): void
    {
        $opened = min($this->lidC, self::LID_OPENED_C);
        $this->lostJ += Fire::lidJ($this->pot) * ($this->lidC - $opened);
        $this->lidC = $opened;
        $top = $this->top;
        $jPerKg = Water::EVAPORATION_J_PER_KG + Water::J_PER_KG_K * $this->celsius[$top];
        // No colder than a hand may touch: steam comes off a hot top only.
        $most = max(0.0, $this->heat[$top] - $this->jPerK($top) * self::LID_OPENED_C);
        $gone = min($this->free[$top], self::OPENED_KG, $most / $jPerKg);
        $this->free[$top] -= $gone;
        $this->heat[$top] -= $gone * $jPerKg;
        $this->celsius[$top] = $this->heat[$top] / $this->jPerK($top);
        $this->stir();
        $this->leakKg += $gone;
        $this->lostJ += $gone * $jPerKg;
    }

    /** No slice is still: each has to be looked at in the next step. */
    private function stir(): void
    {
        $this->firstStill = $this->lastStill = self::NONE;
    }

    private function jPerK(int $i): float
    {
        return $this->stack->dryJ[$i] + Water::J_PER_KG_K * ($this->free[$i] + $this->bound[$i]);
    }

    private function waterKg(): float
    {
        return array_sum($this->free) + array_sum($this->bound) + array_sum($this->inside);
    }

    private function storedJ(): float
    {
        $insideJ = array_map(
            static fn (float $holds, float $celsius): float => $holds * $celsius, $this->insideHoldsJ, $this->insideC,
        );

        return array_sum($this->heat) + array_sum($insideJ) + $this->baseJ * $this->baseC
            + Fire::lidJ($this->pot) * $this->lidC + $this->plateJ * ($this->plateC - Fire::AIR_C);
    }
}

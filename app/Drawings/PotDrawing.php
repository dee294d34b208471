<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Filling\Looks;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Section;

/**
 * A planned pot in section as SVG paths, to scale: one centimetre is the same length in every
 * drawing of one scale.
 *
 * @phpstan-type Drawn array{
 *     layer: Layer, outline: string, top: float, hatch: Hatch, over: array{outline: string, hatch: Hatch}|null,
 *     labelX: int, labelY: float
 * }
 */
final readonly class PotDrawing
{
    /** Room round the pot, in px: left for the rule, top for the lid, right for handles, below for the flame. */
    private const LEFT = 62;

    private const TOP = 58;

    private const RIGHT = 40;

    private const BELOW = 46;

    private const LABEL_GAP = 34;

    /** The handles reach so far under the rim. */
    private const HANDLE = 66;

    /** Food that stands over the rim is cut off so far under it, with a torn edge. */
    private const TORN_CM = 0.4;

    public float $width;

    public float $height;

    private float $middle;

    private float $baseY;

    private Section $section;

    /** @param  float  $pxPerCm length of a centimetre */
    public function __construct(public Plan $plan, private float $pxPerCm, private ?Moment $moment = null)
    {
        $this->section = $plan->potted->first()->section;
        $this->width = self::LEFT + $this->px($this->section->pot->diameterCm) + self::RIGHT;
        $this->height = self::TOP + $this->px($this->section->pot->heightCm()) + self::BELOW;
        $this->middle = round(self::LEFT + $this->px($this->section->pot->diameterCm) / 2, 1);
        $this->baseY = round(self::TOP + $this->px($this->section->pot->heightCm()), 1);
    }

    public function left(): float
    {
        return self::LEFT;
    }

    public function rim(): float
    {
        return self::TOP;
    }

    public function base(): float
    {
        return $this->baseY;
    }

    public function middle(): float
    {
        return $this->middle;
    }

    /** Half the pot's inner width, px. */
    public function half(): float
    {
        return round($this->px($this->section->pot->diameterCm) / 2, 1);
    }

    public function wall(): float
    {
        return round(max(3.0, $this->px($this->section->pot->material->wallMm() / 10) * 1.6), 1);
    }

    /** Where the food may stand at most. */
    public function markY(): float
    {
        return $this->y($this->section->pot->heightCm() - Section::FREE_CM);
    }

    /** Height above the base as a y. */
    public function y(float $cm): float
    {
        return round($this->baseY - $this->px($cm), 1);
    }

    /**
     * The layers with their outline, the hatch that fills it, what lies over that, and a place for a label.
     *
     * @return list<Drawn>
     */
    public function layers(): array
    {
        $labels = $this->labelYs();
        $drawn = [];
        $from = 0.0;
        foreach ($this->section->layers as $index => $layer) {
            $to = min($this->section->topsCm[$index], $this->tornAtCm() ?? INF);
            $doneness = $this->donenessOf($index, $layer);
            $drawn[] = [
                'layer' => $layer,
                'outline' => $this->outline($from, $to),
                'top' => $this->y($to),
                'hatch' => match ($layer->matter) {
                    Matter::Rice => Hatch::grains($doneness),
                    Matter::Crust => Hatch::crust(),
                    Matter::Filling => Hatch::filling($this->looks($index)),
                    Matter::Mixed => Hatch::mixed($doneness),
                },
                'over' => $layer->saffron
                    ? [
                        'outline' => $this->outline(max($from, $to - ($to - $from) * 0.45), $to),
                        'hatch' => Hatch::saffron($doneness),
                    ]
                    : null,
                // Beside the handle a label stands clear of it.
                'labelX' => $labels[$index] < self::TOP + self::HANDLE ? 32 : 0,
                'labelY' => $labels[$index],
            ];
            $from = $to;
        }

        return $drawn;
    }

    /** What the layer's filling is mostly of. */
    private function looks(int $index): Looks
    {
        $dish = $this->plan->dish;
        $layer = $dish->build->layers[$index - ($dish->build->base->kind->isLaid ? 1 : 0)] ?? null;
        $parts = $layer === null ? [] : $dish->fillings->get($layer->of)->parts;
        usort($parts, static fn (FillingPart $a, FillingPart $b): int => $b->ofRice <=> $a->ofRice);

        return $parts[0]->kind->looks ?? Looks::Cube;
    }

    /** The crust in the colour it has, or ends with; null where nothing is known of it. */
    public function crust(): ?string
    {
        return $this->moment === null ? null : CrustColour::looks($this->moment->browning)->hex();
    }

    /** How far a layer's grains are cooked: as layered, or as they are at the moment drawn. */
    private function donenessOf(int $index, Layer $layer): float
    {
        $state = count($this->section->layers) === count($this->moment->layers ?? [])
            ? $this->moment?->layers[$index]
            : null;

        return $state !== null && $state->matter === Matter::Rice && $layer->matter === Matter::Rice
            ? $state->doneness
            : $layer->doneness ?? 0.0;
    }

    /** @return list<array{y: float, cm: int}> ticks of the rule, one a centimetre */
    public function rule(): array
    {
        $ticks = [];
        for ($cm = 0; $cm <= floor($this->section->pot->heightCm()); $cm++) {
            $ticks[] = ['y' => $this->y($cm), 'cm' => $cm];
        }

        return $ticks;
    }

    /** @return list<float> the x of each steam hole */
    public function holes(): array
    {
        $count = $this->pastRimCm() > 0 ? 0 : $this->plan->dish->build->steamHoles;
        $reach = $this->px($this->section->plateauRadiusCm) * 0.7 + $this->half() * 0.12;
        $xs = [];
        for ($i = 0; $i < $count; $i++) {
            $xs[] = round($this->middle + ($count === 1 ? 0 : (2 * $i / ($count - 1) - 1) * $reach), 1);
        }

        return $xs;
    }

    /** The y up to which the food stands at an x. */
    public function surface(float $x): float
    {
        $fromMiddle = abs($x - $this->middle) / $this->pxPerCm;
        $low = $this->section->shoulderCm;
        $high = $this->section->topCm();
        for ($i = 0; $i < 20; $i++) {
            $try = ($low + $high) / 2;
            $this->section->halfWidthCm($try) >= $fromMiddle ? $low = $try : $high = $try;
        }

        return $this->y($low);
    }

    /** So much food stands over the rim, cm; 0 where none does. */
    public function pastRimCm(): float
    {
        return max(0.0, -$this->section->freeCm());
    }

    /** Where the picture of food that stands over the rim is cut off; null where it goes in. */
    private function tornAtCm(): ?float
    {
        return $this->pastRimCm() > 0 ? $this->section->pot->heightCm() - self::TORN_CM : null;
    }

    /** The torn edge; null where all of it goes in. */
    public function torn(): ?string
    {
        $at = $this->tornAtCm();
        if ($at === null) {
            return null;
        }
        $half = $this->px($this->section->halfWidthCm(min($at, $this->section->topCm())));
        $teeth = max(8, (int) round($half / 5));
        $path = sprintf('M%.1f,%.1f', $this->middle - $half, $this->y($at));
        for ($i = 1; $i <= $teeth; $i++) {
            $path .= sprintf('l%.1f,%.1f', 2 * $half / $teeth, $i % 2 === 1 ? -5.0 : 5.0);
        }

        return $path;
    }

    /** A low heap to one side of the top, of what is lifted off again; null where nothing is. */
    public function onTop(): ?string
    {
        $lies = array_filter(
            $this->plan->dish->build->extras,
            static fn (Extra $one): bool => $one->isSteamed && $one->split['layers'] > 0,
        );
        if ($lies === [] || $this->plan->dish->build->folded || $this->pastRimCm() > 0) {
            return null;
        }
        $path = '';
        $wide = 0.5 * $this->half();
        $from = $this->middle + 0.02 * $this->half();
        // Small rounds, two rows, on the food's own surface.
        foreach ([[0, 7], [1, 6]] as [$row, $count]) {
            for ($i = 0; $i < $count; $i++) {
                $x = $from + ($i + 0.5 * $row + 0.5) * $wide / 7;
                $y = $this->surface($x) - 3.4 - 5.2 * $row;
                $path .= sprintf('M%.1f,%.1fa3.2,3.2 0 1 0 6.4,0a3.2,3.2 0 1 0 -6.4,0', $x - 3.2, $y);
            }
        }

        return $path;
    }

    /** Drops along the surface and where they run in; null where nothing is poured over. */
    public function poured(): ?string
    {
        if ($this->plan->dish->build->underTheLid() === [] || $this->pastRimCm() > 0) {
            return null;
        }
        $path = '';
        $reach = $this->px(
            min(
                $this->section->plateauRadiusCm > 1 ? $this->section->plateauRadiusCm : 99.0,
                $this->section->pot->diameterCm / 2,
            )
        ) * 0.85;
        for ($i = 0; $i < 7; $i++) {
            $x = $this->middle + ($i / 3 - 1) * $reach;
            $y = $this->surface($x);
            $path .= sprintf('M%.1f,%.1fq-3,5 0,7q3,-2 0,-7v%.0f', $x, $y - 1, 14 + 5 * ($i % 3));
        }

        return $path;
    }

    /** Wavy rules of steam in the free space: none where there is no room for steam to turn. */
    public function steam(): string
    {
        $free = $this->px($this->section->freeCm());
        if ($this->section->isTooFull()) {
            return '';
        }

        $path = '';
        // A wave is as long as three and a half centimetres of pot, so that small pots hold small ones.
        $w = min(8.0, 0.66 * $this->pxPerCm);
        $wave = sprintf('q%.1f,-%.1f %.1f,0', $w / 2, $w * 0.6, $w).str_repeat(sprintf('t%.1f,0', $w), 4);
        foreach ([[-0.72, 0.34], [-0.12, 0.2], [0.38, 0.38], [-0.46, 0.62], [0.55, 0.66]] as [$x, $down]) {
            $path .= sprintf(
                'M%.1f,%.1f %s ', $this->middle + $x * $this->half(),
                self::TOP + 0.6 * $w + 8 + $down * max(0.0, $free - 22), $wave,
            );
        }

        return $path;
    }

    /** @return list<float> the x of each flame */
    public function flames(): array
    {
        $count = (int) max(4, round($this->section->pot->diameterCm / 2.8));

        return array_map(
            fn (int $i): float => round($this->middle + ($i - ($count - 1) / 2) * 1.55 * $this->half() / $count, 1),
            range(0, $count - 1),
        );
    }

    /**
     * Labels stand beside their layer, pushed apart from the base up where layers are thin.
     *
     * @return list<float>
     */
    private function labelYs(): array
    {
        $ys = [];
        $floor = $this->baseY + 12;
        $from = 0.0;
        foreach ($this->section->topsCm as $top) {
            $to = min($top, $this->tornAtCm() ?? INF);
            $y = round(min(($this->y($from) + $this->y($to)) / 2, $floor), 1);
            $ys[] = $y;
            $floor = $y - self::LABEL_GAP;
            $from = $to;
        }

        return $ys;
    }

    private function px(float $cm): float
    {
        return $cm * $this->pxPerCm;
    }

    /** A closed path round the food between two heights, following the mound's edge. */
    private function outline(float $fromCm, float $toCm): string
    {
        $heights = [$fromCm];
        foreach ([$this->section->shoulderCm, $this->section->shoulderCm + 0.001] as $step) {
            if ($step > $fromCm && $step < $toCm) {
                $heights[] = $step;
            }
        }
        $heights[] = $toCm;

        $right = [];
        foreach ($heights as $height) {
            $half = $this->px($this->section->halfWidthCm(min($height, $this->section->topCm())));
            // A slope that begins on the shoulder belongs to what lies above it.
            if (
                $height === $fromCm
                    && abs($fromCm - $this->section->shoulderCm) < 1e-6
                    && $this->section->topCm() > $fromCm + 0.01
            ) {
                $half = $this->px($this->section->footRadiusCm);
            }
            $right[] = [$half, $this->y($height)];
        }

        // Heaped rice has no sharp edge: corners between base and top are drawn round.
        $rounds = $toCm > $this->section->topCm() - 0.01 && $this->section->topCm() > $this->section->shoulderCm + 0.3;
        $path = [];
        foreach ([1, -1] as $side) {
            $points = $side === 1 ? $right : array_reverse($right);
            foreach ($points as $index => [$half, $y]) {
                $x = $this->middle + $side * $half;
                $isTop = $index === ($side === 1 ? count($points) - 1 : 0);
                $path[] = $rounds && $isTop
                    ? ($side === 1
                        ? sprintf('L%.1f,%.1f Q%.1f,%.1f %.1f,%.1f', $x + 9, $y + 6.3, $x, $y, $x - 14, $y)
                        : sprintf('L%.1f,%.1f Q%.1f,%.1f %.1f,%.1f', $x + 14, $y, $x, $y, $x - 9, $y + 6.3))
                    : sprintf('%s%.1f,%.1f', $path === [] ? 'M' : 'L', $x, $y);
            }
        }

        return implode(' ', $path).' Z';
    }
}

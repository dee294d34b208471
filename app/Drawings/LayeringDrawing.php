<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Pot\Section;

/** A pot in section as it is filled: its outline, and each layer to scale. */
final readonly class LayeringDrawing
{
    private const WIDE = 190.0;

    private const HIGHEST = 130.0;

    private const SIDE = 75.0;

    private const TOP = 6.0;

    private const STEPS = 12;

    /** Numbers stand so far apart at least. */
    private const APART = 11.0;

    private float $scale;

    public function __construct(private Section $section)
    {
        $this->scale = min(self::WIDE / $section->pot->diameterCm, self::HIGHEST / $section->pot->heightCm());
    }

    public function width(): float
    {
        return 2 * self::SIDE + self::WIDE;
    }

    public function height(): float
    {
        return self::TOP + $this->scale * $this->section->pot->heightCm() + 8;
    }

    /** The wall and the base, open above. */
    public function pot(): string
    {
        $half = $this->scale * $this->section->pot->diameterCm / 2 + 3;

        return sprintf(
            'M%1$.1f %2$.1fV%3$.1fq0 8 8 8H%4$.1fq8 0 8 -8V%2$.1f', $this->width() / 2 - $half, self::TOP,
            $this->y(0) - 4, $this->width() / 2 + $half - 8,
        );
    }

    /** The fat over the base. */
    public function base(): string
    {
        $half = $this->scale * $this->section->pot->diameterCm / 2 - 4;

        return sprintf('M%.1f %.1fH%.1f', $this->width() / 2 - $half, $this->y(0) - 1, $this->width() / 2 + $half);
    }

    /** By how much what is turned over is moved so that it stands on its plate. */
    public function turnedBy(): float
    {
        return $this->height() - 6 + $this->y(max([0.0, ...$this->section->topsCm]));
    }

    /** A layer as an area, its sides as far out as the food stands there. */
    public function layer(int $at): string
    {
        $from = $this->section->topsCm[$at - 1] ?? 0.0;
        $to = $this->section->topsCm[$at] ?? $from;
        $left = $right = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $cm = $from + ($to - $from) * $step / self::STEPS;
            $half = $this->scale * $this->section->halfWidthCm($cm);
            $left[] = sprintf('%.1f %.1f', $this->width() / 2 - $half, $this->y($cm));
            $right[] = sprintf('%.1f %.1f', $this->width() / 2 + $half, $this->y($cm));
        }

        return 'M'.implode('L', [...$left, ...array_reverse($right)]).'Z';
    }

    /** Where a layer's number stands: left of the pot, at its middle, thin ones one above the other. */
    public function middle(int $at): float
    {
        $last = INF;
        for ($layer = 0; $layer <= $at; $layer++) {
            $from = $this->section->topsCm[$layer - 1] ?? 0.0;
            $last = min($this->y(($from + ($this->section->topsCm[$layer] ?? $from)) / 2) + 4, $last - self::APART);
        }

        return $last;
    }

    public function left(): float
    {
        return $this->width() / 2 - $this->scale * $this->section->pot->diameterCm / 2 - 12;
    }

    private function y(float $cm): float
    {
        return self::TOP + $this->scale * ($this->section->pot->heightCm() - $cm);
    }
}

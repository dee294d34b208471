<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** A heat line that was found, and how it ends. */
final readonly class HeatPlan
{
    /**
     * @param  non-empty-list<HeatBlock>  $blocks
     * @param  list<Limit>  $limits
     */
    public function __construct(public array $blocks, public float $miss, public float $browning, public array $limits)
    {
    }

    public function minutes(): float
    {
        return array_sum(array_map(static fn (HeatBlock $block): float => $block->minutes, $this->blocks));
    }

    /** How near the crust is to being too dark: 0 well inside its colour, 1 at its far edge. */
    public function nearTooDark(): float
    {
        foreach ($this->limits as $limit) {
            if ($limit->name === Aim::CRUST && is_finite($limit->to) && $limit->value > 0) {
                return max(0.0, min(1.0, 1 - log($limit->to / $limit->value) / log(1.4)));
            }
        }

        return 0.0;
    }

    public function isMet(): bool
    {
        return $this->miss <= 1e-9;
    }

    public function words(): string
    {
        return implode(', ', array_map(static fn (HeatBlock $block): string => sprintf('%s min %s', round($block->minutes, 1), $block->words()), $this->blocks));
    }

    /**
     * As the dish keeps it.
     *
     * @return list<array{minutes: float, setting: float, plate: bool, until?: string, oven_c?: float}>
     */
    public function toArray(): array
    {
        return array_map(static fn (HeatBlock $block): array => ['minutes' => round($block->minutes, 1), 'setting' => round($block->setting, 3), 'plate' => $block->plate] + ($block->until === null ? [] : ['until' => $block->until]) + ($block->ovenC === null ? [] : ['oven_c' => $block->ovenC]), $this->blocks);
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** A stretch of one heat under the sealed pot. */
final readonly class HeatBlock
{
    public function __construct(
        public float $minutes,
        /** Share of the burner's full power, 0 … 1. */
        public float $setting,
        public bool $plate,
        /** What ends it, in words; null where the minutes do. */
        public ?string $until,
        /** Share it would take to give the heat the school asks for: over 1 the ring is too weak. */
        public float $wanted,
        /** The oven's air, °C, for a stretch in the oven. */
        public ?float $ovenC = null,
    ) {
    }

    public function isRest(): bool
    {
        return $this->setting <= 0.0 && $this->ovenC === null;
    }

    public function words(): string
    {
        return match (true) {
            $this->ovenC !== null => sprintf('%d °C in the oven', (int) round($this->ovenC)),
            $this->isRest() => 'rest',
            default => sprintf('%d %%%s', (int) round($this->setting * 100), $this->plate ? ' on the plate' : ''),
        };
    }
}

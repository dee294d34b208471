<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Plate;

/** What stands under the pot: a ring at a setting, with a plate or without, an oven, or nothing. */
final readonly class Flame
{
    private function __construct(
        /** The ring's id; empty where there is one only. */
        public string $ring,
        /** Share of the ring's full power, 0 … 1. */
        public float $setting,
        public ?Plate $plate,
        /** The oven's air, °C. */
        public ?float $ovenC,
        /** Whether the plate is hot when the pot comes on it. */
        public bool $isPlateHot = false,
        /** So hot, °C; null for as hot as one gets that waits for its pot. */
        private ?float $beginsC = null,
    ) {
    }

    public static function on(
        string $ring, float $setting, ?Plate $plate = null, bool $isPlateHot = false, ?float $beginsC = null,
    ): self {
        return new self($ring, $setting, $plate, null, $isPlateHot && $plate !== null, $beginsC);
    }

    /** Of the plate as the pot comes on it, °C. */
    public function plateBeginsC(): float
    {
        return $this->isPlateHot ? $this->beginsC ?? Fire::HOT_PLATE_C : Fire::AIR_C;
    }

    public static function off(): self
    {
        return new self('', 0.0, null, null);
    }

    public static function oven(float $celsius): self
    {
        return new self('', 0.0, null, $celsius);
    }

    public function isOff(): bool
    {
        return $this->setting <= 0.0 && $this->ovenC === null;
    }

    /** The same turned to another setting; an oven or a rest becomes a ring. */
    public function at(float $setting, string $ring): self
    {
        return new self(
            $this->ring === '' ? $ring : $this->ring, $setting, $this->plate, null, $this->isPlateHot, $this->beginsC,
        );
    }

    public function with(?Plate $plate): self
    {
        return new self(
            $this->ring, $this->setting, $plate, $this->ovenC, $this->isPlateHot && $plate !== null, $this->beginsC,
        );
    }
}

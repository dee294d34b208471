<?php

declare(strict_types=1);

namespace Orbek\Core\Pot;

use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;

/** One layer as it goes into the pot. */
final readonly class Layer
{
    public function __construct(
        public Matter $matter,
        public Note $label,
        public Mass $mass,
        /** Bulk density once steamed, kg per litre: what the finished layer takes up. */
        public float $kgPerLitre,
        /** Doneness of its rice when layered; null for other matter. */
        public ?float $doneness = null,
        public bool $saffron = false,
        /** By how much it grows under the lid: its weight steamed over its weight as layered. */
        public float $swells = 1.0,
        /** Bulk density as it is layered, where it differs from the steamed one. */
        private ?float $layeredKgPerLitre = null,
    ) {
    }

    public function litres(): float
    {
        return $this->swells * $this->mass->volume($this->kgPerLitre)->litres;
    }

    /** What it takes up as the lid is closed. */
    public function layeredLitres(): float
    {
        return $this->mass->volume($this->layeredKgPerLitre ?? $this->kgPerLitre)->litres;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What a layer is made of, kg. */
final readonly class Stuff
{
    public function __construct(
        public float $dryKg,
        public float $fatKg,
        /** Water in the grain, the piece or the slice. */
        public float $boundKg,
        /** Water that lies free between them. */
        public float $freeKg,
        /** What the layer takes up in the pot. */
        public float $litres,
    ) {
    }

    public function kg(): float
    {
        return $this->dryKg + $this->fatKg + $this->boundKg + $this->freeKg;
    }

    /** The same with more (or less) free water, taken from what is bound where there is none. */
    public function wetter(float $kg): self
    {
        $more = max(-$this->freeKg, min($kg, 0.8 * $this->boundKg));

        return new self($this->dryKg, $this->fatKg, $this->boundKg - $more, $this->freeKg + $more, $this->litres);
    }
}

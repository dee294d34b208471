<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;

/** What to do with the heat from now on, and in what share of what is believed all comes out right then. */
final readonly class Turn
{
    public function __construct(
        /** What is on stays on for so long. */
        public float $stayMin,
        public Flame $flame,
        /** From then till it is turned off. */
        public float $minutes,
        public float $share,
        /** The share as it was planned. */
        public float $asPlanned,
        /** Whether hardly anything comes right any more, and this comes least off. */
        public bool $isLeastOff = false,
    ) {
    }

    /** Whether it is worth a hand at the knob: as planned, and that about as likely right, it is not. */
    public function isWorthIt(): bool
    {
        return $this->isLeastOff || $this->share > $this->asPlanned;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;

/** What to do with the heat from now on, and in what share of what is believed all comes out right then. */
final readonly class Turn
{
    /** Steam that has not shown is waited for so long before all is asked anew. */
    public const WAITS_MIN = 2.5;

    private const SOON_MIN = 1.0;

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
        /** Hot water over the rice first, kg: while the lid is up. */
        public float $sprinkledKg = 0.0,
        /** Whether its minutes are up, and it stays on since no steam has shown. */
        public bool $isWaiting = false,
    ) {
    }

    /** Whether it is worth a hand at the knob: as planned, and that about as likely right, it is not. */
    public function isWorthIt(): bool
    {
        return $this->isLeastOff || $this->isWaiting || $this->share > $this->asPlanned;
    }

    /** The same where no steam has shown: rice that is to be steamed is not taken off before it has. */
    public function waiting(float $minutes = self::WAITS_MIN): self
    {
        return new self(0.0, $this->flame, $minutes, $this->share, $this->asPlanned, isWaiting: true);
    }

    /** Whether it is taken off now. */
    public function isOver(): bool
    {
        return $this->minutes < self::SOON_MIN;
    }
}

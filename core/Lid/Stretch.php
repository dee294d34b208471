<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** A stretch of one heat under the sealed pot. */
final readonly class Stretch
{
    /** A cue that does not come is waited for so many times its minutes. */
    public const WAITED_FOR = 2.5;

    public function __construct(
        /** How long it is; where a cue ends it, how long till the cue is thought to come. */
        public float $minutes,
        public Flame $flame,
        /** What ends it; null where the minutes do. */
        public ?Cue $till = null,
        /** Minutes past the cue. */
        public float $afterMin = 0.0,
    ) {
    }

    public static function rest(float $minutes): self
    {
        return new self($minutes, Flame::off());
    }

    public function isRest(): bool
    {
        return $this->flame->isOff();
    }

    /** All its minutes, the cue thought to come when it is. */
    public function length(): float
    {
        return $this->minutes + $this->afterMin;
    }

    /** The same as so many minutes without a cue: what it came to. */
    public function lasting(float $minutes): self
    {
        return new self($minutes, $this->flame);
    }

    public function over(Flame $flame): self
    {
        return new self($this->minutes, $flame, $this->till, $this->afterMin);
    }

    /** The same with more minutes past its cue, or without a cue more minutes. */
    public function longer(float $minutes): self
    {
        return $this->till === null
            ? new self(max(0.5, $this->minutes + $minutes), $this->flame)
            : new self($this->minutes, $this->flame, $this->till, max(0.0, $this->afterMin + $minutes));
    }
}

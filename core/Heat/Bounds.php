<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Stretch;
use Orbek\Core\Pot\BaseKind;

/** What a school asks of a heat line beside its end: grains lengthen and dry in the low heat, which is not computed. */
final readonly class Bounds
{
    /** So much of the least low heat is enough where the pot would go wrong with all of it: closed, it steams on. */
    private const STEERED = 0.6;

    public function __construct(
        public float $lowLeastMin,
        public float $restMin,
        /** Minutes of strong heat that the base wants, from and to; null where its colour alone decides. */
        public ?float $strongFromMin = null,
        public ?float $strongToMin = null,
    ) {
    }

    public function over(BaseKind $base): self
    {
        return new self($this->lowLeastMin, $this->restMin, $base->strongFromMin, $base->strongToMin);
    }

    public function lowAtLeast(float $minutes): self
    {
        return new self(
            max($minutes, $this->lowLeastMin), $this->restMin, $this->strongFromMin, $this->strongToMin,
        );
    }

    /** Minutes of low heat at least from where so many are over, for one who steers by what is seen. */
    public function leastSteered(float $spentMin): float
    {
        return max(0.0, self::STEERED * $this->lowLeastMin - $spentMin);
    }

    /**
     * Whether a line that was changed still has the low heat that is asked for, and the strong one if it had that.
     *
     * @param  non-empty-list<Stretch>  $was a strong heat or none, a low one, a rest or none
     * @param  non-empty-list<Stretch>  $is
     */
    public function hold(array $was, array $is): bool
    {
        [$strongMin, $lowMin] = self::strongAndLow($is);

        return $lowMin >= $this->lowLeastMin
            && ($this->wants($strongMin) || ! $this->wants(self::strongAndLow($was)[0]));
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @return array{float, float} min
     */
    private static function strongAndLow(array $line): array
    {
        $heats = array_values(array_filter($line, static fn (Stretch $stretch): bool => ! $stretch->isRest()));

        return [isset($heats[1]) ? $heats[0]->length() : 0.0, array_pop($heats)?->length() ?? 0.0];
    }

    public function wants(float $strongMin): bool
    {
        return $this->strongFromMin === null
            || ($strongMin >= $this->strongFromMin && $strongMin <= $this->strongToMin);
    }
}

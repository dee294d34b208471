<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** The salt in the house: a spoon of it weighs what its grain lets it. */
enum Salt: string
{
    case Fine = 'fine';
    case Coarse = 'coarse';
    case Flakes = 'flakes';

    /** Fine salt as it fills a spoon. */
    public const KG_PER_L = 1.2;

    public function gramsPerTeaspoon(): float
    {
        return match ($this) {
            self::Fine => 6.0,
            self::Coarse => 5.0,
            self::Flakes => 3.0,
        };
    }

    /** How many level teaspoons of this salt weigh as much. */
    public function teaspoons(Mass $salt): float
    {
        return $salt->inGrams() / $this->gramsPerTeaspoon();
    }

    /** @throws Refused */
    public function mass(float $teaspoons): Mass
    {
        return Mass::grams($teaspoons * $this->gramsPerTeaspoon());
    }
}

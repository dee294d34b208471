<?php

declare(strict_types=1);

namespace App\Drawings;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Chance with a seed: the same thing is always drawn the same. */
final readonly class Strewing
{
    private const STEPS = 1_000_000;

    private Randomizer $random;

    public function __construct(string $seed)
    {
        $this->random = new Randomizer(new Mt19937(crc32($seed)));
    }

    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->random->getInt(0, self::STEPS) / self::STEPS;
    }
}

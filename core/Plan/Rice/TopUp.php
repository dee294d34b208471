<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Water;
use Orbek\Core\Water\SaltKept;

/** What a batch carries off of the water that the next is boiled in, put back: water and salt, brought to the boil. */
final readonly class TopUp
{
    private function __construct(public Figure $water, public Figure $salt, public int $minutes)
    {
    }

    /**
     * @param  SaltKept  $kept of all batches together
     * @param  float  $netW what the ring gives the water near the boil
     * @param  float  $byC from the tap to the boil
     */
    public static function between(SaltKept $kept, int $batches, float $netW, float $byC): self
    {
        $litres = $kept->keptWaterL / $batches;
        $why = Note::of('boil-plan.a-batch-carries-off', batches: $batches, litres: $litres);

        return new self(
            Figure::of($litres, 'L', 2, $why), Figure::of($kept->boilG / $batches, 'g', 0, $why),
            max(1, (int) ceil(Water::J_PER_KG_K * $litres * $byC / $netW / 60)),
        );
    }
}

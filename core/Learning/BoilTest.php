<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Measure\Normal;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Measure\Water;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** Net power of a pot on a ring: known water, two temperatures, minutes, the lid on. */
final readonly class BoilTest
{
    /** How far thermometer and clock mislead, in ln heat. */
    private const NOISE = 0.04;

    private function __construct(public float $netW, private float $nominalW)
    {
    }

    /**
     * @param  float  $setting of the ring, 0 … 1
     *
     * @throws Refused when it cannot have been
     */
    public static function of(
        Pot $pot, Ring $ring, float $litres, float $fromC, float $toC, float $minutes, float $setting,
        float $roomC,
    ): self {
        Refused::unlessBetween('litres', $litres, 0.3, $pot->litres, 'L, as much as the pot holds');
        Refused::unlessBetween('from_c', $fromC, 1, 90, '°C');
        Refused::unlessBetween('to_c', $toC, $fromC + 10, 97, '°C, short of the boil and ten degrees over the first');
        Refused::unlessBetween('minutes', $minutes, 1, 60, 'min');
        Refused::unlessBetween('setting', $setting, 0.1, 1);
        $joules = (Water::J_PER_KG_K * $litres + $pot->baseJPerK()) * ($toC - $fromC);
        $lost = $pot->liddedLossWPerK() * (($fromC + $toC) / 2 - $roomC);

        return new self(($joules / (60 * $minutes) + $lost) / $setting, $ring->netW());
    }

    /**
     * What it says of the factor, on the grid of FactorBelief.
     *
     * @return list<float>
     */
    public function likelihood(): array
    {
        $seen = log($this->netW / $this->nominalW);

        return array_map(
            static fn (float $ln): float => 1e-6 + Normal::bell(($ln - max(-0.7, min(0.7, $seen))) / self::NOISE),
            FactorBelief::grid(),
        );
    }
}

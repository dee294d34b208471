<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

use Orbek\Core\Lid\Burner;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Pot;

/** Net power of a pot on a ring: known water, two temperatures, minutes, the lid on. */
final readonly class BoilTest
{
    private const WATER_J_PER_KG_K = 4186.0;

    /** A lidded pot on its way up loses so much for each degree over the room, W/K (wall and lid of section F). */
    private const LOSS_W_PER_K = 2.2;

    private const ROOM_C = 22.0;

    /** How far thermometer and clock mislead, in ln heat. */
    private const NOISE = 0.04;

    private function __construct(public float $netW, private float $nominalW)
    {
    }

    /**
     * @param  float  $setting of the ring, 0 … 1
     *
     * @throws OutOfRange when it cannot have been
     */
    public static function of(Pot $pot, Burner $burner, float $litres, float $fromC, float $toC, float $minutes, float $setting): self
    {
        OutOfRange::unlessBetween('litres', $litres, 0.3, $pot->litres, 'L, as much as the pot holds');
        OutOfRange::unlessBetween('from_c', $fromC, 1, 90, '°C');
        OutOfRange::unlessBetween('to_c', $toC, $fromC + 10, 97, '°C, short of the boil and ten degrees over the first');
        OutOfRange::unlessBetween('minutes', $minutes, 1, 60, 'min');
        OutOfRange::unlessBetween('setting', $setting, 0.1, 1);
        $joules = (self::WATER_J_PER_KG_K * $litres + $pot->baseJPerK()) * ($toC - $fromC);
        $lost = self::LOSS_W_PER_K * (($fromC + $toC) / 2 - self::ROOM_C);

        return new self(($joules / (60 * $minutes) + $lost) / $setting, $burner->netW());
    }

    /**
     * What it says of the factor, on the grid of FactorBelief.
     *
     * @return list<float>
     */
    public function likelihood(): array
    {
        $seen = log($this->netW / $this->nominalW);

        return array_map(static fn (float $ln): float => 1e-6 + Normal::bell(($ln - max(-0.5, min(0.5, $seen))) / self::NOISE), FactorBelief::grid());
    }
}

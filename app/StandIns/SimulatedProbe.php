<?php

declare(strict_types=1);

namespace App\StandIns;

use App\Models\Cook;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Pot\Matter;

/**
 * A probe fed by the simulation, of a stove that is not quite as the forecast has it, with an offset
 * and a tremor of its own: both follow from the cook, so that a page loaded again reads the same.
 */
final class SimulatedProbe implements Probe
{
    private const HEAT_OFF = 0.08;

    private const OFFSET_C = 1.2;

    private const TREMOR_C = 0.4;

    public function readings(Cook $cook, UnderTheLid $lid): array
    {
        $chance = static fn (string $what): float => crc32($cook->id.$what) / 0xFFFFFFFF * 2 - 1;
        $truth = Course::of(
            $lid->pot()->heated(1 + self::HEAT_OFF * $chance('heat')),
            $lid->course->heat,
            lifted: $lid->lifted,
        );
        $readings = [];
        foreach ($truth->moments as $moment) {
            if ($moment->minute <= $lid->nowMin + 0.01) {
                $readings[] = [
                    $moment->minute,
                    round(
                        self::inTheFilling($moment) + self::OFFSET_C * $chance('offset') + self::TREMOR_C * $chance(
                            (string) round($moment->minute),
                        ),
                        1,
                    ),
                ];
            }
        }

        return $readings;
    }

    /** Where a cook would put it: in the filling, or in the top of the rice where there is none. */
    public static function inTheFilling(Moment $moment): float
    {
        foreach ($moment->layers as $layer) {
            if ($layer->matter === Matter::Filling) {
                return $layer->coreC;
            }
        }

        return $moment->topC;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Learning\WaterBoiled;
use Orbek\Core\Plan\Work\WorkKind;

/** What the day's boil says of the ring that it stood on. */
final class BoilSays
{
    /** A boil that was over so soon was no boil from cold, min. */
    private const SOONEST_MIN = 1.0;

    /**
     * @return array{pot: string, burner: string, likelihood: list<float>}|null on the grid of FactorBelief; null where
     *     nothing was timed
     */
    public static function of(Cook $cook): ?array
    {
        $boil = $cook->plan()->boil();
        if ($boil === null) {
            return null;
        }
        $said = [];
        $water = $cook->state->of(WorkKind::HeatWater);
        $minutes = $water->startedAt === null || $water->doneAt === null
            ? 0.0 : TurnedHeat::minutes($water->startedAt, $water->doneAt);
        if ($minutes >= self::SOONEST_MIN && ! in_array(WorkKind::HeatWater->id(), $cook->state->fromKettle, true)) {
            $said[] = WaterBoiled::fromCold($boil->boilsAfterMin(...), $minutes);
        }
        if ($cook->state->backAtBoilS !== null) {
            $said[] = WaterBoiled::back($boil->boilsBackAfterMin(...), $cook->state->backAtBoilS / 60);
        }

        return $said === [] ? null : [
            'pot' => $boil->pot->id, 'burner' => $boil->ring->id,
            'likelihood' => array_map(static fn (float ...$likely): float => (float) array_product($likely), ...$said),
        ];
    }
}

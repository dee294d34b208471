<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Stage;

/** What to do with rice that has gone past its target in the boil, computed from where it is. */
final class LiftAdvice
{
    /** Past the target by this much doneness it eats differently. */
    private const TOO_FAR = 0.06;

    /** Under the lid a grain cooks on at this share of its speed in the boil (docs/model.md, section F). */
    private const UNDER_LID = 0.6;

    /**
     * @param  float  $seconds since the rice went in
     * @return list<string> sentences, none while there is nothing to mend
     */
    public static function at(Plan $plan, BoilForecast $forecast, float $seconds): array
    {
        $inPot = $forecast->donenessInPot($seconds);
        if ($inPot <= $forecast->target + self::TOO_FAR) {
            return [];
        }

        $says = [sprintf('Lift now: likely %d %% when it is in the pot, not %d %%; a grain then %s.', (int) round(100 * $inPot), (int) round(100 * $forecast->target), Stage::at($inPot)->words())];
        $best = $inPot;
        if ($plan->dish->water->draining !== Draining::Rinse) {
            $best = $forecast->donenessInPot($seconds, 0.0);
            $says[] = sprintf('Rinse it cold at once and it stays at %d %%.', (int) round(100 * $best));
        }

        $boilC = $forecast->boil->boilC;
        $fewerMin = $forecast->boil->front->tauS * $forecast->today->likely() / 60 / self::UNDER_LID / CookingFront::speed($boilC)
            * (CookingFront::coreRadius($forecast->target) - CookingFront::coreRadius($best));
        $waterG = 1000 * $plan->dish->table->rawRice()->kg * ($forecast->uptake->at($best) - $forecast->uptake->at($forecast->target));
        $says[] = sprintf('It needs about %d min less under the lid, and holds %d g more water: leave that much liquid out of the filling.', (int) round($fewerMin), (int) round($waterG));

        return $says;
    }
}

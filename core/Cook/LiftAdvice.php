<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Stage;

/** What to do with rice that has gone past its target in the boil, computed from where it is. */
final class LiftAdvice
{
    /** Past the target by this much doneness it eats differently. */
    private const TOO_FAR = 0.06;

    /**
     * @param  float  $seconds since the rice went in
     * @return list<Note> sentences, none while there is nothing to mend
     */
    public static function at(Plan $plan, BoilForecast $forecast, float $seconds): array
    {
        $inPot = $forecast->donenessInPot($seconds);
        $wanted = $forecast->donenessInPot($forecast->liftAt());
        // As the fingers feel it: in the pot late rice is only a little further.
        if ($forecast->donenessAfter($seconds) <= $forecast->target + self::TOO_FAR) {
            return [];
        }

        $says = [
            Note::of(
                'lift-advice.lift-now', inPot: (int) round(100 * $inPot),
                target: (int) round(100 * $wanted), feels: Note::label(Stage::at($inPot), 'words'),
            ),
        ];
        $best = $inPot;
        if ($plan->dish->grain->water->draining !== Draining::Rinse) {
            $best = $forecast->donenessInPot($seconds, 0.0);
            $says[] = Note::of('lift-advice.rinse-cold', best: (int) round(100 * $best));
        }

        if ($best <= $wanted) {
            return $says;
        }
        $boilC = $forecast->boil->boilC;
        $fewerMin = $forecast->boil->front->tauS
            * $forecast->today->likely() / 60 / Steaming::UNDER_LID / CookingFront::speed($boilC)
            * (CookingFront::coreRadius($wanted) - CookingFront::coreRadius($best));
        $waterG = 1000 * $plan->dish->table->rawRice()->kg * (
            $forecast->uptake->at($best) - $forecast->uptake->at($wanted)
        );
        $says[] = Note::of(
            'lift-advice.less-under-the-lid',
            fewerMin: (int) round($fewerMin),
            waterG: (int) round($waterG),
        );

        return $says;
    }
}

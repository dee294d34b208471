<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Rice\CookingFront;

/** Likeliest causes of a fault in the notebook, by cooking it again with one thing other than it was thought. */
final class Causes
{
    private const STEP_S = 5.0;

    /** Better by so much than the cook as it was thought to be, or it explains nothing. */
    private const EXPLAINS = 0.15;

    private const SHOWN = 3;

    /**
     * @return list<array{cause: string, so: string}> likeliest first; none where nothing was off
     */
    public static function of(Cook $cook): array
    {
        $outcome = $cook->outcome;
        $asItWas = UnderTheLid::heatOf($cook);
        if ($outcome === null || $asItWas === null || ($outcome->rice === RiceOutcome::Right && $outcome->filling === FillingOutcome::Right && $outcome->crust === $cook->plan->dish->base->crust)) {
            return [];
        }

        $base = self::misses($asItWas, $outcome);
        $found = [];
        foreach (self::otherwise($asItWas->pot, $asItWas->heat) as [$cause, $pot, $heat]) {
            $course = Course::of($pot, $heat, self::STEP_S, 1e6);
            $better = $base - self::misses($course, $outcome);
            if ($better >= self::EXPLAINS) {
                $found[] = ['better' => $better, 'cause' => $cause, 'so' => self::told($course)];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['better'] <=> $a['better']);

        return array_map(static fn (array $one): array => ['cause' => $one['cause'], 'so' => $one['so']], array_slice($found, 0, self::SHOWN));
    }

    /**
     * @param  non-empty-list<HeatBlock>  $heat
     * @return list<array{string, SealedPot, non-empty-list<HeatBlock>}>
     */
    private static function otherwise(SealedPot $pot, array $heat): array
    {
        $mass = static fn (SealedLayer $layer): float => $layer->dryKg + $layer->fatKg + $layer->boundKg + $layer->freeKg;
        $wet = static fn (float $share): array => array_map(static fn (SealedLayer $layer): SealedLayer => $layer->matter === Matter::Filling ? $layer->wetter($share * $mass($layer)) : $layer, $pot->layers);
        $rice = static fn (float $more): array => array_map(static fn (SealedLayer $layer): SealedLayer => $layer->matter === Matter::Rice ? $layer->cooked(max(0.0, min(1.0, 1 - $layer->coreRadius ** 2 + $more))) : $layer, $pot->layers);
        $first = static fn (float $more): array => [new HeatBlock(max(1.0, $heat[0]->minutes + $more), $heat[0]->setting, $heat[0]->plate, null, $heat[0]->setting, $heat[0]->ovenC), ...array_slice($heat, 1)];

        return [
            ['the ring gave more heat than reckoned', $pot->with(netW: 1.25 * $pot->netW), $heat],
            ['the ring gave less heat than reckoned', $pot->with(netW: 0.78 * $pot->netW), $heat],
            ['the filling was wetter than planned', $pot->with(layers: $wet(0.22)), $heat],
            ['the filling was drier than planned', $pot->with(layers: $wet(-0.12)), $heat],
            ['the rice went in less done than planned', $pot->with(layers: $rice(-0.2)), $heat],
            ['the rice went in further done than planned', $pot->with(layers: $rice(0.15)), $heat],
            ['the first heat ran on for some minutes', $pot, $first(4.0)],
            ['the first heat was cut short', $pot, $first(-4.0)],
            ['the lid leaked', $pot->with(seal: Seal::LooseLid), $heat],
        ];
    }

    /** How far a course is from how it came out. */
    private static function misses(Course $course, Outcome $outcome): float
    {
        $end = $course->end();
        $ln = log(max(1e-3, $end->browning));
        $from = $outcome->crust === CrustColour::Pale ? -INF : log($outcome->crust->begins());
        $miss = 0.8 * abs($ln - max($from, min($ln, log($outcome->crust->ends()))));

        $uptake = $raw = 0.0;
        $done = 1.0;
        foreach ($end->layers as $index => $state) {
            if ($state->matter === Matter::Rice) {
                $uptake += $course->pot->layers[$index]->rawKg * $state->uptake;
                $raw += $course->pot->layers[$index]->rawKg;
                // A front that starts further in goes further: told apart past done as well.
                $done = min($done, 1 - CookingFront::coreRadius($state->doneness));
            }
        }
        $uptake = $raw > 0 ? $uptake / $raw : 2.4;
        $wanted = match ($outcome->rice) {
            RiceOutcome::Hard => 2.05,
            RiceOutcome::Firm => 2.22,
            RiceOutcome::Right => 2.45,
            RiceOutcome::Soft => 2.68,
            RiceOutcome::Wet => 2.95,
        };
        $miss += 3.0 * abs($uptake - $wanted) + ($outcome->rice === RiceOutcome::Hard ? 2.0 * $done : 0.0);

        foreach ($end->layers as $state) {
            if ($state->matter === Matter::Filling) {
                $miss += match ($outcome->filling) {
                    FillingOutcome::Tough => 1.0 * max(0.0, $state->tenderness - 0.9),
                    FillingOutcome::Soft => 0.5 * max(0.0, 2.5 - $state->tenderness),
                    FillingOutcome::Dry => 6.0 * $state->freeShare,
                    FillingOutcome::Wet => 6.0 * max(0.0, 0.2 - $state->freeShare),
                    FillingOutcome::Right => 0.0,
                };
            }
        }

        return $miss;
    }

    private static function told(Course $course): string
    {
        $rice = $course->riceLayers();
        $uptake = array_sum(array_map(static fn ($state): float => $state->uptake, $rice)) / max(1, count($rice));

        return sprintf('cooked again so, the crust comes out %s and the rice %s', $course->colour()->label(), Texture::of($uptake, 0.0, $rice === [] ? 1.0 : min(array_map(static fn ($state): float => $state->doneness, $rice)))->label());
    }
}

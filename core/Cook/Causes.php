<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Rice\CookingFront;

/** Likeliest causes of a fault in the notebook, by cooking it again with one thing other than it was thought. */
final class Causes
{
    private const STEP_S = 5.0;

    /** Better by so much than the cook as it was thought to be, or it explains nothing. */
    private const EXPLAINS = 0.15;

    /** A first heat so much longer or shorter than planned is told, min. */
    private const TOLD_MIN = 1.0;

    private const SHOWN = 3;

    /**
     * @return list<array{cause: Note, so: Note, otherwise: Otherwise}> likeliest first; none where nothing was off
     */
    public static function of(Cook $cook): array
    {
        $outcome = $cook->state->outcome;
        $asItWas = UnderTheLid::heatOf($cook);
        if (
            $outcome === null
                || $asItWas === null
                || (
                    $outcome->rice === RiceOutcome::Right
                        && $outcome->filling === FillingOutcome::Right
                        && ($outcome->crust === null
                            || $outcome->crust === $cook->plan()->dish->build->base->crust)
                )
        ) {
            return [];
        }

        $base = self::misses($asItWas, $outcome);
        $loose = $cook->plan()->dish->craft->seals->get(Seal::LOOSE_LID, 'lid/seal');
        $found = self::asTurned($cook, $asItWas, $loose);
        foreach (Otherwise::all($loose) as $otherwise) {
            $course = Course::of(
                $otherwise->pot($asItWas->pot), $otherwise->heat($asItWas->heat), self::STEP_S, 1e6,
            );
            $better = $base - self::misses($course, $outcome);
            // Of one cause in several strengths the one that explains most.
            $before = $found[$otherwise->cause->key] ?? null;
            if (! ($before['isKnown'] ?? false) && $better >= max(self::EXPLAINS, $before['better'] ?? 0.0)) {
                $found[$otherwise->cause->key] = [
                    'better' => $better, 'otherwise' => $otherwise, 'so' => self::told($course), 'isKnown' => false,
                ];
            }
        }
        // What is known to have been so comes before what may have been.
        usort($found, static fn (array $a, array $b): int => [
            $b['isKnown'], $b['better'],
        ] <=> [$a['isKnown'], $a['better']]);

        return array_map(
            static fn (array $one): array => [
                'cause' => $one['otherwise']->cause, 'so' => $one['so'], 'otherwise' => $one['otherwise'],
            ],
            array_slice($found, 0, self::SHOWN),
        );
    }

    /**
     * The first heat as it really was turned, where that explains what the planned one does not.
     *
     * @return array<string, array{better: float, otherwise: Otherwise, so: Note, isKnown: bool}>
     */
    private static function asTurned(Cook $cook, Course $asItWas, Seal $loose): array
    {
        $planned = $cook->plan()->potted->first()->heat();
        $byMin = $asItWas->heat[0]->minutes - $planned[0]->minutes;
        $outcome = $cook->state->outcome;
        if ($outcome === null || abs($byMin) < self::TOLD_MIN) {
            return [];
        }
        $otherwise = Otherwise::firstHeat($byMin, $loose);
        $wanted = $cook->plan()->dish->build->base->crust;
        // Of what was off only: what came right is no sign of it.
        $off = static fn (Course $course): float => (
            $outcome->crust === $wanted ? 0.0 : self::missesCrust($course, $outcome)
        ) + ($outcome->rice === RiceOutcome::Right ? 0.0 : self::missesRice($course, $outcome))
            + ($outcome->filling === FillingOutcome::Right ? 0.0 : self::missesFilling($course, $outcome));
        $better = $off(Course::of($asItWas->pot, $planned, self::STEP_S, 1e6)) - $off($asItWas);

        return $better < self::EXPLAINS ? [] : [$otherwise->cause->key => [
            'better' => $better, 'otherwise' => $otherwise, 'so' => self::told($asItWas), 'isKnown' => true,
        ]];
    }

    /** How far a course is from how it came out. */
    private static function misses(Course $course, Outcome $outcome): float
    {
        return self::missesCrust($course, $outcome) + self::missesRice($course, $outcome)
            + self::missesFilling($course, $outcome);
    }

    private static function missesCrust(Course $course, Outcome $outcome): float
    {
        if ($outcome->crust === null) {
            return 0.0;
        }
        $ln = log(max(1e-3, $course->end()->browning));
        $from = $outcome->crust === CrustColour::Pale ? -INF : log($outcome->crust->begins());

        return 1.5 * abs($ln - max($from, min($ln, log($outcome->crust->ends()))));
    }

    private static function missesRice(Course $course, Outcome $outcome): float
    {
        $uptake = $raw = 0.0;
        $done = 1.0;
        foreach ($course->end()->layers as $index => $state) {
            $layer = $course->pot->layers[$index];
            if ($layer instanceof SealedRice) {
                $uptake += $layer->rawKg * $state->uptake;
                $raw += $layer->rawKg;
                // A front that starts further in goes further: told apart past done as well.
                $done = min($done, 1 - CookingFront::coreRadius($state->doneness));
            }
        }
        $wanted = match ($outcome->rice) {
            RiceOutcome::Hard => 2.05,
            RiceOutcome::Firm => 2.22,
            RiceOutcome::Right => 2.45,
            RiceOutcome::Soft => 2.68,
            RiceOutcome::Wet => 2.95,
        };

        return 3.0 * abs(($raw > 0 ? $uptake / $raw : 2.4) - $wanted)
            + ($outcome->rice === RiceOutcome::Hard ? 2.0 * $done : 0.0);
    }

    private static function missesFilling(Course $course, Outcome $outcome): float
    {
        $miss = 0.0;
        foreach ($course->end()->layers as $state) {
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

    private static function told(Course $course): Note
    {
        $rice = $course->riceLayers();
        $uptake = array_sum(array_map(static fn ($state): float => $state->uptake, $rice)) / max(1, count($rice));

        return Note::of(
            'causes.comes-out-so',
            colour: $course->colour(),
            uptake: Texture::of(
                $uptake,
                0.0,
                $rice === [] ? 1.0 : min(array_map(static fn ($state): float => $state->doneness, $rice)),
            ),
        );
    }
}

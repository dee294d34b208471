<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Dish\Tasting;
use Orbek\Core\Learning\FromTheNote;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\SealedFilling;

/** What the note of a cook, and what was tasted in it, teach of those who eat: how salt, and how long till tender. */
final class NoteTeaches
{
    /**
     * @return list<array{of: string, likelihood: list<float>}> of what, as Knowledge names it, on the grid of
     *     FactorBelief
     */
    public static function of(Cook $cook): array
    {
        $outcome = $cook->state->outcome;

        return $outcome === null ? [] : [...self::salt($cook, $outcome), ...self::tender($cook)];
    }

    /** @return list<array{of: string, likelihood: list<float>}> */
    private static function salt(Cook $cook, Outcome $outcome): array
    {
        $percent = $cook->plan()->salting->share();
        $calls = [];
        foreach ($cook->state->tastings as [$what, $said]) {
            $call = $said->saltCall();
            // What is salted to be rinsed or drained off is not what is eaten.
            if ($call !== null && $what !== Tasting::RiceWater) {
                $calls[] = FromTheNote::salt($percent, $call, true);
            }
        }
        $call = $outcome->salt?->saltCall();
        if ($call !== null) {
            $calls[] = FromTheNote::salt($percent, $call);
        }

        return array_map(
            static fn (array $likelihood): array => ['of' => Knowledge::SALT, 'likelihood' => $likelihood], $calls,
        );
    }

    /** @return list<array{of: string, likelihood: list<float>}> */
    private static function tender(Cook $cook): array
    {
        $call = match ($cook->state->outcome?->filling) {
            FillingOutcome::Tough => -1,
            FillingOutcome::Right => 0,
            FillingOutcome::Soft => 1,
            default => null,
        };
        $main = $cook->plan()->dish->fillings->inPot()->main();
        $had = self::tenderness($cook);
        if ($call === null || $main === null || $had === null || $main->hasBite) {
            return [];
        }
        $kind = $main->toughest();
        $thought = $cook->plan()->tenderFactor($kind->id);
        $had += self::longer($cook, $kind->tenderMin * $thought);

        return [[
            'of' => Knowledge::TENDER.$kind->id,
            'likelihood' => FromTheNote::tender($thought * $had, $call, $kind->staysWhole),
        ]];
    }

    /** Of its least tender filling when it was opened, as it was thought; null where nothing tenders. */
    private static function tenderness(Cook $cook): ?float
    {
        $course = UnderTheLid::heatOf($cook);
        $least = null;
        foreach ($course?->end()->layers ?? [] as $index => $state) {
            $layer = $course?->pot->layers[$index];
            if ($layer instanceof SealedFilling && $layer->pieces->tenderS > 0) {
                $least = min($least ?? INF, $state->tenderness);
            }
        }

        return $least;
    }

    /** By how much further it was when it was layered, for the minutes that it was cooked beyond its plan. */
    private static function longer(Cook $cook, float $tenderMin): float
    {
        $minutes = 0.0;
        foreach ($cook->plan()->day->tasks as $id => $work) {
            $progress = $cook->state->progress[$id] ?? null;
            if (($work->endsBy->isTender ?? false) && $progress?->startedAt !== null && $progress->doneAt !== null) {
                $took = ($progress->doneAt->getTimestamp() - $progress->startedAt->getTimestamp()) / 60;
                $minutes += $took - $work->task->minutes;
            }
        }

        return $minutes / max(1.0, $tenderMin);
    }
}

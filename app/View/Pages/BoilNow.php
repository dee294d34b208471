<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Photograph;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\Stations\Boil;

/** Rice in the boil: what is known of it now. */
final readonly class BoilNow
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{fold: Cook, task: string} $given */
        $given = $view->getData();
        $fold = $given['fold'];
        [$boil, $forecast] = [$fold->plan()->boil(), $fold->forecast()];
        $view->with([
            'later' => $this->later($fold, $given['task']),
            'hand' => Note::of('boil.by-hand', isEarly: $boil?->isLiftedBeforeItBoils() ?? false),
            'glass' => self::glass($fold), 'boil' => $boil, 'forecast' => $forecast, 'lift' => $fold->lift(),
            'seen' => $fold->state->observations !== [] || $forecast?->boil !== $boil?->forecast->boil,
        ]);
    }

    /** The last photograph of grains under glass that tells of this boil. */
    private static function glass(Cook $fold): ?Photograph
    {
        $pictures = array_filter(array_map(
            static fn (Observation $one): ?string => $one->picture, $fold->state->observations,
        ));

        return $pictures === [] ? null : Photograph::query()->find(end($pictures), Photograph::KNOWN);
    }

    /**
     * When each thing goes in after the rice.
     *
     * @return array<string, array{at: int, clock: string}> by name: seconds since 1970, minutes of the boil
     */
    private function later(Cook $fold, string $task): array
    {
        $forecast = $fold->forecast();
        $began = ($fold->state->progress[$task] ?? null)?->startedAt;
        $later = [];
        if ($forecast === null || $began === null) {
            return [];
        }
        foreach (Boil::later($fold->plan()->dish, $forecast->liftAt() / 60) as [$one, $minutes]) {
            $later[$one->name] = [
                'at' => $began->getTimestamp() + (int) round(60 * $minutes),
                'clock' => $this->say->clock(60 * $minutes),
            ];
        }

        return $later;
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Drawings\HeatDrawing;
use App\Wording\Wording;
use Illuminate\Contracts\Cache\Factory;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\View\View;
use Orbek\Core\Cook\LidSteer;
use Orbek\Core\Heat\LineTillLow;
use Orbek\Core\Heat\SteeredKitchens;
use Orbek\Core\Heat\Turn;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Sense;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;

/** A closed pot for a page that goes on without its server. */
final readonly class LidAlone
{
    /** As wide as a phone's page, px. */
    private const WIDE = 350;

    private const KEPT_S = 30 * 86400;

    private Repository $cache;

    public function __construct(private Wording $say, Factory $caches)
    {
        $this->cache = $caches->store('drawn');
    }

    public function compose(View $view): void
    {
        /** @var array{sealed: Plan} $given */
        $given = $view->getData();
        $load = $given['sealed']->potted->first();
        $craft = $given['sealed']->dish->craft;
        $view->with([
            'drawing' => new HeatDrawing(
                $given['sealed']->course(), $load->heat(), $this->say, $given['sealed']->kitchen,
                $load->place->ring->id, self::WIDE,
            ),
            'cues' => array_filter(
                $craft->cues->all, static fn (Cue $cue): bool => $cue->isOffered && $cue->says !== null
                    && $cue->sense !== Sense::Look,
            ), 'edges' => $craft->told(Sense::Look),
            'wide' => self::WIDE, 'steers' => $this->bySteam($given['sealed']),
        ]);
    }

    /**
     * What to do by the minute of steam, each half minute; of a look when, and what to do by the colour seen.
     *
     * @return list<array{
     *     minute: float, says: string, look?: array{after: float, asks: string, says: array<string, string>}
     * }>
     */
    private function bySteam(Plan $plan): array
    {
        $what = $plan->steerable();
        if ($what === null) {
            return [];
        }
        $line = LineTillLow::of($what->line);

        return $this->cache->remember(
            "steered-{$this->say->locale}-".hash('xxh128', serialize($what)), self::KEPT_S,
            fn (): array => array_map(fn (array $one): array => [
                'minute' => $one['minute'],
                'says' => $this->say->text(LidSteer::told($plan, $one['turn'], $line?->on, false)),
            ] + ($one['look'] === null ? [] : ['look' => [
                'after' => $one['look'][0],
                'asks' => $this->say->text(Note::of('lid-steer.look-then', minutes: (int) round($one['look'][0]))),
                'says' => array_map(
                    fn (Turn $turn): string => $this->say->text(
                        LidSteer::told($plan, $turn, null, $turn->flame === $one['turn']->flame),
                    ),
                    $one['look'][1],
                ),
            ]]), SteeredKitchens::bySteam($what)),
        );
    }
}

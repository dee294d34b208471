<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Pot\PotLoad;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Ring;

/** The heat under each closed pot, stretch by stretch. */
final class Heat
{
    private function __construct(private readonly Bench $bench)
    {
    }

    /** @return list<After> what the opening comes after */
    public static function put(Bench $bench): array
    {
        $heat = new self($bench);
        $after = [];
        $loads = $bench->potted->loads;
        $minutes = array_map(static fn (PotLoad $load): int => (int) ceil(HeatLine::minutes($load->heat())), $loads);
        foreach ($loads as $index => $load) {
            $kind = $index === 0 ? WorkKind::Heat : WorkKind::Second;
            $last = WorkKind::Layer->id();
            foreach (array_keys($load->line()) as $stretch) {
                $last = $heat->stretch($load, $stretch, $kind, $last);
            }
            // The pot that is done sooner rests till the other is.
            $after[] = After::within($last, max($minutes) - $minutes[$index] + $bench->waits($kind));
        }

        return $after;
    }

    /** @return string the task of one stretch of heat */
    private function stretch(PotLoad $load, int $at, WorkKind $kind, string $before): string
    {
        $stretch = $load->line()[$at];
        $ring = $stretch->flame->ring === '' ? $load->place->ring->id : $stretch->flame->ring;
        $pot = Hold::pot($load->place->pot->id);

        return $this->bench->put(
            $this->bench->of($kind, $this->heatName($load, $at, $kind), $at)
                ->lasting(max(1, (int) round($load->heat()[$at]->minutes)))
                ->wanting(match (true) {
                    $stretch->isRest() => Attention::None,
                    $stretch->till !== null => Attention::AtEnd,
                    default => $this->bench->times->hands($kind->value),
                })
                ->holding(...match (true) {
                    $stretch->flame->ovenC !== null => [Hold::oven(), $pot],
                    $stretch->isRest(), $ring === Ring::COOKER => [$pot],
                    default => [Hold::ring($ring), $pot],
                })
                // Its cue may come in the minute in which the first pot is turned down: then it goes on later.
                ->after(
                    $at === 0 && $kind === WorkKind::Second
                        ? After::within($before, $this->bench->times->minutes($kind->value, 'from-the-closing'))
                        : After::atOnce($before),
                    ...$at === 0 || $kind === WorkKind::Second ? [] : self::hotPlate($this->bench, $at),
                )
                ->saying($stretch->till === null
                    ? $this->clothLater($at) : $this->tillWords($load, $at, $stretch->till))
                ->done($this->heatFinish($load, $at)),
        );
    }

    private function heatName(PotLoad $load, int $at, WorkKind $kind): Note
    {
        $stretch = $load->line()[$at];
        $heat = $this->bench->kitchen->says($stretch->flame, $load->place->ring->id);

        return match (true) {
            $kind === WorkKind::Second => Note::of('work-order.second-pot', pot: $load->place->pot->name, heat: $heat),
            $stretch->isRest() => Note::of('work-order.rest'),
            $stretch->flame->ovenC !== null, $stretch->flame->ring === Ring::COOKER => Note::of(
                'work-order.into-the-oven', heat: $heat,
            ),
            default => Note::of('work-order.on-the-heat', isFirst: $at === 0 && count($load->line()) > 2, heat: $heat),
        };
    }

    /**
     * A plate that is to be hot when the pot comes on it gets so on its ring before.
     *
     * @return list<After> what the stretch, or the closing before the first, comes after
     */
    public static function hotPlate(Bench $bench, int $at): array
    {
        $load = $bench->potted->first();
        $flame = ($load->line()[$at] ?? null)?->flame;
        if ($flame === null || ! $flame->isPlateHot || $flame->plate === null) {
            return [];
        }
        $ring = $flame->ring === '' ? $load->place->ring->id : $flame->ring;
        $hot = $bench->put(
            $bench->of(WorkKind::HotPlate, Note::of('work-order.heat-the-plate', plate: $flame->plate->name), $at)
                ->holding(Hold::ring($ring))->saying(Note::of('work-order.till-a-drop-dances')),
        );

        return [After::within($hot, $bench->waits(WorkKind::HotPlate))];
    }

    /** A cloth that waits for steam, where no cue of the first heat says so. */
    private function clothLater(int $at): ?Note
    {
        return $at === 0 && $this->bench->dish->lid->seal->isLater ? Note::of('work-order.cloth-at-steam') : null;
    }

    /** What ends a stretch, and when it may come. */
    private function tillWords(PotLoad $load, int $at, Cue $till): Note
    {
        $window = $load->heating?->window($at);

        return Note::of(
            'work-order.till', till: $till->as ?? '', after: round($load->line()[$at]->afterMin, 1),
            isKnown: $window !== null, from: (int) floor($window[0] ?? 0), to: (int) ceil($window[1] ?? 0),
            isCloth: $this->clothLater($at) !== null,
        );
    }

    private function heatFinish(PotLoad $load, int $at): Note
    {
        $stretch = $load->line()[$at];
        $next = $load->line()[$at + 1] ?? null;

        return match (true) {
            $stretch->till !== null && $stretch->afterMin <= 0 => Note::name($stretch->till->seen ?? ''),
            $next === null => Note::of('work-order.done'),
            $next->isRest() => Note::of('work-order.resting'),
            default => Note::of(
                'work-order.turned-to', heat: $this->bench->kitchen->says($next->flame, $load->place->ring->id),
            ),
        };
    }
}

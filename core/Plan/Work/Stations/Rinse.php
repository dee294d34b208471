<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\WorkKind;

/** Rice rinsed, and soaked where it is. */
final class Rinse
{
    /** @return list<After> what the rice's water comes after */
    public static function put(Bench $bench): array
    {
        $rice = $bench->dish->grain->rice;
        $soakMin = (int) round($rice->soak->minutes);
        $rinsed = $bench->put(
            $bench->of(
                WorkKind::Rinse,
                $soakMin > 0 ? Note::of('work-order.rinse-and-soak') : Note::of('work-order.rinse'),
            )->holding(Hold::sink())
                ->saying(Note::of('work-order.rinses', rinses: $rice->rinses))
                ->done($soakMin > 0 ? Note::of('work-order.rinsed-soaking') : Note::of('work-order.rinsed')),
        );
        if ($soakMin === 0) {
            return [After::anyTime($rinsed)];
        }
        $soaked = $bench->put(
            $bench->of(WorkKind::Soak, Note::of('work-order.rice-soaks'))->lasting($soakMin)
                ->after(After::atOnce($rinsed))
                ->saying($rice->soak->isInTheFridge() ? Note::of('work-order.in-the-fridge') : null),
        );

        return [After::within($soaked, $bench->waits(WorkKind::Soak))];
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\WorkKind;

/** A dish by itself on the clock. */
final readonly class ClockBody
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $day = $given['plan']->day;
        $boil = $given['plan']->boil();
        $view->with([
            'first' => $day->schedule->firstStart(), 'attended' => $day->busyFrom(),
            'waits' => $boil === null ? null : $day->schedule->end(WorkKind::Layer->id())
                - $day->schedule->end(WorkKind::Drain->id($boil->batches - 1)),
        ]);
    }
}

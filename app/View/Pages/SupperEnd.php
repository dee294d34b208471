<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Drill\Supper;

/** A practice meal looked back at. */
final readonly class SupperEnd
{
    public function compose(View $view): void
    {
        /** @var array{supper: Supper} $given */
        $given = $view->getData();
        $supper = $given['supper'];
        $percent = static fn (float $factor): string => ($factor > 1 ? '+' : '').round(100 * ($factor - 1)).' %';
        $view->with([
            'hidden' => array_filter([
                $supper->ring === 1.0 ? null : "the ring gave {$percent($supper->ring)} heat",
                $supper->bag === 1.0 ? null : "the bag took {$percent($supper->bag)} time",
                $supper->wetter === 0.0
                    ? null : 'the filling was '.($supper->wetter > 0 ? 'wetter' : 'drier').' than it looked',
                $supper->lateMin === 0 ? null : "the guests came {$supper->lateMin} min later",
            ]),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Drill\Supper;

/** A practice meal looked back at. */
final readonly class SupperEnd
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{supper: Supper} $given */
        $given = $view->getData();
        $supper = $given['supper'];
        $percent = static fn (float $factor): int => (int) abs(round(100 * ($factor - 1)));
        $view->with([
            'hidden' => array_filter([
                $supper->ring === 1.0
                    ? null : $this->say->say(
                        'pages/drill.hid-ring', percent: $percent($supper->ring), isMore: $supper->ring > 1,
                    ),
                $supper->bag === 1.0
                    ? null : $this->say->say(
                        'pages/drill.hid-bag', percent: $percent($supper->bag), isMore: $supper->bag > 1,
                    ),
                $supper->wetter === 0.0
                    ? null : $this->say->say('pages/drill.hid-filling', isWetter: $supper->wetter > 0),
                $supper->lateMin === 0
                    ? null : $this->say->say('pages/drill.hid-guests', minutes: $supper->lateMin),
            ]),
        ]);
    }
}

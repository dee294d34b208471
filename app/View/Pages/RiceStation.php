<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Plan;

/** The rice of a dish. */
final readonly class RiceStation
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $rice = $given['plan']->dish->grain->rice;
        $kind = $given['plan']->kitchen->bag($rice->bag, 'rice/lot')->kind;
        $view->with([
            'kind' => $kind, 'full' => $rice->soak->saturation($kind),
        ]);
    }
}

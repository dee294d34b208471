<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Mend\AsTold;
use Orbek\Core\Plan\Plan;

/** The water of a dish, and what the cook says of the boil. */
final readonly class WaterStation
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $told = $given['plan']->dish->told?->boilMin;
        $view->with([
            'boilTold' => AsTold::boil($given['plan']),
            'ownMinutes' => $told === null ? null : array_sum($told) / 2,
        ]);
    }
}

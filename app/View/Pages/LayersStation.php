<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Plan;

/** The layers of a dish. */
final readonly class LayersStation
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $view->with([
            'inPot' => $plan->dish->build->folded ? [] : $plan->layersInPot(), 'each' => $plan->onEachLayer(),
            'balance' => $plan->balance(),
            'names' => array_map($plan->dish->layerName(...), $plan->dish->build->layers),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Measure\Units;
use Orbek\Core\Plan\Plan;

/** The layers of a dish. */
final readonly class LayersStation
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $view->with([
            'inPot' => $plan->dish->build->folded ? [] : $plan->layersInPot(), 'each' => $plan->onEachLayer(),
            'isWeighed' => $this->say->reading()->units !== Units::Cups,
            'balance' => $plan->balance(),
            'perKg' => static fn (Extra $one): Quantity => Quantity::of($one->perKgRice, $one->unit(), 1)->filling(
                $plan->dish->craft->foods->named($one->name)?->kgPerL,
            ),
            'names' => array_map($plan->dish->layerName(...), $plan->dish->build->layers),
        ]);
    }
}

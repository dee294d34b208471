<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\TwoWays;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** A station of a dish in full. */
final readonly class PotMore
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $view->with([
            'd' => $plan->dish, 'boil' => $plan->boil(), 'course' => $plan->course(),
            'ways' => TwoWays::of($plan->dish),
            'pots' => array_map(static fn (Pot $pot): string => $pot->name, $plan->kitchen->stovePots()),
            'rings' => array_map(static fn (Ring $ring): string => $ring->label(), $plan->kitchen->equipment->rings),
            'parts' => (new Collection($plan->ingredients))
                ->groupBy(static fn (Ingredient $one): string => $one->station->value),
        ]);
    }
}

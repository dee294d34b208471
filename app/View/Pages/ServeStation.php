<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Nutrition;

/** How a dish comes to the table. */
final readonly class ServeStation
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $extras = $given['plan']->dish->build->extras;
        $named = static fn (callable $is): array => array_map(
            static fn (Extra $one): string => $one->name, array_values(array_filter($extras, $is)),
        );
        $view->with([
            'lifted' => $named(static fn (Extra $one): bool => $one->isSteamed && $one->split['layers'] > 0),
            'bags' => $named(static fn (Extra $one): bool => $one->made?->isLiftedOut === true),
            'feeds' => Nutrition::of($given['plan']),
        ]);
    }
}

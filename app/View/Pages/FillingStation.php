<?php

declare(strict_types=1);

namespace App\View\Pages;

use Illuminate\Contracts\View\View;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Plan\Plan;

/** The fillings of a dish and their work. */
final readonly class FillingStation
{
    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $seasons = array_map(
            static fn (Extra $one): string => $one->name, array_filter(
                $given['plan']->dish->build->extras, static fn (Extra $one): bool => $one->split['marinade'] > 0,
            ),
        );
        $view->with([
            // What can go in at one of its steps: its parts, and what seasons it.
            'goIn' => static fn (Filling $filling): array => array_values(array_unique([
                ...array_map(static fn (FillingPart $part): string => $part->name, $filling->parts), ...$seasons,
            ])),
        ]);
    }
}

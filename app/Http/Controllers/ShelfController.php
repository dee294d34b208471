<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Planner;

final class ShelfController
{
    public function __invoke(Planner $planner): View
    {
        return view('shelf.index', [
            'dishes' => Dish::query()->get()->map(static fn (Dish $dish): array => [$dish, $planner->plan($dish->core())])->sortBy(static fn (array $pair): int => $pair[1]->tableAt->getTimestamp()),
            'cooking' => Cook::onTheStove(),
        ]);
    }
}

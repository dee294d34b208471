<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Drawings\Cards;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\Household;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\MealCook;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** The dishes, a page at a time, found by a word; and those that were put away. */
final class ShelfController
{
    private const A_PAGE = 8;

    /** Meals ahead that are shown on top. */
    private const MEALS = 6;

    private const AWAY_A_PAGE = 30;

    /** @throws Refused when what is looked for is no text */
    public function index(Request $request, Cards $cards, ClockInterface $clock): View
    {
        $form = Fields::ofForm($request->query->all());
        $asked = $form->has('find') ? $form->text('find') : '';
        $now = $clock->now()->setTimezone(Kitchen::core()->site->timezone);
        if (app(Household::class)->is_demo) {
            Meal::moveDemoAhead($now);
        }
        $pages = Dish::query()->onTheShelf($asked)->simplePaginate(self::A_PAGE)->withQueryString();

        return view('shelf.index', [
            'pages' => $pages,
            'asked' => $asked,
            'cards' => $cards->ofDishes($pages->getCollection()),
            'cooking' => MealCook::allOnTheStove($now),
            'passed' => Meal::query()->asked($now)->limit(self::MEALS)->get(),
            'forgotten' => MealCook::forgotten($now),
            'zone' => $now->getTimezone(),
            'left' => array_values(array_filter(array_map(
                fn (Cook $one): ?array => (
                    $left = $one->fold($clock->now())->leftovers()
                ) === null ? null : [$one, $left], Cook::left(),
            ))),
            'clockNow' => $clock->now(),
            'hasAway' => Dish::onlyTrashed()->exists(),
            'meals' => $cards->ofMeals(Meal::query()->ahead($now)->limit(self::MEALS)->get()),
        ]);
    }

    public function putAway(): View
    {
        return view(
            'shelf.put-away',
            [
                'pages' => Dish::onlyTrashed()->latest('deleted_at')->latest('id')->simplePaginate(
                    self::AWAY_A_PAGE,
                    ['id', 'name', 'school', 'deleted_at'],
                ),
            ],
        );
    }
}

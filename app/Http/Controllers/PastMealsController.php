<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Models\MealCook;
use Illuminate\Contracts\View\View;
use Illuminate\Database\Query\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Meal\Share;
use Orbek\Core\Measure\Refused;
use Psr\Clock\ClockInterface;

/** Meals whose time has passed: found again, said to have been cooked, and cooked again. */
final class PastMealsController
{
    private const A_PAGE = 20;

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    public function index(): View
    {
        $now = $this->clock->now()->setTimezone(Kitchen::core()->site->timezone);
        $passed = Meal::query()->whereNull('cooked_at')->passed($now)->reorder()
            ->selectRaw("id, name, serve_at as at, 'meal' as kind")->toBase();
        $said = Meal::query()->whereNotNull('cooked_at')->selectRaw("id, name, serve_at, 'said'")->toBase();
        $cooked = MealCook::query()->whereNotNull('served_at')
            ->selectRaw("id, name, coalesce(table_at, started_at), 'cook'")->toBase();
        $pages = DB::query()->fromSub(static fn (Builder $all): Builder => $all->fromSub(
            $passed->unionAll($said)->unionAll($cooked), 'each',
        ), 'past')->orderByDesc('at')->orderBy('id')->simplePaginate(self::A_PAGE);
        $shown = collect($pages->items());
        $ids = $shown->where('kind', 'cook')->pluck('id')->all();

        return view('notebook.meals', [
            'pages' => $pages, 'zone' => Kitchen::core()->site->timezone,
            'meals' => Meal::query()->whereKey($shown->pluck('id')->all())->get()->keyBy('id'),
            'cooks' => MealCook::query()->whereKey($ids)->with('dishes')->get()->keyBy('id'),
        ]);
    }

    /** It was cooked, though not with Orbek at the stove. */
    public function cooked(Meal $meal): RedirectResponse
    {
        $meal->update(['cooked_at' => $this->clock->now()]);

        return redirect()->route('shelf');
    }

    public function again(Meal $meal): RedirectResponse
    {
        return $this->once($meal->core());
    }

    /** As it was cooked, whatever has become of the meal since. */
    public function cookedAgain(MealCook $mealCook): RedirectResponse
    {
        return $this->once(CoreMeal::fromArray($mealCook->meal ?? abort(404)));
    }

    /** @throws Refused where one of its dishes is on the shelf no more */
    private function once(CoreMeal $meal): RedirectResponse
    {
        $ids = array_map(static fn (Share $share): string => $share->dish, $meal->shares);
        $gone = array_diff($ids, Dish::query()->whereKey($ids)->pluck('id')->all());
        foreach ($gone as $id) {
            $name = Dish::onlyTrashed()->find($id)->name
                ?? Cook::query()->where('dish_id', $id)->value('name');
            throw Refused::because('dishes', 'refused.the-dish-is-gone', dish: is_string($name) ? $name : $id);
        }
        $now = $this->clock->now()->setTimezone(Kitchen::core()->site->timezone);
        $again = $meal->with(['serve_at' => $meal->nextFrom($now)]);

        return redirect()->route('meal', Meal::query()->create(Meal::columns($again)));
    }
}

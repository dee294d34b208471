<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\DishVersion;
use App\Models\Kitchen;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Measure\Fields;
use Psr\Clock\ClockInterface;

/** How a dish came to be what it is: what changed, and since it was last cooked. */
final class VersionController
{
    private const SHOWN = 20;

    public function index(Dish $dish): View
    {
        $versions = DishVersion::query()->where('dish_id', $dish->id)->latest('version')->limit(self::SHOWN)->get();
        $after = $dish->core();
        $changes = [];
        /** @var DishVersion $version */
        foreach ($versions as $version) {
            $before = $version->core();
            $changes[] = ['version' => $version, 'says' => Difference::between($before, $after)];
            $after = $before;
        }
        $cook = Cook::query()->where('dish_id', $dish->id)->latest('started_at')->first();

        return view('pot.versions', [
            'dish' => $dish,
            'changes' => $changes,
            'zone' => Kitchen::core()->site->timezone,
            'cook' => $cook,
            'since' => $cook === null
                ? []
                : Difference::between(CoreDish::fromArray($cook->dish, app(Craft::class)), $dish->core()),
        ]);
    }

    /** The dish becomes what it was; what it is now is kept as a version too. */
    public function takeBack(
        Request $request, Dish $dish, DishVersion $version, ClockInterface $clock,
    ): RedirectResponse {
        abort_unless($version->dish_id === $dish->id, 404);
        $dish->become(
            $version->core(),
            Fields::ofForm($request->all())->whole('version', 1, PHP_INT_MAX),
            $clock->now(),
        );

        return redirect()->route('pot', $dish);
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\OpenFile;
use App\Http\Parts;
use App\Models\Dish;
use App\Models\Kitchen;
use App\Models\Meal;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Orbek\Core\Edit\Difference;
use Orbek\Core\Edit\Edits;
use Orbek\Core\Edit\FieldEdit;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Mend\Moving;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Plan\Station;
use Psr\Clock\ClockInterface;

/** One dish, seen as its pot or as its clock, and changed a word at a time. */
final class DishController
{
    private const LAST = 'last-dish';

    public function __construct(private readonly ClockInterface $clock)
    {
    }

    /** The dish last looked at; for the clock the meal, or the next one. */
    public function last(Request $request, string $place): RedirectResponse
    {
        $now = $this->clock->now()->setTimezone(Kitchen::core()->site->timezone);
        // One that has passed is in the Notebook, though it was looked at last.
        $meal = $place !== 'clock' ? null : Meal::query()->ahead($now)->find($request->session()->get('last-meal'))
            ?? Meal::query()->ahead($now)->first();
        if ($meal !== null) {
            return redirect()->route('meal', $meal);
        }
        $dish = Dish::query()->find($request->session()->get(self::LAST)) ?? Dish::query()->oldest('id')->first();

        return $dish === null ? redirect()->route('shelf') : redirect()->route($place, $dish);
    }

    public function pot(Request $request, Dish $dish, Planner $planner): View
    {
        return $this->show($request, $dish, $planner, 'pot');
    }

    public function clock(Request $request, Dish $dish, Planner $planner): View
    {
        return $this->show($request, $dish, $planner, 'clock');
    }

    /**
     * Changes one word of the dish and answers with the parts of the page that follow from it.
     *
     * A window that still shows an older version is told so and changes nothing (409).
     */
    public function change(Request $request, Dish $dish, Planner $planner): JsonResponse
    {
        $asked = Fields::of($request->all());
        $seen = $asked->whole('version', 1, PHP_INT_MAX);
        $value = $request->input('value');
        // Degrees come as this household reads them, and are kept as °C.
        if (in_array($asked->text('path'), ['rice/soak/celsius', 'lid/oven_c'], true) && is_numeric($value)) {
            $value = round(Kitchen::core()->reading->celsius((float) $value), 1);
        }
        $edit = Edits::read($asked->text('path'), $value);
        $was = $dish->isStill($seen)->core();
        $changed = $edit instanceof FieldEdit ? $edit->of($was) : $edit->on($planner->plan($was));
        OpenFile::change($was, $changed);
        $plan = $planner->plan($changed);

        $dish = $dish->become($changed, $seen, $this->clock->now());

        return Parts::answer(
            $dish->version, $request->input('view') === 'clock' ? 'clock.body' : 'pot.body',
            $this->body($dish, $plan, Station::tryFrom($asked->has('open') ? $asked->text('open') : '')),
            $request->input('has'),
        );
    }

    /** What lies behind a station's line. */
    public function more(Dish $dish, Station $station, Planner $planner): View
    {
        return view('pot.more', $this->body($dish, $planner->plan($dish->core())) + ['station' => $station]);
    }

    private function show(Request $request, Dish $dish, Planner $planner, string $place): View
    {
        $request->session()->put(self::LAST, $dish->id);
        try {
            $dish = $this->moved($request, $dish, $planner);
            $plan = $planner->plan($dish->core());
        } catch (Refused $lacks) {
            // What cannot be cooked in this kitchen still has a page, which says why and what would do.
            return view('pot.lacks', ['dish' => $dish, 'lacks' => $lacks, 'place' => $place]);
        }

        return view($place === 'clock' ? 'clock.show' : 'pot.show', $this->body($dish, $plan));
    }

    /**
     * Opened in another kitchen a dish moves to what is there; each change is told, and kept as a version
     * to take back.
     */
    private function moved(Request $request, Dish $dish, Planner $planner): Dish
    {
        $was = $dish->core();
        $kitchen = Kitchen::core();
        if (! Moving::isNeeded($was, $kitchen)) {
            return $dish;
        }
        $moved = Moving::right($dish->in($kitchen), $kitchen, $planner);
        $names = Kitchen::names();
        $request->session()->now('moved', array_map(
            static fn (Difference $one): string => app(Wording::class)->difference($one, $names),
            Difference::between($was, $moved),
        ));

        return $dish->become($moved, $dish->version, $this->clock->now());
    }

    /** @return array<string, mixed> */
    private function body(Dish $dish, Plan $plan, ?Station $open = null): array
    {
        // The next cook's id comes with the page, so that a button pressed twice begins one cook.
        return [
            'dish' => $dish,
            'plan' => $plan,
            'open' => $open ?? Station::Water,
            'nextCook' => (string) Str::ulid(),
        ];
    }
}

<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\StandIns\PracticeClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Cook\Complaint;
use Orbek\Core\Cook\Rescue;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** One dish of what is on the stove: what to do about a fault, its probe, and where its own page is. */
final class CookController
{
    public function __construct(private readonly PracticeClock $clock)
    {
    }

    /** Its record; while it is on the stove, that. */
    public function show(Cook $cook): RedirectResponse
    {
        return $cook->served_at === null || $cook->practice !== null
            ? redirect()->route('meal-cook', $cook->meal_cook_id)
            : redirect()->route('cook.record', $cook);
    }

    /** A page that was opened before a dish by itself was a meal of one: it is answered as that. */
    public function body(Request $request, Cook $cook): RedirectResponse
    {
        return redirect()->route('meal-cook.body', [$cook->meal_cook_id] + $request->query->all());
    }

    /** Taps that such a page has kept: each is of this dish. */
    public function events(Request $request, Cook $cook, MealCookController $stove): JsonResponse
    {
        return $stove->take($request, $cook->ofMeal(), $cook->place);
    }

    /** What to do about a fault, computed from where this pot is. */
    public function rescue(Cook $cook, string $complaint): View
    {
        $what = Complaint::tryFrom($complaint)
            ?? throw Refused::unknown('complaint', $complaint, array_column(Complaint::cases(), 'value'));
        $lid = $cook->fold($this->clock->ofCook($cook->ofMeal())->now())->underTheLid()
            ?? throw Refused::because('complaint', 'refused.lid-is-off');

        return view('stove.rescue', ['complaint' => $what, 'says' => Rescue::of($lid, $what)]);
    }

    /** Puts the simulated probe in, or takes it out. */
    public function probe(Request $request, Cook $cook): Response
    {
        $request->session()->put("probe.{$cook->id}", Fields::ofForm($request->all())->flag('in', false));

        return response()->noContent();
    }
}

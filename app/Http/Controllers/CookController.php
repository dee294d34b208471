<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AtStove;
use App\Http\SentEvents;
use App\Http\WholePlan;
use App\Models\Cook;
use App\Models\Dish;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Cook\Complaint;
use Orbek\Core\Cook\Rescue;
use Orbek\Core\Drill\Supper;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A cook at the stove: begun once, shown as it stands, told what happens. */
final class CookController
{
    public function __construct(private readonly PracticeClock $clock, private readonly Wording $say)
    {
    }

    /** Begins a cook; where one of this dish as it was before is still open, asks what to do with that. */
    public function begin(Request $request, Dish $dish): RedirectResponse|Response
    {
        $asked = Fields::of($request->all())->text('cook');
        $cook = Cook::begin($asked, $dish, $this->clock->now());
        if ($cook->id !== strtolower($asked) && $cook->dish !== $dish->document) {
            return response()->view('stove.older', ['cook' => $cook, 'dish' => $dish, 'asked' => $asked], 409);
        }

        return redirect()->route('cook', $cook);
    }

    /** Given up, a cook leaves the stove; the dish it was of may be begun at once. */
    public function giveUp(Request $request, Cook $cook): RedirectResponse
    {
        if ($cook->meal_cook_id !== null) {
            throw Refused::because('cook', 'refused.is-a-dish-of-a-meal', cook: $cook->name);
        }
        $form = Fields::ofForm($request->all());
        $cook->giveUp($form->flag('up', false) ? null : $this->clock->now());
        if ($form->has('cook')) {
            return redirect()->route(
                'cook',
                Cook::begin($form->text('cook'), Dish::query()->findOrFail($cook->dish_id), $this->clock->now()),
            );
        }

        return $form->flag('up', false)
            ? redirect()->route('cook', $cook)
            : redirect()->route('shelf')->with('given-up', ['id' => $cook->id, 'name' => $cook->name]);
    }

    public function current(): View|RedirectResponse
    {
        $now = $this->clock->now();
        $cook = Cook::onTheStove($now);
        $meal = MealCook::onTheStove($now);
        if ($meal !== null && ($cook === null || $meal->started_at >= $cook->started_at)) {
            return redirect()->route('meal-cook', $meal);
        }

        return $cook === null ? view('stove.none') : redirect()->route('cook', $cook);
    }

    public function show(Cook $cook): View|RedirectResponse
    {
        if ($cook->meal_cook_id !== null) {
            return redirect()->route('meal-cook', $cook->meal_cook_id);
        }

        return view('stove.show', $this->data($cook) + [
            'body' => 'stove.body', 'standIns' => config('orbek.stand_ins') === true || $cook->practice !== null,
        ]);
    }

    /** Every step, for a page that goes on without this server. */
    public function alone(Cook $cook, WholePlan $whole): View
    {
        $fold = $cook->fold($this->clock($cook)->now());

        return view('stove.alone', [
            'steps' => $whole->ofDish($fold), 'whole' => $whole, 'zone' => $fold->plan()->kitchen->timezone,
            'servedAt' => $fold->state->servedAt?->getTimestamp(), 'cooks' => [null => $cook],
        ]);
    }

    /** The stove as it stands; nothing where the page has seen all there is to see (`seen`). */
    public function body(Request $request, Cook $cook): JsonResponse|Response
    {
        return $request->query('seen') === $this->seen($cook, $cook->events()->count()) ? response()->noContent()
            : response()->json($this->shown($cook));
    }

    /** What the stove shown hangs on: what happened, and the minute. */
    private function seen(Cook $cook, int $events): string
    {
        return $events.'-'.intdiv($this->clock($cook)->now()->getTimestamp(), 60);
    }

    /**
     * Takes events in, each once, and answers for each: taken, known already, or refused and why.
     * With `body` it answers with the stove as it then stands as well.
     */
    public function events(Request $request, Cook $cook): JsonResponse
    {
        if ($cook->meal_cook_id !== null) {
            throw Refused::because('cook', 'refused.is-a-dish-of-a-meal', cook: $cook->name);
        }
        $now = $this->clock($cook)->now()->setTimezone(CoreKitchen::fromArray($cook->kitchen)->timezone);
        $sent = new SentEvents($request, $cook->started_at->toDateTimeImmutable(), $now, $this->say);
        $sent->boundLate(static fn (): int => $cook->fold($now)->state->lateMin, $this->say);
        $answers = $cook->record($sent->events(), $now);

        return response()->json(['events' => $sent->answers($answers)] + ($request->boolean('body')
            ? $this->shown($cook) : []));
    }

    /** @return array{body: string, seen: string, shown: float, speed: float} */
    private function shown(Cook $cook): array
    {
        $data = $this->data($cook);

        return [
            'body' => view('stove.body', $data)->render(), 'seen' => $this->seen($cook, $cook->countFolded()),
        ] + $this->clock($cook)->shown();
    }

    /** What to do about a fault, computed from where this pot is. */
    public function rescue(Cook $cook, string $complaint): View
    {
        $what = Complaint::tryFrom($complaint)
            ?? throw Refused::unknown('complaint', $complaint, array_column(Complaint::cases(), 'value'));
        $lid = $cook->fold($this->clock($cook)->now())->underTheLid()
            ?? throw Refused::because('complaint', 'refused.the-lid-is-not-on-ask');

        return view('stove.rescue', ['complaint' => $what, 'says' => Rescue::of($lid, $what)]);
    }

    /** Puts the simulated probe in, or takes it out. */
    public function probe(Request $request, Cook $cook): Response
    {
        $request->session()->put("probe.{$cook->id}", Fields::ofForm($request->all())->flag('in', false));

        return response()->noContent();
    }

    /** A practice supper has a clock of its own. */
    private function clock(Cook $cook): PracticeClock
    {
        return $cook->practice === null ? $this->clock : $this->clock->of($cook->id);
    }

    /** @return array<string, mixed> */
    private function data(Cook $cook): array
    {
        $now = $this->clock($cook)->now();
        $fold = $cook->fold($now);
        $at = AtStove::of($cook, $fold, $now);

        return [
            'callsLate' => $cook->practice === null
                ? 0
                : Supper::fromFields(Fields::of($cook->practice))->callsAt($fold, $now),
            'cook' => $cook, 'now' => $now, 'fold' => $fold, 'situation' => $fold->situation(), 'at' => $at,
            'lid' => $at->lid,
            'live' => [
                'cook' => $cook->id,
                'events' => route('cook.events', $cook),
                'body' => route('cook.body', $cook),
                'home' => route('cook', $cook),
                'alone' => route('cook.alone', $cook),
                'clock' => $cook->practice === null ? route('practice-clock') : route('supper.clock', $cook),
                'seen' => $this->seen($cook, $cook->countFolded()),
                ...$this->clock($cook)->shown(),
            ],
        ];
    }
}

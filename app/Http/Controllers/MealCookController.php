<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AtStove;
use App\Http\SentEvents;
use App\Http\WholePlan;
use App\Models\LaidMeals;
use App\Models\Meal;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Measure\Fields;

/** A meal at the stove: all its dishes on one page, for each pair of hands what presses. */
final class MealCookController
{
    public function __construct(private readonly PracticeClock $clock, private readonly Wording $say)
    {
    }

    /** Begins to cook a meal as its clock stands; one that is on the stove already is gone on with. */
    public function begin(Request $request, Meal $meal, LaidMeals $laid): RedirectResponse
    {
        $id = Fields::of($request->all())->text('cook');
        $now = $this->clock->now();
        $plan = $laid->plan($meal);
        // A table that has passed is none any more: it is as soon as it can be.
        if ($plan->tableAt < $now && MealCook::openOf($meal) === null) {
            $soon = $plan->earliest($now)->format('Y-m-d\TH:i');
            $meal = $meal->become($meal->core()->with(['serve_at' => $soon]), $meal->version, $now);
            $plan = $laid->plan($meal);
        }

        return redirect()->route('meal-cook', MealCook::begin($id, $meal, $plan, $now));
    }

    public function show(Request $request, MealCook $mealCook): View
    {
        return view('stove.show', $this->data($request, $mealCook) + [
            'body' => 'stove.meal-body', 'standIns' => config('orbek.stand_ins') === true,
        ]);
    }

    /** Every step of every dish, for a page that goes on without this server. */
    public function alone(MealCook $mealCook, WholePlan $whole): View
    {
        $fold = $mealCook->fold($this->clock->now());

        return view('stove.alone', [
            'steps' => $whole->ofMeal($fold), 'whole' => $whole, 'zone' => $fold->began->kitchen->timezone,
            'servedAt' => $fold->servedAt()?->getTimestamp(), 'cooks' => $mealCook->dishes,
        ]);
    }

    /** The stove as it stands; nothing where the page has seen all there is to see (`seen`). */
    public function body(Request $request, MealCook $mealCook): JsonResponse|Response
    {
        return $request->query('seen') === $this->seen(
            $request, $mealCook, $mealCook->countEvents(),
        ) ? response()->noContent()
            : response()->json($this->shown($request, $mealCook));
    }

    /** Takes events in, each once, and answers for each; with `body` with the stove as it then stands as well. */
    public function events(Request $request, MealCook $mealCook): JsonResponse
    {
        $now = $this->clock->now()->setTimezone($mealCook->plan()->kitchen->timezone);
        $sent = new SentEvents(
            $request, $mealCook->started_at->toDateTimeImmutable(), $now, $this->say, count($mealCook->dishes),
        );
        $sent->boundLate(static fn (): int => $mealCook->fold($now)->lateMin(), $this->say);
        $answers = $mealCook->record(array_values($sent->read), $now);

        return response()->json(['events' => $sent->answers($answers)]
            + ($request->boolean('body') ? $this->shown($request, $mealCook) : []));
    }

    public function giveUp(Request $request, MealCook $mealCook): RedirectResponse
    {
        $up = Fields::ofForm($request->all())->flag('up', false);
        $mealCook->giveUp($up ? null : $this->clock->now());

        return $up ? redirect()->route('meal-cook', $mealCook)
            : redirect()->route('shelf')->with('meal-given-up', ['id' => $mealCook->id, 'name' => $mealCook->name]);
    }

    /** @return array{body: string, seen: string, shown: float, speed: float} */
    private function shown(Request $request, MealCook $mealCook): array
    {
        return [
            'body' => view('stove.meal-body', $this->data($request, $mealCook))->render(),
            'seen' => $this->seen($request, $mealCook, $mealCook->countFolded()),
        ] + $this->clock->shown();
    }

    /** What the stove shown hangs on: what happened, the minute, and whose it is. */
    private function seen(Request $request, MealCook $mealCook, int $events): string
    {
        return implode('-', [
            $events, intdiv($this->clock->now()->getTimestamp(), 60),
            $this->who($request, $mealCook) ?? 0,
        ]);
    }

    /** The pair of hands that looks; null where there is only one, or nobody said. */
    private function who(Request $request, MealCook $mealCook): ?int
    {
        $hands = $mealCook->hands();

        return $hands > 1 && $request->has('who') && is_scalar($request->input('who'))
            ? Fields::ofForm(['who' => (string) $request->input('who')])->whole('who', 1, $hands) : null;
    }

    /** @return array<string, mixed> */
    private function data(Request $request, MealCook $mealCook): array
    {
        $now = $this->clock->now();
        $fold = $mealCook->fold($now);
        $at = [];
        foreach ($mealCook->dishes as $place => $cook) {
            $at[] = AtStove::of($cook, $fold->dishes[$place], $now);
        }

        return [
            'cook' => $mealCook, 'now' => $now, 'fold' => $fold, 'situation' => $fold->situation(), 'at' => $at,
            'who' => $this->who($request, $mealCook),
            'live' => [
                'cook' => "meal-{$mealCook->id}", 'body' => route('meal-cook.body', $mealCook),
                'home' => route('meal-cook', $mealCook), 'alone' => route('meal-cook.alone', $mealCook),
                'clock' => route('practice-clock'),
                'seen' => $this->seen($request, $mealCook, $mealCook->countFolded()), ...$this->clock->shown(),
            ],
        ];
    }
}

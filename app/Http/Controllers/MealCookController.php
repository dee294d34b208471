<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AtStove;
use App\Http\SentEvents;
use App\Http\WholePlan;
use App\Models\Dish;
use App\Models\Household;
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
use Orbek\Core\Drill\Supper;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Refused;

/** The Stove: all that is cooked together on one page, for each pair of hands what presses; a dish by itself is one. */
final class MealCookController
{
    public function __construct(private readonly PracticeClock $clock, private readonly Wording $say)
    {
    }

    /**
     * Begins to cook a meal as its clock stands; one that is on the stove already is gone on with, and of one of
     * another day it is asked whether that is cooked now.
     */
    public function begin(Request $request, Meal $meal, LaidMeals $laid): RedirectResponse|Response
    {
        $form = Fields::of($request->all());
        $id = $form->text('cook');
        $now = $this->clock->now();
        $plan = $laid->plan($meal);
        $when = $form->has('when') ? $form->text('when') : null;
        if (! in_array($when, [null, 'now', 'planned'], true)) {
            throw Refused::unknown('when', $when, ['now', 'planned']);
        }
        $isOpen = MealCook::openOf($meal) !== null;
        if (! $isOpen && $when === null && $plan->isOfAnotherDay($now)) {
            return response()->view('stove.another-day', [
                'meal' => $meal, 'tableAt' => $plan->tableAt->setTimezone($plan->kitchen->site->timezone),
                'soonest' => $plan->earliest($now), 'asked' => $id, 'say' => $this->say,
                'startsAt' => Instant::plusMinutes($plan->tableAt, $plan->firstStart())
                    ->setTimezone($plan->kitchen->site->timezone),
            ], 409);
        }
        // A table that has passed is none any more: it is as soon as it can be.
        if (! $isOpen && ($when === 'now' || $plan->tableAt < $now)) {
            $soon = $plan->earliest($now)->format('Y-m-d\TH:i');
            $meal = $meal->become($meal->core()->with(['serve_at' => $soon]), $meal->version, $now);
            $plan = $laid->plan($meal);
        }

        return redirect()->route('meal-cook', MealCook::begin($id, $meal, $plan, $now));
    }

    /** Begins a dish by itself; where one of it as it was before is still open, asks what to do with that. */
    public function beginDish(Request $request, Dish $dish): RedirectResponse|Response
    {
        $asked = Fields::of($request->all())->text('cook');
        $cook = MealCook::beginDish($asked, $dish, $this->clock->now());
        if ($cook->id !== strtolower($asked) && $cook->dishes->first()?->dish !== $dish->document) {
            return response()->view('stove.older', ['cook' => $cook, 'dish' => $dish, 'asked' => $asked], 409);
        }

        return redirect()->route('meal-cook', $cook);
    }

    /** What is on the stove. */
    public function current(): View|RedirectResponse
    {
        $cook = MealCook::onTheStove($this->clock->now());

        return $cook === null ? view('stove.none') : redirect()->route('meal-cook', $cook);
    }

    public function show(Request $request, MealCook $mealCook): View
    {
        return view('stove.show', $this->data($request, $mealCook) + [
            'standIns' => $mealCook->practice !== null
                || (config('orbek.stand_ins') === true && app(Household::class)->is_demo),
        ]);
    }

    /** Every step of every dish, for a page that goes on without this server. */
    public function alone(MealCook $mealCook, WholePlan $whole): View
    {
        $fold = $mealCook->fold($this->clock->ofCook($mealCook)->now());

        return view('stove.alone', [
            'steps' => $whole->of($fold), 'whole' => $whole, 'zone' => $fold->began->kitchen->site->timezone,
            'servedAt' => $fold->servedAt()?->getTimestamp(), 'cooks' => $mealCook->dishes,
        ]);
    }

    /** The stove as it stands; nothing where the page has seen all there is to see (`seen`): asked by every phone. */
    public function body(Request $request, string $mealCook): JsonResponse|Response
    {
        // Its documents are read where there is something to show.
        $look = MealCook::ofAnyKind()->findOrFail($mealCook, ['id', 'practice']);

        return $request->query('seen') === $this->seen($request, $look, MealCook::countEvents($mealCook))
            ? response()->noContent()
            : response()->json($this->shown($request, MealCook::ofAnyKind()->findOrFail($mealCook)));
    }

    /** Takes events in, each once, and answers for each; with `body` with the stove as it then stands as well. */
    public function events(Request $request, MealCook $mealCook): JsonResponse
    {
        return $this->take($request, $mealCook);
    }

    /** @param  int|null  $place of the dish that all of it is of, where it is sent as that dish's */
    public function take(Request $request, MealCook $mealCook, ?int $place = null): JsonResponse
    {
        $kitchen = CoreKitchen::fromArray($mealCook->kitchen);
        $now = $this->clock->ofCook($mealCook)->now()->setTimezone($kitchen->site->timezone);
        $sent = new SentEvents(
            request: $request, beganAt: $mealCook->started_at->toDateTimeImmutable(), now: $now, say: $this->say,
            kitchen: $kitchen, dishes: count($mealCook->dishes), place: $place,
        );
        $sent->boundLate(static fn (): int => $mealCook->fold($now)->lateMin(), $this->say);
        $answers = $mealCook->record(array_values($sent->read), $now);

        return response()->json(['events' => $sent->answers($answers)]
            + ($request->boolean('body') ? $this->shown($request, $mealCook) : []));
    }

    /** Given up, it leaves the stove; where it was a dish that has changed since, that may be begun at once. */
    public function giveUp(Request $request, MealCook $mealCook): RedirectResponse
    {
        $form = Fields::ofForm($request->all());
        $isUp = $form->flag('up', false);
        $mealCook->giveUp($isUp ? null : $this->clock->ofCook($mealCook)->now());
        if ($form->has('cook') && $mealCook->isOfOne()) {
            $dish = Dish::query()->findOrFail($mealCook->dishes->firstOrFail()->dish_id);

            return redirect()->route(
                'meal-cook', MealCook::beginDish($form->text('cook'), $dish, $this->clock->now()),
            );
        }

        return $isUp ? redirect()->route('meal-cook', $mealCook)
            : redirect()->route('shelf')->with('given-up', ['id' => $mealCook->id, 'name' => $mealCook->name]);
    }

    /** @return array{body: string, seen: string, shown: float, speed: float} */
    private function shown(Request $request, MealCook $mealCook): array
    {
        return [
            'body' => view('stove.body', $this->data($request, $mealCook))->render(),
            'seen' => $this->seen($request, $mealCook, $mealCook->countFolded()),
        ] + $this->clock->ofCook($mealCook)->shown();
    }

    /** What the stove shown hangs on: what happened, the minute, and whose it is. */
    private function seen(Request $request, MealCook $mealCook, int $events): string
    {
        return implode('-', [
            $events, intdiv($this->clock->ofCook($mealCook)->now()->getTimestamp(), 60), $this->who($request) ?? 0,
        ]);
    }

    /** The pair of hands that looks; null where nobody said. */
    private function who(Request $request): ?int
    {
        $who = $request->input('who');

        return is_scalar($who) && $who !== ''
            ? Fields::ofForm(['who' => (string) $who])->whole('who', 1, CoreMeal::MOST_HANDS) : null;
    }

    /** @return array<string, mixed> */
    private function data(Request $request, MealCook $mealCook): array
    {
        $clock = $this->clock->ofCook($mealCook);
        $now = $clock->now();
        $fold = $mealCook->fold($now);
        $at = [];
        foreach ($mealCook->dishes as $place => $cook) {
            $at[] = AtStove::of($cook, $fold->dishes[$place], $now);
        }
        $who = $this->who($request);

        return [
            'cook' => $mealCook, 'now' => $now, 'fold' => $fold, 'situation' => $fold->situation(), 'at' => $at,
            // One pair of hands has nobody to share with.
            'who' => $fold->hands > 1 && ($who ?? 0) <= $fold->hands ? $who : null,
            'callsLate' => $mealCook->practice === null
                ? 0 : Supper::fromFields(Fields::of($mealCook->practice))->callsAt($fold, $now),
            'live' => [
                'cook' => "meal-{$mealCook->id}", 'body' => route('meal-cook.body', $mealCook),
                'home' => route('meal-cook', $mealCook), 'alone' => route('meal-cook.alone', $mealCook),
                'clock' => $mealCook->practice === null
                    ? route('practice-clock') : route('supper.clock', $mealCook),
                'seen' => $this->seen($request, $mealCook, $mealCook->countFolded()), ...$clock->shown(),
            ],
        ];
    }
}

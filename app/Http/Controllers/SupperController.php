<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Cook;
use App\Models\Dish;
use App\Models\DrillAnswer;
use App\Models\Meal;
use App\Models\MealCook;
use App\StandIns\PracticeClock;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Drill\Debrief;
use Orbek\Core\Drill\Spoonful;
use Orbek\Core\Drill\Supper;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Random\Randomizer;

/** A supper for practice: the Stove on a fast clock of its own, a simulated kitchen with surprises behind it. */
final class SupperController
{
    private const SPEED = 20;

    public function __construct(private readonly PracticeClock $clock)
    {
    }

    /** Begins one, with a dish of the shelf or a meal that is ahead; what was practised before is thrown away. */
    public function begin(Request $request): RedirectResponse
    {
        $asked = Fields::ofForm($request->all())->text('dish');
        $what = Dish::query()->find($asked) ?? Meal::query()->find($asked)
            ?? throw Refused::because('dish', 'refused.the-dish-is-gone', dish: '');
        $id = strtolower((string) Str::ulid());
        $clock = $this->clock->of($id);
        $clock->runAt(self::SPEED);
        $random = new Randomizer;
        $chance = static fn (): float => $random->getInt(0, 999_999) / 1_000_000;
        $supper = Supper::of([$chance(), $chance(), $chance(), $chance()]);
        DB::transaction(static function () use ($id, $what, $supper, $clock): void {
            Cook::ofAnyKind()->whereNotNull('practice')->delete();
            MealCook::ofAnyKind()->whereNotNull('practice')->delete();
            MealCook::practise($id, $what, $supper, $clock->now());
        });

        return redirect()->route('meal-cook', $id);
    }

    /** What eye, hand and nose tell now of one dish: the grain as it is, the water, the lid. */
    public function senses(Cook $cook): View
    {
        [$supper, $clock] = $this->of($cook->ofMeal());
        $now = $clock->now();
        $fold = $cook->fold($now);
        $doneness = $supper->doneness($fold, $now);

        return view('stove.senses', [
            'spoonful' => $doneness === null
                ? null
                : Spoonful::of($doneness, DrillAnswer::chances($now->getTimestamp())),
            'boilsAgain' => $supper->boilsAgain($fold, $now), 'lid' => $supper->atTheLid($fold, $now),
            'cues' => $fold->plan()->dish->craft->cues->all,
        ]);
    }

    /** Its clock's hands. */
    public function turn(Request $request, MealCook $mealCook): Response
    {
        [, $clock] = $this->of($mealCook);
        $form = Fields::ofForm($request->all());
        if ($form->has('speed')) {
            $clock->runAt($form->number('speed', 1, 240, 'times'));
        }
        if ($form->has('forward_s')) {
            $clock->putForward($form->number('forward_s', 0, 86400, 's'));
        }

        return response()->noContent();
    }

    /** What really happened to each dish, what each decision cost, what would have been best. */
    public function end(MealCook $mealCook): View
    {
        [$supper, $clock] = $this->of($mealCook);
        $fold = $mealCook->fold($clock->now());

        return view('drill.supper', [
            'cook' => $mealCook, 'supper' => $supper, 'again' => $mealCook->isOfOne()
                ? $mealCook->dishes->first()?->dish_id : null,
            'dishes' => array_map(
                static fn (CoreCook $dish): array => ['fold' => $dish, 'debrief' => Debrief::of($dish, $supper)],
                array_diff_key($fold->dishes, array_flip($fold->leftOut)),
            ),
        ]);
    }

    /** @return array{Supper, PracticeClock} */
    private function of(MealCook $cook): array
    {
        abort_if($cook->practice === null, 404);

        return [Supper::fromFields(Fields::of($cook->practice)), $this->clock->ofCook($cook)];
    }
}

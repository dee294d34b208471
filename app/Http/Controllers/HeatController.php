<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Dish;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Dish\Table;
use Orbek\Core\Heat\Versus;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;

/** What the Heat station is asked: a moment under the lid, heat plans, how sure it is, what if. */
final class HeatController
{
    private const MOST_MIN = 720;

    public function at(Dish $dish, float $minute, Planner $planner): View
    {
        Refused::unlessBetween('minute', $minute, 0, self::MOST_MIN, 'min');
        $plan = $planner->plan($dish->core());
        $course = $plan->course() ?? throw Refused::because('minute', 'refused.food-overflows');

        return view('heat.at', ['plan' => $plan, 'moment' => $course->at($minute)]);
    }

    public function plans(Dish $dish, Planner $planner): View
    {
        $plan = $planner->plan($dish->core());

        return view('heat.plans', [
            'plan' => $plan, 'found' => $plan->found(), 'others' => $plan->otherHeats(),
            'school' => $plan->schoolsHeat(),
        ]);
    }

    /** In how many kitchens like this one the plan comes out right; it follows the page. */
    public function right(Dish $dish, Planner $planner): View
    {
        return view('heat.right', ['plan' => $planner->plan($dish->core())]);
    }

    /** Finds the heats for one who eats more or less, beside the page, so that the word is painted at once then. */
    public function near(Dish $dish, Planner $planner): Response
    {
        $eaters = $dish->core()->table->eaters;
        foreach ([$eaters + 1, $eaters - 1] as $other) {
            if ($other >= 1 && $other <= Table::MOST_EATERS) {
                $planner->plan($dish->core()->changed('usual/eaters', $other));
            }
        }

        return response()->noContent();
    }

    /** What would make right what is not; it follows the page. */
    public function mends(Dish $dish, Planner $planner): View
    {
        return view('heat.mends', ['mends' => $planner->plan($dish->core())->mends()]);
    }

    /** What would make come right more often what is right as thought; asked for, since it takes seconds. */
    public function surer(Dish $dish, Planner $planner): View
    {
        return view('heat.surer', ['mends' => $planner->plan($dish->core())->surer()]);
    }

    public function sure(Dish $dish, Planner $planner): View
    {
        return view('heat.sure', ['sure' => $planner->plan($dish->core())->howSure()]);
    }

    /** The dish as planned beside the same with another seal, pot, ring or heat line; nothing is kept. */
    public function whatIf(Request $request, Dish $dish, Planner $planner): View
    {
        $plan = $planner->plan($dish->core());
        $asked = $dish->core();
        $form = Fields::ofForm($request->query->all());
        foreach (['seal', 'pot', 'burner'] as $word) {
            if ($form->has($word)) {
                $asked = $asked->changed("lid/{$word}", $form->text($word));
            }
        }
        $line = $form->has('line') ? $form->text('line') : 'same';
        $asked = $planner->plan(self::withLine($asked, $line, $planner));

        return view(
            'heat.whatif',
            [
                'plan' => $plan, 'asked' => $asked, 'line' => $line,
                'rows' => self::rows($plan->course(), $asked->course()),
            ],
        );
    }

    private static function withLine(CoreDish $asked, string $line, Planner $planner): CoreDish
    {
        return match ($line) {
            'same' => $asked,
            'school' => $asked->changed(
                'lid/heat', HeatLine::toArray($planner->plan($asked)->potted->first()->schoolLine),
            ),
            'found' => $asked->changed('lid/heat', null),
            default => throw Refused::unknown('line', $line, ['same', 'school', 'found']),
        };
    }

    /** @return list<array{what: Note, one: Note, other: Note, differs: bool}> */
    private static function rows(?Course $one, ?Course $other): array
    {
        return $one === null || $other === null ? [] : Versus::of($one, $other);
    }
}

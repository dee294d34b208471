<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Dish;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Versus;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Planner;

/** What the Heat station is asked: a moment under the lid, heat plans, how sure it is, what if. */
final class HeatController
{
    private const MOST_MIN = 720;

    public function at(Dish $dish, float $minute, Planner $planner): View
    {
        OutOfRange::unlessBetween('minute', $minute, 0, self::MOST_MIN, 'min');
        $plan = $planner->plan($dish->core());
        $course = $plan->course() ?? throw OutOfRange::because('minute', 'the food does not go into this pot;', 'see Layers');

        return view('heat.at', ['plan' => $plan, 'moment' => $course->at($minute)]);
    }

    public function plans(Dish $dish, Planner $planner): View
    {
        return view('heat.plans', ['plans' => $planner->plan($dish->core())->heatPlans()]);
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
        foreach (['seal', 'pot', 'burner'] as $word) {
            if ($request->filled($word)) {
                $asked = $asked->changed("lid/{$word}", $request->string($word)->toString());
            }
        }
        $line = $request->string('line', 'same')->toString();
        $asked = $planner->plan(self::withLine($asked, $line, $planner));

        return view('heat.whatif', ['plan' => $plan, 'asked' => $asked, 'line' => $line, 'rows' => self::rows($plan->course(), $asked->course())]);
    }

    private static function withLine(CoreDish $asked, string $line, Planner $planner): CoreDish
    {
        return match ($line) {
            'same' => $asked,
            'stock' => $asked->changed('lid/heat', null),
            'found' => $asked->changed('lid/heat', ($planner->plan($asked)->heatPlans()['best'] ?? null)?->toArray()),
            default => throw OutOfRange::unknown('line', $line, ['same', 'stock', 'found']),
        };
    }

    /** @return list<array{what: string, one: string, other: string, differs: bool}> */
    private static function rows(?Course $one, ?Course $other): array
    {
        return $one === null || $other === null ? [] : Versus::of($one, $other);
    }
}

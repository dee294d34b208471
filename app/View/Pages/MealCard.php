<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Models\Meal;
use DateTimeZone;
use Illuminate\Contracts\View\View;
use Orbek\Core\Plan\Meal\MealClash;
use Orbek\Core\Plan\Meal\MealPlan;

/** A meal on the Shelf. */
final readonly class MealCard
{
    /** What its time says by itself. */
    private const OF_TIME = ['meal.has-passed', 'meal.too-little-time'];

    public function compose(View $view): void
    {
        /** @var array{meal: Meal, plan: MealPlan|null, zone: DateTimeZone} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $wrong = array_filter($plan->clashes ?? [], static fn (MealClash $clash): bool => $clash->isWrong
            && ! in_array($clash->says->key, self::OF_TIME, true));
        $view->with([
            'at' => $given['meal']->core()->serveAt($given['zone']),
            'begins' => $plan?->at($plan->firstStart()),
            'wrong' => array_values($wrong),
        ]);
    }
}

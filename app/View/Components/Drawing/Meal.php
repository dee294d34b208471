<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\MealDrawing;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Plan\Meal\MealPlan;

/** A meal's work on the clock. */
final class Meal extends Component
{
    public readonly MealDrawing $drawing;

    public readonly float $tableY;

    public readonly bool $many;

    public function __construct(Wording $said, public readonly MealPlan $plan)
    {
        $this->drawing = new MealDrawing($plan, $said);
        $this->tableY = $this->drawing->y(0);
        $this->many = count($plan->plans) > 1;
    }

    public function render(): View
    {
        return view('components.drawing.meal');
    }
}

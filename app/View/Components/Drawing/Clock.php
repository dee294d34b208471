<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\ClockDrawing;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Plan\Plan;

/** A dish's work on the clock. */
final class Clock extends Component
{
    public readonly ClockDrawing $drawing;

    public readonly float $tableY;

    public function __construct(Wording $said, public readonly Plan $plan)
    {
        $this->drawing = new ClockDrawing($plan, $said);
        $this->tableY = $this->drawing->tableY();
    }

    public function render(): View
    {
        return view('components.drawing.clock');
    }
}

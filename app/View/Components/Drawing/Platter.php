<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\Hatches;
use App\Drawings\PlatterDrawing;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Plan\Plan;

/** A platter in section. */
final class Platter extends Component
{
    public readonly PlatterDrawing $drawing;

    public function __construct(public readonly Hatches $hatches, Plan $plan)
    {
        $this->drawing = new PlatterDrawing($plan);
    }

    public function render(): View
    {
        return view('components.drawing.platter');
    }
}

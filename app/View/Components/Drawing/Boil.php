<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\TimeAxis;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\Lift;

/** The boil as one hill on a time line: where the moment to lift is likely to fall. */
final class Boil extends Component
{
    public readonly float $floor;

    public readonly TimeAxis $axis;

    public readonly Lift $lift;

    /** What is known now. */
    public readonly BoilForecast $now;

    public readonly bool $learned;

    /** Minutes from one figure on the axis to the next. */
    public readonly int $every;

    /** @param  list<Observation>  $tests */
    public function __construct(
        BoilPlan $boil, public readonly float $width = 530, public readonly bool $live = false, ?Lift $lift = null,
        ?BoilForecast $forecast = null, public readonly array $tests = [],
    ) {
        $this->floor = 76.0;
        $this->axis = new TimeAxis($boil->courseEndsS(), 6, $width - 12);
        $this->lift = $lift ?? $boil->last;
        $this->now = $forecast ?? $this->lift->forecast;
        $this->learned = $forecast !== null && ($tests !== [] || $forecast->boil !== $this->lift->forecast->boil);
        $this->every = $width < 400 && $this->axis->endS > 480 ? 2 : 1;
    }

    public function clock(float $seconds): string
    {
        return Figure::clock($seconds);
    }

    /** @param  non-empty-list<array{float, float}>  $points second, and how likely */
    public function hill(array $points): string
    {
        $drawn = array_map(
            fn (array $point): string => $this->axis->x($point[0]).','.round($this->floor - 44 * $point[1], 1), $points,
        );

        return 'M'.$this->axis->x($points[0][0]).",{$this->floor} L".implode(' L', $drawn)
            .' L'.$this->axis->x($points[count($points) - 1][0]).",{$this->floor} Z";
    }

    public function render(): View
    {
        return view('components.drawing.boil');
    }
}

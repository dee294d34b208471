<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Plan\Plan;

/** Other heats for the same pot. */
final readonly class HeatPlans
{
    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{plan: Plan} $given */
        $given = $view->getData();
        $home = $given['plan']->kitchen;
        $ring = $given['plan']->potted->first()->place->ring->id;
        $view->with([
            'words' => fn (HeatPlan $one): string => $this->say->list(array_map(
                fn (Stretch $stretch, Stretch $came): string => $this->say->text(
                    $home->saysStretch($stretch, $came, $ring),
                ),
                $one->line, $one->course->heat,
            )),
        ]);
    }
}

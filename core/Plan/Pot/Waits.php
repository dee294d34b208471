<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Clock\Schedule;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Plan\Work\DishTask;
use Orbek\Core\Plan\Work\Stations\Layer;
use Orbek\Core\Plan\Work\WorkKind;

/** How long what is ready waits for the layering, min, as the clock leaves it. */
final readonly class Waits
{
    private function __construct(
        /** From the lift to the middle of the layering. */
        public float $riceMin,
        /** From the end of the filling's last step to the layering. */
        public float $fillingMin,
    ) {
    }

    /** Where nothing is in the way. */
    public static function usual(Dish $dish): self
    {
        return new self(Layer::waitMin($dish), 0.0);
    }

    /** @param  list<DishTask>  $tasks */
    public static function on(Schedule $schedule, array $tasks, Dish $dish): self
    {
        $layered = $schedule->start(WorkKind::Layer->id());
        $drained = $filled = null;
        foreach ($tasks as $work) {
            match ($work->kind) {
                // Of several batches the last is the one whose heat is left.
                WorkKind::Drain => $drained = $schedule->start($work->task->id),
                WorkKind::Filling => $filled = $schedule->end($work->task->id),
                default => null,
            };
        }

        return new self(
            $drained === null ? Layer::waitMin($dish) : $layered - $drained + Layer::halfLayeredMin($dish),
            $filled === null ? 0.0 : max(0, $layered - $filled),
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Plan\Plan;

/** A step's usual minutes: its least and most give way where they would not hold them any more. */
final readonly class StepEdit implements Edit
{
    public const PATH = '#^fillings/\d/steps/\d{1,2}/minutes$#';

    public function __construct(private string $path, private mixed $minutes)
    {
    }

    public function on(Plan $plan): Dish
    {
        $at = substr($this->path, 0, -strlen('/minutes'));
        [, $place, , $index] = explode('/', $at);
        $step = $plan->dish->fillings->all[(int) $place]->steps[(int) $index] ?? null;
        $dish = $plan->dish;
        if ($step !== null && is_int($this->minutes)) {
            $dish = $step->leastMin !== null && $step->leastMin > $this->minutes
                ? $dish->changed("{$at}/least_min", null) : $dish;
            $dish = $step->mostMin !== null && $step->mostMin < $this->minutes
                ? $dish->changed("{$at}/most_min", null) : $dish;
        }

        return $dish->changed($this->path, $this->minutes);
    }
}

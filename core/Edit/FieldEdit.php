<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Plan\Plan;

/** A field of the dish, set; what the dish itself allows is checked when it is read again. */
final readonly class FieldEdit implements Edit
{
    public function __construct(private string $path, private mixed $value)
    {
    }

    public function on(Plan $plan): Dish
    {
        return $this->of($plan->dish);
    }

    /** A field is changed without its plan. */
    public function of(Dish $dish): Dish
    {
        return $dish->changed($this->path, $this->value);
    }
}

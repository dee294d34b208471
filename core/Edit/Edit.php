<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/** One change of a dish, as a cook makes it on the plan that is seen. */
interface Edit
{
    /** @throws Refused when the dish cannot be so */
    public function on(Plan $plan): Dish;
}

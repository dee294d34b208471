<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Dish;

/** The dishes of a meal in the pots and on the rings that each was given. */
final readonly class GivenOut
{
    /** @param  list<array{Dish, list<string>}>  $dishes each with the rings and plates that it may not use */
    public function __construct(public array $dishes)
    {
    }

    /** @return list<Plan> */
    public function plans(Planner $planner): array
    {
        return array_map(static fn (array $one): Plan => $planner->plan($one[0], $one[1]), $this->dishes);
    }
}

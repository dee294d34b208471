<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;

/** What is to be put ready for a piece of work. */
final readonly class Mise
{
    /** @param  list<Ingredient>  $things */
    private function __construct(public DishTask $work, public array $things)
    {
    }

    /** @return list<self> in the order of the work; work that needs nothing and does not keep is left out */
    public static function of(Plan $plan): array
    {
        $list = [];
        foreach ($plan->day->tasks as $id => $work) {
            $things = self::at($plan, $id);
            if ($things !== [] || $work->keeps !== null) {
                $list[] = new self($work, $things);
            }
        }

        return $list;
    }

    /** @return list<Ingredient> what goes in at a task, in the order in which it is measured out */
    public static function at(Plan $plan, string $task): array
    {
        return array_values(array_filter(
            $plan->ingredients, static fn (Ingredient $ingredient): bool => $ingredient->task === $task,
        ));
    }
}

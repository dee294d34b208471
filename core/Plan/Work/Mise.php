<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Station;

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

    /**
     * What was got ready before and goes in at a task; what lies in the pot is told row by row as it is layered.
     *
     * @return list<Ingredient>
     */
    public static function broughtTo(Plan $plan, string $task): array
    {
        $of = $plan->day->tasks[$task] ?? null;
        $rice = $of?->kind === WorkKind::Boil && ($plan->boil()->batches ?? 1) > 1
            ? [self::batch($plan, $plan->boil()->batches ?? 1, $task)] : [];

        return [...$rice, ...$of?->kind === WorkKind::Layer ? [] : array_values(array_filter(
            $plan->ingredients, static fn (Ingredient $ingredient): bool => $ingredient->usedAt === $task,
        ))];
    }

    /** A batch's share of the rice that was rinsed and soaked, by its weight before. */
    private static function batch(Plan $plan, int $batches, string $task): Ingredient
    {
        return Ingredient::fromTheHouse(
            Station::Rice, Note::of('amounts.a-batch-of-the-rice', batches: $batches), Figure::of(
                $plan->potted->raw->inGrams() / $batches, 'g', 0, Note::of('amounts.a-batch', batches: $batches),
            ), WorkKind::Rinse->id(),
        )->usedAt($task);
    }
}

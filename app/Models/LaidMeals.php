<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Contracts\Cache\Repository;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish as CoreDish;
use Orbek\Core\Heat\FoundLines;
use Orbek\Core\Kitchen\Kitchen as CoreKitchen;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Plan\GivenOut;
use Orbek\Core\Plan\MealPlan;
use Orbek\Core\Plan\MealPlanner;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** Meals planned, and what was found for them kept: who stands where, and when each task starts. */
final readonly class LaidMeals
{
    private const KEPT_S = 30 * 86400;

    public function __construct(private Repository $cache, private FoundLines $found, private ClockInterface $clock)
    {
    }

    /** The plan as it stands at once; what was found before is gone on from. */
    public function plan(Meal $meal): MealPlan
    {
        return $this->planned($meal, Laying::AT_ONCE);
    }

    /** The plan looked for longer, and kept where it is better. */
    public function better(Meal $meal): MealPlan
    {
        return $this->planned($meal, Laying::BETTERED);
    }

    private function planned(Meal $meal, int $steps): MealPlan
    {
        $kitchen = Kitchen::core();
        $known = Household::known();
        $core = $meal->core();
        $dishes = $meal->dishes($kitchen);
        $key = self::key($core, $dishes, $kitchen, $known);
        /** @var array{dishes: list<array{array<string, mixed>, list<string>}>, starts: array<string, int>, better: bool}|null $kept */
        $kept = $this->cache->get($key);
        // A small change goes on from the plan before it.
        /** @var array<string, int> $last */
        $last = $this->cache->get("meal-last-{$meal->id}") ?? [];
        $planner = MealPlanner::in(
            $kitchen, Planner::in($kitchen, $known, $this->clock->now(), $this->found), $this->clock->now(),
            $kept !== null && ($kept['better'] || $steps === Laying::AT_ONCE) ? 1 : $steps,
        );
        $plan = $planner->plan($core, $dishes, $kept['starts'] ?? $last, $kept === null ? null : new GivenOut(array_map(
            static fn (array $one): array => [CoreDish::fromArray($one[0], app(Craft::class)), $one[1]], $kept['dishes'],
        )));
        $this->cache->put($key, [
            'dishes' => array_map(static fn (array $one): array => [$one[0]->toArray(), $one[1]], $plan->given->dishes),
            'starts' => $plan->laid->starts,
            'better' => ($kept['better'] ?? false) || $steps > Laying::AT_ONCE || $plan->laid->isProven(),
        ], self::KEPT_S);
        $this->cache->put("meal-last-{$meal->id}", $plan->laid->starts, self::KEPT_S);

        return $plan;
    }

    /** Whether it is worth looking longer. */
    public function canBeBettered(Meal $meal): bool
    {
        $kitchen = Kitchen::core();
        /** @var array{better: bool}|null $kept */
        $kept = $this->cache->get(self::key($meal->core(), $meal->dishes($kitchen), $kitchen, Household::known()));

        return ! ($kept['better'] ?? false);
    }

    /** @param  array<string, CoreDish>  $dishes */
    private static function key(CoreMeal $meal, array $dishes, CoreKitchen $kitchen, Knowledge $known): string
    {
        return 'meal-'.hash('xxh128', (string) json_encode([
            $meal->toArray(), array_map(static fn (CoreDish $dish): array => $dish->toArray(), $dishes),
            $kitchen->toArray(), $known->toArray(),
        ]));
    }
}

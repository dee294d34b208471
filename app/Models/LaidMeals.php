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
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Meal\GivenOut;
use Orbek\Core\Plan\Meal\MealMend;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealPlanner;
use Orbek\Core\Plan\Planner;
use Psr\Clock\ClockInterface;

/** Meals planned, and what was found for them kept: who stands where, and when each task starts. */
final readonly class LaidMeals
{
    private const KEPT_S = 30 * 86400;

    private const GOING_ON = 10_000;

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
        $places = self::key($core, $dishes, $kitchen, $known, false);
        $whole = self::key($core, $dishes, $kitchen, $known, true);
        /** @var array{starts: array<string, int>, better: bool, mends: list<MealMend>}|null $kept */
        $kept = $this->cache->get($whole);
        // A small change goes on from the plan before it.
        /**
         * @var array{starts: array<string, int>, dishes: string, given: list<array{array<string, mixed>,
         *     list<string>}>}|null $last
         */
        $last = $this->cache->get("meal-went-{$meal->id}");
        $same = self::hash($dishes);
        /** @var list<array{array<string, mixed>, list<string>}>|null $given */
        $given = $this->cache->get($places);
        $planner = MealPlanner::in(
            $kitchen, Planner::in($kitchen, $known, $this->clock->now(), $this->found), $this->clock->now(),
            self::steps($kept !== null, $kept['better'] ?? false, $last !== null, $steps),
        );
        $plan = $planner->plan(
            $core, $dishes, $kept['starts'] ?? $last['starts'] ?? [],
            $given === null ? null : GivenOut::fromArray($given, app(Craft::class)),
            $last !== null && $last['dishes'] === $same ? GivenOut::fromArray($last['given'], app(Craft::class)) : null,
            // What would make it shorter is looked for beside the page.
            $steps === Laying::AT_ONCE || ($kept['better'] ?? false) ? $kept['mends'] ?? [] : null,
        );
        $given = $plan->given->toArray();
        $this->cache->put($places, $given, self::KEPT_S);
        $this->cache->put($whole, [
            'starts' => $plan->laid->starts,
            'better' => ($kept['better'] ?? false) || $steps > Laying::AT_ONCE,
            'mends' => $plan->mends(),
        ], self::KEPT_S);
        $this->cache->put("meal-went-{$meal->id}", [
            'starts' => $plan->laid->starts, 'dishes' => $same, 'given' => $given,
        ], self::KEPT_S);

        return $plan;
    }

    /** What was laid last, in short: another where a better plan came. */
    public function sum(Meal $meal): string
    {
        return hash('xxh128', (string) json_encode($this->cache->get("meal-went-{$meal->id}")));
    }

    /** The plan as it was found before; null where it was not, or cannot be. */
    public function known(Meal $meal): ?MealPlan
    {
        // One that was never laid is found out before its dishes are read.
        if (! $this->cache->has("meal-went-{$meal->id}")) {
            return null;
        }
        $kitchen = Kitchen::core();
        try {
            $key = self::key($meal->core(), $meal->dishes($kitchen), $kitchen, Household::known(), true);

            return $this->cache->has($key) ? $this->plan($meal) : null;
        } catch (Refused) {
            return null;
        }
    }

    /** How long to look: not at all for what was found, a moment to go on from the plan before a small change. */
    private static function steps(bool $isKept, bool $isBetter, bool $goesOn, int $steps): int
    {
        return match (true) {
            $isBetter, $isKept && $steps === Laying::AT_ONCE => 1,
            $goesOn && $steps === Laying::AT_ONCE => self::GOING_ON,
            default => $steps,
        };
    }

    /** Whether it is worth looking longer. */
    public function canBeBettered(Meal $meal): bool
    {
        $kitchen = Kitchen::core();
        /** @var array{better: bool}|null $kept */
        $kept =
            $this->cache->get(self::key($meal->core(), $meal->dishes($kitchen), $kitchen, Household::known(), true));

        return ! ($kept['better'] ?? false);
    }

    /**
     * The dishes themselves, whoever eats of them and when.
     *
     * @param  array<string, CoreDish>  $dishes
     */
    private static function hash(array $dishes): string
    {
        return hash('xxh128', (string) json_encode(array_map(
            static fn (CoreDish $dish): array => array_diff_key($dish->toArray(), ['usual' => 0]), $dishes,
        )));
    }

    /**
     * What a plan hangs on: not the day and the hour; where pots and rings are given out not what is pinned either.
     *
     * @param  array<string, CoreDish>  $dishes
     */
    private static function key(
        CoreMeal $meal, array $dishes, CoreKitchen $kitchen, Knowledge $known, bool $isWhole,
    ): string {
        $document = array_diff_key($meal->toArray(), ['name' => 0, 'guests' => 0, 'serve_at' => 0]);

        return ($isWhole ? 'meal-laid-' : 'meal-stands-').hash('xxh128', (string) json_encode([
            $isWhole ? $document : array_diff_key($document, ['pins' => 0]), self::hash($dishes),
            $kitchen->toArray(), $known->toArray(),
        ]));
    }
}

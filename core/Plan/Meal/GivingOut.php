<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Laid;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Pot\Pot;

/**
 * Gives a meal's dishes their pots and rings, so that no two want one at the table: of the ways in which
 * most comes out right the first whose work fits on the clock.
 */
final class GivingOut
{
    /** Places that are kept of each dish, and ways for all together that are tried on the clock. */
    private const PLACES = 6;

    private const POTS = 3;

    /** With so many places where all comes out right no other pot is looked at. */
    private const ENOUGH = 4;

    private const WAYS = 10;

    private const TRIED = 12;

    /** So near to the bound is near enough to stop looking. */
    private const NEAR = 1.1;

    /** Steps of the clock for a way that is only looked at. */
    private const TRIED_STEPS = 8_000;

    /** @var array<string, Plan> by what they are planned from: the same is not planned twice */
    private array $planned = [];

    /** @param  array<string, int>  $things how many there are of each */
    public function __construct(
        private readonly Kitchen $kitchen, private readonly Planner $planner, private readonly Meal $meal,
        private readonly array $things, private readonly int $hotWithinMin,
    ) {
    }

    /**
     * All work on the clock, looked at only.
     *
     * @param  list<Plan>  $plans
     * @return Laid|null null where it does not fit
     */
    private function laid(array $plans): ?Laid
    {
        $tasks = MealWork::of($this->meal, $plans, $this->kitchen);
        try {
            return Laying::of(
                MealWork::jobs($tasks), $this->things, $this->hotWithinMin, self::TRIED_STEPS,
            );
        } catch (CannotBeLaid) {
            return null;
        }
    }

    /**
     * @param  list<Dish>  $dishes
     * @param  GivenOut|null  $last as it was for these dishes before a small change
     */
    public function of(array $dishes, ?GivenOut $last = null): GivenOut
    {
        if ($last !== null && $this->isRight($last)) {
            return $last;
        }
        $first = null;
        $best = null;
        $tried = 0;
        foreach ($this->ways(array_map($this->places(...), $dishes)) as $way) {
            foreach ($this->preparing($way) as $prepared) {
                $given = new GivenOut($prepared);
                $first ??= $given;
                $plans = array_map(fn (array $one): Plan => $this->plan($one[0], $one[1]), $prepared);
                $laid = $this->laid($plans);
                if ($laid !== null && ($best === null || $laid->busyMin < $best[0])) {
                    $best = [$laid->busyMin, $given];
                    if ($laid->busyMin <= self::NEAR * $laid->boundMin) {
                        return $given;
                    }
                }
                if (++$tried >= self::TRIED) {
                    break 2;
                }
            }
            // In the way that comes out best, something fits: what is shorter elsewhere comes out worse.
            if ($best !== null) {
                break;
            }
        }

        if ($best === null && $this->meal->pins !== []) {
            // A pin that fits nowhere: given out as if it were let go, so that letting go of it mends the meal.
            $free = $this->meal->with(['pins' => null]);

            return (new self($this->kitchen, $this->planner, $free, $this->things, $this->hotWithinMin))->of($dishes);
        }

        return $best[1] ?? $first ?? new GivenOut(array_map(static fn (Dish $dish): array => [$dish, []], $dishes));
    }

    /** Whether all comes out right so, and fits on the clock. */
    private function isRight(GivenOut $given): bool
    {
        $plans = array_map(fn (array $one): Plan => $this->plan($one[0], $one[1]), $given->dishes);
        foreach ($plans as $plan) {
            if ($plan->misses() !== [0, 0, 0]) {
                return false;
            }
        }

        return $this->laid($plans) !== null;
    }

    /** @param  list<string>  $reserved */
    private function plan(Dish $dish, array $reserved): Plan
    {
        return $this->planned[
            hash('xxh128', (string) json_encode([$dish->toArray(), $reserved]))
        ] ??= $this->planner->plan(
            $dish, $reserved,
        );
    }

    /**
     * Where a dish could be steamed: in which pot, on which ring, and whether it may be moved to a smaller one.
     *
     * @return list<array{Dish, list<string>}> what comes out right first, its own pot and ring before others
     */
    private function places(Dish $dish): array
    {
        if ($dish->grain->cooking === Cooking::InCooker) {
            return [[$dish, []]];
        }
        $pots = array_filter(
            $this->kitchen->stovePots(), static fn (Pot $pot): bool => $pot->id !== $dish->lid->secondPot,
        );
        usort($pots, static fn (Pot $a, Pot $b): int => [$a->id !== $dish->lid->pot, $a->litres]
            <=> [$b->id !== $dish->lid->pot, $b->litres]);
        $rings = array_map(strval(...), array_keys($this->kitchen->equipment->rings));
        usort($rings, fn (string $a, string $b): int => [
            $a !== $dish->lid->ring, -$this->kitchen->equipment->rings[$a]->netW(),
        ]
            <=> [$b !== $dish->lid->ring, -$this->kitchen->equipment->rings[$b]->netW()]);
        $places = [];
        foreach (array_slice($pots, 0, self::POTS) as $pot) {
            $isOne = $dish->grain->water->pot === $dish->lid->pot && $dish->grain->cooking !== Cooking::Cooker;
            foreach ($rings as $ring) {
                $there = $dish->changed('lid/pot', $pot->id)->changed('lid/burner', $ring);
                $there = $isOne ? $there->changed('water/pot', $pot->id) : $there;
                $free = $this->plan($there, []);
                $places[] = [$free->misses(), count($places), [$there, []]];
                // Kept to its own ring, where it would be moved to a smaller one.
                if (! in_array("ring:{$ring}", self::needs($free), true)) {
                    $reserved = array_values(array_diff($rings, [$ring]));
                    $places[] = [$this->plan($there, $reserved)->misses(), count($places), [$there, $reserved]];
                }
            }
            $right = array_filter($places, static fn (array $one): bool => $one[0] === [0, 0, 0]);
            if (count($right) >= self::ENOUGH) {
                break;
            }
        }
        usort($places, static fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);

        return array_map(static fn (array $one): array => $one[2], array_slice($places, 0, 2 * self::PLACES));
    }

    /**
     * One place for each dish, no pot, plate or last ring twice.
     *
     * @param  list<list<array{Dish, list<string>}>>  $places by dish
     * @return list<list<array{Dish, list<string>}>> what comes out right first
     */
    private function ways(array $places): array
    {
        $ways = [[0, [], []]];
        foreach ($places as $ofDish) {
            $longer = [];
            foreach ($ways as [$misses, $way, $taken]) {
                foreach ($ofDish as $rank => $place) {
                    $plan = $this->plan($place[0], $place[1]);
                    $needs = self::needs($plan);
                    if (array_intersect($needs, $taken) === []) {
                        $longer[] = [
                            $misses + 100 * array_sum($plan->misses()) + $rank, [...$way, $place],
                            [...$taken, ...$needs],
                        ];
                    }
                }
            }
            usort($longer, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
            $ways = array_slice($longer, 0, 4 * self::WAYS);
        }

        return array_map(static fn (array $one): array => $one[1], array_slice($ways, 0, self::WAYS));
    }

    /**
     * What a dish has to itself till the table: its pots, the ring it ends on, its plates.
     *
     * @return list<string>
     */
    private static function needs(Plan $plan): array
    {
        $dish = $plan->dish;
        $needs = $dish->lid->secondPot === null
            ? ["pot:{$dish->lid->pot}"] : ["pot:{$dish->lid->pot}", "pot:{$dish->lid->secondPot}"];
        $ring = $dish->lid->ring;
        foreach ($plan->potted->first()->line() as $stretch) {
            $ring = $stretch->flame->ring === '' ? $ring : $stretch->flame->ring;
            if ($stretch->flame->plate !== null) {
                $needs[] = "plate:{$stretch->flame->plate->id}";
            }
        }
        $needs[] = "ring:{$ring}";
        if ($dish->lid->secondRing !== null) {
            $needs[] = "ring:{$dish->lid->secondRing}";
        }

        return array_values(array_unique($needs));
    }

    /**
     * The dishes with what is made before the lid on other rings: as they are, all of a dish on one ring, and so on.
     *
     * @param  list<array{Dish, list<string>}>  $way
     * @return list<list<array{Dish, list<string>}>>
     */
    private function preparing(array $way): array
    {
        $rings = array_map(strval(...), array_keys($this->kitchen->equipment->rings));
        $made = [[]];
        foreach ($way as [$dish, $reserved]) {
            $longer = [];
            foreach ($made as $before) {
                foreach ([null, ...$rings] as $ring) {
                    $longer[] = [...$before, [$ring === null ? $dish : self::preparedOn($dish, $ring), $reserved]];
                }
            }
            $made = array_slice($longer, 0, self::TRIED);
        }

        return $made;
    }

    /**
     * Whether something is made on one of some rings before the lid.
     *
     * @param  list<string>  $rings
     */
    public static function isPreparedOn(Dish $dish, array $rings): bool
    {
        foreach ([...$dish->fillings->steps(), ...$dish->build->extras, ...$dish->table->sides] as $thing) {
            if (in_array($thing->ring, $rings, true)) {
                return true;
            }
        }

        return ! $dish->grain->cooking->takesCooker() && in_array($dish->grain->water->ring, $rings, true);
    }

    /** A dish with all that is made before the lid on one ring. */
    public static function preparedOn(Dish $dish, string $ring): Dish
    {
        $on = $dish->changed('water/burner', $ring);
        $lists = ['extras' => $dish->build->extras, 'sides' => $dish->table->sides];
        foreach ($dish->fillings->all as $place => $filling) {
            $lists["fillings/{$place}/steps"] = $filling->steps;
        }
        foreach ($lists as $list => $things) {
            foreach ($things as $index => $thing) {
                $on = $thing->ring === null ? $on : $on->changed("{$list}/{$index}/burner", $ring);
            }
        }

        return $on;
    }
}

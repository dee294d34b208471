<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Planner;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Ring;

/** A dish brought into a kitchen: made of the things that are there, in the pot in which it comes out right. */
final readonly class Moving
{
    private function __construct(private Kitchen $kitchen, private Planner $planner)
    {
    }

    /**
     * Whether a dish names pots, rings, plates or bags that the kitchen does not have, or a pot where a cooker is
     * wanted, or the other way round.
     */
    public static function isNeeded(Dish $dish, Kitchen $kitchen): bool
    {
        $there = [
            ...array_keys($kitchen->equipment->pots), ...array_keys($kitchen->equipment->rings),
            ...array_keys($kitchen->equipment->plates),
        ];

        return array_diff($dish->things(), array_map(strval(...), $there)) !== []
            || ! isset($kitchen->pantry->bags[$dish->grain->rice->bag]) || self::unlike($dish, $kitchen) !== [];
    }

    /**
     * Where a dish has a cooker for a pot of the stove, or a pot of the stove for a cooker.
     *
     * @return array<string, bool> whether a cooker belongs there, by the field that names the wrong one
     */
    private static function unlike(Dish $dish, Kitchen $kitchen): array
    {
        $cooking = $dish->grain->cooking;
        // What is measured may be cooked in either; what is drained, and what is closed on a ring, may not.
        $wanted = ['lid/pot' => $cooking === Cooking::InCooker, 'lid/second/pot' => false];
        if ($cooking->takesCooker() || $cooking === Cooking::Drained) {
            $wanted['water/pot'] = $cooking->takesCooker();
        }
        $named = [
            'water/pot' => $dish->grain->water->pot, 'lid/pot' => $dish->lid->pot,
            'lid/second/pot' => $dish->lid->secondPot,
        ];

        return array_filter($wanted, static function (bool $isCooker, string $field) use ($named, $kitchen): bool {
            $pot = $kitchen->equipment->pots[$named[$field] ?? ''] ?? null;

            return $pot !== null && ($pot->cooker !== null) !== $isCooker;
        }, ARRAY_FILTER_USE_BOTH);
    }

    /**
     * The dish in the kitchen's own things.
     *
     * @param  Kitchen|null  $from where it was made: its pots and rings go by size to the nearest
     *
     * @throws Refused when it cannot be so
     */
    public static function into(Dish $dish, Kitchen $kitchen, ?Kitchen $from = null): Dish
    {
        if ($dish->grain->cooking->takesCooker() && $kitchen->cookers() === []) {
            throw Refused::because('school', 'refused.school-wants-a-cooker');
        }
        $pots = $kitchen->stovePots();
        if ($pots === []) {
            throw Refused::because('lid/pot', 'refused.no-pot-for-the-stove');
        }
        $moved = $dish;
        foreach ($dish->things() as $id) {
            if ($kitchen->equipment->has($id)) {
                continue;
            }
            $pot = $from?->equipment->pots[$id] ?? null;
            $to = match (true) {
                $pot?->cooker !== null && $kitchen->cookers() !== [] => (string) array_key_first($kitchen->cookers()),
                $pot !== null, $id === $dish->lid->pot,
                $id === $dish->grain->water->pot => self::nearestPot($pots, $pot),
                isset($from->equipment->plates[$id]) => (string) array_key_first($kitchen->equipment->plates),
                default => self::nearestRing($kitchen->equipment->rings, $from?->equipment->rings[$id] ?? null),
            };
            // Without a plate to stand on, its own heat line is no use.
            $moved = $to === '' ? $moved->changed('lid/heat', null) : $moved->moved($id, $to);
        }
        foreach (self::unlike($moved, $kitchen) as $field => $isCooker) {
            $named = $field === 'lid/pot' ? $moved->lid->pot : $moved->grain->water->pot;
            $was = $kitchen->equipment->pots[$named] ?? null;
            $moved = $field === 'lid/second/pot' ? $moved->changed('lid/second', null) : $moved->changed(
                $field, $isCooker ? (string) array_key_first($kitchen->cookers()) : self::nearestPot($pots, $was),
            );
        }
        if ($moved->lid->secondPot !== null && $moved->lid->secondPot === $moved->lid->pot) {
            $moved = $moved->changed('lid/second', null);
        }
        if (isset($kitchen->pantry->bags[$moved->grain->rice->bag])) {
            return $moved;
        }
        $kind = $from?->pantry->bags[$moved->grain->rice->bag]->kind ?? null;
        $bags = array_keys(array_filter($kitchen->pantry->bags, static fn ($bag): bool => $bag->kind === $kind));

        return $moved->changed('rice/lot', $bags[0] ?? array_key_first($kitchen->pantry->bags));
    }

    /**
     * The same in the pot, on the ring and with the seal that come out right there, if any do; else as near as it gets.
     *
     * @throws Refused
     */
    public static function right(Dish $dish, Kitchen $kitchen, Planner $planner): Dish
    {
        return (new self($kitchen, $planner))->settled($dish);
    }

    private function settled(Dish $dish): Dish
    {
        $best = $this->planner->plan($dish);
        foreach ($this->others($dish) as $other) {
            if ($best->misses() === [0, 0, 0]) {
                break;
            }
            try {
                $plan = $this->planner->plan($other);
            } catch (Refused) {
                continue;
            }
            $best = $plan->misses() < $best->misses() ? $plan : $best;
        }
        // What clashes is not put right by another heat or seal.
        $mend = $best->misses()[1] > 0 ? null : $best->mends()[0] ?? null;
        if ($mend === null) {
            return $best->dish;
        }
        $mended = $this->planner->plan($best->dish->changed($mend->path, $mend->value));

        return $mended->misses() < $best->misses() ? $mended->dish : $best->dish;
    }

    /** @return list<Dish> the dish in other pots on other rings, the smallest pot first; its water in the largest */
    private function others(Dish $dish): array
    {
        $pots = array_values($this->kitchen->stovePots());
        usort($pots, static fn (Pot $a, Pot $b): int => $a->litres <=> $b->litres);
        $rings = array_values($this->kitchen->equipment->rings);
        usort($rings, static fn (Ring $a, Ring $b): int => $b->netW() <=> $a->netW());
        $isOne = $dish->grain->water->pot === $dish->lid->pot;
        $dishes = [];
        foreach ($pots as $pot) {
            foreach ($rings as $ring) {
                $other = $dish->changed('lid/pot', $pot->id)->changed('lid/burner', $ring->id);
                $dishes[] = $isOne ? $other->changed('water/pot', $pot->id) : $other;
            }
        }

        return $dishes;
    }

    /** @param  array<string, Pot>  $pots */
    private static function nearestPot(array $pots, ?Pot $pot): string
    {
        $sorted = array_values($pots);
        $litres = $pot->litres ?? null;
        usort($sorted, static fn (Pot $a, Pot $b): int => $litres === null
            ? $a->litres <=> $b->litres
            : abs(log($a->litres / $litres)) <=> abs(log($b->litres / $litres)));

        return $sorted[$litres === null ? intdiv(count($sorted), 2) : 0]->id;
    }

    /** @param  non-empty-array<string, Ring>  $rings */
    private static function nearestRing(array $rings, ?Ring $ring): string
    {
        $sorted = array_values($rings);
        $netW = $ring?->netW() ?? INF;
        usort($sorted, static fn (Ring $a, Ring $b): int => $netW === INF
            ? $b->netW() <=> $a->netW()
            : abs(log($a->netW() / $netW)) <=> abs(log($b->netW() / $netW)));

        return $sorted[0]->id;
    }
}

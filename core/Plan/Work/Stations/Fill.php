<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\Step;
use Orbek\Core\Filling\Marinade;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\EndsBy;
use Orbek\Core\Plan\Work\WorkKind;

/** Each filling marinated, brought to the room's warmth and cooked, in order. */
final class Fill
{
    private function __construct(private readonly Bench $bench)
    {
    }

    /**
     * @return array{list<string>, list<After>} the last task of each that goes into the pot, and what the opening comes
     *     after of those that are served with it
     */
    public static function put(Bench $bench): array
    {
        $fill = new self($bench);
        $filled = $served = [];
        foreach ($bench->dish->fillings->all as $place => $filling) {
            $last = $fill->filling($filling, $place);
            if ($last !== null && $filling->isBeside) {
                $served[] = After::within($last, $bench->times->minutes(WorkKind::Filling->value, 'beside-the-rice'));
            } elseif ($last !== null) {
                $filled[] = $last;
            }
        }

        return [$filled, $served];
    }

    /** The first task that has a filling in hand. */
    public static function firstTask(Dish $dish, int $place = 0): string
    {
        $filling = $dish->fillings->all[$place] ?? null;

        return match (true) {
            $filling?->marinade !== null => WorkKind::Marinade->id($place),
            $filling === null || $filling->steps === [] => $filling?->isBeside === true
                ? WorkKind::Open->id() : WorkKind::Layer->id(),
            default => WorkKind::Filling->id(self::firstStep($dish, $place)),
        };
    }

    /** The task in which one of a filling's steps is done. */
    public static function stepTask(Dish $dish, int $place, int $step): string
    {
        return WorkKind::Filling->id(self::firstStep($dish, $place) + $step);
    }

    /**
     * The task at which a part of a filling goes in: the step that takes it by name, else the first that its kind
     * brought; meat that is marinated is in hand before.
     */
    public static function partTask(Dish $dish, int $place, FillingPart $part): string
    {
        $filling = $dish->fillings->get($place);
        $named = self::stepWith($dish, $place, $part->name);
        if ($named !== null || ($filling->marinade !== null && $part->kind->wantsCooking())) {
            return $named ?? self::firstTask($dish, $place);
        }
        $brought = array_filter($filling->steps, static fn (Step $step): bool => $step->of === $part->kind->id);

        return $brought === []
            ? self::firstTask($dish, $place) : self::stepTask($dish, $place, (int) array_key_first($brought));
    }

    /** The task of the step that takes something in by its name; null where none does. */
    public static function stepWith(Dish $dish, int $place, string $name): ?string
    {
        $steps = array_filter(
            $dish->fillings->all[$place]->steps ?? [], static fn (Step $step): bool => $step->takes($name),
        );

        return $steps === [] ? null : self::stepTask($dish, $place, (int) array_key_first($steps));
    }

    /** The place of the filling whose marinade takes what is for the marinade. */
    public static function marinated(Dish $dish): int
    {
        return (int) array_key_first(array_filter(
            $dish->fillings->all, static fn (Filling $one): bool => $one->marinade !== null,
        ));
    }

    /** The task in which yogurt goes into a marinade. */
    public static function yogurtTask(Dish $dish, int $place = 0): string
    {
        $marinade = $dish->fillings->get($place)->marinade;

        return $marinade !== null && self::takesYogurtLate($dish, $marinade)
            ? WorkKind::Yogurt->id($place) : self::firstTask($dish, $place);
    }

    /** The number of a filling's first step among those of all. */
    private static function firstStep(Dish $dish, int $place): int
    {
        $before =
            array_filter($dish->fillings->all, static fn (int $other): bool => $other < $place, ARRAY_FILTER_USE_KEY);

        return array_sum(array_map(static fn (Filling $one): int => count($one->steps), $before));
    }

    /** Yogurt is left out of an overnight marinade till its last hour; a short one has no such hour. */
    private static function takesYogurtLate(Dish $dish, Marinade $marinade): bool
    {
        return $marinade->yogurt === Yogurt::Morning && $marinade->minutes > self::lastMin($dish);
    }

    private static function lastMin(Dish $dish): int
    {
        return $dish->craft->work->minutes(WorkKind::Yogurt->value, 'before-the-end');
    }

    /** @return string|null the last of its tasks */
    private function filling(Filling $filling, int $place): ?string
    {
        $bench = $this->bench;
        $first = [];
        foreach ($filling->marinade === null && $place > 0 ? [] : $bench->dish->build->extras as $index => $extra) {
            if ($extra->split['marinade'] > 0 && $extra->isMade()) {
                $first[] = After::anyTime(Extras::made($bench->dish, $index));
            }
        }
        $last = $filling->marinade === null ? null : $this->marinate($filling->marinade, $place, $first);
        $gapMin = $bench->times->minutes(WorkKind::Filling->value, 'from-the-marinade');
        if ($filling->standsOut && $filling->ready <= 0) {
            $cold = $bench->waits(WorkKind::Marinates);
            $last = $bench->put(
                $bench->of(WorkKind::StandsOut, Note::of('work-order.stands-out'), $place)
                    ->after(...$last === null ? $first : [After::within($last, $cold)])
                    ->saying(Note::of('work-order.till-room-warm'))->done(Note::of('work-order.it-has-stood')),
            );
            $gapMin = $bench->waits(WorkKind::StandsOut);
        }

        return $this->steps($filling, $place, $last, $gapMin, $first);
    }

    /**
     * @param  list<After>  $first
     * @return string|null the last of its tasks
     */
    private function steps(Filling $filling, int $place, ?string $last, int $gapMin, array $first): ?string
    {
        $bench = $this->bench;
        // In one pot all of the filling is cooked where the rice will follow it.
        $inPot = $bench->dish->grain->cooking === Cooking::OnePot && ! $filling->isBeside ? [$bench->closedPot()] : [];
        $number = self::firstStep($bench->dish, $place);
        foreach ($filling->steps as $step) {
            $last = $bench->put(
                $bench->of(WorkKind::Filling, Note::name($step->name), $number++)
                    ->lasting($step->minutes)->wanting($step->attention)
                    ->holding(...$step->ring === null ? [] : [Hold::ring($step->ring), ...$inPot])
                    ->after(...$last === null ? $first : [After::within($last, $gapMin)])
                    ->saying($step->till === null ? null : Note::of('work-order.till-it', look: $step->till))
                    ->keeping($step->keeps === null ? null : Note::name($step->keeps))
                    ->minding($step->underPressure ? Caution::PressureCooker : null)
                    ->ending(EndsBy::of($step, $filling)),
            );
            $gapMin = $bench->times->minutes(WorkKind::Filling->value, 'between-steps');
        }

        return $last;
    }

    /** @param  list<After>  $before */
    private function marinate(Marinade $marinade, int $place, array $before): string
    {
        $bench = $this->bench;
        $isLate = self::takesYogurtLate($bench->dish, $marinade);
        $lastMin = self::lastMin($bench->dish);
        $cut = $bench->put(
            $bench->of(WorkKind::Marinade, Note::of('work-order.marinate'), $place)->after(...$before)
                ->saying($isLate ? Note::of('work-order.all-but-the-yogurt') : Note::label($marinade->acid))
                ->done(Note::of('work-order.into-the-fridge')),
        );
        $marinated = $bench->put(
            $bench->of(WorkKind::Marinates, Note::of('work-order.marinates'), $place)
                ->lasting(max(1, $marinade->minutes - ($isLate ? $lastMin : 0)))->after(After::atOnce($cut))
                ->saying(Note::of('work-order.fridge-cold')),
        );
        if (! $isLate) {
            return $marinated;
        }
        $stirred = $bench->put(
            $bench->of(WorkKind::Yogurt, Note::of('work-order.stir-the-yogurt-in'), $place)
                ->after(After::within($marinated, $bench->waits(WorkKind::Marinates)))
                ->done(Note::of('work-order.back-into-the-fridge')),
        );

        return $bench->put(
            $bench->of(WorkKind::MarinatesOn, Note::of('work-order.marinates-with-yogurt'), $place)
                ->lasting($lastMin - $bench->times->minutes(WorkKind::Yogurt->value))->after(After::atOnce($stirred)),
        );
    }
}

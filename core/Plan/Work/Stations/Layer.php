<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\WorkKind;

/** The base made hot, the pot layered and closed. */
final class Layer
{
    /** Minutes between the lift and the middle of the layering, where nothing is in the way. */
    public static function waitMin(Dish $dish): float
    {
        return $dish->craft->work->minutes(WorkKind::Drain->value) + self::hotFatMin($dish)
            + self::halfLayeredMin($dish);
    }

    /** Half of the layering, min: from its beginning to its middle. */
    public static function halfLayeredMin(Dish $dish): float
    {
        return self::layerMin($dish) / 2;
    }

    /** The task that the base is made ready for: hot fat where there is some, else the layering. */
    public static function baseTask(Dish $dish): string
    {
        return self::hotFatMin($dish) > 0 ? WorkKind::HotFat->id() : WorkKind::Layer->id();
    }

    /**
     * The fat that gets hot while the rice drains.
     *
     * @return list<After> what the layering comes after
     */
    public static function base(Bench $bench, string $drained): array
    {
        $dish = $bench->dish;
        $before = [After::within($drained, $bench->waits(WorkKind::Drain) - self::layerMin($dish))];
        if (self::hotFatMin($dish) === 0) {
            return $before;
        }
        $hot = $bench->put(
            $bench->of(WorkKind::HotFat, Note::of('work-order.heat-the-fat'))
                ->holding(Hold::ring($dish->lid->ring), $bench->closedPot())->after(After::anyTime($drained))
                ->saying(Note::of('work-order.till-it-ripples'))->begun(Note::of('work-order.it-is-on'))
                ->done(Note::of('work-order.it-ripples'))->minding(Caution::HotFat),
        );

        return [...$before, After::within($hot, $bench->waits(WorkKind::HotFat))];
    }

    /** @param  list<After>  $before */
    public static function put(Bench $bench, array $before): string
    {
        $dish = $bench->dish;
        if ($dish->lid->seal->dough !== null) {
            $rolled = $bench->put($bench->of(WorkKind::Dough, Note::of('work-order.roll-the-dough')));
            $before[] = After::within($rolled, $bench->waits(WorkKind::Dough));
        }
        $before = [...$before, ...Heat::hotPlate($bench, 0)];
        $name = match (true) {
            $dish->grain->cooking === Cooking::OnePot => Note::of('work-order.level-and-close'),
            $dish->grain->cooking === Cooking::InCooker => Note::of('work-order.fork-and-close'),
            $dish->build->folded => Note::of('work-order.fold-and-close'),
            $dish->build->mound => Note::of('work-order.heap-and-close'),
            default => Note::of('work-order.layer-and-close'),
        };

        return $bench->put(
            $bench->of(WorkKind::Layer, $name)->lasting(self::layerMin($dish))->holding($bench->closedPot())
                ->after(...$before)->saying(Note::name($dish->lid->seal->name))
                ->done(Note::of('work-order.closed-heat-on')),
        );
    }

    private static function hotFatMin(Dish $dish): int
    {
        return $dish->build->base->kind->isLaid && ! $dish->grain->cooking->isMeasured()
            ? $dish->craft->work->minutes(WorkKind::HotFat->value) : 0;
    }

    private static function layerMin(Dish $dish): int
    {
        $of = static fn (string $what): int => $dish->craft->work->minutes(WorkKind::Layer->value, $what);

        return $dish->grain->cooking->isWithFilling() ? $of('levelling')
            : $of('minutes') + ($dish->build->mound ? $of('mounding') : 0)
                + ($dish->lid->secondPot === null ? 0 : $of('into-a-second'));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\LetsGo;

/** Smoked, opened, served, with what stands beside it. */
final class Serve
{
    /**
     * A coal under the lid once the pot is off the heat.
     *
     * @param  list<After>  $before
     * @return list<After> what the opening comes after
     */
    public static function smoke(Bench $bench, array $before): array
    {
        if ($bench->dish->lid->smokeMin === 0) {
            return $before;
        }
        $lit = $bench->put(
            $bench->of(WorkKind::Smoke, Note::of('work-order.coal'))
                ->holding($bench->closedPot())->after(...$before)
                ->saying(Note::of('work-order.coal-how'))->begun(Note::of('work-order.it-smokes'))
                ->done(Note::of('work-order.lid-on-again'))->minding(Caution::Charcoal),
        );
        $smoked = $bench->put(
            $bench->of(WorkKind::Smokes, Note::of('work-order.smokes'))->lasting($bench->dish->lid->smokeMin)
                ->holding($bench->closedPot())->after(After::atOnce($lit)),
        );

        return [After::within($smoked, $bench->waits(WorkKind::Smokes))];
    }

    /** @return list<After> what the opening comes after */
    public static function sides(Bench $bench): array
    {
        $after = [];
        foreach ($bench->dish->table->sides as $index => $side) {
            $after[] = After::anyTime($bench->put(
                $bench->of(WorkKind::Side, Note::name($side->name), $index)->lasting($side->minutes)
                    ->wanting($side->attention)
                    ->holding(...$side->ring === null ? [] : [Hold::ring($side->ring)])
                    ->keeping($side->keeps === null ? null : Note::name($side->keeps)),
            ));
        }

        return $after;
    }

    /** @param  list<After>  $before a rest may run on for a while: the base only lets go the better */
    public static function put(Bench $bench, array $before): void
    {
        $dish = $bench->dish;
        $letsGo = self::isReleased($dish) ? $bench->potted->first()->place->pot->material->letsGo() : null;
        $of = static fn (string $what): int => $bench->times->minutes(WorkKind::Open->value, $what);
        $serving = Note::label($dish->table->serving);
        $bench->put(
            $bench->of(WorkKind::Open, Note::label($dish->table->serving, 'task'))
                ->lasting($of('minutes') + ($dish->table->serving === Serving::Mixed ? $of('mixing') : 0)
                    + ($letsGo === LetsGo::AfterRestOrColdWater ? $of('letting-go') : 0))
                ->holding($bench->closedPot())->after(...$before)
                ->saying($letsGo === null ? $serving
                    : Note::of('work-order.let-go-and-served', letsGo: Note::label($letsGo), serving: $serving))
                ->begun(Note::of('work-order.open-it'))->done(Note::of('work-order.on-the-table')),
        );
    }

    private static function isReleased(Dish $dish): bool
    {
        return $dish->build->base->kind->isLaid
            && in_array($dish->table->serving, [Serving::Whole, Serving::Lifted], true);
    }
}

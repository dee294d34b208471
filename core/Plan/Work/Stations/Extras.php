<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\Preparation;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\WorkKind;

/** Toppings and colours made beside: at once and left to stand, or in several steps. */
final class Extras
{
    /** @return array{list<After>, list<After>} what the layering and what the opening comes after */
    public static function put(Bench $bench): array
    {
        $beforeLayers = $beforeOpening = [];
        foreach ($bench->dish->build->extras as $index => $extra) {
            if (! $extra->isMade()) {
                continue;
            }
            $extra->made === null
                ? self::atOnce($bench, $extra, $index) : self::inSteps($bench, $extra, $extra->made, $index);
            $made = After::anyTime(self::made($bench->dish, $index));
            $extra->isAtTable() ? $beforeOpening[] = $made : $beforeLayers[] = $made;
        }

        return [$beforeLayers, $beforeOpening];
    }

    private static function atOnce(Bench $bench, Extra $extra, int $index): void
    {
        $made = $bench->put(
            $bench->of(WorkKind::Extra, Note::of('work-order.extra', extra: $extra->name), $index)
                ->lasting($extra->prepMinutes)
                ->holding(...$extra->ring === null ? [] : [Hold::ring($extra->ring)])
                ->keeping($extra->kind->keepsDays() === null ? null : Note::label($extra->kind, 'keeps')),
        );
        if ($extra->waitMinutes > 0) {
            $bench->put(
                $bench->of(WorkKind::ExtraWaits, Note::of('work-order.stands', extra: $extra->name), $index)
                    ->lasting($extra->waitMinutes)->after(After::atOnce($made)),
            );
        }
    }

    /** Each step as soon as the hands are free after the one before. */
    private static function inSteps(Bench $bench, Extra $extra, Preparation $way, int $index): void
    {
        $number = self::firstStep($bench->dish, $index);
        $after = [];
        foreach ($way->steps as $at => $step) {
            $done = $bench->put(
                $bench->of(
                    WorkKind::Prepare, Note::of('work-order.prepare', extra: $extra->name, does: $step->does),
                    $number + $at,
                )
                    ->lasting($step->minutes)->wanting($step->attention)
                    ->holding(...$step->needsRing && $extra->ring !== null ? [Hold::ring($extra->ring)] : [])
                    ->after(...$after)
                    ->keeping($way->keepsDays === 0 ? null : Note::of('work-order.keeps-days', days: $way->keepsDays))
                    ->minding($step->needsRing ? $way->caution : null),
            );
            $after = [After::anyTime($done)];
        }
    }

    /** The number of a topping's first step among the steps of all that are made in steps. */
    private static function firstStep(Dish $dish, int $index): int
    {
        return array_sum(array_map(
            static fn (Extra $one): int => count($one->made->steps ?? []), array_slice($dish->build->extras, 0, $index),
        ));
    }

    /** The task that has a topping's makings in hand; null where nothing is done to it. */
    public static function firstTask(Dish $dish, int $index): ?string
    {
        return match (true) {
            $dish->build->extras[$index]->made !== null => WorkKind::Prepare->id(self::firstStep($dish, $index)),
            $dish->build->extras[$index]->prepMinutes > 0 => WorkKind::Extra->id($index),
            default => null,
        };
    }

    /** The task at whose end a topping is made. */
    public static function made(Dish $dish, int $index): string
    {
        $extra = $dish->build->extras[$index];

        return match (true) {
            $extra->made !== null => WorkKind::Prepare->id(
                self::firstStep($dish, $index) + count($extra->made->steps) - 1,
            ),
            $extra->waitMinutes > 0 => WorkKind::ExtraWaits->id($index),
            default => WorkKind::Extra->id($index),
        };
    }
}

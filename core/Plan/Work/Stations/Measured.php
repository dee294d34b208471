<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work\Stations;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Work\Bench;
use Orbek\Core\Plan\Work\WorkKind;

/** Rice in measured water: the filling's own pot, a cooker, or a quick pot. */
final class Measured
{
    /**
     * @param  list<After>  $before
     * @param  list<string>  $filled the last task of each filling in the pot
     */
    public static function put(Bench $bench, MeasuredPlan $measured, array $before, array $filled): After
    {
        $cook = WorkKind::Cook->value;
        $cooked = self::cook($bench, $measured, match ($bench->dish->grain->cooking) {
            Cooking::OnePot => [
                ...$before, ...self::withinOfLast($filled, $bench->times->minutes($cook, 'onto-the-simmer')),
            ],
            Cooking::InCooker => [...$before, ...self::withinOfLast($filled, $bench->waits(WorkKind::Filling))],
            default => $before,
        });

        return After::within($cooked, $bench->dish->grain->cooking === Cooking::Cooker
            ? $bench->times->minutes($cook, 'in-a-cooker') : $bench->waits(WorkKind::Cook));
    }

    /**
     * @param  list<string>  $filled
     * @return list<After> so shortly after the last of them
     */
    private static function withinOfLast(array $filled, int $minutes): array
    {
        return array_map(
            static fn (string $last): After => After::within($last, $minutes), array_slice($filled, -1),
        );
    }

    /** @param  list<After>  $after */
    private static function cook(Bench $bench, MeasuredPlan $measured, array $after): string
    {
        $water = $measured->water;
        $ring = Hold::ring($bench->dish->grain->water->ring);
        $pot = Hold::pot($bench->dish->grain->water->pot);
        $closed = Hold::pot($bench->dish->lid->pot);
        $isWater = $water->amount > 0;
        $itIsIn = Note::of('work-order.it-is-in');
        $itIsOn = Note::of('work-order.it-is-on');
        [$hands, $name, $holds, $detail, $begin, $finish] = match ($bench->dish->grain->cooking) {
            Cooking::OnePot => [
                Attention::AtEnd, Note::of('work-order.simmer-open'), [$ring, $closed],
                Note::of('work-order.till-craters', water: $water, isWater: $isWater), $itIsIn,
                Note::of('work-order.dry-craters'),
            ],
            Cooking::Cooker => [
                Attention::AtStart, Note::of('work-order.rice-into-the-cooker'), [$pot],
                Note::of(
                    'work-order.cooker-line', water: $water, isWater: $isWater, cookerMark: $measured->cookerLine,
                ), $itIsOn,
                Note::of('work-order.lifted-with-a-fork'),
            ],
            Cooking::InCooker => [
                Attention::AtStart, Note::of('work-order.layer-in-the-cooker'), [$closed],
                Note::of('work-order.water-over-it', water: $water, isWater: $isWater), $itIsOn,
                Note::of('work-order.it-has-switched-down'),
            ],
            Cooking::Share => [
                Attention::AtEnd, Note::of('work-order.rice-to-a-share'), [$ring, $pot],
                Note::of(
                    'work-order.till-a-grain', water: $water, isWater: $isWater,
                    stage: Note::label($bench->dish->grain->water->stage, 'words'),
                    toastMin: $bench->dish->grain->water->toastMin,
                ), $itIsIn, Note::of('work-order.water-gone'),
            ],
            default => [
                Attention::AtStart, Note::of('work-order.quick-rice-lid-on'), [$ring, $pot],
                Note::of('work-order.then-lowest', water: $water, isWater: $isWater), $itIsOn,
                Note::of('work-order.water-gone'),
            ],
        };

        return $bench->put(
            $bench->of(WorkKind::Cook, $name)->lasting($measured->cookMin)->wanting($hands)->holding(...$holds)
                ->after(...$after)->saying($detail)->begun($begin)->done($finish),
        );
    }
}

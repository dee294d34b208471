<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Rice\Draining;

/** The tasks of a dish whose rice is boiled, drained and layered, with what each must follow. */
final class WorkOrder
{
    /** Drained rice to the closed lid, at most. */
    public const DRAINED_TO_LID_MIN = 10;

    private const RINSE_MIN = 6;

    private const DRAIN_MIN = 2;

    private const HOT_FAT_MIN = 3;

    private const LAYER_MIN = 5;

    private const MOUND_MIN = 1;

    private const OPEN_MIN = 4;

    private const DOUGH_MIN = 8;

    /** A dough rope dries out. */
    private const DOUGH_WAITS_MIN = 60;

    /** Cooked filling keeps warm under its lid so long. */
    private const FILLING_WAITS_MIN = 60;

    /** Minutes between draining and the middle of the layering. */
    public static function waitMin(Dish $dish): int
    {
        return self::DRAIN_MIN + self::hotFatMin($dish) + intdiv(self::layerMin($dish), 2);
    }

    /** @return list<Task> */
    public static function of(Dish $dish, BoilPlan $boil, HeatLine $heat): array
    {
        $waterHolds = ["ring:{$dish->water->burner}", "pot:{$dish->water->pot}"];
        $lidHolds = ["ring:{$dish->lid->burner}", "pot:{$dish->lid->pot}"];
        $tasks = [];
        $beforeOpening = [];

        $soakMin = (int) round($dish->rice->soak->minutes);
        $tasks[] = new Task('rinse', $soakMin > 0 ? 'Rinse and soak' : 'Rinse', self::RINSE_MIN, Attention::Throughout, ['sink'], [], sprintf('%d times, until the water is as good as clear', $dish->rice->rinses), finish: $soakMin > 0 ? 'Rinsed, soaking' : 'Rinsed');
        $beforeBoil = [After::anyTime('rinse')];
        if ($soakMin > 0) {
            $tasks[] = new Task('soak', 'Rice soaks', $soakMin, Attention::None, [], [After::atOnce('rinse')], $dish->rice->soak->celsius <= 8 ? 'in the fridge' : null);
            $beforeBoil = [After::within('soak', 60)];
        }

        $tasks[] = new Task('heat-water', sprintf('%s to the boil', $boil->water->text()), max(1, $boil->heatUpMin), Attention::AtStart, $waterHolds, [], sprintf('%s of salt, lid on', $boil->salt->text()), 'It is on', 'It boils');
        $beforeBoil[] = After::within('heat-water', 15);

        $boilMin = max(1, (int) ceil(($boil->liftAt->amount + Draining::HAND_DELAY_S) / 60));
        for ($batch = 1; $batch <= $boil->batches; $batch++) {
            $suffix = $batch === 1 ? '' : "-{$batch}";
            $name = $boil->batches === 1 ? 'Boil the rice' : "Boil batch {$batch} of {$boil->batches}";
            $tasks[] = new Task("boil{$suffix}", $name, $boilMin, Attention::Throughout, $waterHolds, $beforeBoil, self::liftWords($boil), 'Rice is in', 'Lifted, draining');
            $tasks[] = new Task("drain{$suffix}", $batch < $boil->batches ? 'Lift, keep the water' : 'Drain', self::DRAIN_MIN, Attention::Throughout, ['sink', "pot:{$dish->water->pot}"], [After::atOnce("boil{$suffix}")], $dish->water->draining->label(), finish: 'Drained');
            $beforeBoil = [After::within("drain{$suffix}", 3)];
        }
        $drained = $boil->batches === 1 ? 'drain' : "drain-{$boil->batches}";

        $layerMin = self::layerMin($dish);
        $beforeLayers = [After::within($drained, self::DRAINED_TO_LID_MIN - $layerMin)];
        if (self::hotFatMin($dish) > 0) {
            $tasks[] = new Task('hot-fat', 'Heat the fat in the base', self::HOT_FAT_MIN, Attention::Throughout, $lidHolds, [After::anyTime($drained)], 'until it ripples', 'It is on', 'It ripples');
            $beforeLayers[] = After::within('hot-fat', 1);
        }

        $last = null;
        foreach ($dish->filling->steps as $index => $step) {
            $id = 'filling-'.($index + 1);
            $tasks[] = new Task($id, $step->name, $step->minutes, $step->attention, $step->burner === null ? [] : ["ring:{$step->burner}"], $last === null ? [] : [After::within($last, 5)]);
            $last = $id;
        }
        if ($last !== null) {
            $beforeLayers[] = After::within($last, self::FILLING_WAITS_MIN);
        }

        foreach ($dish->extras as $index => $extra) {
            $id = 'extra-'.($index + 1);
            if ($extra->prepMinutes > 0) {
                $tasks[] = new Task($id, $extra->name, $extra->prepMinutes, Attention::Throughout);
                $before = After::anyTime($id);
                if ($extra->waitMinutes > 0) {
                    $tasks[] = new Task("{$id}-waits", $extra->name.': stands', $extra->waitMinutes, Attention::None, [], [After::atOnce($id)]);
                    $before = After::anyTime("{$id}-waits");
                }
                if ($extra->atTable) {
                    $beforeOpening[] = $before;
                } else {
                    $beforeLayers[] = $before;
                }
            }
        }

        if ($dish->lid->seal === Seal::Dough) {
            $tasks[] = new Task('dough', 'Roll the dough for the rim', self::DOUGH_MIN, Attention::Throughout);
            $beforeLayers[] = After::within('dough', self::DOUGH_WAITS_MIN);
        }

        $tasks[] = new Task('layer', $dish->mound ? 'Layer, heap, poke holes, close' : 'Layer and close', $layerMin, Attention::Throughout, ["pot:{$dish->lid->pot}"], $beforeLayers, $dish->lid->seal->label(), finish: 'Closed, heat on');

        $last = 'layer';
        foreach ($heat->blocks as $index => $block) {
            $id = 'heat-'.($index + 1);
            $tasks[] = new Task(
                $id,
                $block->isRest() ? 'Rests off the heat' : ucfirst($block->words()),
                max(1, (int) round($block->minutes)),
                match (true) {
                    $block->isRest() => Attention::None,
                    $block->until !== null => Attention::AtEnd,
                    default => Attention::AtStart,
                },
                $block->isRest() ? ["pot:{$dish->lid->pot}"] : $lidHolds,
                [After::atOnce($last)],
                $block->until === null ? null : "till {$block->until}",
                finish: match (true) {
                    $block->until !== null => ucfirst($block->until),
                    $index + 1 < count($heat->blocks) && $heat->blocks[$index + 1]->isRest() => 'Heat off, resting',
                    default => 'Done',
                },
            );
            $last = $id;
        }

        foreach ($dish->sides as $index => $side) {
            $id = 'side-'.($index + 1);
            $tasks[] = new Task($id, $side->name, $side->minutes, $side->attention, $side->burner === null ? [] : ["ring:{$side->burner}"]);
            $beforeOpening[] = After::anyTime($id);
        }

        // A rest may run on for a while: the base only lets go the better.
        $tasks[] = new Task('open', $dish->serving->task(), self::OPEN_MIN, Attention::Throughout, ["pot:{$dish->lid->pot}"], [After::within($last, 7), ...$beforeOpening], $dish->serving->label(), 'Open it', 'On the table');

        return $tasks;
    }

    private static function liftWords(BoilPlan $boil): string
    {
        $words = 'test from '.$boil->lifts[0]->at->fromText();
        foreach ($boil->lifts as $index => $lift) {
            $words .= count($boil->lifts) > 1 && $index === 0 ? ', first scoop likely ' : ($index > 0 ? ', the rest ' : ', likely ');
            $words .= $lift->at->text();
        }

        return $words;
    }

    private static function hotFatMin(Dish $dish): int
    {
        return $dish->base->kind === BaseKind::None ? 0 : self::HOT_FAT_MIN;
    }

    private static function layerMin(Dish $dish): int
    {
        return self::LAYER_MIN + ($dish->mound ? self::MOUND_MIN : 0);
    }
}

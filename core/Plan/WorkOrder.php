<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\School;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Dish\Spices;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Rice\Draining;

/** The tasks of a dish, with what each must follow and what it holds. */
final class WorkOrder
{
    /** Drained rice to the closed lid, at most. */
    public const DRAINED_TO_LID_MIN = 10;

    private const RINSE_MIN = 6;

    private const DRAIN_MIN = 2;

    private const HOT_FAT_MIN = 3;

    private const LAYER_MIN = 5;

    private const MOUND_MIN = 1;

    private const LEVEL_MIN = 1;

    private const OPEN_MIN = 4;

    private const DOUGH_MIN = 8;

    private const MARINADE_MIN = 12;

    private const YOGURT_MIN = 60;

    private const YOGURT_STIR_MIN = 3;

    private const MIX_MIN = 3;

    /** A cooker keeps its rice warm so long before it dries. */
    private const COOKER_KEEPS_MIN = 45;

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
    public static function of(Dish $dish, ?BoilPlan $boil, ?MeasuredPlan $measured, HeatLine $heat, ?SecondPot $second = null): array
    {
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

        $layerMin = self::layerMin($dish);
        if ($boil !== null) {
            [$cooking, $drained] = self::boiling($dish, $boil, $beforeBoil);
            $tasks = [...$tasks, ...$cooking];
            $beforeLayers = [After::within($drained, self::DRAINED_TO_LID_MIN - $layerMin)];
            if (self::hotFatMin($dish) > 0) {
                $tasks[] = new Task('hot-fat', 'Heat the fat in the base', self::HOT_FAT_MIN, Attention::Throughout, $lidHolds, [After::anyTime($drained)], 'until it ripples', 'It is on', 'It ripples');
                $beforeLayers[] = After::within('hot-fat', 1);
            }
        } else {
            $beforeLayers = [];
        }

        [$cooking, $filled] = self::filling($dish, array_keys(array_filter($dish->extras, static fn (Extra $extra): bool => $extra->split['marinade'] > 0 && $extra->prepMinutes > 0)));
        $tasks = [...$tasks, ...$cooking];
        if ($measured !== null) {
            $cook = self::measured($dish, $measured, $beforeBoil, $filled);
            $tasks[] = $cook;
            $beforeLayers[] = After::within('cook', $dish->school === School::Cooker ? self::COOKER_KEEPS_MIN : 2);
        }
        if ($filled !== null && ! ($measured !== null && $dish->school === School::OnePot)) {
            $beforeLayers[] = After::within($filled, self::FILLING_WAITS_MIN);
        }

        foreach ($dish->extras as $index => $extra) {
            $id = 'extra-'.($index + 1);
            if ($extra->prepMinutes > 0) {
                $tasks[] = new Task($id, ucfirst($extra->name), $extra->prepMinutes, Attention::Throughout, $extra->burner === null ? [] : ["ring:{$extra->burner}"], keeps: $extra->kind->keeps());
                $before = After::anyTime($id);
                if ($extra->waitMinutes > 0) {
                    $tasks[] = new Task("{$id}-waits", ucfirst($extra->name).': stands', $extra->waitMinutes, Attention::None, [], [After::atOnce($id)]);
                    $before = After::anyTime("{$id}-waits");
                }
                if ($extra->isAtTable()) {
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

        $tasks[] = new Task('layer', match (true) {
            $dish->school === School::OnePot => 'Level, close, heat down',
            $dish->folded => 'Fold together and close',
            $dish->mound => 'Layer, heap, poke holes, close',
            default => 'Layer and close',
        }, $layerMin, Attention::Throughout, ["pot:{$dish->lid->pot}"], $beforeLayers, $dish->lid->seal->label(), finish: 'Closed, heat on');

        $last = 'layer';
        foreach ($heat->blocks as $index => $block) {
            $id = 'heat-'.($index + 1);
            $tasks[] = new Task(
                $id,
                match (true) {
                    $block->isRest() => 'Rests off the heat',
                    $block->ovenC !== null => ucfirst($block->words()),
                    default => ($index === 0 && count($heat->blocks) > 2 ? 'First heat, ' : 'Low heat, ').$block->words(),
                },
                max(1, (int) round($block->minutes)),
                match (true) {
                    $block->isRest() => Attention::None,
                    $block->until !== null => Attention::AtEnd,
                    default => Attention::AtStart,
                },
                match (true) {
                    $block->ovenC !== null => ['oven', "pot:{$dish->lid->pot}"],
                    $block->isRest() => ["pot:{$dish->lid->pot}"],
                    default => $lidHolds,
                },
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

        $afterHeat = [After::within($last, 7)];
        if ($second !== null) {
            $last = 'layer';
            foreach ($second->heat->blocks as $index => $block) {
                $id = 'second-'.($index + 1);
                $tasks[] = new Task($id, sprintf('%s: %s', $second->section->pot->name, $block->isRest() ? 'rests' : $block->words()), max(1, (int) round($block->minutes)), $block->isRest() ? Attention::None : Attention::AtStart,
                    [...($block->isRest() ? [] : ["ring:{$second->burner}"]), "pot:{$second->section->pot->id}"], [After::atOnce($last)], $block->until === null ? null : "till {$block->until}");
                $last = $id;
            }
            $afterHeat[] = After::within($last, 15);
        }

        foreach ($dish->sides as $index => $side) {
            $id = 'side-'.($index + 1);
            $tasks[] = new Task($id, $side->name, $side->minutes, $side->attention, $side->burner === null ? [] : ["ring:{$side->burner}"], keeps: $side->keeps);
            $beforeOpening[] = After::anyTime($id);
        }

        // A rest may run on for a while: the base only lets go the better.
        $tasks[] = new Task('open', $dish->serving->task(), self::OPEN_MIN + ($dish->serving === Serving::Mixed ? self::MIX_MIN : 0), Attention::Throughout, ["pot:{$dish->lid->pot}"], [...$afterHeat, ...$beforeOpening], $dish->serving->label(), 'Open it', 'On the table');

        return $tasks;
    }

    /**
     * The boil, batch by batch.
     *
     * @param  list<After>  $beforeBoil
     * @return array{list<Task>, string} tasks, and the one that leaves all the rice drained
     */
    private static function boiling(Dish $dish, BoilPlan $boil, array $beforeBoil): array
    {
        $waterHolds = ["ring:{$dish->water->burner}", "pot:{$dish->water->pot}"];
        $tasks = [];
        $tasks[] = new Task('heat-water', sprintf('%s to the boil', $boil->water->text()), max(1, $boil->heatUpMin), Attention::AtStart, $waterHolds, [], sprintf('%s of salt, %slid on', $boil->salt->text(), $dish->water->spices === Spices::None ? '' : 'whole spices, '), 'It is on', 'It boils');
        $beforeBoil[] = After::within('heat-water', 15);

        $boilMin = max(1, (int) ceil(($boil->liftAt->amount + Draining::HAND_DELAY_S) / 60));
        for ($batch = 1; $batch <= $boil->batches; $batch++) {
            $suffix = $batch === 1 ? '' : "-{$batch}";
            $name = $boil->batches === 1 ? 'Boil the rice' : "Boil batch {$batch} of {$boil->batches}";
            $tasks[] = new Task("boil{$suffix}", $name, $boilMin, Attention::Throughout, $waterHolds, $beforeBoil, self::liftWords($boil), 'Rice is in', 'Lifted, draining');
            $tasks[] = new Task("drain{$suffix}", $batch < $boil->batches ? 'Lift, keep the water' : 'Drain', self::DRAIN_MIN, Attention::Throughout, ['sink', "pot:{$dish->water->pot}"], [After::atOnce("boil{$suffix}")], $dish->water->draining->label().($dish->water->spices === Spices::Fished && $batch === $boil->batches ? '; fish the spices out' : ''), finish: 'Drained');
            $beforeBoil = [After::within("drain{$suffix}", 3)];
        }

        return [$tasks, $boil->batches === 1 ? 'drain' : "drain-{$boil->batches}"];
    }

    /**
     * Rice in measured water: the filling's own pot, a cooker, or a quick pot.
     *
     * @param  list<After>  $before
     */
    private static function measured(Dish $dish, MeasuredPlan $measured, array $before, ?string $filled): Task
    {
        $water = $measured->water->text();
        if ($dish->school === School::OnePot) {
            return new Task('cook', 'Rice and measured water in, simmer open', $measured->cookMin, Attention::AtEnd, ["ring:{$dish->water->burner}", "pot:{$dish->lid->pot}"], [...$before, ...($filled === null ? [] : [After::within($filled, 5)])], "{$water}; till dry craters show", 'It is in', 'Dry craters');
        }
        if ($dish->school === School::Cooker) {
            return new Task('cook', 'Rice into the cooker', $measured->cookMin, Attention::AtStart, ["pot:{$dish->water->pot}"], $before, sprintf('%s, line %s of its scale', $water, $measured->absorption->cookerMark->text()), 'It is on', 'Lifted with a fork');
        }

        return new Task('cook', 'Quick rice, lid on', $measured->cookMin, Attention::AtStart, ["ring:{$dish->water->burner}", "pot:{$dish->water->pot}"], $before, "{$water}; lowest once it boils", 'It is on', 'Water gone');
    }

    /**
     * Marinade and cooking of the filling, in order.
     *
     * @param  list<int>  $first extras of which a share goes into it
     * @return array{list<Task>, string|null} tasks, and the last of them
     */
    private static function filling(Dish $dish, array $first): array
    {
        $tasks = [];
        $before = array_map(static fn (int $index): After => After::anyTime('extra-'.($index + 1).($dish->extras[$index]->waitMinutes > 0 ? '-waits' : '')), $first);
        $last = null;
        $marinade = $dish->filling->marinade;
        if ($marinade !== null) {
            $inMorning = $marinade->yogurt === Yogurt::Morning && $marinade->minutes > self::YOGURT_MIN;
            $tasks[] = new Task('marinade', 'Cut, salt and marinate', self::MARINADE_MIN, Attention::Throughout, [], $before, $inMorning ? 'all but the yogurt' : $marinade->acid->label(), finish: 'Into the fridge');
            $rests = max(1, $marinade->minutes - ($inMorning ? self::YOGURT_MIN : 0));
            $tasks[] = new Task('marinates', 'Marinates in the fridge', $rests, Attention::None, [], [After::atOnce('marinade')], 'at 4 °C or below');
            $last = 'marinates';
            if ($inMorning) {
                $tasks[] = new Task('yogurt', 'Stir the yogurt in', self::YOGURT_STIR_MIN, Attention::Throughout, [], [After::within('marinates', 240)], finish: 'Back into the fridge');
                $tasks[] = new Task('marinates-on', 'Marinates with the yogurt', self::YOGURT_MIN - self::YOGURT_STIR_MIN, Attention::None, [], [After::atOnce('yogurt')]);
                $last = 'marinates-on';
            }
        }
        $inPot = $dish->school === School::OnePot;
        foreach ($dish->filling->steps as $index => $step) {
            $id = 'filling-'.($index + 1);
            // In one pot all of the filling is cooked where the rice will follow it.
            $holds = [...($step->burner === null ? [] : ["ring:{$step->burner}"]), ...($inPot && $step->burner !== null ? ["pot:{$dish->lid->pot}"] : [])];
            $tasks[] = new Task($id, $step->name, $step->minutes, $step->attention, $holds, $last === null ? $before : [After::within($last, str_starts_with($last, 'marinates') ? 60 : 5)], keeps: $step->keeps);
            $last = $id;
        }

        return [$tasks, $last];
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
        return $dish->base->kind->isLaid() && ! $dish->school->isMeasured() ? self::HOT_FAT_MIN : 0;
    }

    private static function layerMin(Dish $dish): int
    {
        return $dish->school === School::OnePot ? self::LEVEL_MIN : self::LAYER_MIN + ($dish->mound ? self::MOUND_MIN : 0) + ($dish->lid->secondPot === null ? 0 : 1);
    }
}

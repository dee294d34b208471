<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\Boiled;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Extra;
use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\Preparation;
use Orbek\Core\Dish\Serving;
use Orbek\Core\Dish\Spices;
use Orbek\Core\Filling\Marinade;
use Orbek\Core\Filling\Yogurt;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Till;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Pot\PotLoad;
use Orbek\Core\Plan\Pot\Potted;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Rice\RicePlan;
use Orbek\Core\Pot\Burner;
use Orbek\Core\Pot\LetsGo;
use Orbek\Core\Rice\Draining;

/** The tasks of a dish, with what each must follow and what it holds. */
final class WorkOrder
{
    /** Drained rice to the closed lid, at most. */
    public const DRAINED_TO_LID_MIN = 10;

    /** A filling comes from the fridge to the room's warmth in this time; no longer than two hours is safe. */
    private const STANDS_OUT_MIN = 60;

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

    /** What is served with the rice is ready so shortly before it is opened. */
    private const SERVED_WITHIN_MIN = 45;

    private const FRIDGE_C = 8.0;

    private const SOAKED_WAITS_MIN = 60;

    private const BOILING_WAITS_MIN = 15;

    private const BETWEEN_BATCHES_MIN = 3;

    /** Rice cooked in measured water is sealed at once. */
    private const COOKED_WAITS_MIN = 2;

    private const MARINATED_WAITS_MIN = 60;

    private const STEPS_APART_MIN = 5;

    private const COLD_WAITS_MIN = 240;

    private const RESTED_WAITS_MIN = 7;

    private const SECOND_CLOSED_MIN = 3;

    private const SECOND_WAITS_MIN = 15;

    /** A coal is set in, fat dropped on it, and the lid back on. */
    private const COAL_MIN = 2;

    private const SMOKED_WAITS_MIN = 5;

    /** The base stands in cold water, where its pot bears it. */
    private const RELEASE_MIN = 1;

    /** @var list<Work> */
    private array $work = [];

    /** Minutes between the lift and the middle of the layering, where nothing is in the way. */
    public static function waitMin(Dish $dish): float
    {
        return self::DRAIN_MIN + self::hotFatMin($dish) + self::halfLayeredMin($dish);
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

    /** The first task that has a filling in hand. */
    public static function fillingTask(Dish $dish, int $place = 0): string
    {
        $filling = $dish->fillings->all[$place] ?? null;

        return match (true) {
            $filling?->marinade !== null => WorkKind::Marinade->id($place),
            $filling === null || $filling->steps === [] => $filling?->isBeside === true
                ? WorkKind::Open->id() : WorkKind::Layer->id(),
            default => WorkKind::Filling->id(self::firstStep($dish, $place)),
        };
    }

    /** The place of the filling whose marinade takes what is for the marinade. */
    public static function marinated(Dish $dish): int
    {
        return (int) array_key_first(array_filter(
            $dish->fillings->all, static fn (Filling $one): bool => $one->marinade !== null,
        ));
    }

    /** The number of a filling's first step among those of all. */
    private static function firstStep(Dish $dish, int $place): int
    {
        $before =
            array_filter($dish->fillings->all, static fn (int $other): bool => $other < $place, ARRAY_FILTER_USE_KEY);

        return array_sum(array_map(static fn (Filling $one): int => count($one->steps), $before));
    }

    /** The task in which yogurt goes into a marinade. */
    public static function yogurtTask(Dish $dish, int $place = 0): string
    {
        $marinade = $dish->fillings->get($place)->marinade;

        return $marinade !== null && self::takesYogurtLate($marinade)
            ? WorkKind::Yogurt->id($place) : self::fillingTask($dish, $place);
    }

    /** Yogurt is left out of an overnight marinade till its last hour; a short one has no such hour. */
    private static function takesYogurtLate(Marinade $marinade): bool
    {
        return $marinade->yogurt === Yogurt::Morning && $marinade->minutes > self::YOGURT_MIN;
    }

    /** @return list<Work> */
    public static function of(Potted $potted, Kitchen $kitchen): array
    {
        return (new self($potted, $kitchen))->all();
    }

    private readonly Dish $dish;

    private readonly RicePlan $rice;

    private function __construct(private readonly Potted $potted, private readonly Kitchen $kitchen)
    {
        $this->dish = $potted->dish;
        $this->rice = $potted->rice;
    }

    /** @return list<Work> */
    private function all(): array
    {
        $beforeBoil = $this->rinse();
        $beforeLayers = $this->rice instanceof BoilPlan ? $this->boil($this->rice, $beforeBoil) : [];
        [$filled, $served] = $this->fillings();
        if ($this->rice instanceof MeasuredPlan) {
            $beforeLayers[] = $this->measured($this->rice, $beforeBoil, $filled);
        }
        foreach ($this->dish->cooking->isWithFilling() ? [] : $filled as $last) {
            $beforeLayers[] = After::within($last, self::FILLING_WAITS_MIN);
        }
        [$beforeLid, $beforeOpening] = $this->extras();
        $this->layer([...$beforeLayers, ...$beforeLid]);
        $beforeOpening = [...$this->smoke($this->heats()), ...$this->sides(), ...$beforeOpening, ...$served];
        $this->open($beforeOpening);

        return $this->work;
    }

    /** @return list<After> what the boil comes after */
    private function rinse(): array
    {
        $soak = $this->dish->rice->soak;
        $soakMin = (int) round($soak->minutes);
        $this->add(
            WorkKind::Rinse, 0, self::RINSE_MIN, Attention::Throughout,
            $soakMin > 0 ? Note::of('work-order.rinse-and-soak') : Note::of('work-order.rinse'), [Hold::sink()],
            detail: Note::of('work-order.times-until-the-water-is-as', rinses: $this->dish->rice->rinses),
            finish: $soakMin > 0 ? Note::of('work-order.rinsed-soaking') : Note::of('work-order.rinsed'),
        );
        if ($soakMin === 0) {
            return [After::anyTime(WorkKind::Rinse->id())];
        }
        $this->add(
            WorkKind::Soak, 0, $soakMin, Attention::None, Note::of('work-order.rice-soaks'),
            after: [After::atOnce(WorkKind::Rinse->id())],
            detail: $soak->celsius <= self::FRIDGE_C ? Note::of('work-order.in-the-fridge') : null,
        );

        return [After::within(WorkKind::Soak->id(), self::SOAKED_WAITS_MIN)];
    }

    /**
     * The boil, batch by batch, and the fat that gets hot while the rice drains.
     *
     * @param  list<After>  $before
     * @return list<After> what the layering comes after
     */
    private function boil(BoilPlan $boil, array $before): array
    {
        $holds = [Hold::ring($this->dish->water->burner), Hold::pot($this->dish->water->pot)];
        $spices = $this->dish->water->spices;
        $this->add(
            WorkKind::HeatWater, 0, max(1, $boil->heatUpMin), Attention::AtStart,
            Note::of('work-order.to-the-boil', water: $boil->water), $holds,
            detail: Note::of(
                'work-order.of-salt-lid-on', salt: $boil->salt, isSalted: $boil->salt->amount >= 0.5,
                spices: $spices === Spices::None,
            ),
            begin: Note::of('work-order.it-is-on'), finish: Note::of('work-order.it-boils'),
        );
        $before[] = After::within(WorkKind::HeatWater->id(), self::BOILING_WAITS_MIN);
        $before = [...$before, ...$this->boiledBefore($boil, $holds)];
        for ($batch = 0; $batch < $boil->batches; $batch++) {
            $before = [After::within($this->batch($boil, $batch, $holds, $before), self::BETWEEN_BATCHES_MIN)];
            if ($batch < $boil->batches - 1) {
                $before = $this->topUp($boil, $batch, $holds, $before);
            }
        }
        $drained = WorkKind::Drain->id($boil->batches - 1);
        $beforeLayers = [After::within($drained, self::DRAINED_TO_LID_MIN - self::layerMin($this->dish))];
        if (self::hotFatMin($this->dish) > 0) {
            $this->add(
                WorkKind::HotFat, 0, self::HOT_FAT_MIN, Attention::Throughout, Note::of(
                    'work-order.heat-the-fat-in-the-base',
                ),
                $this->lidHolds(), [After::anyTime($drained)], Note::of('work-order.until-it-ripples'),
                Note::of('work-order.it-is-on'), Note::of('work-order.it-ripples'), caution: Caution::HotFat,
            );
            $beforeLayers[] = After::within(WorkKind::HotFat->id(), 1);
        }

        return $beforeLayers;
    }

    /**
     * What needs longer than the rice and goes in before it, longest first.
     *
     * @param  list<Hold>  $holds
     * @return list<After> what the rice goes in after
     */
    private function boiledBefore(BoilPlan $boil, array $holds): array
    {
        $first = array_filter(
            $this->dish->boiled, static fn (Boiled $one): bool => $one->inAtMin($boil->liftAt->amount / 60) <= -1.0,
        );
        uasort($first, static fn (Boiled $a, Boiled $b): int => $b->minutes <=> $a->minutes);
        $after = [After::within(WorkKind::HeatWater->id(), self::BOILING_WAITS_MIN)];
        $last = [];
        foreach (array_keys($first) as $number => $index) {
            $next = array_values($first)[$number + 1] ?? null;
            $until = $next === null ? 0.0 : $next->inAtMin($boil->liftAt->amount / 60);
            $this->add(
                WorkKind::BoiledFirst, $index,
                max(1, (int) round($until - $first[$index]->inAtMin($boil->liftAt->amount / 60))),
                Attention::AtStart, Note::of('work-order.into-the-boil', what: $first[$index]->name), $holds, $after,
                Note::of('work-order.before-the-rice', minutes: (int) round($first[$index]->minutes)),
                Note::of('work-order.it-is-in'), Note::of('work-order.rice-next'),
            );
            $after = [After::atOnce(WorkKind::BoiledFirst->id($index))];
            $last = [After::within(WorkKind::BoiledFirst->id($index), 1)];
        }

        return $last;
    }

    /** The task at which something boiled with the rice goes in. */
    public static function boiledTask(BoilPlan $boil, Boiled $one, int $index): string
    {
        return $one->inAtMin($boil->liftAt->amount / 60) <= -1.0
            ? WorkKind::BoiledFirst->id($index) : WorkKind::Boil->id();
    }

    /**
     * @param  list<Hold>  $holds
     * @param  list<After>  $before
     * @return string the task that leaves the batch drained
     */
    private function batch(BoilPlan $boil, int $batch, array $holds, array $before): string
    {
        $isLast = $batch === $boil->batches - 1;
        $minutes = max(1, (int) ceil(($boil->liftAt->amount + Draining::HAND_DELAY_S) / 60));
        $this->add(
            WorkKind::Boil, $batch, $minutes, Attention::Throughout,
            $boil->batches === 1
                ? Note::of('work-order.boil-the-rice')
                : Note::of('work-order.boil-batch-of', batch: $batch + 1, batches: $boil->batches),
            $holds, $before, $batch === 0 ? $this->withIt($boil) : self::liftWords($boil),
            Note::of('work-order.rice-is-in'), Note::of(
                'work-order.lifted-draining',
            ),
        );
        $this->add(
            WorkKind::Drain, $batch, self::DRAIN_MIN, Attention::Throughout,
            $isLast ? Note::of('work-order.drain') : Note::of('work-order.lift-keep-the-water'),
            [Hold::sink(), Hold::pot($this->dish->water->pot)], [After::atOnce(WorkKind::Boil->id($batch))],
            Note::of(
                'work-order.fish-the-spices-out',
                draining: $this->dish->water->draining,
                spices: $this->dish->water->spices === Spices::Fished && $isLast,
            ),
            finish: Note::of('work-order.drained'),
        );

        return WorkKind::Drain->id($batch);
    }

    /**
     * Between two batches: what the first carried off is put back and brought to the boil.
     *
     * @param  list<Hold>  $holds
     * @param  list<After>  $before
     * @return list<After> what the next batch comes after
     */
    private function topUp(BoilPlan $boil, int $batch, array $holds, array $before): array
    {
        if ($boil->topUp === null) {
            return $before;
        }
        $this->add(
            WorkKind::TopUp, $batch, $boil->topUp->minutes, Attention::AtStart,
            Note::of('work-order.top-up', water: $boil->topUp->water), $holds, $before,
            Note::of('work-order.salt-with-it', salt: $boil->topUp->salt, isSalted: $boil->topUp->salt->amount >= 0.5),
            Note::of('work-order.it-is-in'), Note::of('work-order.it-boils'),
        );

        return [After::within(WorkKind::TopUp->id($batch), self::BOILING_WAITS_MIN)];
    }

    /**
     * Rice in measured water: the filling's own pot, a cooker, or a quick pot.
     *
     * @param  list<After>  $before
     * @param  list<string>  $filled the last task of each filling in the pot
     */
    private function measured(MeasuredPlan $measured, array $before, array $filled): After
    {
        $this->cookMeasured($measured, match ($this->dish->cooking) {
            Cooking::OnePot => [...$before, ...self::withinOfLast($filled, 5)],
            Cooking::InCooker => [...$before, ...self::withinOfLast($filled, self::FILLING_WAITS_MIN)],
            default => $before,
        });

        return After::within(
            WorkKind::Cook->id(),
            $this->dish->cooking === Cooking::Cooker ? self::COOKER_KEEPS_MIN : self::COOKED_WAITS_MIN,
        );
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
    private function cookMeasured(MeasuredPlan $measured, array $after): void
    {
        $water = $measured->water;
        $ring = Hold::ring($this->dish->water->burner);
        $pot = Hold::pot($this->dish->water->pot);
        $closed = Hold::pot($this->dish->lid->pot);
        $isWater = $water->amount > 0;
        $itIsIn = Note::of('work-order.it-is-in');
        $itIsOn = Note::of('work-order.it-is-on');
        [$hands, $name, $holds, $detail, $begin, $finish] = match ($this->dish->cooking) {
            Cooking::OnePot => [
                Attention::AtEnd, Note::of('work-order.rice-and-measured-water-in-simmer'), [$ring, $closed],
                Note::of('work-order.till-dry-craters-show', water: $water, isWater: $isWater), $itIsIn,
                Note::of('work-order.dry-craters'),
            ],
            Cooking::Cooker => [
                Attention::AtStart, Note::of('work-order.rice-into-the-cooker'), [$pot],
                Note::of(
                    'work-order.line-of-its-scale', water: $water, isWater: $isWater, cookerMark: $measured->cookerLine,
                ), $itIsOn,
                Note::of('work-order.lifted-with-a-fork'),
            ],
            Cooking::InCooker => [
                Attention::AtStart, Note::of('work-order.layer-raw-in-the-cooker'), [$closed],
                Note::of('work-order.water-over-it', water: $water, isWater: $isWater), $itIsOn,
                Note::of('work-order.it-has-switched-down'),
            ],
            Cooking::Share => [
                Attention::AtEnd, Note::of('work-order.rice-to-a-share'), [$ring, $pot],
                Note::of(
                    'work-order.till-a-grain', water: $water, isWater: $isWater,
                    stage: Note::label($this->dish->water->stage, 'words'), toastMin: $this->dish->water->toastMin,
                ), $itIsIn, Note::of('work-order.water-gone'),
            ],
            default => [
                Attention::AtStart, Note::of('work-order.quick-rice-lid-on'), [$ring, $pot],
                Note::of('work-order.lowest-once-it-boils', water: $water, isWater: $isWater), $itIsOn,
                Note::of('work-order.water-gone'),
            ],
        };
        $this->add(
            WorkKind::Cook, 0, $measured->cookMin, $hands, $name, $holds, $after, $detail, $begin, $finish,
        );
    }

    /**
     * Marinade and cooking of each filling, in order.
     *
     * @return array{list<string>, list<After>} the last task of each that goes into the pot, and what the opening comes
     *     after of those that are served with it
     */
    private function fillings(): array
    {
        $filled = $served = [];
        foreach ($this->dish->fillings->all as $place => $filling) {
            $last = $this->filling($filling, $place);
            if ($last !== null && $filling->isBeside) {
                $served[] = After::within($last, self::SERVED_WITHIN_MIN);
            } elseif ($last !== null) {
                $filled[] = $last;
            }
        }

        return [$filled, $served];
    }

    /** @return string|null the last of its tasks */
    private function filling(Filling $filling, int $place): ?string
    {
        $first = [];
        foreach ($filling->marinade === null && $place > 0 ? [] : $this->dish->extras as $index => $extra) {
            if ($extra->split['marinade'] > 0 && $extra->isMade()) {
                $first[] = After::anyTime(self::extraMade($this->dish, $index));
            }
        }
        $last = $filling->marinade === null ? null : $this->marinate($filling->marinade, $place, $first);
        $gapMin = self::MARINATED_WAITS_MIN;
        if ($filling->standsOut && $filling->ready <= 0) {
            $this->add(
                WorkKind::StandsOut, $place, self::STANDS_OUT_MIN, Attention::AtStart,
                Note::of('work-order.stands-out'), [],
                $last === null ? $first : [After::within($last, self::COLD_WAITS_MIN)],
                Note::of('work-order.as-warm-as-the-room'), finish: Note::of('work-order.it-has-stood'),
            );
            $last = WorkKind::StandsOut->id($place);
            $gapMin = self::STEPS_APART_MIN;
        }
        $inPot = $this->dish->cooking === Cooking::OnePot && ! $filling->isBeside;
        $number = self::firstStep($this->dish, $place);
        foreach ($filling->steps as $step) {
            $holds = $step->burner === null ? [] : [Hold::ring($step->burner)];
            // In one pot all of the filling is cooked where the rice will follow it.
            $holds = $inPot && $step->burner !== null ? [...$holds, Hold::pot($this->dish->lid->pot)] : $holds;
            $this->add(
                WorkKind::Filling, $number, $step->minutes, $step->attention, Note::name($step->name), $holds,
                $last === null
                    ? $first
                    : [After::within($last, $gapMin)], keeps: $step->keeps === null ? null : Note::name($step->keeps),
                caution: $step->underPressure ? Caution::PressureCooker : null,
            );
            $last = WorkKind::Filling->id($number++);
            $gapMin = self::STEPS_APART_MIN;
        }

        return $last;
    }

    /** @param  list<After>  $before */
    private function marinate(Marinade $marinade, int $place, array $before): string
    {
        $isLate = self::takesYogurtLate($marinade);
        $this->add(
            WorkKind::Marinade, $place, self::MARINADE_MIN, Attention::Throughout, Note::of(
                'work-order.cut-salt-and-marinate',
            ), [], $before,
            $isLate
                ? Note::of('work-order.all-but-the-yogurt')
                : Note::label($marinade->acid), finish: Note::of('work-order.into-the-fridge'),
        );
        $this->add(
            WorkKind::Marinates, $place, max(1, $marinade->minutes - ($isLate ? self::YOGURT_MIN : 0)), Attention::None,
            Note::of('work-order.marinates-in-the-fridge'), [], [
                After::atOnce(WorkKind::Marinade->id($place)),
            ], Note::of('work-order.at-c-or-below'),
        );
        if (! $isLate) {
            return WorkKind::Marinates->id($place);
        }
        $this->add(
            WorkKind::Yogurt, $place, self::YOGURT_STIR_MIN, Attention::Throughout, Note::of(
                'work-order.stir-the-yogurt-in',
            ), [],
            [
                After::within(WorkKind::Marinates->id($place), self::COLD_WAITS_MIN),
            ], finish: Note::of('work-order.back-into-the-fridge'),
        );
        $this->add(
            WorkKind::MarinatesOn, $place, self::YOGURT_MIN - self::YOGURT_STIR_MIN, Attention::None,
            Note::of('work-order.marinates-with-the-yogurt'), [], [After::atOnce(WorkKind::Yogurt->id($place))],
        );

        return WorkKind::MarinatesOn->id($place);
    }

    /** @return array{list<After>, list<After>} what the layering and what the opening comes after */
    private function extras(): array
    {
        $beforeLayers = $beforeOpening = [];
        foreach ($this->dish->extras as $index => $extra) {
            if (! $extra->isMade()) {
                continue;
            }
            $extra->made === null ? $this->extra($extra, $index) : $this->prepare($extra, $extra->made, $index);
            $made = After::anyTime(self::extraMade($this->dish, $index));
            $extra->isAtTable() ? $beforeOpening[] = $made : $beforeLayers[] = $made;
        }

        return [$beforeLayers, $beforeOpening];
    }

    private function extra(Extra $extra, int $index): void
    {
        $this->add(
            WorkKind::Extra, $index, $extra->prepMinutes, Attention::Throughout, Note::of(
                'work-order.extra',
                extra: $extra->name,
            ),
            $extra->burner === null ? [] : [Hold::ring($extra->burner)],
            keeps: $extra->kind->keepsDays() === null ? null : Note::label($extra->kind, 'keeps'),
        );
        if ($extra->waitMinutes > 0) {
            $this->add(
                WorkKind::ExtraWaits, $index, $extra->waitMinutes, Attention::None,
                Note::of('work-order.stands', extra: $extra->name), [], [After::atOnce(WorkKind::Extra->id($index))],
            );
        }
    }

    /** A topping that is made in several steps, each as soon as the hands are free after the one before. */
    private function prepare(Extra $extra, Preparation $way, int $index): void
    {
        $number = self::firstPreparing($this->dish, $index);
        $after = [];
        foreach ($way->steps as $at => $step) {
            $this->add(
                WorkKind::Prepare, $number + $at, $step->minutes, $step->attention,
                Note::of('work-order.prepare', extra: $extra->name, does: $step->does),
                $step->needsRing && $extra->burner !== null ? [Hold::ring($extra->burner)] : [], $after,
                keeps: $way->keepsDays === 0 ? null : Note::of('work-order.keeps-days', days: $way->keepsDays),
                caution: $step->needsRing ? $way->caution : null,
            );
            $after = [After::anyTime(WorkKind::Prepare->id($number + $at))];
        }
    }

    /** The number of a topping's first step among the steps of all that are made in steps. */
    private static function firstPreparing(Dish $dish, int $index): int
    {
        return array_sum(array_map(
            static fn (Extra $one): int => count($one->made->steps ?? []), array_slice($dish->extras, 0, $index),
        ));
    }

    /** The task that has a topping's makings in hand; null where nothing is done to it. */
    public static function extraTask(Dish $dish, int $index): ?string
    {
        return match (true) {
            $dish->extras[$index]->made !== null => WorkKind::Prepare->id(self::firstPreparing($dish, $index)),
            $dish->extras[$index]->prepMinutes > 0 => WorkKind::Extra->id($index),
            default => null,
        };
    }

    /** The task at whose end a topping is made. */
    private static function extraMade(Dish $dish, int $index): string
    {
        $extra = $dish->extras[$index];

        return match (true) {
            $extra->made !== null => WorkKind::Prepare->id(
                self::firstPreparing($dish, $index) + count($extra->made->steps) - 1,
            ),
            $extra->waitMinutes > 0 => WorkKind::ExtraWaits->id($index),
            default => WorkKind::Extra->id($index),
        };
    }

    /** @param  list<After>  $before */
    private function layer(array $before): void
    {
        if ($this->dish->lid->seal->hasDough()) {
            $this->add(
                WorkKind::Dough, 0, self::DOUGH_MIN, Attention::Throughout,
                Note::of('work-order.roll-the-dough-for-the-rim'),
            );
            $before[] = After::within(WorkKind::Dough->id(), self::DOUGH_WAITS_MIN);
        }
        $name = match (true) {
            $this->dish->cooking === Cooking::OnePot => Note::of('work-order.level-close-heat-down'),
            $this->dish->cooking === Cooking::InCooker => Note::of('work-order.lift-once-with-a-fork'),
            $this->dish->folded => Note::of('work-order.fold-together-and-close'),
            $this->dish->mound => Note::of('work-order.layer-heap-poke-holes-close'),
            default => Note::of('work-order.layer-and-close'),
        };
        $this->add(
            WorkKind::Layer, 0, self::layerMin($this->dish), Attention::Throughout, $name, [
                Hold::pot($this->dish->lid->pot),
            ], $before,
            Note::label($this->dish->lid->seal), finish: Note::of('work-order.closed-heat-on'),
        );
    }

    /** @return list<After> what the opening comes after */
    private function heats(): array
    {
        $after = [];
        $minutes = array_map(
            static fn (PotLoad $load): int => (int) ceil(HeatLine::minutes($load->heat())), $this->potted->loads,
        );
        foreach ($this->potted->loads as $index => $load) {
            $last = WorkKind::Layer->id();
            foreach (array_keys($load->line()) as $stretch) {
                $last = $this->stretch($load, $stretch, $index === 0 ? WorkKind::Heat : WorkKind::Second, $last);
            }
            // The pot that is done sooner rests till the other is.
            $waits = max($minutes) - $minutes[$index];
            $after[] = After::within($last, $waits + ($index === 0 ? self::RESTED_WAITS_MIN : self::SECOND_WAITS_MIN));
        }

        return $after;
    }

    /** @return string the task of one stretch of heat */
    private function stretch(PotLoad $load, int $at, WorkKind $kind, string $before): string
    {
        $block = $load->line()[$at];
        $ring = $block->flame->ring === '' ? $load->place->ring->id : $block->flame->ring;
        $pot = Hold::pot($load->place->pot->id);
        $this->add(
            $kind, $at, max(1, (int) round($load->heat()[$at]->minutes)),
            match (true) {
                $block->isRest() => Attention::None,
                $block->till !== null => Attention::AtEnd,
                default => Attention::AtStart,
            },
            $this->heatName($load, $at, $kind),
            match (true) {
                $block->flame->ovenC !== null => [Hold::oven(), $pot],
                $block->isRest(), $ring === Burner::COOKER => [$pot],
                default => [Hold::ring($ring), $pot],
            },
            // Its cue may come in the minute in which the first pot is turned down: then it is put on a little later.
            [$at === 0 && $kind === WorkKind::Second
                ? After::within($before, self::SECOND_CLOSED_MIN)
                : After::atOnce($before)],
            $block->till === null ? null : $this->tillWords($load, $at, $block->till),
            finish: $this->heatFinish($load, $at),
        );

        return $kind->id($at);
    }

    private function heatName(PotLoad $load, int $at, WorkKind $kind): Note
    {
        $block = $load->line()[$at];
        $heat = $this->kitchen->says($block->flame, $load->place->ring->id);

        return match (true) {
            $kind === WorkKind::Second => Note::of('work-order.second-pot', pot: $load->place->pot->name, heat: $heat),
            $block->isRest() => Note::of('work-order.rests-off-the-heat'),
            $block->flame->ovenC !== null, $block->flame->ring === Burner::COOKER => Note::of(
                'work-order.into-the-oven', heat: $heat,
            ),
            default => Note::of('work-order.on-the-heat', isFirst: $at === 0 && count($load->line()) > 2, heat: $heat),
        };
    }

    /** What ends a stretch, and when it may come. */
    private function tillWords(PotLoad $load, int $at, Till $till): Note
    {
        $window = $load->heating?->window($at);

        return Note::of(
            'work-order.till', till: $till, after: round($load->line()[$at]->afterMin, 1),
            isKnown: $window !== null, from: (int) floor($window[0] ?? 0), to: (int) ceil($window[1] ?? 0),
        );
    }

    private function heatFinish(PotLoad $load, int $at): Note
    {
        $block = $load->line()[$at];
        $next = $load->line()[$at + 1] ?? null;

        return match (true) {
            $block->till !== null && $block->afterMin <= 0 => Note::label($block->till, 'seen'),
            $next === null => Note::of('work-order.done'),
            $next->isRest() => Note::of('work-order.heat-off-resting'),
            default => Note::of(
                'work-order.turned-to', heat: $this->kitchen->says($next->flame, $load->place->ring->id),
            ),
        };
    }

    /**
     * A coal under the lid once the pot is off the heat.
     *
     * @param  list<After>  $before
     * @return list<After> what the opening comes after
     */
    private function smoke(array $before): array
    {
        if ($this->dish->smokeMin === 0) {
            return $before;
        }
        $this->add(
            WorkKind::Smoke, 0, self::COAL_MIN, Attention::Throughout, Note::of('work-order.a-coal-under-the-lid'),
            [Hold::pot($this->dish->lid->pot)], $before, Note::of('work-order.glowing-in-a-metal-cup'),
            Note::of('work-order.it-smokes'), Note::of('work-order.lid-on-again'), caution: Caution::Charcoal,
        );
        $this->add(
            WorkKind::Smokes, 0, $this->dish->smokeMin, Attention::None, Note::of('work-order.smokes'),
            [Hold::pot($this->dish->lid->pot)], [After::atOnce(WorkKind::Smoke->id())],
        );

        return [After::within(WorkKind::Smokes->id(), self::SMOKED_WAITS_MIN)];
    }

    /** @param  list<After>  $before a rest may run on for a while: the base only lets go the better */
    private function open(array $before): void
    {
        $letsGo = self::isReleased($this->dish) ? $this->potted->first()->place->pot->material->letsGo() : null;
        $minutes = self::OPEN_MIN + ($this->dish->serving === Serving::Mixed ? self::MIX_MIN : 0)
            + ($letsGo === LetsGo::AfterRestOrColdWater ? self::RELEASE_MIN : 0);
        $serving = Note::label($this->dish->serving);
        $this->add(
            WorkKind::Open, 0, $minutes, Attention::Throughout, Note::label($this->dish->serving, 'task'),
            [Hold::pot($this->dish->lid->pot)], $before,
            $letsGo === null ? $serving
                : Note::of('work-order.let-go-and-served', letsGo: Note::label($letsGo), serving: $serving),
            Note::of('work-order.open-it'), Note::of('work-order.on-the-table'),
        );
    }

    private static function isReleased(Dish $dish): bool
    {
        return $dish->base->kind->isLaid && in_array($dish->serving, [Serving::Whole, Serving::Lifted], true);
    }

    /** @return list<After> what the opening comes after */
    private function sides(): array
    {
        $after = [];
        foreach ($this->dish->sides as $index => $side) {
            $this->add(
                WorkKind::Side, $index, $side->minutes, $side->attention, Note::name($side->name),
                $side->burner === null
                    ? []
                    : [Hold::ring($side->burner)], keeps: $side->keeps === null ? null : Note::name($side->keeps),
            );
            $after[] = After::anyTime(WorkKind::Side->id($index));
        }

        return $after;
    }

    /** @return list<Hold> */
    private function lidHolds(): array
    {
        return [Hold::ring($this->dish->lid->burner), Hold::pot($this->dish->lid->pot)];
    }

    /**
     * @param  list<Hold>  $holds
     * @param  list<After>  $after
     */
    private function add(
        WorkKind $kind, int $index, int $minutes, Attention $attention, Note $name, array $holds = [],
        array $after = [],
        ?Note $detail = null, ?Note $begin = null, ?Note $finish = null, ?Note $keeps = null, ?Caution $caution = null,
    ): void {
        $this->work[] = new Work(
            $kind, $index, new Task($kind->id($index), $minutes, $attention, $holds, $after),
            $name, $detail, $begin ?? Note::of('work-order.start'), $finish ?? Note::of('work-order.done'), $keeps,
            $caution,
        );
    }

    /** When to lift, with what goes in with the rice or after it. */
    private function withIt(BoilPlan $boil): Note
    {
        $liftMin = $boil->liftAt->amount / 60;
        $says = [];
        foreach ($this->dish->boiled as $one) {
            $at = $one->inAtMin($liftMin);
            if ($at > -1.0) {
                $says[] = $at < 1.0 ? Note::of('work-order.with-the-rice', what: $one->name)
                    : Note::of('work-order.after-the-rice', what: $one->name, minutes: (int) round($at));
            }
        }

        return $says === [] ? self::liftWords($boil)
            : Note::of('work-order.with-it-and-lift', lift: self::liftWords($boil), says: $says);
    }

    private static function liftWords(BoilPlan $boil): Note
    {
        [$first, $second] = [$boil->lifts[0]->at, $boil->lifts[1]->at ?? null];

        $isEarly = $boil->isLiftedBeforeItBoils();

        return $second === null
            ? Note::of('work-order.test-from-likely', from: $first->from(), likely: $first, isEarly: $isEarly)
            : Note::of(
                'work-order.test-from-scoops', from: $first->from(), first: $first, rest: $second, isEarly: $isEarly,
            );
    }

    private static function hotFatMin(Dish $dish): int
    {
        return $dish->base->kind->isLaid && ! $dish->cooking->isMeasured() ? self::HOT_FAT_MIN : 0;
    }

    private static function layerMin(Dish $dish): int
    {
        return $dish->cooking->isWithFilling()
            ? self::LEVEL_MIN
            : self::LAYER_MIN + ($dish->mound ? self::MOUND_MIN : 0) + ($dish->lid->secondPot === null ? 0 : 1);
    }
}

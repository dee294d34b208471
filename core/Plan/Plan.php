<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Heating;
use Orbek\Core\Dish\Layering;
use Orbek\Core\Dish\Listing;
use Orbek\Core\Dish\School;
use Orbek\Core\Dish\Splitting;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Lid\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Foretold;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\HeatPlan;
use Orbek\Core\Lid\HeatSearch;
use Orbek\Core\Lid\HowSure;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;

/** What follows from a dish in a kitchen: computed once, read by every screen, export and command. */
final class Plan
{
    private ?Course $course = null;

    /**
     * @param  list<Mend>  $tastes the water's salt for each taste
     * @param  list<Ingredient>  $ingredients
     * @param  list<Clash>  $clashes
     * @param  array<value-of<Station>, list<Caution>>  $cautions by station
     */
    public function __construct(
        public readonly Dish $dish,
        public readonly Kitchen $kitchen,
        public readonly DateTimeImmutable $tableAt,
        public readonly Figure $rice,
        public readonly Figure $filling,
        public readonly Figure $weight,
        public readonly Figure $free,
        public readonly Figure $steam,
        public readonly Figure $sealed,
        public readonly Figure $lidOff,
        /** Salt in all that is eaten, %. */
        public readonly Figure $saltiness,
        public readonly array $tastes,
        /** The boil of rice that is drained; null where the rice takes up measured water. */
        public readonly ?BoilPlan $boil,
        public readonly ?MeasuredPlan $measured,
        public readonly Section $section,
        public readonly ?SecondPot $second,
        public readonly HeatLine $heat,
        /** The pot as its lid is closed; null where the food would not go in. */
        public readonly ?SealedPot $sealedPot,
        /** What is believed of this pot on this ring. */
        public readonly FactorBelief $stove,
        public readonly FactorBelief $lot,
        public readonly Schedule $schedule,
        public readonly array $ingredients,
        public readonly array $clashes,
        public readonly array $cautions,
    ) {
    }

    /** The boil of a dish whose rice is drained. */
    public function boiled(): BoilPlan
    {
        return $this->boil ?? throw new LogicException('The rice of this dish is not boiled and drained.');
    }

    /** The pot that is layered and sealed. */
    public function pot(): Pot
    {
        return $this->section->pot;
    }

    /** The clock time at so many minutes before the table (−60 an hour before). */
    public function timeAt(int $minutes): DateTimeImmutable
    {
        return $this->tableAt->modify("{$minutes} minutes");
    }

    /**
     * The dish with one word changed, as a cook says it: most words are fields of the dish; layers
     * are moved and shared out anew; spoons of salt become grams a litre by the spoon and the
     * water of this plan.
     *
     * @throws OutOfRange when the dish cannot be so
     */
    public function changed(string $path, mixed $value): Dish
    {
        if (preg_match('/^layers:grams:(\d{1,2})$/', $path, $read) === 1) {
            return Layering::changed($this->dish, "layers:share:{$read[1]}", $this->percentOf((int) $read[1], $path, $value));
        }
        if (Heating::understands($path)) {
            return Heating::changed($this->dish, $this->heat->blocks, $path, $value);
        }
        if (Layering::understands($path)) {
            return Layering::changed($this->dish, $path, $value);
        }
        if (Splitting::understands($path)) {
            return Splitting::changed($this->dish, $path, $value);
        }
        if (Listing::understands($path)) {
            return Listing::changed($this->dish, $path, $value);
        }
        if ($path !== 'water/salt_teaspoons') {
            return $this->dish->changed($path, $value);
        }
        $spoons = is_int($value) || is_float($value) ? OutOfRange::unlessBetween($path, $value, 0, 200, 'teaspoons') : throw OutOfRange::because($path, 'is no number;', 'give 0 to 200 teaspoons');

        return $this->dish->changed('water/salt_g_per_l', round($this->kitchen->salt->mass($spoons)->inGrams() / max(0.05, $this->boil->water->amount ?? ($this->measured->water->amount ?? 1000) / 1000), 2));
    }

    /** A layer's share of all its rice or filling, %, that gives it so many grams. */
    private function percentOf(int $index, string $path, mixed $value): float
    {
        $layers = $this->layersInPot();
        if (! isset($layers[$index], $this->dish->layers[$index])) {
            throw OutOfRange::because($path, "there is no layer {$index};", 'give 0 to '.(count($this->dish->layers) - 1));
        }
        $grams = is_int($value) || is_float($value) ? OutOfRange::unlessBetween($path, $value, 1, 50000, 'g') : throw OutOfRange::because($path, 'is no number;', 'give grams');

        return 100 * $grams / $layers[$index]->mass->inGrams() * $this->dish->layers[$index]->share;
    }

    /**
     * The layers that the dish chooses, without the base's own.
     *
     * @return list<Layer>
     */
    public function layersInPot(): array
    {
        return array_values(array_filter($this->section->layers, static fn (Layer $layer): bool => $layer->matter !== Matter::Crust));
    }

    /** What happens under the lid; null where the food would not go in. Computed once, when it is asked for. */
    public function course(): ?Course
    {
        return $this->sealedPot === null ? null : $this->course ??= Course::of($this->sealedPot, $this->heat->blocks);
    }

    /** What the sealed pot is to end with. */
    public function aim(): Aim
    {
        return Aim::crust($this->dish->base->crust);
    }

    /** @return list<Foretold> what goes wrong under the lid as planned */
    public function foretold(): array
    {
        $course = $this->course();

        return $course === null ? [] : Foretold::in($course, $this->aim());
    }

    /**
     * Heat lines that would do better.
     *
     * @return array{best: HeatPlan, stock: HeatPlan, quicker: HeatPlan|null, safer: HeatPlan|null}|null
     */
    public function heatPlans(): ?array
    {
        $stock = HeatLine::ofSchool($this->dish->school, $this->pot(), $this->kitchen->burner($this->dish->lid->burner, 'lid/burner'))->blocks;

        return $this->sealedPot === null ? null : HeatSearch::find($this->sealedPot, $this->aim(), $stock);
    }

    /** How sure all this is, over what is not known of stove, bag and filling. */
    public function howSure(): ?HowSure
    {
        return $this->sealedPot === null ? null : HowSure::of($this->sealedPot, $this->heat->blocks, $this->aim(), $this->stove->today()->sd(), $this->lot->today()->sd());
    }

    public function balance(): ?WaterBalance
    {
        $course = $this->course();

        return $course === null ? null : WaterBalance::of($this->dish, $this->dish->table->rawRice(), $course);
    }

    /**
     * What lies on each layer of rice, in order.
     *
     * @return list<string>
     */
    public function onEachLayer(): array
    {
        return Amounts::onEachLayer($this->dish, $this->dish->table->rawRice());
    }

    /**
     * What is to be bought, by aisle: amounts of one thing added up, what the kitchen has left out.
     *
     * @return array<value-of<Aisle>, list<array{key: string, name: string, amount: Figure}>>
     */
    public function shopping(): array
    {
        $things = [];
        foreach ($this->ingredients as $ingredient) {
            if (! $ingredient->isBought || in_array(mb_strtolower($ingredient->shopName()), array_map(mb_strtolower(...), $this->kitchen->pantry), true)) {
                continue;
            }
            $amount = $ingredient->toBuy ?? $ingredient->amount;
            $key = $ingredient->shopName().'|'.$amount->unit;
            $things[$key]['aisle'] = $ingredient->aisle;
            $things[$key]['name'] = $ingredient->shopName();
            $things[$key]['amounts'][] = $amount;
        }
        $lot = $this->kitchen->lot($this->dish->rice->lot, 'rice/lot');
        if ($this->clashesAt(Station::Rice) !== [] || $lot->boughtG === null) {
            $things["{$lot->name}|g"] = ['aisle' => Aisle::Rice, 'name' => $lot->name, 'amounts' => [$this->rice]];
        }

        $list = [];
        foreach (Aisle::cases() as $aisle) {
            foreach ($things as $key => $thing) {
                if ($thing['aisle'] === $aisle) {
                    $first = $thing['amounts'][0];
                    $sum = array_sum(array_map(static fn (Figure $figure): float => $figure->amount, $thing['amounts']));
                    $why = array_values(array_unique(array_merge(...array_map(static fn (Figure $figure): array => $figure->why, $thing['amounts']))));
                    $figure = Figure::of($sum, $first->unit, $first->decimals, ...$why);
                    $list[$aisle->value][] = ['key' => "buy:{$key}", 'name' => $thing['name'], 'amount' => $first->kgPerLitre === null ? $figure : $figure->filling($first->kgPerLitre)];
                }
            }
        }

        return $list;
    }

    /**
     * What is to be put ready, by task in the order of the work.
     *
     * @return list<array{task: Task, things: list<Ingredient>, keeps: string|null}>
     */
    public function mise(): array
    {
        $list = [];
        foreach ($this->schedule->tasks as $id => $task) {
            $things = array_values(array_filter($this->ingredients, static fn (Ingredient $ingredient): bool => $ingredient->task === $id));
            if ($things !== [] || $task->keeps !== null) {
                $list[] = ['task' => $task, 'things' => $things, 'keeps' => $task->keeps];
            }
        }

        return $list;
    }

    /** The figure that sums a station up in its line. */
    public function result(Station $station): Figure
    {
        return match ($station) {
            Station::Table => $this->rice,
            Station::Rice => $this->boil->tau ?? $this->measured->tau ?? $this->rice,
            Station::Water => $this->boil->liftAt ?? $this->measured->water ?? $this->rice,
            Station::Filling => $this->filling,
            Station::Layers => $this->free,
            Station::Lid => $this->steam,
            Station::Heat => $this->sealed,
            Station::Serve => $this->lidOff,
        };
    }

    /** @return list<Clash> */
    public function clashesAt(Station $station): array
    {
        return array_values(array_filter($this->clashes, static fn (Clash $clash): bool => $clash->station === $station));
    }

    /** @return array<string, mixed> everything, for `orbek:plan --json` */
    public function toArray(): array
    {
        $stages = [];
        foreach ($this->boil === null ? [] : [0.50, 0.60, 0.70, 0.85, 0.95] as $doneness) {
            $stages[sprintf('%.2f', $doneness)] = round($this->boiled()->forecast->secondsTo($doneness), 1);
        }

        return [
            'format' => 'orbek-plan/1',
            'dish' => $this->dish->name,
            'school' => $this->dish->school->value,
            'kitchen' => $this->kitchen->name,
            'table_at' => $this->tableAt->format(DATE_ATOM),
            'amounts' => array_map(static fn (Ingredient $ingredient): array => ['station' => $ingredient->station->value, 'name' => $ingredient->name] + $ingredient->amount->toArray(), $this->ingredients),
            'boil' => $this->boil === null ? null : [
                'batches' => $this->boil->batches,
                'target' => $this->dish->water->stage->value,
                'target_doneness' => $this->boil->forecast->target,
                'tau_min' => $this->boil->tau->toArray(),
                'after_rice_c' => round($this->boil->forecast->boil->afterRiceC, 2),
                'back_at_boil_s' => $this->boil->backAtBoil->toArray(),
                'lift_at_s' => $this->boil->liftAt->toArray(),
                'in_water_s_to' => $stages,
                'salt_kept_g' => $this->boil->saltKept->toArray(),
                'salt_in_dish_percent' => $this->saltiness->toArray(),
                'lifts' => array_map(static fn (Lift $lift): array => ['stage' => $lift->stage->value, 'share' => round($lift->share, 3), 'at_s' => $lift->at->toArray()], $this->boil->lifts),
            ],
            'measured' => $this->measured === null ? null : [
                'water_g' => $this->measured->water->toArray(),
                'beside_broth_g' => $this->measured->absorption->beside->toArray(),
                'cooker_mark' => $this->dish->school === School::Cooker ? $this->measured->absorption->cookerMark->toArray() : null,
                'minutes' => $this->measured->cookMin,
                'salt_in_dish_percent' => $this->saltiness->toArray(),
            ],
            'pot' => [
                'id' => $this->pot()->id,
                'height_cm' => round($this->pot()->heightCm(), 2),
                'free_cm' => $this->free->toArray(),
                'mass_g' => $this->weight->toArray(),
                'layers' => array_map(fn (Layer $layer, float $top, int $index): array => [
                    'matter' => $layer->matter->value,
                    'label' => $layer->label,
                    'mass_g' => round($layer->mass->inGrams(), 1),
                    'from_cm' => round($index === 0 ? 0.0 : $this->section->topsCm[$index - 1], 2),
                    'to_cm' => round($top, 2),
                ], $this->section->layers, $this->section->topsCm, array_keys($this->section->layers)),
            ],
            'heat' => array_map(static fn ($block): array => ['minutes' => $block->minutes, 'setting' => round($block->setting, 3), 'plate' => $block->plate, 'until' => $block->until] + ($block->ovenC === null ? [] : ['oven_c' => $block->ovenC]), $this->heat->blocks),
            'tasks' => array_map(fn (Task $task): array => [
                'id' => $task->id,
                'name' => $task->name,
                'detail' => $task->detail,
                'starts_at' => $this->timeAt($this->schedule->start($task->id))->format(DATE_ATOM),
                'minutes' => $task->minutes,
                'attention' => $task->attention->value,
                'holds' => $task->holds,
            ], array_values($this->schedule->tasks)),
            'allergens' => $this->dish->allergens(),
            'clashes' => array_map(static fn (Clash $clash): array => [
                'station' => $clash->station->value,
                'says' => $clash->says,
                'mends' => array_map(static fn (Mend $mend): array => ['label' => $mend->label, 'path' => $mend->path, 'value' => $mend->value], $clash->mends),
            ], $this->clashes),
            'cautions' => array_map(static fn (array $cautions): array => array_map(static fn (Caution $caution): string => $caution->says(), $cautions), $this->cautions),
        ];
    }
}

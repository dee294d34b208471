<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use DateTimeImmutable;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Layering;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;

/** What follows from a dish in a kitchen: computed once, read by every screen, export and command. */
final readonly class Plan
{
    /**
     * @param  list<Mend>  $tastes the water's salt for each taste
     * @param  list<Ingredient>  $ingredients
     * @param  list<Clash>  $clashes
     * @param  array<value-of<Station>, list<Caution>>  $cautions by station
     */
    public function __construct(
        public Dish $dish,
        public Kitchen $kitchen,
        public DateTimeImmutable $tableAt,
        public Figure $rice,
        public Figure $filling,
        public Figure $weight,
        public Figure $free,
        public Figure $steam,
        public Figure $sealed,
        public Figure $lidOff,
        /** Salt in all that is eaten, %. */
        public Figure $saltiness,
        public array $tastes,
        public BoilPlan $boil,
        public Section $section,
        public HeatLine $heat,
        public Schedule $schedule,
        public array $ingredients,
        public array $clashes,
        public array $cautions,
    ) {
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
        if (Layering::understands($path)) {
            return Layering::changed($this->dish, $path, $value);
        }
        if ($path !== 'water/salt_teaspoons') {
            return $this->dish->changed($path, $value);
        }
        $spoons = is_int($value) || is_float($value) ? OutOfRange::unlessBetween($path, $value, 0, 200, 'teaspoons') : throw OutOfRange::because($path, 'is no number;', 'give 0 to 200 teaspoons');

        return $this->dish->changed('water/salt_g_per_l', round($this->kitchen->salt->mass($spoons)->inGrams() / $this->boil->water->amount, 2));
    }

    /** The figure that sums a station up in its line. */
    public function result(Station $station): Figure
    {
        return match ($station) {
            Station::Table => $this->rice,
            Station::Rice => $this->boil->tau,
            Station::Water => $this->boil->liftAt,
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
        foreach ([0.50, 0.60, 0.70, 0.85, 0.95] as $doneness) {
            $stages[sprintf('%.2f', $doneness)] = round($this->boil->forecast->secondsTo($doneness), 1);
        }

        return [
            'format' => 'orbek-plan/1',
            'dish' => $this->dish->name,
            'school' => $this->dish->school->value,
            'kitchen' => $this->kitchen->name,
            'table_at' => $this->tableAt->format(DATE_ATOM),
            'amounts' => array_map(static fn (Ingredient $ingredient): array => ['station' => $ingredient->station->value, 'name' => $ingredient->name] + $ingredient->amount->toArray(), $this->ingredients),
            'boil' => [
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
            'heat' => array_map(static fn ($block): array => ['minutes' => $block->minutes, 'setting' => round($block->setting, 3), 'plate' => $block->plate, 'until' => $block->until], $this->heat->blocks),
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

<?php

declare(strict_types=1);

namespace App\Formats;

use App\Wording\Wording;
use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Cooking;
use Orbek\Core\Heat\KitchenEnd;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Mend\Clash;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotFault;
use Orbek\Core\Plan\Rice\BoilPlan;
use Orbek\Core\Plan\Rice\Lift;
use Orbek\Core\Plan\Rice\MeasuredPlan;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\DishTask;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;

/** A whole plan as JSON, for `orbek:plan --json`. */
final readonly class PlanJson
{
    /** Stages of a boil whose times are told. */
    private const TOLD = [0.50, 0.60, 0.70, 0.85, 0.95];

    private function __construct(private Plan $plan, private Wording $say)
    {
    }

    /** @return array<string, mixed> */
    public static function of(Plan $plan, Wording $say): array
    {
        return (new self($plan, $say))->toArray();
    }

    /** @return array<string, mixed> */
    private function toArray(): array
    {
        $plan = $this->plan;
        $boil = $plan->boil();
        $measured = $plan->measured();

        return [
            'format' => 'orbek-plan/1',
            'dish' => $plan->dish->name,
            'school' => $plan->dish->school->id,
            'kitchen' => $plan->kitchen->name,
            'table_at' => $plan->day->tableAt->format(DATE_ATOM),
            'amounts' => array_map(fn (Ingredient $ingredient): array => [
                'station' => $ingredient->station
                    ->value, 'name' => $this
                    ->say
                    ->text($ingredient->name), ...$this
                    ->figure($ingredient->amount),
            ], $plan->ingredients),
            'boil' => $boil === null ? null : $this->boil($boil),
            'measured' => $measured === null ? null : $this->measured($measured),
            'pot' => $this->pot(),
            'heat' => $this->heat(),
            'foretold' => $this->foretold(),
            ...$this->right(),
            'colour' => $this->colour(),
            'rice_at_lid_c' => $this->riceAtLidC(),
            'tasks' => array_map($this->task(...), array_values($plan->day->tasks)),
            'allergens' => array_map(
                fn (array $where): array => array_map($this->say->text(...), $where),
                $plan->dish->allergens(),
            ),
            'clashes' => array_map($this->clash(...), $plan->clashes),
            'cautions' => array_map(fn (array $cautions): array => array_map(
                fn (Caution $caution): string => $this->say->label($caution, 'says'), $cautions,
            ), $plan->cautions()),
        ];
    }

    /** @return array{right: int|null, right_steered: int|null, good_steered: int|null} of 24 kitchens */
    private function right(): array
    {
        $sure = $this->plan->howSure();
        $steered = $this->plan->steered();
        $looked = $steered === [] ? $sure->kitchens ?? [] : end($steered);

        return $sure === null ? ['right' => null, 'right_steered' => null, 'good_steered' => null] : [
            'right' => $sure->right, 'right_steered' => KitchenEnd::right($looked),
            'good_steered' => KitchenEnd::good($looked),
        ];
    }

    /** @return array<string, mixed> */
    private function boil(BoilPlan $boil): array
    {
        $stages = [];
        foreach (self::TOLD as $doneness) {
            $stages[sprintf('%.2f', $doneness)] = round($boil->forecast->secondsTo($doneness), 1);
        }

        return [
            'batches' => $boil->batches,
            'top_up' => $boil->topUp === null ? null : [
                'water_l' => $this->figure($boil->topUp->water), 'salt_g' => $this->figure($boil->topUp->salt),
                'minutes' => $boil->topUp->minutes,
            ],
            'target' => $boil->last->stage->value,
            'target_doneness' => $boil->forecast->target,
            'tau_min' => $this->figure($boil->tau),
            'after_rice_c' => round($boil->forecast->boil->afterRiceC, 2),
            'back_at_boil_s' => $this->figure($boil->backAtBoil),
            'lift_at_s' => $this->figure($boil->liftAt),
            'in_water_s_to' => $stages,
            'salt_kept_g' => $this->figure($boil->saltKept),
            'salt_in_dish_percent' => $this->figure($this->plan->salting->percent()),
            'lifts' => array_map(fn (Lift $lift): array => [
                'stage' => $lift->stage->value, 'share' => round($lift->share, 3), 'at_s' => $this->figure($lift->at),
            ], $boil->lifts),
        ];
    }

    /** @return array<string, mixed> */
    private function measured(MeasuredPlan $measured): array
    {
        return [
            'water_g' => $this->figure($measured->water),
            'beside_broth_g' => $this->figure($measured->absorption->beside),
            'cooker_mark' => $this->plan->dish->grain->cooking === Cooking::Cooker
                ? $this->figure($measured->cookerLine)
                : null,
            'minutes' => $measured->cookMin,
            'salt_in_dish_percent' => $this->figure($this->plan->salting->percent()),
        ];
    }

    /** @return array<string, mixed> */
    private function pot(): array
    {
        $section = $this->plan->potted->first()->section;
        $layer = fn (Layer $layer, int $index): array => [
            'matter' => $layer->matter->value,
            'label' => $this->say->text($layer->label),
            'mass_g' => round($layer->mass->inGrams(), 1),
            'from_cm' => round($section->topsCm[$index - 1] ?? 0.0, 2),
            'to_cm' => round($section->topsCm[$index], 2),
        ];

        return [
            'id' => $section->pot->id,
            'height_cm' => round($section->pot->heightCm(), 2),
            'free_cm' => $this->figure($this->plan->totals->free()),
            'mass_g' => $this->figure($this->plan->totals->weight()),
            'layers' => array_map($layer, $section->layers, array_keys($section->layers)),
        ];
    }

    /**
     * @return list<array<string, mixed>>|null each stretch of heat as it comes out; null where the food does not go in
     */
    private function heat(): ?array
    {
        $heating = $this->plan->heating();
        if ($heating === null) {
            return null;
        }
        $ring = $this->plan->potted->first()->place->ring->id;

        return array_map(function (Stretch $planned, Stretch $came, int $index) use ($heating, $ring): array {
            $flame = $planned->flame;
            $on = $flame->ring === '' ? $ring : $flame->ring;
            $window = $heating->window($index);

            return [
                'minutes' => round($came->minutes, 1),
                'mark' => ($this->plan->kitchen->equipment->rings[$on] ?? null)?->knob->mark($flame->setting)?->name,
                'share' => round($flame->setting, 3),
                'ring' => $flame->isOff() || $flame->ovenC !== null ? null : $on,
                'plate' => $flame->plate?->id,
                'oven_c' => $flame->ovenC,
                'cue' => $planned->till?->id,
                'minutes_past_cue' => $planned->till === null ? null : round($planned->afterMin, 1),
                'window_min' => $window === null ? null : array_map(
                    static fn (float $minute): float => round($minute, 1), $window,
                ),
                'says' => $this->say->text($this->plan->kitchen->says($flame, $ring)),
            ];
        }, $heating->line(), $heating->course()->heat, array_keys($heating->line()));
    }

    /** @return list<array<string, mixed>> what goes wrong as planned; the mends are of the plan as a whole */
    private function foretold(): array
    {
        $mends = array_map($this->mend(...), $this->plan->mends());

        return array_map(fn (PotFault $fault): array => [
            'key' => $fault->foretold->fault->value,
            'pot' => $fault->pot?->id,
            'says' => $this->say->text($fault->says()),
            'minute' => round($fault->foretold->minute, 1),
            'mends' => $mends,
        ], $this->plan->faults());
    }

    /** @return array{low: string, likely: string, high: string}|null */
    private function colour(): ?array
    {
        $colours = $this->plan->heating()?->colours();

        return $colours === null
            ? null
            : ['low' => $colours->low->value, 'likely' => $colours->likely->value, 'high' => $colours->high->value];
    }

    /** Of the coldest layer of rice as the lid is closed. */
    private function riceAtLidC(): ?float
    {
        $rice = array_filter(
            $this->plan->sealedPot()->layers ?? [], static fn (
                SealedLayer $layer,
            ): bool => $layer->matter === Matter::Rice,
        );

        return $rice === [] ? null : round(
            min(array_map(static fn (SealedLayer $layer): float => $layer->celsius, $rice)), 1,
        );
    }

    /** @return array<string, mixed> */
    private function task(DishTask $work): array
    {
        return [
            'id' => $work->task->id,
            'name' => $this->say->text($work->name),
            'detail' => $work->detail === null ? null : $this->say->text($work->detail),
            'starts_at' => $this->plan->day->startsAt($work->task->id)->format(DATE_ATOM),
            'minutes' => $work->task->minutes,
            'attention' => $work->task->attention->value,
            'holds' => array_map(static fn (Hold $hold): string => $hold->key(), $work->task->holds),
        ];
    }

    /** @return array<string, mixed> */
    private function clash(Clash $clash): array
    {
        return [
            'station' => $clash->station->value,
            'says' => $this->say->text($clash->says),
            'mends' => array_map($this->mend(...), $clash->mends),
        ];
    }

    /** @return array<string, mixed> */
    private function mend(Mend $mend): array
    {
        return ['label' => $this->say->text($mend->label), 'path' => $mend->path, 'value' => $mend->value];
    }

    /** @return array{amount: float, unit: string, from?: float, by?: float, why: list<string>} */
    private function figure(Figure $figure): array
    {
        $window = $figure->from === null || $figure->by === null
            ? []
            : ['from' => round($figure->from, 4), 'by' => round($figure->by, 4)];

        return ['amount' => round($figure->amount, 4), 'unit' => $figure->unit] + $window
            + ['why' => array_map(fn (Note|string $why): string => $this->say->text($why), $figure->why)];
    }
}

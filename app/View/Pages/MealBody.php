<?php

declare(strict_types=1);

namespace App\View\Pages;

use App\Wording\Wording;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Orbek\Core\Care\Caution;
use Orbek\Core\Plan\Meal\GuestEats;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealTask;
use Orbek\Core\Plan\Shopping\Ingredient;
use Orbek\Core\Plan\Work\Layering;
use Orbek\Core\Plan\Work\LayeringRow;
use Orbek\Core\Plan\Work\Mise;
use Orbek\Core\Plan\Work\WorkKind;

/** A meal: its table, its dishes, its clock. */
final readonly class MealBody
{
    /** Days that a table can be set on, from today. */
    private const DAYS = 14;

    public function __construct(private Wording $say)
    {
    }

    public function compose(View $view): void
    {
        /** @var array{plan: MealPlan, today: DateTimeImmutable} $given */
        $given = $view->getData();
        $plan = $given['plan'];
        $eats = $plan->eats();
        $days = [];
        for ($ahead = 0; $ahead < self::DAYS; $ahead++) {
            $days[] = $given['today']->modify("+{$ahead} days");
        }
        $days[] = $plan->tableAt;
        sort($days);
        $byDay = [];
        foreach ($days as $day) {
            $byDay[$day->format('Y-m-d')] ??= $day;
        }
        $view->with([
            'm' => $plan->meal, 'first' => $plan->firstStart(), 'ahead' => $plan->ahead(),
            'days' => new Collection(array_values($byDay)),
            'isMarked' => static fn (MealTask $task): bool => $task->dish !== null && count($plan->plans) > 1,
            'eats' => $eats,
            'told' => fn (string $id): array => $this->told($plan, $plan->tasks[$id]), 'minded' => $this->minded($plan),
            'unknown' => array_values(array_unique(array_merge(...array_map(
                static fn (GuestEats $one): array => $one->unknown, $eats,
            )))),
        ]);
    }

    /** @return list<string> what goes in at a task, for paper, which no Stove stands beside */
    private function told(MealPlan $plan, MealTask $task): array
    {
        $of = $task->dish === null ? null : $plan->plans[$task->dish];
        if ($of === null) {
            return [];
        }
        if ($task->kind === WorkKind::Layer && Layering::isLed($of)) {
            return array_map(fn (LayeringRow $row): string => $this->say->list([
                trim(($row->amount === null ? '' : $this->say->amount($row->amount).' ').$this->say->text($row->says)),
                ...array_map($this->say->text(...), $row->on),
            ]), array_merge(...array_map(static fn ($load): array => Layering::of($of, $load), $of->potted->loads)));
        }

        return array_map(
            fn (Ingredient $one): string => $this->say->amount($one->amount).' '.$this->say->text($one->inHand()),
            [...Mise::at($of, $task->task), ...Mise::broughtTo($of, $task->task)],
        );
    }

    /** @return list<string> what is to be minded at any of it */
    private function minded(MealPlan $plan): array
    {
        $all = [];
        foreach ($plan->plans as $of) {
            foreach ([...array_merge(...array_values($of->cautions())), ...array_filter(
                array_map(static fn ($work): ?Caution => $work->caution, $of->day->tasks),
            )] as $caution) {
                $all[$caution->value] = $this->say->text($this->say->label($caution, 'says'));
            }
        }

        return array_values($all);
    }
}

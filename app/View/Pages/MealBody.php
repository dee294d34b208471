<?php

declare(strict_types=1);

namespace App\View\Pages;

use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Collection;
use Orbek\Core\Plan\Meal\GuestEats;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealTask;

/** A meal: its table, its dishes, its clock. */
final readonly class MealBody
{
    /** Days that a table can be set on, from today. */
    private const DAYS = 14;

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
            'hm' => static fn (int $minutes): string => intdiv($minutes, 60).':'.sprintf('%02d', $minutes % 60),
            'm' => $plan->meal, 'first' => $plan->firstStart(), 'ahead' => $plan->ahead(),
            'days' => new Collection(array_values($byDay)),
            'isMarked' => static fn (MealTask $task): bool => $task->dish !== null && count($plan->plans) > 1,
            'eats' => $eats,
            'unknown' => array_values(array_unique(array_merge(...array_map(
                static fn (GuestEats $one): array => $one->unknown, $eats,
            )))),
        ]);
    }
}

<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Wording;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealTask;

/**
 * A meal's hours as hung ropes: time runs down to the table, a column for each pair of hands, each ring, the oven
 * and what runs on its own.
 */
final readonly class MealDrawing
{
    private const TOP = 52;

    private const LEFT = 100;

    private const GAP = 12;

    private const LABEL_PX = 15;

    private const LETTER_PX = 6.2;

    private const LEAST_PX_PER_MIN = 3.6;

    /** What is so long before the table is left to the list of the day before. */
    private const SHOWN_MIN = 300;

    public float $height;

    public float $pxPerMin;

    private int $from;

    public function __construct(public MealPlan $plan, private Wording $say, public float $width = 930)
    {
        $shown = array_filter($plan->laid->starts, static fn (int $start): bool => $start >= -self::SHOWN_MIN);
        $this->from = $shown === [] ? -60 : min($shown) - 4;
        $this->pxPerMin = max(self::LEAST_PX_PER_MIN, 560 / -$this->from);
        $this->height = round(self::TOP + $this->pxPerMin * -$this->from + 40);
    }

    public function y(int $minutes): float
    {
        return round(self::TOP + ($minutes - $this->from) * $this->pxPerMin, 1);
    }

    /** @return list<array{y: float, time: string}> */
    public function halfHours(): array
    {
        $lines = [];
        for ($minutes = $this->from + 6; $minutes < -8; $minutes++) {
            $at = $this->plan->at($minutes);
            if ((int) $at->format('i') % 30 === 0) {
                $lines[] = ['y' => $this->y($minutes), 'time' => $this->say->time($at)];
            }
        }

        return $lines;
    }

    /**
     * @return list<array{title: string, x: float, width: float, ropes: list<array{
     *     task: MealTask, start: int, y: float, height: float, labelY: float, lines: list<string>, kind: string,
     *     dish: string,
     *     isPinned: bool
     * }>}>
     */
    public function columns(): array
    {
        $columns = [];
        foreach ($this->plan->hands() as $pair => $held) {
            $columns[] = [$this->say->say(
                'pages/clock.hands', pair: count($this->plan->hands()) === 1 ? 0 : $pair + 1,
            ), $held, 'hands'];
        }
        foreach ($this->plan->kitchen->equipment->rings as $ring) {
            $columns[] = [$ring->label(), $this->whole(
                static fn (MealTask $task): bool => $task->ring === $ring->id,
            ), 'heat'];
        }
        $oven = $this->whole(static fn (MealTask $task): bool => $task->isInOven());
        if ($oven !== []) {
            $columns[] = [$this->say->say(
                'pages/clock.oven', isNamed: $this->plan->kitchen->equipment->oven !== null,
                oven: $this->say->first($this->plan->kitchen->equipment->oven->name ?? ''),
            ), $oven, 'heat'];
        }
        $columns[] = [$this->say->say('pages/clock.on-its-own'), $this->whole(
            static fn (MealTask $task): bool => $task->ring === null && ! $task->isInOven() && ! self::isByHand($task),
        ), 'own'];
        $each = ($this->width - self::LEFT - self::GAP * (count($columns) - 1)) / count($columns);
        $left = self::LEFT;
        $drawn = [];
        foreach ($columns as [$title, $held, $kind]) {
            $drawn[] = [
                'title' => $title, 'x' => round($left, 1), 'width' => round($each, 1),
                'ropes' => $this->ropes($held, $kind, (int) (($each - 30) / self::LETTER_PX)),
            ];
            $left += $each + self::GAP;
        }

        return $drawn;
    }

    private static function isByHand(MealTask $task): bool
    {
        foreach ($task->job->claims as [$thing, $from, $to]) {
            if ($thing === 'hands' && $from === 0 && $to === $task->job->minutes) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  callable(MealTask): bool  $is
     * @return list<array{MealTask, int, int}>
     */
    private function whole(callable $is): array
    {
        $held = [];
        foreach ($this->plan->tasks as $id => $task) {
            if ($is($task)) {
                $held[] = [$task, $this->plan->start($id), $this->plan->end($id)];
            }
        }

        return $held;
    }

    /**
     * @param  list<array{MealTask, int, int}>  $held
     * @return list<array{
     *     task: MealTask, start: int, y: float, height: float, labelY: float, lines: list<string>, kind: string,
     *     dish: string,
     *     isPinned: bool
     * }>
     */
    private function ropes(array $held, string $kind, int $letters): array
    {
        $ropes = [];
        $free = 0.0;
        foreach ($held as [$task, $from, $to]) {
            if ($from < -self::SHOWN_MIN) {
                continue;
            }
            $y = $this->y($from);
            $labelY = max($y + 6, $free);
            // A touch of a minute at one end of a long task is a mark, not a label.
            $isTouch = $kind === 'hands' && $to - $from <= 1 && $task->job->minutes > 2;
            $lines = $isTouch
                ? []
                : $this->say->lines($task->name, max(8, $letters));
            $free = $lines === [] ? $free : $labelY + self::LABEL_PX * count($lines);
            $ropes[] = [
                'task' => $task, 'start' => $from, 'y' => $y, 'height' => max(3.0, round($this->y($to) - $y, 1)),
                'labelY' => round($labelY, 1), 'lines' => $lines,
                'kind' => match (true) {
                    $kind !== 'heat' => $kind,
                    $task->kind?->isWater() === true => 'water',
                    default => 'heat',
                },
                'dish' => $task->dish === null ? '' : $this->say->digits($task->dish + 1),
                'isPinned' => isset($this->plan->meal->pins[$task->job->id]),
            ];
        }

        return $ropes;
    }
}

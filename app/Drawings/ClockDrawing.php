<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Wording;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Work\DishTask;

/**
 * A plan's hours as hung ropes: time runs down to the table, a column for hands, each ring and
 * what runs on its own. A long stretch without hands at the start is folded.
 */
final readonly class ClockDrawing
{
    private const TOP = 56;

    private const FOLD_PX = 54;

    private const COLUMN_GAP = 14;

    private const LABEL_PX = 17;

    private const DETAIL_PX = 15;

    private const LETTER_PX = 6.2;

    public float $width;

    public float $height;

    /** Minutes to the table where the unfolded part begins. */
    private int $unfoldedFrom;

    private float $pxPerMin;

    public function __construct(public Plan $plan, private Wording $say, float $width = 930, float $height = 620)
    {
        $this->width = $width;
        $first = $plan->day->schedule->firstStart();
        $attended = min(-30, $plan->day->busyFrom());
        $this->unfoldedFrom = $attended - $first > 40 ? $attended - 4 : $first;
        // Two minutes of work must be as tall as a finger is thick, or nothing can be told apart.
        $fold = $this->isFolded() ? self::FOLD_PX : 0;
        $this->pxPerMin = max(4.0, ($height - self::TOP - $fold - 40) / -$this->unfoldedFrom);
        $this->height = self::TOP + $fold + $this->pxPerMin * -$this->unfoldedFrom + 40;
    }

    public function isFolded(): bool
    {
        return $this->unfoldedFrom > $this->plan->day->schedule->firstStart();
    }

    public function foldY(): float
    {
        return self::TOP + self::FOLD_PX - 8;
    }

    public function tableY(): float
    {
        return $this->y(0);
    }

    /** The y of a moment, in minutes to the table. */
    public function y(int $minutes): float
    {
        $first = $this->plan->day->schedule->firstStart();
        if (! $this->isFolded()) {
            return round(self::TOP + ($minutes - $first) * $this->pxPerMin, 1);
        }

        return $minutes >= $this->unfoldedFrom
            ? round(self::TOP + self::FOLD_PX + ($minutes - $this->unfoldedFrom) * $this->pxPerMin, 1)
            : round(self::TOP + ($minutes - $first) / ($this->unfoldedFrom - $first) * self::FOLD_PX, 1);
    }

    /** @return list<array{y: float, time: string}> the half hours that are drawn */
    public function halfHours(): array
    {
        $lines = [];
        for ($minutes = $this->unfoldedFrom; $minutes < -8; $minutes++) {
            if ((int) $this->plan->day->at($minutes)->format('i') % 30 === 0) {
                $lines[] = ['y' => $this->y($minutes), 'time' => $this->say->time($this->plan->day->at($minutes))];
            }
        }

        return $lines;
    }

    /**
     * Columns with their ropes.
     *
     * @return list<array{
     *     key: string, title: string, x: float, width: float,
     *     ropes: list<array{
     *         work: DishTask, lines: list<string>, detail: string|null, y: float, height: float, labelY: float,
     *         kind: string
     *     }>
     * }>
     */
    public function columns(): array
    {
        $keys = [Hold::hands()->key() => $this->say->say('pages/clock.hands', pair: 0)];
        foreach ($this->plan->kitchen->equipment->rings as $ring) {
            $keys[Hold::ring($ring->id)->key()] = $ring->label();
        }
        if (
            array_filter(
                $this->plan->day->tasks,
                static fn (DishTask $work): bool => $work->task->holds(Hold::oven()),
            ) !== []
        ) {
            $keys[Hold::oven()->key()] = $this->say->say(
                'pages/clock.oven', isNamed: $this->plan->kitchen->equipment->oven !== null,
                oven: $this->say->first($this->plan->kitchen->equipment->oven->name ?? ''),
            );
        }
        $keys['own'] = $this->say->say('pages/clock.on-its-own');

        $left = 104.0;
        $each = ($this->width - $left - self::COLUMN_GAP * (count($keys) - 1)) / (count($keys) + 0.35);
        $columns = [];
        foreach ($keys as $key => $title) {
            $width = $key === 'hands' ? 1.35 * $each : $each;
            $columns[] = [
                'key' => $key, 'title' => $title, 'x' => round($left, 1), 'width' => round($width, 1),
                'ropes' => $this->ropes($key, (int) (($width - 34) / self::LETTER_PX)),
            ];
            $left += $width + self::COLUMN_GAP;
        }

        return $columns;
    }

    /**
     * @return list<array{
     *     work: DishTask, lines: list<string>, detail: string|null, y: float, height: float, labelY: float,
     *     kind: string
     * }>
     */
    private function ropes(string $key, int $letters): array
    {
        $ropes = [];
        $free = 0.0;
        foreach ($this->plan->day->tasks as $id => $work) {
            $task = $work->task;
            $held = array_map(static fn (Hold $hold): string => $hold->key(), $task->holds);
            $mine = match (true) {
                $key === 'hands' => $task->attention === Attention::Throughout && $task->ring() === null,
                $key === 'own' => $task->ring() === null
                    && $task->attention !== Attention::Throughout
                    && ! $task->holds(Hold::oven()),
                default => in_array($key, $held, true),
            };
            if (! $mine && ! ($key === 'hands' && $task->attention === Attention::Throughout)) {
                continue;
            }
            $start = $this->plan->day->schedule->start($id);
            $y = $this->y($start);
            $labelY = max($y + 4, $free);
            $lines = $this->say->lines($work->name, $letters);
            // What would run into the table's line is left to the list below the drawing.
            $detail = $mine && $labelY + self::LABEL_PX * count($lines) < $this->tableY() - 6 && $work->detail !== null
                ? $this->say->text($work->detail)
                : null;
            $free = $labelY + self::LABEL_PX * count($lines) + ($detail === null ? 0 : self::DETAIL_PX);
            $ropes[] = [
                'work' => $work,
                'lines' => $lines,
                'detail' => $detail === null ? null : mb_strimwidth($detail, 0, (int) ($letters * 1.2), '…'),
                'y' => $y,
                'height' => max(4.0, round($this->y($this->plan->day->schedule->end($id)) - $y, 1)),
                'labelY' => round($labelY, 1),
                'kind' => match (true) {
                    $key === 'hands' => 'hands',
                    $key === 'own' => 'own',
                    $work->kind->isWater() => 'water',
                    default => 'heat',
                },
            ];
        }

        return $ropes;
    }
}

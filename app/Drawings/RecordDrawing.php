<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Wording;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Cook\Events\HeatSet;
use Orbek\Core\Cook\Events\Opened;
use Orbek\Core\Cook\Events\Steered;

/** A cook's hours: each step as it was planned, and under it as it was, on one axis of time. */
final readonly class RecordDrawing
{
    public const LEFT = 190.0;

    private const ROW = 26.0;

    private const TOP = 30.0;

    /** A planned step and what it was: so high each, px. */
    private const BAR = 8.0;

    private const HALF_HOUR_S = 1800;

    /** So many at most; one that goes on for days has them further apart. */
    private const MOST_TICKS = 10;

    private const STEPS_S = [3600, 3 * 3600, 6 * 3600, 12 * 3600, 86400, 7 * 86400, 30 * 86400, 365 * 86400];

    private int $from;

    private int $to;

    /** @var list<array{name: string, from: int, to: int, began: int|null, ended: int|null}> */
    private array $rows;

    public function __construct(private Cook $cook, private Wording $say, public float $width = 900)
    {
        $rows = [];
        $times = [];
        $day = $cook->plan()->day;
        foreach ($day->tasks as $id => $work) {
            $progress = $cook->state->progress[$id];
            $row = [
                'name' => $say->first($work->name),
                'from' => $day->at($day->schedule->start($id))->getTimestamp(),
                'to' => $day->at($day->schedule->end($id))->getTimestamp(),
                'began' => $progress->startedAt?->getTimestamp(), 'ended' => $progress->doneAt?->getTimestamp(),
            ];
            $rows[] = $row;
            array_push($times, ...array_values(array_filter($row, is_int(...))));
        }
        usort(
            $rows, static fn (array $a, array $b): int => ($a['began'] ?? $a['from']) <=> ($b['began'] ?? $b['from']),
        );
        $this->rows = $rows;
        $this->from = $times === [] ? 0 : min($times);
        $this->to = max(
            $this->from + 60, $times === [] ? 0 : max($times), $cook->state->servedAt?->getTimestamp() ?? 0,
        );
    }

    public function height(): float
    {
        return self::TOP + self::ROW * count($this->rows) + 34;
    }

    public function x(int $at): float
    {
        return round(
            self::LEFT
                + ($this->width - self::LEFT - 20)
                    * max(0.0, min(1.0, ($at - $this->from) / ($this->to - $this->from))),
            1,
        );
    }

    /** @return list<array{x: float, time: string}> */
    public function ticks(): array
    {
        $every = self::HALF_HOUR_S;
        foreach (self::STEPS_S as $step) {
            $every = $this->to - $this->from > self::MOST_TICKS * $every ? $step : $every;
        }
        $ticks = [];
        for ($at = (int) ceil($this->from / $every) * $every; $at <= $this->to; $at += $every) {
            $ticks[] = ['x' => $this->x($at), 'time' => $this->time($at)];
        }

        return $ticks;
    }

    /**
     * @return list<array{
     *     name: string, y: float, planned: array{x: float, width: float}, was: array{x: float, width: float}|null,
     *     told: string
     * }>
     */
    public function rows(): array
    {
        $drawn = [];
        foreach ($this->rows as $index => $row) {
            $drawn[] = [
                'name' => $row['name'], 'y' => self::TOP + self::ROW * $index,
                'planned' => $this->bar($row['from'], $row['to']),
                'was' => $row['began'] === null ? null : $this->bar($row['began'], $row['ended'] ?? $row['began']),
                'told' => $this->say->say(
                    'pages/notebook.from-to', from: $this->time($row['from']), till: $this->time($row['to']),
                ),
            ];
        }

        return $drawn;
    }

    /** Where what the bars mean is written. */
    public function footY(): float
    {
        return $this->height() - 8;
    }

    public function barHigh(): float
    {
        return self::BAR;
    }

    /** @return list<array{x: float, says: string}> what was turned and seen of the closed pot */
    public function marks(): array
    {
        $marks = [];
        foreach ($this->cook->state->lidEvents as $event) {
            $marks[] = ['x' => $this->x($event->at->getTimestamp()), 'says' => $this->says($event)];
        }

        return $marks;
    }

    /** @return list<array{name: string, planned: string, was: string}> the same as a table */
    public function table(): array
    {
        return array_map(fn (array $row): array => [
            'name' => $row['name'], 'planned' => $this->time($row['from']).'–'.$this->time($row['to']),
            'was' => $row['began'] === null
                ? $this->say->say('pages/notebook.not-noted-then')
                : $this->time($row['began']).($row['ended'] === null ? '' : '–'.$this->time($row['ended'])),
        ], $this->rows);
    }

    private function says(Event $event): string
    {
        $time = $this->time($event->at->getTimestamp());

        return match (true) {
            $event instanceof HeatSet => $this->say->say(
                'pages/notebook.turned-to', time: $time, heat: round($event->setting).' %', isAsTold: false,
                sprinkledMl: 0,
            ),
            $event instanceof Steered => $this->say->say(
                'pages/notebook.turned-to', time: $time, heat: $this->heat($event), isAsTold: true,
                sprinkledMl: (int) round($event->sprinkledMl),
            ),
            $event instanceof CueSeen => "{$time} ".lcfirst($event->says($this->cook->plan()->dish->craft->cues)),
            $event instanceof Opened => $this->say->say('pages/notebook.lid-off', time: $time),
            default => $time,
        };
    }

    private function heat(Steered $event): string
    {
        $kitchen = $this->cook->plan()->kitchen;

        return ($this->say)($kitchen->says(
            $event->flame($kitchen->equipment->plates), $this->cook->plan()->potted->first()->place->ring->id,
        ));
    }

    /** @return array{x: float, width: float} */
    private function bar(int $from, int $to): array
    {
        return ['x' => $this->x($from), 'width' => max(2.0, round($this->x($to) - $this->x($from), 1))];
    }

    private function time(int $at): string
    {
        return $this->say->time(
            (new \DateTimeImmutable("@{$at}"))->setTimezone($this->cook->plan()->kitchen->site->timezone)
        );
    }
}

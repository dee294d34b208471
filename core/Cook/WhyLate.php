<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;

/** Why a table was late, in one sentence: the task that first lost much of the time. */
final class WhyLate
{
    /** A cause that lost less is none, min. */
    private const LEAST_MIN = 3;

    /** @return Note|null null where it was not late, is not served, or nothing that is noted lost the time */
    public static function of(MealCook $cook): ?Note
    {
        $servedAt = $cook->servedAt();
        $meant = Instant::plusMinutes($cook->began->tableAt, $cook->lateMin());
        $late = $servedAt === null ? 0 : intdiv($servedAt->getTimestamp() - $meant->getTimestamp(), 60);
        if ($late < Cook::LATE_MIN) {
            return null;
        }
        $table = self::behind($cook, null) - self::behind($cook, self::lastOf($cook, array_keys($cook->tasks)));
        $worst = self::worst($cook, intdiv($late, 2));
        if ($worst === null || $table > $worst['minutes']) {
            return Note::of('why-late.by-itself', late: $late, waited: max(0, $table));
        }
        $task = $cook->tasks[$worst['id']];

        return Note::of(
            'why-late.for', late: $late, task: $task->name, tookLonger: $worst['took'], minutes: $worst['minutes'],
            planned: $task->job->minutes,
        );
    }

    /**
     * What took much longer, before what was begun late: that may have been laid later because of it. Of several the
     * first.
     *
     * @return array{id: string, took: bool, minutes: int}|null
     */
    private static function worst(MealCook $cook, int $muchMin): ?array
    {
        $lost = [];
        foreach (array_map(strval(...), array_keys($cook->tasks)) as $id) {
            $start = $cook->began->laid->starts[$id] ?? 0;
            $before = self::lastOf($cook, array_column($cook->tasks[$id]->job->after, 'task'));
            foreach (self::lost($cook, $id, $before) as $how => $minutes) {
                if ($minutes >= self::LEAST_MIN) {
                    $lost[] = [
                        'id' => $id, 'took' => $how === 'took', 'minutes' => $minutes,
                        'at' => $start + ($how === 'took' ? $cook->tasks[$id]->job->minutes : 0),
                    ];
                }
            }
        }
        usort($lost, static fn (array $a, array $b): int => [$a['minutes'] < $muchMin, ! $a['took'], $a['at']]
            <=> [$b['minutes'] < $muchMin, ! $b['took'], $b['at']]);

        return $lost[0] ?? null;
    }

    /**
     * Minutes that a task lost: by taking longer than it was planned, and by being begun later than it could be.
     *
     * @return array{took: int, begun: int}
     */
    private static function lost(MealCook $cook, string $id, ?string $before): array
    {
        $progress = $cook->progress($id);
        $start = $cook->began->laid->starts[$id] ?? null;
        if ($progress->startedAt === null || $progress->doneAt === null || $start === null) {
            return ['took' => 0, 'begun' => 0];
        }
        $took = ($progress->doneAt->getTimestamp() - $progress->startedAt->getTimestamp()) / 60;
        $begun = ($progress->startedAt->getTimestamp() - Instant::plusMinutes($cook->began->tableAt, $start)
            ->getTimestamp()) / 60;

        return [
            'took' => (int) round($took - $cook->tasks[$id]->job->minutes),
            'begun' => (int) round($begun - max(0, $before === null ? 0 : self::behind($cook, $before))),
        ];
    }

    /** Minutes by which a task ended after its plan; of the table itself where none is named. */
    private static function behind(MealCook $cook, ?string $id): int
    {
        $doneAt = $id === null ? $cook->servedAt() : $cook->progress($id)->doneAt;
        $end = $id === null ? 0 : ($cook->began->laid->starts[$id] ?? 0) + $cook->tasks[$id]->job->minutes;

        return $doneAt === null ? 0 : intdiv(
            $doneAt->getTimestamp() - Instant::plusMinutes($cook->began->tableAt, $end)->getTimestamp(), 60,
        );
    }

    /**
     * Of some tasks the one that was done last.
     *
     * @param  array<int|string>  $ids
     */
    private static function lastOf(MealCook $cook, array $ids): ?string
    {
        $last = null;
        foreach (array_map(strval(...), $ids) as $id) {
            $doneAt = isset($cook->tasks[$id]) ? $cook->progress($id)->doneAt : null;
            $last = $doneAt !== null && ($last === null || $doneAt > $cook->progress($last)->doneAt) ? $id : $last;
        }

        return $last;
    }
}

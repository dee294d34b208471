<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Events\Done;
use Orbek\Core\Dish\Tasting;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Rice\BoilPlan;

/** What a running step asks for beside its minutes: its look, from when on, how much room there is, and a taste. */
final readonly class Asked
{
    private function __construct(
        /** "golden"; null where nothing is looked for. */
        public ?string $look,
        /** From when on it is asked for, and since when it has gone too far. */
        public DateTimeImmutable $from,
        public DateTimeImmutable $tooFarFrom,
        /** A little more of it, min. */
        public int $moreMin,
        /** What is left of it under pressure, min; null where that is not offered. */
        public ?int $underPressureMin,
        /** Minutes past its end for which nothing else waits; null where it is past. */
        public ?int $roomMin,
        public bool $isTender,
        public ?Tasting $tastes,
        public ?TasteSaid $taste,
        /** What puts right what was tasted. */
        public ?Note $mend,
    ) {
    }

    /** @return self|null null where a task does not run, or only its minutes end it */
    public static function of(MealCook $fold, Situation $situation, string $id): ?self
    {
        $task = $fold->tasks[$id];
        $startedAt = $fold->progress($id)->startedAt;
        $endsAt = $fold->endsAt($id);
        if ($task->endsBy === null || $task->dish === null || $startedAt === null || $endsAt === null) {
            return null;
        }
        $by = $task->endsBy;
        $cook = $fold->dishes[$task->dish];
        $taste = $cook->state->tasted[$task->task] ?? null;
        $from = Instant::plusMinutes($startedAt, $by->leastMin);
        $tooFarFrom = Instant::plusMinutes($startedAt, max($by->mostMin, $fold->minutes($id)));
        $leftMin = (int) ceil(($endsAt->getTimestamp() - $fold->now->getTimestamp()) / 60);

        return new self(
            look: $by->look,
            from: $from,
            tooFarFrom: $tooFarFrom,
            moreMin: $by->moreMin($task->job->minutes),
            underPressureMin: $by->underPressureMin($leftMin),
            roomMin: self::room($fold, $situation, $id, $endsAt),
            isTender: $by->isTender,
            tastes: $by->tastes,
            taste: $taste,
            mend: $by->tastes === null ? null : $taste?->mend($by->tastes, self::kg($cook, $by->tastes)),
        );
    }

    /** What the last tap was about, where that leaves something to be put right. */
    public static function saidOf(MealCook $fold): ?Note
    {
        $last = $fold->last;
        if (! $last instanceof Done || $last->how !== HowDone::TooFar) {
            return null;
        }
        foreach ($fold->tasks as $id => $task) {
            // Steps of two dishes may be named alike: the one that ended with the tap.
            if ($task->task === $last->task && $task->endsBy !== null
                && $fold->progress((string) $id)->doneAt?->format('U.u') === $last->at->format('U.u')) {
                return Note::of(
                    'asked.too-far', step: $task->name, isMeat: $task->endsBy->isTender,
                    minutes: self::took($fold, (string) $id), least: $task->endsBy->leastMin,
                );
            }
        }

        return null;
    }

    private static function took(MealCook $fold, string $id): int
    {
        $progress = $fold->progress($id);

        return (int) round(
            (($progress->doneAt?->getTimestamp() ?? 0) - ($progress->startedAt?->getTimestamp() ?? 0)) / 60,
        );
    }

    /** Minutes from its end to the first thing that waits for it, or for what it holds. */
    private static function room(
        MealCook $fold, Situation $situation, string $id, DateTimeImmutable $endsAt,
    ): ?int {
        $things = array_column($fold->tasks[$id]->job->claims, 0);
        $next = $situation->tableAt;
        foreach ($situation->starts as $other => $start) {
            $job = $fold->tasks[$other]->job;
            $waits = array_intersect(array_column($job->claims, 0), $things) !== []
                || in_array($id, array_column($job->after, 'task'), true);
            if ($waits && $other !== $id && $fold->progress($other)->startedAt === null) {
                $next = min($next, Instant::plusMinutes($situation->tableAt, $start));
            }
        }
        $room = intdiv($next->getTimestamp() - max($endsAt, $fold->now)->getTimestamp(), 60);

        return $room > 0 ? $room : null;
    }

    /** How much of what is tasted there is, kg. */
    private static function kg(Cook $cook, Tasting $what): float
    {
        $plan = $cook->plan();
        $raw = $plan->potted->raw;
        $rice = $plan->potted->rice;

        return match ($what) {
            Tasting::RiceWater => $rice instanceof BoilPlan ? $rice->water->amount : $raw->kg,
            Tasting::Topping => 0.2 * $raw->kg,
            default => max(0.1, $plan->dish->fillings->rawMass($raw)->kg),
        };
    }
}

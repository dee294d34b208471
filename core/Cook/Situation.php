<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Measure\Instant;

/** One thing now, the next under it, what runs beside it, and when all will stand on the table. */
final readonly class Situation
{
    /** @param  list<string>  $running tasks that run beside the one now */
    private function __construct(
        public ?string $now,
        public ?string $next,
        /** Whether the next begins by itself when the one now is done. */
        public bool $nextFollows,
        public array $running,
        /** What is still to do, counted back from the table. */
        public Schedule $schedule,
        public DateTimeImmutable $tableAt,
    ) {
    }

    public static function of(Cook $cook): self
    {
        [$schedule, $tableAt] = Relaid::of($cook);
        $waiting = $running = [];
        foreach (array_keys($schedule->tasks) as $id) {
            $cook->state->progress[$id]->isRunning() ? $running[] = $id : $waiting[] = $id;
        }

        $current = self::inHand($cook, $running);
        $next = array_values(
            array_filter($waiting, static fn (string $id): bool => self::isReady($cook, $id, $current)),
        );
        if ($current === null) {
            // Between two things to do, whatever comes first is next: a start, or something to turn down.
            $first = self::firstToEnd($cook, $running);
            $startsAt = isset($next[0]) ? Instant::plusMinutes($tableAt, $schedule->start($next[0])) : null;
            $current = $first !== null && ($startsAt === null || $cook->endsAt($first) < $startsAt)
                ? $first
                : array_shift($next);
        }

        return new self(
            $current,
            $next[0] ?? null,
            isset($next[0]) && self::followsAtOnce($cook, $next[0], $current),
            array_values(array_filter($running, static fn (string $id): bool => $id !== $current)),
            $schedule,
            $tableAt,
        );
    }

    /** When a task is to start as laid now. */
    public function startsAt(string $task): DateTimeImmutable
    {
        return Instant::plusMinutes($this->tableAt, $this->schedule->start($task));
    }

    /**
     * The running task that has the hands, or whose minutes are up.
     *
     * @param  list<string>  $running
     */
    private static function inHand(Cook $cook, array $running): ?string
    {
        foreach ($running as $id) {
            if (self::attention($cook, $id) === Attention::Throughout) {
                return $id;
            }
        }
        $first = self::firstToEnd($cook, $running);

        return $first !== null && $cook->endsAt($first) <= $cook->now ? $first : null;
    }

    /**
     * The running task that will call for a hand first.
     *
     * @param  list<string>  $running
     */
    private static function firstToEnd(Cook $cook, array $running): ?string
    {
        $calling = array_filter(
            $running,
            static fn (string $id): bool => self::attention($cook, $id) !== Attention::None,
        );
        usort($calling, static fn (string $a, string $b): int => $cook->endsAt($a) <=> $cook->endsAt($b));

        return $calling[0] ?? null;
    }

    private static function attention(Cook $cook, string $id): Attention
    {
        return $cook->plan()->day->schedule->tasks[$id]->attention;
    }

    private static function followsAtOnce(Cook $cook, string $id, ?string $current): bool
    {
        foreach ($cook->plan()->day->schedule->tasks[$id]->after as $gap) {
            if ($gap->task === $current && $gap->isAtOnce()) {
                return true;
            }
        }

        return false;
    }

    /** Whether what it comes after is done, is being done, or ends without a hand: its start reckons with that. */
    private static function isReady(Cook $cook, string $id, ?string $current): bool
    {
        if (self::attention($cook, $id) === Attention::None) {
            return false;
        }
        foreach ($cook->plan()->day->schedule->tasks[$id]->after as $gap) {
            $progress = $cook->state->progress[$gap->task];
            $endsByItself = $progress->isRunning() && self::attention($cook, $gap->task) === Attention::None;
            if ($gap->task !== $current && ! $progress->isDone() && ! $endsByItself) {
                return false;
            }
        }

        return true;
    }
}

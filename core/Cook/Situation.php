<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Plan\Work\Day;
use Orbek\Core\Plan\Work\WorkKind;

/** What to do now, next, and what runs beside, over all dishes of a meal; laid again round what has happened. */
final readonly class Situation
{
    /**
     * @param  list<string>  $inHand what has somebody's hands or calls for them, what presses most first
     * @param  list<string>  $ready what can be begun, in the order in which it is laid
     * @param  list<string>  $coming what can when that which is in hand is done, in that order
     * @param  list<string>  $running what goes on by itself, what ends first first
     * @param  array<string, int>  $starts of what is left, minutes before the table
     */
    private function __construct(
        public array $inHand, public array $ready, public array $coming, public array $running, public array $starts,
        public DateTimeImmutable $tableAt, private MealCook $cook,
    ) {
    }

    public static function of(MealCook $cook): self
    {
        [$starts, $tableAt] = Relaid::of($cook);
        $inHand = $running = $ready = $coming = [];
        foreach ($cook->left() as $id) {
            if (! $cook->progress($id)->isRunning()) {
                match (self::waitsFor($cook, $id)) {
                    0 => $ready[] = $id,
                    1 => $coming[] = $id,
                    default => null,
                };
            } elseif (self::presses($cook, $id) !== null) {
                $inHand[] = $id;
            } else {
                $running[] = $id;
            }
        }
        usort($inHand, static fn (string $a, string $b): int => [self::presses($cook, $a), $cook->endsAt($a), $a]
            <=> [self::presses($cook, $b), $cook->endsAt($b), $b]);
        $inOrder = static fn (string $a, string $b): int => [$starts[$a], $a] <=> [$starts[$b], $b];
        usort($ready, $inOrder);
        usort($coming, $inOrder);
        usort($running, static fn (string $a, string $b): int => [! $cook->calls($a), $cook->endsAt($a), $a]
            <=> [! $cook->calls($b), $cook->endsAt($b), $b]);

        return new self(
            inHand: $inHand,
            ready: $ready,
            coming: $coming,
            running: $running,
            starts: $starts,
            tableAt: $tableAt,
            cook: $cook,
        );
    }

    /** When a task is to start as laid now; the first of all within the minutes to which the table was rounded, now. */
    public function startsAt(string $task): DateTimeImmutable
    {
        $at = Instant::plusMinutes($this->tableAt, $this->starts[$task]);

        return $this->cook->isUntouched() && $at > $this->cook->now && $task === ($this->ready[0] ?? null)
            && $at <= Instant::plusMinutes($this->cook->now, Day::ROUNDED_MIN) ? $this->cook->now : $at;
    }

    /** Whether a task begins by itself when one that runs is done. */
    public function followsAtOnce(string $task): bool
    {
        foreach ($this->cook->tasks[$task]->job->after as $gap) {
            if ($gap->isAtOnce() && isset($this->cook->tasks[$gap->task])
                && $this->cook->progress($gap->task)->isRunning()) {
                return true;
            }
        }

        return false;
    }

    /**
     * What one pair of hands is to look at: what it has in hand, else what nobody has; else what comes next, a start or
     * something that runs and will call.
     *
     * @param  int|null  $who null for whoever looks
     */
    public function nowFor(?int $who): ?string
    {
        $mine = $this->notOfOthers($this->inHand, $who);
        if ($mine !== []) {
            return $mine[0];
        }
        $next = $this->mayBegin($who)[0] ?? null;
        foreach ($this->notOfOthers($this->running, $who) as $id) {
            if ($this->cook->calls($id) && ($next === null || $this->cook->endsAt($id) < $this->startsAt($next))) {
                return $id;
            }
        }

        return $next;
    }

    /**
     * What comes after that for one pair of hands.
     *
     * @return list<string>
     */
    public function nextFor(?int $who): array
    {
        $now = $this->nowFor($who);
        $next = array_values(array_filter(
            [...$this->mayBegin($who), ...$this->notOfOthers($this->coming, $who)],
            static fn (string $id): bool => $id !== $now,
        ));
        usort($next, fn (string $a, string $b): int => [$this->starts[$a], $a] <=> [$this->starts[$b], $b]);

        return $next;
    }

    /**
     * All that runs but what one pair of hands looks at: what presses first.
     *
     * @return list<string>
     */
    public function besideFor(?int $who): array
    {
        $now = $this->nowFor($who);

        return array_values(array_filter(
            [...$this->inHand, ...$this->running], static fn (string $id): bool => $id !== $now,
        ));
    }

    /** @return list<string> what can be begun and nobody else has taken */
    private function mayBegin(?int $who): array
    {
        return $this->notOfOthers($this->ready, $who);
    }

    /**
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function notOfOthers(array $ids, ?int $who): array
    {
        return array_values(array_filter($ids, fn (string $id): bool => $who === null
            || ($this->cook->takenBy($id) ?? $who) === $who));
    }

    /** How a running task presses: a boil first, then what is due, then what has the hands; null where it does not. */
    private static function presses(MealCook $cook, string $id): ?int
    {
        $task = $cook->tasks[$id];

        return match (true) {
            $task->kind === WorkKind::Boil => 0,
            $cook->calls($id) && $cook->endsAt($id) <= $cook->now => 1,
            $task->attention === Attention::Throughout => 2,
            default => null,
        };
    }

    /**
     * How many of those that it comes after want a hand still: what ends without one, its start reckons with.
     * Null where one of them is not begun, or where it begins by itself.
     */
    private static function waitsFor(MealCook $cook, string $id): ?int
    {
        $waits = 0;
        foreach ($cook->calls($id) ? $cook->tasks[$id]->job->after : [] as $gap) {
            if (! isset($cook->tasks[$gap->task]) || $cook->progress($gap->task)->isDone()) {
                continue;
            }
            if (! $cook->progress($gap->task)->isRunning()) {
                return null;
            }
            $waits += (int) $cook->calls($gap->task);
        }

        return $cook->calls($id) ? $waits : null;
    }
}

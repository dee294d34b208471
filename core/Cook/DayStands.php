<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;

/**
 * How the day stands: on time, or what pushes the table, by how much, and what would win some of it back.
 *
 * @phpstan-type Win array{says: Note, event: string, task: ?string, dish: ?int, more: array<string, int>, min: int}
 */
final readonly class DayStands
{
    /** Later than this it is another day's supper, and nothing pushes it, min. */
    private const OF_TODAY_MIN = 12 * 60;

    /** What pushes is told by what so many minutes less of it would win. */
    private const TRIED_MIN = 5;

    /**
     * @param  string|null  $task what pushes the table; null where nothing does
     * @param  list<Win>  $wins what a tap would win back, min; what wins most first
     */
    private function __construct(public int $laterMin, public ?string $task, public Note $says, public array $wins)
    {
    }

    public static function of(MealCook $cook, Situation $situation): self
    {
        $meant = Instant::plusMinutes($cook->began->tableAt, $cook->lateMin());
        $laterMin = intdiv($situation->tableAt->getTimestamp() - $meant->getTimestamp(), 60);
        if ($laterMin <= 0) {
            return new self(0, null, Note::of('stands.on-time', minutes: max(0, $cook->lateMin())), []);
        }
        $task = $laterMin < self::OF_TODAY_MIN ? self::pushes($cook, $situation) : null;
        if ($task === null) {
            $was = $meant->setTimezone($cook->began->kitchen->site->timezone);

            return new self($laterMin, null, Note::of(
                'stands.later', minutes: $laterMin, isOfToday: $laterMin < self::OF_TODAY_MIN, at: $was, day: $was,
            ), []);
        }

        return new self(
            $laterMin, $task,
            Note::of(
                'stands.pushed', minutes: $laterMin, task: $cook->tasks[$task]->name,
                isOneOfSeveral: self::dish($cook, $task) !== '', dish: self::dish($cook, $task),
                runs: $cook->progress($task)->isRunning(), at: self::at($cook, $situation, $task),
            ),
            self::wins($cook, $situation, $task),
        );
    }

    /**
     * What stands at the head of the chain that ends at the table: what is going on, or what could have begun and has
     * not. Of several, the one by which the table would be soonest, were it shorter.
     */
    private static function pushes(MealCook $cook, Situation $situation): ?string
    {
        $last = null;
        foreach (array_map(strval(...), array_keys($situation->starts)) as $id) {
            $end = self::end($cook, $situation, $id);
            $last = $last === null || $end > self::end($cook, $situation, $last) ? $id : $last;
        }
        $nowMin = -intdiv(max(0, $situation->tableAt->getTimestamp() - $cook->now->getTimestamp()), 60);
        $seen = $heads = [];
        $left = $last === null ? [] : [$last];
        while ($left !== []) {
            $id = array_pop($left);
            if (isset($seen[$id])) {
                continue;
            }
            $seen[$id] = true;
            if ($cook->progress($id)->isRunning() || $situation->starts[$id] <= $nowMin) {
                $heads[] = $id;
            } else {
                array_push($left, ...self::holdUp($cook, $situation, $id));
            }
        }
        // Where something waits for no reason of the clock's own, what runs or could is the nearest cause.
        $heads = $heads !== [] ? $heads : [...$situation->inHand, ...$situation->running, ...$situation->ready];
        $won = [];
        foreach (array_unique($heads) as $id) {
            [, $tableAt] = Relaid::of($cook, [$id => self::TRIED_MIN]);
            $won[$id] = $situation->tableAt->getTimestamp() - $tableAt->getTimestamp();
        }

        return $won === [] || max($won) <= 0 ? null : (string) array_search(max($won), $won, true);
    }

    /**
     * What ends just as a task can begin and is waited for, or has what it needs.
     *
     * @return list<string>
     */
    private static function holdUp(MealCook $cook, Situation $situation, string $id): array
    {
        $start = $situation->starts[$id];
        $hold = [];
        foreach ($cook->tasks[$id]->job->after as $gap) {
            if (isset($situation->starts[$gap->task])
                && self::end($cook, $situation, $gap->task) + $gap->leastMin >= $start) {
                $hold[] = $gap->task;
            }
        }
        $mine = array_column($cook->tasks[$id]->job->claims, 0);
        foreach (array_map(strval(...), array_keys($situation->starts)) as $other) {
            $shares = array_intersect($mine, array_column($cook->tasks[$other]->job->claims, 0)) !== [];
            if ($other !== $id && $shares && self::end($cook, $situation, $other) === $start) {
                $hold[] = $other;
            }
        }

        return $hold;
    }

    /** When it ends as laid now, minutes before the table. */
    private static function end(MealCook $cook, Situation $situation, string $id): int
    {
        $endsAt = $cook->progress($id)->isRunning() ? $cook->endsAt($id) : null;

        return $endsAt === null ? $situation->starts[$id] + $cook->minutes($id) : (int) ceil(
            (max($endsAt, $cook->now)->getTimestamp() - $situation->tableAt->getTimestamp()) / 60,
        );
    }

    /** When what runs ends. */
    private static function at(MealCook $cook, Situation $situation, string $id): DateTimeImmutable
    {
        $endsAt = $cook->progress($id)->isRunning() ? $cook->endsAt($id) : null;

        $at = $endsAt === null ? $situation->startsAt($id) : max($endsAt, $cook->now);

        return $at->setTimezone($cook->began->kitchen->site->timezone);
    }

    /** Whose it is, where there are several. */
    private static function dish(MealCook $cook, string $id): string
    {
        $place = $cook->tasks[$id]->dish;

        return $place === null || count($cook->dishes) < 2 ? '' : $cook->dishes[$place]->plan()->dish->name;
    }

    /** @return list<Win> */
    private static function wins(MealCook $cook, Situation $situation, string $task): array
    {
        $wins = [];
        if ($cook->hands < Meal::MOST_HANDS) {
            $min = self::won($cook->withHands($cook->hands + 1), $situation);
            if ($min > 0) {
                $wins[] = [
                    'says' => Note::of('stands.another-pair', minutes: $min), 'event' => 'hands', 'task' => null,
                    'dish' => null, 'more' => ['hands' => $cook->hands + 1], 'min' => $min,
                ];
            }
        }
        $asked = Asked::of($cook, $situation, $task);
        $endsAt = $cook->endsAt($task);
        $left = $endsAt === null ? 0 : (int) ceil(($endsAt->getTimestamp() - $cook->now->getTimestamp()) / 60);
        $under = $asked?->underPressureMin;
        if ($under !== null && $left - $under > 0) {
            $min = min($left - $under, intdiv(
                $situation->tableAt->getTimestamp() - $cook->began->tableAt->getTimestamp(), 60,
            ));
            $wins[] = [
                'says' => Note::of('stands.under-pressure', minutes: $min), 'event' => 'lengthened',
                'task' => $cook->tasks[$task]->task,
                'dish' => $cook->tasks[$task]->dish, 'more' => ['ends_in' => $under], 'min' => $min,
            ];
        }
        usort($wins, static fn (array $a, array $b): int => $b['min'] <=> $a['min']);

        return $wins;
    }

    /** Minutes sooner that the table would be. */
    private static function won(MealCook $cook, Situation $situation): int
    {
        [, $tableAt] = Relaid::of($cook);

        return intdiv($situation->tableAt->getTimestamp() - $tableAt->getTimestamp(), 60);
    }
}

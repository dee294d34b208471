<?php

declare(strict_types=1);

namespace Tests\Core\Clock;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\CountBack;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Schedule;
use Orbek\Core\Clock\Task;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CountBackTest extends TestCase
{
    public function test_a_chain_is_counted_back_from_the_table(): void
    {
        $schedule = CountBack::lay([
            self::task('soak', 120, Attention::None),
            self::task('boil', 7, Attention::Throughout, ['2'], [After::anyTime('soak')]),
            self::task('steam', 45, Attention::AtStart, ['2'], [After::within('boil', 10)]),
        ]);

        self::assertSame(['soak' => -172, 'boil' => -52, 'steam' => -45], $schedule->starts);
        self::assertSame(-172, $schedule->firstStart());
        self::assertSame(52, $schedule->heldMinutes('ring:2'));
        self::assertSame(8, $schedule->heldMinutes('hands'));
    }

    public function test_one_pair_of_hands_does_one_thing_at_a_time(): void
    {
        $schedule = CountBack::lay([
            self::task('salad', 10, Attention::Throughout),
            self::task('yogurt', 5, Attention::Throughout),
            self::task('open', 4, Attention::Throughout, [], [After::anyTime('salad'), After::anyTime('yogurt')]),
        ]);

        self::assertHolds($schedule);
        self::assertSame(-19, $schedule->firstStart());
    }

    public function test_a_greatest_gap_pulls_what_follows_earlier(): void
    {
        // The ring is wanted by the stew in the very minutes before: lifted rice may not wait for it.
        $schedule = CountBack::lay([
            self::task('boil', 8, Attention::Throughout, ['1']),
            self::task('layer', 5, Attention::Throughout, [], [After::within('boil', 4)]),
            self::task('stew', 20, Attention::None, ['1']),
        ]);

        self::assertHolds($schedule);
        self::assertLessThanOrEqual(4, $schedule->start('layer') - $schedule->end('boil'));
    }

    public function test_what_cannot_be_laid_is_said_by_name(): void
    {
        try {
            CountBack::lay([
                self::task('fry', 10, Attention::Throughout),
                self::task('grill', 10, Attention::Throughout),
                self::task('serve', 2, Attention::Throughout, [], [After::atOnce('fry'), After::atOnce('grill')]),
            ]);
            self::fail('two things at once before one');
        } catch (CannotBeLaid $broken) {
            self::assertSame(['serve', 'grill', 0], [$broken->task, $broken->after, $broken->mostMin]);
        }
    }

    public function test_tasks_that_wait_for_one_another_are_a_mistake(): void
    {
        $this->expectException(\LogicException::class);
        CountBack::lay([
            self::task('a', 1, Attention::None, [], [After::anyTime('b')]),
            self::task('b', 1, Attention::None, [], [After::anyTime('a')]),
        ]);
    }

    public function test_random_plans_hold_and_are_near_the_best_there_is(): void
    {
        $random = new Randomizer(new Mt19937(19));
        $laid = 0;
        $ours = 0;
        $best = 0;
        for ($plan = 0; $plan < 60; $plan++) {
            $tasks = [];
            for ($i = 0; $i < 5; $i++) {
                $after = $i > 0 && $random->getInt(0, 2) > 0
                    ? [
                        $random->getInt(0, 1) === 1
                            ? After::anyTime('t'.$random->getInt(0, $i - 1))
                            : After::within('t'.($i - 1), 3),
                    ]
                    : [];
                $tasks[] = self::task(
                    "t{$i}", $random->getInt(1, 5), Attention::cases()[$random->getInt(0, 3)],
                    $random->getInt(0, 1) === 1 ? ['1'] : [], $after,
                );
            }
            $schedule = CountBack::lay($tasks);
            self::assertHolds($schedule);
            $laid++;
            $ours += -$schedule->firstStart();
            $best += self::shortest($tasks, -$schedule->firstStart());
        }

        self::assertSame(60, $laid);
        self::assertLessThanOrEqual(1.05 * $best, $ours, 'within 5 % of exhaustive search over 60 plans');
    }

    /**
     * @param  list<string>  $rings
     * @param  list<After>  $after
     */
    private static function task(
        string $id, int $minutes, Attention $attention, array $rings = [], array $after = [],
    ): Task {
        return new Task($id, $minutes, $attention, array_map(Hold::ring(...), $rings), $after);
    }

    private static function assertHolds(Schedule $schedule): void
    {
        $claims = [];
        foreach ($schedule->tasks as $id => $task) {
            self::assertLessThanOrEqual(0, $schedule->end($id));
            foreach ($task->after as $gap) {
                $wait = $schedule->start($id) - $schedule->end($gap->task);
                self::assertGreaterThanOrEqual($gap->leastMin, $wait);
                if ($gap->mostMin !== null) {
                    self::assertLessThanOrEqual($gap->mostMin, $wait);
                }
            }
            foreach ($task->claims() as [$thing, $from, $to]) {
                foreach ($claims[$thing] ?? [] as [$busyFrom, $busyTo]) {
                    self::assertFalse(
                        $schedule->start($id) + $from < $busyTo && $schedule->start($id) + $to > $busyFrom,
                        "{$thing} held twice",
                    );
                }
                $claims[$thing][] = [$schedule->start($id) + $from, $schedule->start($id) + $to];
            }
        }
    }

    /**
     * The shortest time in which the tasks can be laid, by trying every start there is.
     *
     * @param  list<Task>  $tasks
     */
    private static function shortest(array $tasks, int $known): int
    {
        for (
            $span = max(0, ...array_map(static fn (Task $task): int => $task->minutes, $tasks)); $span < $known; $span++
        ) {
            if (self::fits($tasks, $span, [], [])) {
                return $span;
            }
        }

        return $known;
    }

    /**
     * @param  list<Task>  $tasks
     * @param  array<string, int>  $ends
     * @param  array<string, list<array{int, int}>>  $taken
     */
    private static function fits(array $tasks, int $span, array $ends, array $taken): bool
    {
        $task = array_shift($tasks);
        if ($task === null) {
            return true;
        }
        $least = -$span;
        $most = -$task->minutes;
        foreach ($task->after as $gap) {
            $least = max($least, $ends[$gap->task] + $gap->leastMin);
            $most = $gap->mostMin === null ? $most : min($most, $ends[$gap->task] + $gap->mostMin);
        }
        for ($start = $least; $start <= $most; $start++) {
            $now = $taken;
            foreach ($task->claims() as [$thing, $from, $to]) {
                foreach ($taken[$thing] ?? [] as [$busyFrom, $busyTo]) {
                    if ($start + $from < $busyTo && $start + $to > $busyFrom) {
                        continue 3;
                    }
                }
                $now[$thing][] = [$start + $from, $start + $to];
            }
            if (self::fits($tasks, $span, [...$ends, $task->id => $start + $task->minutes], $now)) {
                return true;
            }
        }

        return false;
    }
}

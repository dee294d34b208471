<?php

declare(strict_types=1);

namespace Tests\Core\Clock;

use Orbek\Core\Clock\After;
use Orbek\Core\Clock\CannotBeLaid;
use Orbek\Core\Clock\Job;
use Orbek\Core\Clock\Laying;
use Orbek\Core\Clock\Short;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Jobs on one clock: against known best plans, and against every plan there is. */
final class LayingTest extends TestCase
{
    /** @return iterable<string, array{string}> meals as tasks with their best known busy minutes */
    public static function meals(): iterable
    {
        foreach (glob(__DIR__.'/meals/*.json') ?: [] as $file) {
            yield basename($file, '.json') => [$file];
        }
    }

    #[DataProvider('meals')]
    public function test_meals_hold_and_are_near_the_best_known(string $file): void
    {
        [$jobs, $things, $hot, $known] = self::read($file);
        $laid = Laying::of($jobs, $things, $hot);
        self::assertNull(self::broken($jobs, $things, $hot, $laid->starts));
        self::assertSame(self::busy($jobs, $laid->starts), $laid->busyMin);
        self::assertLessThanOrEqual(1.15 * $known, $laid->busyMin);
        self::assertGreaterThanOrEqual($laid->boundMin, $laid->busyMin);
        self::assertEquals($laid, Laying::of($jobs, $things, $hot), 'the same jobs end in the same plan');
        // Going on from it with a little changed keeps what it can.
        $again = Laying::of($jobs, $things, $hot, Laying::AT_ONCE, $laid->starts);
        self::assertLessThanOrEqual($laid->busyMin, $again->busyMin);
    }

    public function test_small_plans_equal_exhaustive_search(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $laidOnes = $none = 0;
        for ($case = 0; $case < 200; $case++) {
            [$jobs, $things] = self::small($random);
            $best = self::exhaustive($jobs, $things);
            try {
                $laid = Laying::of($jobs, $things, 3);
            } catch (CannotBeLaid) {
                self::assertNull($best, "case {$case}");
                $none++;

                continue;
            }
            self::assertNull(self::broken($jobs, $things, 3, $laid->starts), "case {$case}");
            self::assertSame($best, $laid->busyMin, "case {$case}");
            self::assertLessThanOrEqual($best, $laid->boundMin, "case {$case}");
            $laidOnes++;
        }
        self::assertGreaterThan(120, $laidOnes);
        self::assertGreaterThan(0, $none);
    }

    public function test_what_is_short_is_named_with_its_gain(): void
    {
        $jobs = [
            new Job('onion', 20, [['hands', 0, 20]]), new Job('herbs', 15, [['hands', 0, 15]]),
            new Job('stew', 40, [['hands', 0, 2], ['ring', 0, 40]]),
        ];
        $laid = Laying::of($jobs, ['hands' => 1, 'ring' => 1]);
        self::assertSame(40, $laid->busyMin);
        self::assertTrue($laid->isProven());
        self::assertSame([], Short::of($jobs, ['hands' => 1, 'ring' => 1], 10, $laid, 5000));
        $more = [...$jobs, new Job('nuts', 15, [['hands', 0, 15]])];
        $laid = Laying::of($more, ['hands' => 1, 'ring' => 1]);
        self::assertSame(52, $laid->busyMin);
        [$short] = Short::of($more, ['hands' => 1, 'ring' => 1], 10, $laid, 5000);
        self::assertSame(['hands', 12], [$short->thing, $short->gainMin]);
        self::assertSame([-52, 0], [$short->fromMin, $short->toMin]);
    }

    public function test_less_waits_of_plans_that_are_as_long(): void
    {
        $jobs = [
            new Job('dear', 5, [['hands', 0, 5]], waitCost: 5), new Job('cheap', 5, [['hands', 0, 5]], waitCost: 0.1),
            new Job('close', 10, [], [After::anyTime('dear'), After::anyTime('cheap')]),
        ];
        $laid = Laying::of($jobs, ['hands' => 1]);
        self::assertSame(['dear' => -15, 'cheap' => -20, 'close' => -10], $laid->starts);
        self::assertEqualsWithDelta(0.5, $laid->waiting, 1e-9);
    }

    public function test_two_pairs_of_hands_share_and_a_gap_that_nothing_minds_is_told(): void
    {
        $jobs = [
            new Job('a', 10, [['hands', 0, 10]]), new Job('b', 10, [['hands', 0, 10]]),
            new Job('c', 10, [['hands', 0, 10]]),
        ];
        self::assertSame(30, Laying::of($jobs, ['hands' => 1])->busyMin);
        self::assertSame(20, Laying::of($jobs, ['hands' => 2])->busyMin);
        self::assertSame(10, Laying::of($jobs, ['hands' => 3])->busyMin);
        self::assertSame(0, Laying::of([], [])->busyMin);
        $this->expectException(CannotBeLaid::class);
        Laying::of([
            new Job('boil', 10, [['ring', 0, 10]]), new Job('fry', 10, [['ring', 0, 10]], [After::atOnce('boil')]),
            new Job('steam', 10, [['ring', 0, 10]], [After::atOnce('boil')]),
        ], ['ring' => 1]);
    }

    /** @return array{list<Job>, array<string, int>} three to seven jobs of few minutes */
    private static function small(Randomizer $random): array
    {
        $things = ['hands' => $random->getInt(1, 2), 'ring' => 1];
        $jobs = [];
        for ($i = 0, $many = $random->getInt(3, 7); $i < $many; $i++) {
            $minutes = $random->getInt(1, $many > 5 ? 2 : 3);
            $claims = $random->getInt(0, 3) > 0 ? [['hands', 0, 1 + $random->getInt(0, $minutes - 1)]] : [];
            if ($random->getInt(0, 1) === 1) {
                $claims[] = ['ring', 0, $minutes];
            }
            $after = [];
            if ($i > 0 && $random->getInt(0, 2) > 0) {
                $least = $random->getInt(0, 1);
                $most = $random->getInt(1, 3) > 2 ? $least + $random->getInt(0, 2) : null;
                $after[] = After::gap('j'.$random->getInt(0, $i - 1), $least, $most);
            }
            $jobs[] = new Job(
                "j{$i}", $minutes, $claims, $after, $random->getInt(0, 4) > 0, 1.0, $random->getInt(0, 3) === 0,
            );
        }

        return [$jobs, $things];
    }

    /**
     * Every start of every job, as far back as could be needed.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     */
    private static function exhaustive(array $jobs, array $things): ?int
    {
        $all = array_sum(array_map(static fn (Job $job): int => $job->minutes + 1, $jobs));
        for ($busy = 0; $busy <= $all; $busy++) {
            if (self::fits($jobs, $things, $busy, $all, [], [])) {
                return $busy;
            }
        }

        return null;
    }

    /**
     * @param  list<Job>  $left
     * @param  array<string, int>  $things
     * @param  list<Job>  $placed
     * @param  array<string, int>  $starts
     */
    private static function fits(array $left, array $things, int $busy, int $all, array $placed, array $starts): bool
    {
        $job = array_shift($left);
        if ($job === null) {
            return true;
        }
        $from = $job->isBound ? -$busy : -$all - 3;
        $from = $job->isHot ? max($from, -3 - $job->minutes) : $from;
        $to = -$job->minutes;
        foreach ($job->after as $gap) {
            $end = $starts[$gap->task] + self::named($placed, $gap->task)->minutes;
            $from = max($from, $end + $gap->leastMin);
            $to = $gap->mostMin === null ? $to : min($to, $end + $gap->mostMin);
        }
        for ($start = $to; $start >= $from; $start--) {
            $now = [...$starts, $job->id => $start];
            if (
                self::broken([...$placed, $job], $things, 3, $now) === null
                    && self::fits($left, $things, $busy, $all, [...$placed, $job], $now)
            ) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<Job>  $jobs */
    private static function named(array $jobs, string $id): Job
    {
        foreach ($jobs as $job) {
            if ($job->id === $id) {
                return $job;
            }
        }

        self::fail("{$id} is not there");
    }

    /**
     * What a plan breaks, told apart from how it was made.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     * @param  array<string, int>  $starts
     */
    private static function broken(array $jobs, array $things, int $hot, array $starts): ?string
    {
        $changes = [];
        foreach ($jobs as $job) {
            $start = $starts[$job->id];
            if ($start + $job->minutes > 0 || ($job->isHot && $start + $job->minutes < -$hot)) {
                return "{$job->id} and the table";
            }
            foreach ($job->after as $gap) {
                $between = $start - $starts[$gap->task] - self::named($jobs, $gap->task)->minutes;
                if ($between < $gap->leastMin || ($gap->mostMin !== null && $between > $gap->mostMin)) {
                    return "{$job->id} after {$gap->task}";
                }
            }
            foreach ($job->claims as [$thing, $from, $to]) {
                if ($to > $from) {
                    $changes[$thing][$start + $from] = ($changes[$thing][$start + $from] ?? 0) + 1;
                    $changes[$thing][$start + $to] = ($changes[$thing][$start + $to] ?? 0) - 1;
                }
            }
        }
        foreach ($changes as $thing => $by) {
            ksort($by);
            $held = 0;
            foreach ($by as $change) {
                $held += $change;
                if ($held > ($things[$thing] ?? 1)) {
                    return "{$thing} is held too often";
                }
            }
        }

        return null;
    }

    /**
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $starts
     */
    private static function busy(array $jobs, array $starts): int
    {
        return max(0, ...array_map(static fn (Job $job): int => $job->isBound ? -$starts[$job->id] : 0, $jobs));
    }

    /** @return array{list<Job>, array<string, int>, int, int} */
    private static function read(string $file): array
    {
        $tasks = \App\Formats\TasksFile::read(\Orbek\Core\Measure\Fields::of(
            (array) json_decode((string) file_get_contents($file), true),
        ));
        $known = json_decode((string) file_get_contents($file), true)['known']['busy_min'];

        return [$tasks->jobs, $tasks->things, $tasks->hotWithinMin, $known];
    }
}

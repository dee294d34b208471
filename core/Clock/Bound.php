<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** Busy minutes that no plan can beat. */
final class Bound
{
    /**
     * The longest chain; for each thing the work of those that hold it between their least head and tail, over
     * every tail (docs/model.md, section H); and the least for which the windows do not close at once.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     * @param  Windows  $windows settled
     */
    public static function of(array $jobs, array $things, Windows $windows): int
    {
        $bound = 0;
        foreach ($jobs as $i => $job) {
            if ($job->isBound) {
                $bound = max($bound, -$windows->latest[$i]);
            }
        }
        $work = [];
        foreach ($jobs as $i => $job) {
            foreach ($job->isBound ? $job->claims : [] as [$thing, $from, $to]) {
                if ($to > $from) {
                    $work[$thing][] = [$to - $from, -$windows->latest[$i] - $to, $from];
                }
            }
        }
        foreach ($work as $thing => $claims) {
            foreach (array_unique(array_column($claims, 1)) as $tail) {
                $late = array_filter($claims, static fn (array $one): bool => $one[1] >= $tail);
                $heads = array_column($late, 2);
                $bound = max($bound, ($heads === [] ? 0 : min($heads)) + $tail
                    + intdiv(array_sum(array_column($late, 0)) + ($things[$thing] ?? 1) - 1, $things[$thing] ?? 1));
            }
        }

        return self::byWindows($windows, $bound);
    }

    /** The least at which the windows stay open, from a bound on. */
    private static function byWindows(Windows $windows, int $from): int
    {
        $isOpen = static function (int $busy) use ($windows): bool {
            $mark = $windows->mark();
            $open = $windows->within($busy);
            $windows->backTo($mark);

            return $open;
        };
        if ($isOpen($from)) {
            return $from;
        }
        $closed = $from;
        $open = $from + 1;
        while (! $isOpen($open) && $open < Windows::FARTHEST_MIN) {
            $closed = $open;
            $open += $open - $from + 1;
        }
        while ($open - $closed > 1) {
            $middle = intdiv($open + $closed, 2);
            if ($isOpen($middle)) {
                $open = $middle;
            } else {
                $closed = $middle;
            }
        }

        return $open;
    }
}

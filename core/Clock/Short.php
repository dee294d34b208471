<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** A thing of which one more would make the work shorter: when it is held without a break, and by how much. */
final readonly class Short
{
    private function __construct(public string $thing, public int $fromMin, public int $toMin, public int $gainMin)
    {
    }

    /**
     * What the plan is short of, found by laying again with one more of it; what gains most first.
     *
     * @param  list<Job>  $jobs
     * @param  array<string, int>  $things
     * @param  int  $steps to spend on each
     * @param  list<string>|null  $of these only
     * @return list<self>
     */
    public static function of(
        array $jobs, array $things, int $hotWithinMin, Laid $laid, int $steps, ?array $of = null,
    ): array {
        if ($laid->isProvenBy($jobs)) {
            return [];
        }
        $short = [];
        foreach ($of === null ? $things : array_intersect_key($things, array_flip($of)) as $thing => $many) {
            $wanted = array_filter(
                $jobs, static fn (Job $job): bool => in_array($thing, array_column($job->claims, 0), true),
            );
            if (count($wanted) <= $many) {
                continue;
            }
            $more = Laying::of($jobs, [$thing => $many + 1] + $things, $hotWithinMin, $steps, $laid->starts);
            if ($more->busyMin < $laid->busyMin) {
                [$from, $to] = self::longestHeld($jobs, $thing, $laid);
                $short[] = new self($thing, $from, $to, $laid->busyMin - $more->busyMin);
            }
        }
        usort($short, static fn (self $a, self $b): int => $b->gainMin <=> $a->gainMin);

        return $short;
    }

    /**
     * @param  list<Job>  $jobs
     * @return array{int, int} minutes before the table
     */
    private static function longestHeld(array $jobs, string $thing, Laid $laid): array
    {
        $held = [];
        foreach ($jobs as $job) {
            foreach ($job->claims as [$claimed, $from, $to]) {
                if ($claimed === $thing && $to > $from) {
                    $held[] = [$laid->starts[$job->id] + $from, $laid->starts[$job->id] + $to];
                }
            }
        }
        sort($held);
        $longest = [0, 0];
        $now = null;
        foreach ($held as [$from, $to]) {
            $now = $now === null || $from > $now[1] ? [$from, $to] : [$now[0], max($now[1], $to)];
            $longest = $now[1] - $now[0] > $longest[1] - $longest[0] ? $now : $longest;
        }

        return $longest;
    }
}

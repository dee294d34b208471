<?php

declare(strict_types=1);

/*
 * ./orbek bench --many [SECONDS]: 12 cooks open, 30 phones that look every 1.5 s of which one look in five taps, two
 * people planning, in the home network's way on this machine; then twice as many, and what gives out first.
 */

use Symfony\Component\Process\ExecutableFinder;
use Tests\Browser\Crowd;
use Tests\Browser\Home;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$seconds = (float) ($argv[1] ?? 300);
if ((new ExecutableFinder)->find('caddy') === null) {
    echo "caddy is not installed here; ./orbek start --home installs it.\n";
    exit(1);
}

/** @param  list<float>  $times */
$at = static function (array $times, float $share): float {
    sort($times);

    return $times === [] ? 0.0 : $times[(int) floor($share * (count($times) - 1))];
};

$cores = (int) trim((string) shell_exec('nproc'));
foreach ([[30, 12, 2, $seconds], [60, 24, 4, $seconds / 5], [120, 24, 4, $seconds / 10]] as [$phones, $open, $planners, $for]) {
    Home::serve(static function (Home $home) use ($phones, $open, $planners, $for, $at, $cores): void {
        $crowd = new Crowd($home, Crowd::open($home, $open), $phones, $planners);
        $before = $home->processor();
        $crowd->go($for);
        $after = $home->processor();
        $all = array_merge(...array_values($crowd->took));
        $failed = array_sum(array_filter(
            $crowd->statuses, static fn (int $status): bool => $status === 0 || $status >= 500, ARRAY_FILTER_USE_KEY,
        ));
        printf(
            "%d phones, %d cooks, %d who plan, %.0f s: %d answers (%.0f a second), 95 of 100 within %.0f ms, median %.0f.\n",
            $phones, $open, $planners, $for, count($all), count($all) / $for, $at($all, 0.95), $at($all, 0.5),
        );
        foreach ($crowd->took as $what => $times) {
            printf(
                "    %-5s %6d, median %4.0f, 95 %% %5.0f, 99 %% %5.0f, slowest %5.0f ms\n",
                $what, count($times), $at($times, 0.5), $at($times, 0.95), $at($times, 0.99), $at($times, 1.0),
            );
        }
        ksort($crowd->statuses);
        printf(
            "    answers %s; failed %d; %d taps answered for, %d of them lost\n", json_encode($crowd->statuses), $failed,
            count($crowd->acknowledged), $crowd->lost(),
        );
        printf(
            "    of %d processors: php %.0f %%, caddy %.0f %%\n", $cores,
            100 * ($after['php'] - $before['php']) / $for / $cores, 100 * ($after['caddy'] - $before['caddy']) / $for / $cores,
        );
    });
}

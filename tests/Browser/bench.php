<?php

declare(strict_types=1);

/*
 * What only a browser and a served page can tell: a word changed to its picture painted, and two
 * clients on one cook. The last part of ./orbek bench.
 */

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Tests\Browser\Client;
use Tests\Browser\ManyClientsTest;
use Tests\Browser\Stack;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const CHANGES = 40;

$stack = Stack::get();
$stack->fresh();
$browser = $stack->browser(1280, 800);

/** Milliseconds from a word's change to the frame after the page was drawn anew. */
const MEASURE = <<<'JS'
    const [selector, value, done] = arguments;
    const word = document.querySelector(selector);
    const began = performance.now();
    document.addEventListener('orbek:drawn', () => requestAnimationFrame(() => { const paint = new MessageChannel(); paint.port1.onmessage = () => done(performance.now() - began); paint.port2.postMessage(0); }), { once: true });
    word.value = value;
    word.dispatchEvent(new Event('change', { bubbles: true }));
JS;

/** @return float the median over the changes, ms */
$median = static function (RemoteWebDriver $browser, string $selector, array $values): float {
    $times = [];
    for ($n = 0; $n < CHANGES; $n++) {
        $times[] = (float) $browser->executeAsyncScript(MEASURE, [$selector, $values[$n % count($values)]]);
    }
    $times = array_slice($times, 4);
    sort($times);

    return $times[intdiv(count($times), 2)];
};

try {
    $browser->get($stack->url.'/pot');
    $anew = [];
    foreach (['8', '10', '7', '5', '6', '4', '3'] as $eaters) {
        $anew[] = (float) $browser->executeAsyncScript(MEASURE, ['#usualeaters', $eaters]);
        usleep(1_500_000);
    }
    sort($anew);
    printf(
        'A word changed to its picture painted, in the browser: eaters never asked before, a heat found for each, median of %d %.0f ms; median of %d, '
        ."eaters %.0f ms, seal %.0f ms (at most 100 ms).\n",
        count($anew), $anew[intdiv(count($anew), 2)], CHANGES - 4, $median($browser, '#usualeaters', ['8', '9']),
        $median($browser, '#lidseal', ['foil', 'cloth']),
    );
} finally {
    $browser->quit();
}

$cook = (new Client($stack->port))->begin();
$told = ManyClientsTest::atOnce($stack->port, 'events', $cook, 2, 60);
$statuses = [];
$taken = 0;
foreach ($told as $client) {
    $taken += count($client['taken']);
    foreach ($client['statuses'] as $status => $times) {
        $statuses[$status] = ($statuses[$status] ?? 0) + $times;
    }
}
$kept = $stack->value('select count(*) from cook_events where cook_id = ?', $cook);
printf(
    "Two clients on one cook, 60 events each: %.0f requests a second, answers %s, %d taken, %d kept, %d lost.\n",
    120 / max(0.001, ...array_column($told, 'seconds')), json_encode($statuses), $taken,
    is_numeric($kept) ? (int) $kept : 0, $taken - (is_numeric($kept) ? (int) $kept : 0),
);

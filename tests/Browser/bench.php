<?php

declare(strict_types=1);

/*
 * What only a browser and a served page can tell: a word changed to its picture painted, two
 * clients on one cook, and eight phones on the Stove, alone and in a home network. The last part of ./orbek bench.
 */

use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;
use Illuminate\Support\Str;
use Symfony\Component\Process\ExecutableFinder;
use Tests\Browser\Client;
use Tests\Browser\Home;
use Tests\Browser\ManyClientsTest;
use Tests\Browser\Stack;

require dirname(__DIR__, 2).'/vendor/autoload.php';

const CHANGES = 40;

$stack = Stack::get();
$stack->fresh();
// As ./orbek start does: one that is older than its source is compiled in every request.
$stack->artisan([], 'view:cache');
$browser = $stack->browser(1280, 800, whole: true);

/** Milliseconds from a word's change to the frame after what is in sight was drawn anew. */
const MEASURE = <<<'JS'
    const [selector, value, done] = arguments;
    const word = document.querySelector(selector);
    const began = performance.now();
    document.addEventListener(
        'orbek:seen',
        () => requestAnimationFrame(
            () => { const paint = new MessageChannel(); paint.port1.onmessage = () => done(
                performance.now() - began
            ); paint.port2.postMessage(0); }
        ),
        { once: true },
    );
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
    $pot = $browser->getCurrentURL();
    $browser->get($stack->url.'/shelf?find=trout');
    $browser->findElement(WebDriverBy::cssSelector('.shelf .dish'))->click();
    $eaters = (int) $browser->findElement(WebDriverBy::cssSelector('#usualeaters'))->getAttribute('value');
    $oneMore = [];
    for ($n = 0; $n < 6; $n++) {
        usleep(2_000_000);
        $oneMore[] = (float) $browser->executeAsyncScript(MEASURE, ['#usualeaters', (string) ++$eaters]);
    }
    sort($oneMore);
    $browser->get($pot);
    printf(
        'A word changed to what is in sight painted, in the browser: one eater more, two seconds after the last, median of '
        .'%d %.0f ms; eaters never asked before nor near, a heat found for each, median of %d %.0f ms; '
        ."median of %d, eaters %.0f ms, seal %.0f ms (at most 100 ms).\n",
        count($oneMore), $oneMore[intdiv(count($oneMore), 2)], count($anew), $anew[intdiv(count($anew), 2)], CHANGES - 4, $median($browser, '#usualeaters', ['8', '9']),
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
$kept = $stack->value('select count(*) from cook_events where meal_cook_id = ?', $cook);
printf(
    "Two clients on one cook, 60 events each: %.0f requests a second, answers %s, %d taken, %d kept, %d lost.\n",
    120 / max(0.001, ...array_column($told, 'seconds')), json_encode($statuses), $taken,
    is_numeric($kept) ? (int) $kept : 0, $taken - (is_numeric($kept) ? (int) $kept : 0),
);

/**
 * Eight phones that load the Stove again and again.
 *
 * @param  array<int, mixed>  $options of each request
 * @return array{float, float} requests a second, and the median in ms
 */
$eight = static function (string $url, array $options = []): array {
    $multi = curl_multi_init();
    $times = $busy = [];
    $asked = 0;
    $began = microtime(true);
    $ask = static function () use ($multi, $url, $options, &$asked, &$busy): void {
        $one = curl_init($url);
        if ($one !== false) {
            curl_setopt_array(
                $one, $options + [CURLOPT_RETURNTRANSFER => true, CURLOPT_TIMEOUT => 30, CURLOPT_ENCODING => ''],
            );
            curl_multi_add_handle($multi, $one);
            $busy[(int) $asked++] = $one;
        }
    };
    for ($n = 0; $n < 8; $n++) {
        $ask();
    }
    do {
        curl_multi_exec($multi, $running);
        curl_multi_select($multi, 0.05);
        while (($done = curl_multi_info_read($multi)) !== false) {
            $times[] = 1000 * curl_getinfo($done['handle'], CURLINFO_TOTAL_TIME);
            if (curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE) !== 200) {
                fwrite(STDERR, "{$url}: ".curl_getinfo($done['handle'], CURLINFO_RESPONSE_CODE)."\n");
            }
            curl_multi_remove_handle($multi, $done['handle']);
            if ($asked < 240) {
                $ask();
            }
        }
    } while (count($times) < 240);
    sort($times);

    return [count($times) / (microtime(true) - $began), $times[intdiv(count($times), 2)]];
};

[$rate, $ms] = $eight("{$stack->url}/meal-cooks/{$cook}");
printf("The Stove under 8 phones, alone (php -S, 4 workers): %.0f pages a second, median %.0f ms.\n", $rate, $ms);

if ((new ExecutableFinder)->find('caddy') === null) {
    echo "In a home network: caddy is not installed here; ./orbek start --home installs it.\n";

    return;
}
Home::serve(static function (Home $home) use ($eight): void {
    $handle = $home->signedIn();
    $token = $home->token($handle);
    $dish = preg_match('~/dishes/([0-9a-z]{26})~', $home->ask($handle, '/shelf'), $found) === 1 ? $found[1] : '';
    $id = strtolower((string) Str::ulid());
    $home->ask($handle, "/dishes/{$dish}/cooks", ['_token' => $token, 'cook' => $id]);
    $cookies = array_map(static function (string $line): string {
        $parts = explode("\t", $line);

        return ($parts[5] ?? '').'='.($parts[6] ?? '');
    }, curl_getinfo($handle, CURLINFO_COOKIELIST));
    [$rate, $ms] = $eight("{$home->url}/meal-cooks/{$id}", [
        CURLOPT_SSL_VERIFYPEER => false, CURLOPT_COOKIE => implode('; ', $cookies),
    ]);
    printf(
        "The Stove under 8 phones, in a home network (HTTPS, caddy, php-fpm, signed in): %.0f pages a second, median %.0f ms.\n",
        $rate, $ms,
    );
});

<?php

declare(strict_types=1);

/*
 * One client of several, as a process of its own: `client.php PORT events COOK N` sends N taps to a
 * cook one by one, `client.php PORT words DISH N` makes N changes to a dish, each again until it is
 * saved; `client.php PORT stubborn COOK N` sends N taps, each again till it is answered for. Prints what became of them
 * as JSON.
 */

use Illuminate\Support\Str;
use Tests\Browser\Client;

require dirname(__DIR__, 2).'/vendor/autoload.php';

[, $port, $what, $id, $count] = $argv;
$client = new Client((int) $port);
$told = ['statuses' => [], 'taken' => [], 'saved' => 0, 'seconds' => 0.0];
$began = microtime(true);
for ($n = 0; $n < (int) $count; $n++) {
    if ($what === 'stubborn') {
        $event = [
            'id' => (string) Str::ulid(), 'type' => 'lengthened', 'subject' => 'rinse', 'minutes' => 1,
            'at' => microtime(true),
        ];
        do {
            [$status, $answer] = $client->ask('POST', "/meal-cooks/{$id}/events", ['events' => [$event]]);
            $told['statuses'][$status] = ($told['statuses'][$status] ?? 0) + 1;
            $isAnswered = in_array($answer['events'][0]['status'] ?? '', ['taken', 'known'], true);
            if ($isAnswered) {
                $told['taken'][] = $event['id'];
            } else {
                // The server was gone when the token was fetched, or is gone now.
                usleep(20_000);
                $client = new Client((int) $port);
            }
        } while (! $isAnswered && microtime(true) < $began + 100);
    } elseif ($what === 'events') {
        $event = [
            'id' => (string) Str::ulid(), 'type' => 'lengthened', 'subject' => 'rinse', 'minutes' => 1,
            'at' => microtime(true),
        ];
        [$status, $answer] = $client->ask('POST', "/meal-cooks/{$id}/events", ['events' => [$event]]);
        $told['statuses'][$status] = ($told['statuses'][$status] ?? 0) + 1;
        if (($answer['events'][0]['status'] ?? '') === 'taken') {
            $told['taken'][] = $event['id'];
        }
    } else {
        $version = 1;
        do {
            [$status, $answer] = $client->ask(
                'PATCH',
                "/dishes/{$id}",
                ['path' => 'water/oil', 'value' => (bool) ($n % 2), 'version' => $version, 'view' => 'clock'],
            );
            $told['statuses'][$status] = ($told['statuses'][$status] ?? 0) + 1;
            $version = (int) ($answer['version'] ?? $version + 1);
        } while ($status === 409);
        $told['saved'] += (int) ($status === 200);
    }
}
$told['seconds'] = microtime(true) - $began;
echo json_encode($told);

<?php

declare(strict_types=1);

namespace Tests\Browser;

use Illuminate\Support\Str;
use PDO;
use RuntimeException;

/**
 * A house full of phones: each looks at its cook every 1.5 s, one look in five taps; a few plan beside them. All of them
 * from one process, each on a connection and in a session of its own.
 *
 * @phpstan-type Member array{
 *     handle: \CurlHandle, token: string, cook: string, dish: string, seen: string, version: int, looks: int,
 *     kind: string, nextAt: float, askedAt: float, tap: string
 * }
 */
final class Crowd
{
    private const LOOKS_EVERY_S = 1.5;

    private const TAPS_ONE_IN = 5;

    private const PLANS_EVERY_S = 4.0;

    /** @var list<Member> */
    private array $members = [];

    /** @var array<string, list<float>> milliseconds of each answer, by what was asked */
    public array $took = ['look' => [], 'tap' => [], 'word' => []];

    /** @var array<int, int> answers by status */
    public array $statuses = [];

    /** @var list<string> ids of taps that were answered for */
    public array $acknowledged = [];

    /** @param  list<string>  $cooks paths of cooks that are open: /meal-cooks/ID */
    public function __construct(private readonly Home $home, array $cooks, int $phones, int $planners)
    {
        $dishes = self::ids($home, 'select id from dishes order by id desc');
        for ($n = 0; $n < $phones + $planners; $n++) {
            $handle = $home->signedIn();
            $this->members[] = [
                'handle' => $handle, 'token' => $home->token($handle), 'cook' => $cooks[$n % count($cooks)],
                'dish' => $dishes[$n % count($dishes)], 'seen' => '', 'version' => 0, 'looks' => $n,
                'kind' => $n < $phones ? 'look' : 'word', 'askedAt' => 0.0, 'tap' => '', 'nextAt' => 0.0,
            ];
        }
    }

    /**
     * Opens cooks of dishes and of meals, as many as are asked for.
     *
     * @return list<string>
     */
    public static function open(Home $home, int $many): array
    {
        $handle = $home->signedIn();
        $token = $home->token($handle);
        $ids = static fn (string $table): array => self::ids($home, "select id from {$table} order by id");
        $cooks = [];
        foreach (array_slice($ids('meals'), 0, 2) as $meal) {
            $cooks[] = '/meal-cooks/'.($id = strtolower((string) Str::ulid()));
            $home->ask($handle, "/meals/{$meal}/cooks", ['_token' => $token, 'cook' => $id]);
        }
        for ($n = 0; count($cooks) < $many; $n++) {
            $dishes = $ids('dishes');
            if ($n >= count($dishes)) {
                $home->ask($handle, "/dishes/{$dishes[0]}/copy", ['_token' => $token]);
                $dishes = $ids('dishes');
            }
            $cooks[] = '/meal-cooks/'.($id = strtolower((string) Str::ulid()));
            $home->ask($handle, "/dishes/{$dishes[$n]}/cooks", ['_token' => $token, 'cook' => $id]);
        }

        return $cooks;
    }

    public function go(float $seconds): void
    {
        $multi = curl_multi_init();
        $until = microtime(true) + $seconds;
        $busy = [];
        foreach (array_keys($this->members) as $n) {
            // Spread only now: the first would have waited for the last to sign in, and all of them beat as one.
            $this->members[$n]['nextAt'] = microtime(true) + lcg_value() * self::LOOKS_EVERY_S;
        }
        do {
            $now = microtime(true);
            foreach ($this->members as $n => $member) {
                if ($member['nextAt'] <= $now && ! isset($busy[$n]) && $now < $until) {
                    $this->ask($n, $now);
                    curl_multi_add_handle($multi, $member['handle']);
                    $busy[$n] = true;
                }
            }
            curl_multi_exec($multi, $running);
            curl_multi_select($multi, 0.01);
            while (($done = curl_multi_info_read($multi)) !== false) {
                foreach (array_keys($busy) as $n) {
                    if ($this->members[$n]['handle'] === $done['handle']) {
                        curl_multi_remove_handle($multi, $done['handle']);
                        unset($busy[$n]);
                        $this->told($n, (string) curl_multi_getcontent($done['handle']));
                    }
                }
            }
        } while (microtime(true) < $until || $busy !== []);
    }

    private function ask(int $n, float $now): void
    {
        $member = &$this->members[$n];
        $member['askedAt'] = $now;
        $member['tap'] = '';
        $json = null;
        if ($member['kind'] === 'word') {
            $path = "/dishes/{$member['dish']}";
            $json = ['path' => 'usual/eaters', 'value' => 3 + $member['looks'] % 4, 'version' => max(1, $member['version'])];
        } elseif ($member['looks'] % self::TAPS_ONE_IN === 0) {
            $member['tap'] = (string) Str::ulid();
            $path = "{$member['cook']}/events";
            $json = ['body' => true, 'events' => [[
                'id' => $member['tap'], 'dish' => 0, 'type' => 'lengthened', 'subject' => 'rinse', 'at' => $now,
                'minutes' => $member['looks'] % 2 === 0 ? 1 : -1,
            ]]];
        } else {
            $path = "{$member['cook']}/body?seen=".rawurlencode($member['seen']);
        }
        $member['looks']++;
        curl_setopt_array($member['handle'], [
            CURLOPT_URL => $this->home->url.$path,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json', 'Content-Type: application/json', "X-CSRF-TOKEN: {$member['token']}",
                'Sec-Fetch-Mode: cors',
            ],
        ] + ($json === null ? [CURLOPT_HTTPGET => true, CURLOPT_CUSTOMREQUEST => 'GET'] : [
            CURLOPT_POSTFIELDS => (string) json_encode($json),
            CURLOPT_CUSTOMREQUEST => $member['kind'] === 'word' ? 'PATCH' : 'POST',
        ]));
    }

    private function told(int $n, string $body): void
    {
        $member = &$this->members[$n];
        $now = microtime(true);
        $status = (int) curl_getinfo($member['handle'], CURLINFO_RESPONSE_CODE);
        $this->statuses[$status] = ($this->statuses[$status] ?? 0) + 1;
        $this->took[$member['kind'] === 'word' ? 'word' : ($member['tap'] === '' ? 'look' : 'tap')][]
            = 1000 * ($now - $member['askedAt']);
        $answer = json_decode($body, true);
        $answer = is_array($answer) ? $answer : [];
        $member['seen'] = is_string($answer['seen'] ?? null) ? $answer['seen'] : $member['seen'];
        $member['version'] = is_int($answer['version'] ?? null) ? $answer['version'] : $member['version'];
        if ($member['tap'] !== '' && in_array($answer['events'][0]['status'] ?? '', ['taken', 'known'], true)) {
            $this->acknowledged[] = $member['tap'];
        }
        $member['nextAt'] = max($now, $member['askedAt'] + (
            $member['kind'] === 'word' ? self::PLANS_EVERY_S : self::LOOKS_EVERY_S
        ));
    }

    /** How many taps that were answered for are in the database no more. */
    public function lost(): int
    {
        $there = [];
        foreach (['cook_events'] as $table) {
            foreach (self::ids($this->home, "select id from {$table}") as $id) {
                $there[strtoupper($id)] = true;
            }
        }

        return count(array_filter($this->acknowledged, static fn (string $id): bool => ! isset($there[$id])));
    }

    /** @return list<string> */
    private static function ids(Home $home, string $sql): array
    {
        $asked = (new PDO("sqlite:{$home->database}"))->query($sql);
        if ($asked === false) {
            throw new RuntimeException("{$sql}: nothing was answered.");
        }
        $ids = [];
        foreach ($asked->fetchAll(PDO::FETCH_COLUMN) as $id) {
            $ids[] = is_string($id) ? $id : '';
        }

        return $ids;
    }
}

<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Four clients at once on one cook, and on one dish. */
final class ManyClientsTest extends TestCase
{
    private const CLIENTS = 4;

    private const EACH = 30;

    /** Words on one dish: each is planned and, where another was first, sent again. */
    private const WORDS = 15;

    private const KILLS = 30;

    public function test_on_one_cook_every_event_is_there_once_and_nothing_fails(): void
    {
        $stack = Stack::get();
        $stack->fresh();
        $cook = (new Client($stack->port))->begin();
        $told = self::atOnce($stack->port, 'events', $cook);

        foreach ($told as $client) {
            self::assertSame(['200' => self::EACH], $client['statuses']);
            self::assertCount(self::EACH, $client['taken']);
        }
        $all = array_merge(...array_column($told, 'taken'));
        self::assertSame(
            self::CLIENTS * self::EACH,
            (int) $stack->value('select count(*) from cook_events where meal_cook_id = ?', $cook),
        );
        self::assertCount(self::CLIENTS * self::EACH, array_unique($all));
        self::assertSame(
            self::CLIENTS * self::EACH,
            (int) $stack->value('select folded from cooks where id = ?', $cook),
            'the summary was made of them all',
        );
    }

    public function test_on_one_dish_no_change_is_lost(): void
    {
        $stack = Stack::get();
        $stack->fresh();
        $dish = (new Client($stack->port))->dish();
        $told = self::atOnce($stack->port, 'words', $dish, each: self::WORDS);

        foreach ($told as $client) {
            self::assertSame(
                [],
                array_diff(array_keys($client['statuses']), [200, 409]),
                'saved, or told that another window was first',
            );
            self::assertSame(self::WORDS, $client['saved']);
        }
        self::assertSame(
            1 + self::CLIENTS * self::WORDS,
            (int) $stack->value('select version from dishes where id = ?', $dish),
            'each acknowledged change made a version of its own',
        );
    }

    public function test_thirty_kills_under_load_lose_nothing_that_was_acknowledged(): void
    {
        $stack = Stack::get();
        $stack->fresh();
        $cook = (new Client($stack->port))->begin();
        $clients = array_map(static function () use ($stack, $cook): Process {
            $process = new Process(
                [PHP_BINARY, __DIR__.'/client.php', (string) $stack->port, 'stubborn', $cook, '50'], timeout: 120,
            );
            $process->start();

            return $process;
        }, range(1, 3));
        for ($kill = 0; $kill < self::KILLS; $kill++) {
            usleep(random_int(20_000, 150_000));
            $stack->killServer();
            $stack->startServer();
        }
        $acknowledged = [];
        foreach ($clients as $process) {
            $process->wait();
            /** @var array{taken: list<string>, statuses: array<int, int>} $told */
            $told = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);
            self::assertCount(50, $told['taken'], $process->getErrorOutput());
            self::assertSame(
                [], array_diff(array_keys($told['statuses']), [0, 200, 419]), 'no answer but the right one, or none',
            );
            $acknowledged = [...$acknowledged, ...$told['taken']];
        }
        foreach ($acknowledged as $id) {
            self::assertSame(1, (int) $stack->value('select count(*) from cook_events where id = ?', $id), $id);
        }
        self::assertSame(
            'ok', $stack->value('select integrity_check from pragma_integrity_check where integrity_check != ?', ''),
        );
    }

    /** @return list<array{statuses: array<int, int>, taken: list<string>, saved: int, seconds: float}> */
    public static function atOnce(
        int $port, string $what, string $id, int $clients = self::CLIENTS, int $each = self::EACH,
    ): array {
        $processes = [];
        for ($n = 0; $n < $clients; $n++) {
            $processes[] = $process = new Process(
                [PHP_BINARY, __DIR__.'/client.php', (string) $port, $what, $id, (string) $each],
                timeout: 120,
            );
            $process->start();
        }

        return array_map(static function (Process $process): array {
            $process->wait();
            /** @var array{statuses: array<int, int>, taken: list<string>, saved: int, seconds: float} $told */
            $told = json_decode($process->getOutput(), true, 16, JSON_THROW_ON_ERROR);

            return $told;
        }, $processes);
    }
}

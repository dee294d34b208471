<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Cook;
use App\Models\Household;
use EmptyIterator;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PDO;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;

/** Backups, and what is said where nothing can be written. */
final class KeptTest extends FeatureTestCase
{
    private ?int $at = null;

    public function test_a_full_disk_in_the_middle_of_a_cook_is_told_and_loses_nothing_acknowledged(): void
    {
        $this->inAFile();
        $cook = $this->begun();
        $this->tap($cook, 'started')->assertOk()->assertJsonPath('events.0.status', 'taken');
        // SQLite's own limit: not one page more.
        $pages = DB::select('PRAGMA page_count')[0]->page_count;
        DB::statement("PRAGMA max_page_count = {$pages}");
        $taps = 0;
        do {
            $taken = $cook->ofMeal()->events()->count();
            $id = (string) Str::ulid();
            $answer = $this->tap($cook, 'lengthened', $id);
        } while ($answer->getStatusCode() === 200 && $taps++ < 400);
        $answer->assertStatus(507)->assertJsonPath(
            'message', fn (string $says): bool => str_contains($says, 'disk is full'),
        );
        $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk();
        $copies = 0;
        do {
            $copied = $this->post(route('dish.copy', $this->dish()));
        } while ($copied->getStatusCode() === 302 && $copies++ < 40);
        $copied->assertStatus(507)->assertSee('disk is full');

        DB::statement('PRAGMA max_page_count = 1073741823');
        // The same tap once more, as the page sends it: there once, whether or not it had got through.
        self::assertContains(
            $this->tap($cook, 'lengthened', $id)->assertOk()->json('events.0.status'), ['taken', 'known'],
        );
        self::assertSame($taken + 1, $cook->ofMeal()->events()->count());
    }

    public function test_a_database_that_cannot_be_written_is_told(): void
    {
        $cook = $this->begun();
        DB::statement('PRAGMA query_only = 1');
        $this->tap($cook, 'started')->assertStatus(503)->assertJsonPath(
            'message', fn (string $says): bool => str_contains($says, 'read-only'),
        );
        $this->get(route('meal-cook', $cook->meal_cook_id))->assertOk();
        DB::statement('PRAGMA query_only = 0');
        $this->tap($cook, 'started')->assertOk();
    }

    public function test_a_backup_goes_out_while_it_runs_and_comes_back_whole(): void
    {
        $folder = sys_get_temp_dir().'/orbek-kept-'.bin2hex(random_bytes(4));
        mkdir($folder, 0700);
        $live = "{$folder}/orbek.sqlite";
        touch($live);
        $artisan = static fn (string ...$arguments): Process => tap(new Process(
            [PHP_BINARY, 'artisan', ...$arguments], base_path(),
            ['DB_DATABASE' => $live, 'CACHE_STORE' => 'file', 'CACHE_PATH' => "{$folder}/cache"], null, 60,
        ), static fn (Process $process): int => $process->run());
        self::assertSame(0, $artisan('migrate:fresh', '--seed', '--force')->getExitCode());
        $count = static fn (string $table, ?string $in = null): int => iterator_count(
            (
                new PDO('sqlite:'.($in ?? $live), options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION])
            )->query("SELECT id FROM {$table}") ?: new EmptyIterator,
        );
        $dishes = $count('dishes');

        $writing = new PDO("sqlite:{$live}");
        $writing->exec('BEGIN IMMEDIATE');
        self::assertSame(
            0, $artisan('orbek:backup', "{$folder}/kept.sqlite")->getExitCode(), 'somebody is writing meanwhile',
        );
        $writing->exec('COMMIT');
        self::assertSame('0600', substr(sprintf('%o', fileperms("{$folder}/kept.sqlite")), -4));
        $again = $artisan('orbek:backup', "{$folder}/kept.sqlite");
        self::assertSame(1, $again->getExitCode());
        self::assertStringContainsString('is there already', $again->getErrorOutput());

        $writing->exec('DELETE FROM dishes');
        self::assertSame(0, $count('dishes'));
        file_put_contents("{$folder}/none.sqlite", 'this is no database at all, not even a small one');
        self::assertStringContainsString(
            'it is no database', $artisan('orbek:restore', "{$folder}/none.sqlite", '--yes')->getErrorOutput(),
        );
        copy("{$folder}/kept.sqlite", "{$folder}/cut.sqlite");
        file_put_contents(
            "{$folder}/cut.sqlite", substr((string) file_get_contents("{$folder}/kept.sqlite"), 0, 90_000),
        );
        self::assertSame(1, $artisan('orbek:restore', "{$folder}/cut.sqlite", '--yes')->getExitCode());
        self::assertSame(0, $count('dishes'), 'nothing was replaced by what is broken');

        $restored = $artisan('orbek:restore', "{$folder}/kept.sqlite", '--yes');
        self::assertSame(0, $restored->getExitCode(), $restored->getErrorOutput());
        self::assertSame($dishes, $count('dishes'));
        self::assertSame(1, preg_match('/is in (\S+\.sqlite)/', $restored->getOutput(), $before));
        self::assertSame(0, $count('dishes', $before[1]));
        unlink($before[1]);
        (new Process(['rm', '-rf', $folder]))->run();
    }

    public function test_without_its_database_every_page_says_what_is_wrong_and_none_is_made_anew(): void
    {
        $this->inAFile();
        $live = DB::connection()->getDatabaseName();
        $cook = $this->begun();
        DB::purge();
        $pages = fn (): array => [
            $this->get('/shelf'), $this->get(route('meal-cook', $cook->meal_cook_id)), $this->post(route('units'), ['units' => 'grams']),
        ];
        foreach (glob("{$live}*") ?: [] as $file) {
            rename($file, "{$file}.away");
        }
        foreach ($pages() as $page) {
            $page->assertStatus(503)->assertSee('is gone')->assertSee('./orbek restore FILE')->assertDontSee('Server Error');
        }
        $this->postJson(route('cook.events', $cook), ['events' => []])->assertStatus(503)->assertJsonFragment([
            'message' => 'The laptop’s database, database/orbek.sqlite, is gone. Put it back, or bring back a backup with ./orbek restore FILE. What was tapped stays on this device and is sent again.',
        ]);
        self::assertFileDoesNotExist($live);

        touch($live);
        DB::purge();
        foreach ($pages() as $page) {
            $page->assertStatus(503)->assertSee('empty or of an older Orbek');
        }
        DB::purge();
        file_put_contents($live, str_repeat('no database', 500));
        foreach ($pages() as $page) {
            $page->assertStatus(503)->assertSee('is no database');
        }
        DB::purge();
        foreach (glob("{$live}*.away") ?: [] as $file) {
            rename($file, substr($file, 0, -5));
        }
        $this->get('/shelf')->assertOk();
    }

    public function test_what_is_answered_for_while_a_backup_comes_back_stands_in_one_of_the_two(): void
    {
        $this->inAFile();
        $live = DB::connection()->getDatabaseName();
        $folder = sys_get_temp_dir().'/orbek-kept-'.bin2hex(random_bytes(4));
        mkdir($folder, 0700);
        $artisan = static fn (string ...$arguments): Process => tap(new Process(
            [PHP_BINARY, 'artisan', ...$arguments], base_path(),
            ['DB_DATABASE' => $live, 'CACHE_STORE' => 'file', 'CACHE_PATH' => "{$folder}/cache"], null, 60,
        ), static fn (Process $process): int => $process->run());
        self::assertSame(0, $artisan('orbek:backup', "{$folder}/kept.sqlite")->getExitCode());
        // Somebody who taps all the while: each tap in a transaction of its own, said to be taken once it is committed.
        $writer = new Process([PHP_BINARY, '-r', <<<'PHP'
            for ($tap = 0; ; $tap++) {
                $pdo = new PDO("sqlite:{$argv[1]}", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_TIMEOUT => 10]);
                $id = sprintf('tap-%06d', $tap);
                $pdo->exec('BEGIN IMMEDIATE');
                $pdo->exec("INSERT INTO list_ticks (id, household_id, dish_id, entry)
                    SELECT '{$id}', household_id, id, 'tap {$id}' FROM dishes LIMIT 1");
                $pdo->exec('COMMIT');
                echo $id, "\n";
            }
            PHP, $live], null, null, null, 60);
        $writer->start();
        $befores = [];
        for ($time = 0; $time < 4; $time++) {
            $restored = $artisan('orbek:restore', "{$folder}/kept.sqlite", '--yes');
            self::assertSame(0, $restored->getExitCode(), $restored->getErrorOutput());
            self::assertSame(1, preg_match('/is in (\S+\.sqlite)/', $restored->getOutput(), $before));
            $befores[] = $before[1];
        }
        $writer->stop(0);
        $taken = array_filter(explode("\n", $writer->getOutput()), static fn (string $line): bool => strlen($line) === 10);
        self::assertGreaterThan(20, count($taken), $writer->getErrorOutput());
        $found = [];
        foreach ([$live, ...$befores] as $file) {
            $rows = (new PDO("sqlite:{$file}"))->query("SELECT id FROM list_ticks WHERE entry LIKE 'tap %'");
            $found = [...$found, ...($rows === false ? [] : $rows->fetchAll(PDO::FETCH_COLUMN))];
        }
        self::assertSame([], array_diff($taken, $found), 'taken, and in neither');
        array_map(unlink(...), $befores);
        (new Process(['rm', '-rf', $folder]))->run();
    }

    /** A database as it is served: in a file, and no test's transaction round all of it. */
    private function inAFile(): void
    {
        DB::rollBack();
        $file = (string) tempnam(sys_get_temp_dir(), 'orbek-full');
        config(['database.connections.sqlite.database' => $file]);
        DB::purge();
        Artisan::call('migrate:fresh', ['--seed' => true, '--force' => true]);
        app()->instance(Household::class, Household::query()->firstOrFail());
        $this->beforeApplicationDestroyed(static function () use ($file): void {
            DB::purge();
            array_map(unlink(...), glob("{$file}*") ?: []);
        });
    }

    /** @return TestResponse<Response> */
    private function tap(Cook $cook, string $type, ?string $id = null): TestResponse
    {
        return $this->postJson(route('cook.events', $cook), ['events' => [[
            'id' => $id ?? (string) Str::ulid(), 'type' => $type, 'subject' => 'rinse', 'minutes' => 1,
            // The same tap again is of the same moment.
            'at' => $this->at ??= time(),
        ]]]);
    }
}

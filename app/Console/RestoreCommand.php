<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use SQLite3;
use Throwable;

/** What a backup holds takes the place of all that is here, while Orbek runs; what was here is kept beside. */
final class RestoreCommand extends Command
{
    use ChecksBackups;

    protected $signature = 'orbek:restore {file : a file that orbek:backup wrote} {--yes : do not ask}';

    protected $description = 'Put a backup in the place of all that is kept here';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $wrong = self::whatIsWrong($file);
        if ($wrong !== null) {
            return $this->fails("file: {$file}: {$wrong}; give a file that ./orbek backup wrote.");
        }
        if (
            $this->option('yes') !== true
                && ! $this->confirm('Replace all that is kept here with what this backup holds?')
        ) {
            return $this->fails('Nothing was replaced.');
        }
        $live = DB::connection()->getDatabaseName();
        $before = storage_path('app/before-restore-'.now()->format('Ymd-His').'.sqlite');
        try {
            if (! (new SQLite3($live))->backup(self::fresh($before))) {
                throw new \RuntimeException('what is here could not be kept first');
            }
            // Page by page into the database in use, in one transaction of SQLite's own.
            $here = new SQLite3($live);
            $here->busyTimeout(10_000);
            if (! (new SQLite3($file, SQLITE3_OPEN_READONLY))->backup($here)) {
                throw new \RuntimeException('it could not be read to its end');
            }
            $here->close();
            DB::purge();
            Artisan::call('migrate', ['--force' => true]);
            Cache::store('drawn')->clear();
        } catch (Throwable $failed) {
            return $this->fails("The restore failed: {$failed->getMessage()}. What was here is in {$before}.");
        }
        $this->line("Restored. What was here before is in {$before}.");

        return self::SUCCESS;
    }

    private static function fresh(string $file): SQLite3
    {
        $made = new SQLite3($file);
        chmod($file, 0600);

        return $made;
    }
}

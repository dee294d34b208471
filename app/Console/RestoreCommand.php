<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use SQLite3;
use Throwable;

/** What a backup holds takes the place of all that is here, while Orbek runs; what was here is kept beside. */
final class RestoreCommand extends Command
{
    use ChecksBackups;
    use SaysWords;

    /** So long it waits for who writes. */
    private const WAITS_MS = 10_000;

    protected $signature = 'orbek:restore {file : a file that orbek:backup wrote} {--yes : do not ask}';

    protected $description = 'Put a backup in the place of all that is kept here';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        $wrong = $this->whatIsWrong($file);
        if ($wrong !== null) {
            return $this->fails($this->say('commands.no-backup', file: $file, wrong: $wrong));
        }
        if (
            $this->option('yes') !== true
                && ! $this->confirm('Replace all that is kept here with what this backup holds?')
        ) {
            return $this->fails($this->say('commands.nothing-replaced'));
        }
        $live = DB::connection()->getDatabaseName();
        $before = storage_path('app/before-restore-'.now()->format('Ymd-His-v').'.sqlite');
        try {
            self::exchange($live, $file, $before);
            DB::purge();
            Artisan::call('migrate', ['--force' => true]);
            Cache::store('drawn')->clear();
        } catch (Throwable $failed) {
            return $this->fails($this->say('commands.restore-failed', why: $failed->getMessage(), before: $before));
        }
        $this->line($this->say('commands.restored', before: $before));

        return self::SUCCESS;
    }

    /**
     * What is here is kept, and what the backup holds put in its place, under one lock: what is answered for before
     * stands in the copy, what comes after in the new one. All of it or nothing.
     */
    private static function exchange(string $live, string $file, string $before): void
    {
        $here = new SQLite3($live);
        $here->enableExceptions(true);
        $here->busyTimeout(self::WAITS_MS);
        $here->exec('PRAGMA foreign_keys = OFF');
        $here->exec('ATTACH DATABASE \''.SQLite3::escapeString($file).'\' AS back');
        $here->exec('BEGIN IMMEDIATE');
        try {
            // Readers see what is here as long as the lock is held; nobody writes.
            if (! (new SQLite3($live, SQLITE3_OPEN_READONLY))->backup(self::fresh($before))) {
                throw new RuntimeException('what is here could not be kept first');
            }
            foreach (self::made($here, 'main') as $one) {
                $here->exec("DROP {$one['type']} IF EXISTS main.\"{$one['name']}\"");
            }
            foreach (array_reverse(self::made($here, 'back')) as $one) {
                $here->exec($one['sql']);
                if ($one['type'] === 'table') {
                    $columns = implode(', ', self::columns($here, $one['name']));
                    $name = "\"{$one['name']}\"";
                    $here->exec("INSERT INTO main.{$name} ({$columns}) SELECT {$columns} FROM back.{$name}");
                }
            }
            $here->exec('COMMIT');
        } finally {
            $here->close();
        }
    }

    /** @return list<array{type: string, name: string, sql: string}> what a schema is made of; tables last */
    private static function made(SQLite3 $in, string $schema): array
    {
        $asked = $in->query(
            "SELECT type, name, sql FROM {$schema}.sqlite_master WHERE sql IS NOT NULL AND name NOT LIKE 'sqlite_%'
            ORDER BY type = 'table', name DESC",
        );
        $made = [];
        while ($asked !== false && is_array($one = $asked->fetchArray(SQLITE3_ASSOC))) {
            /** @var array{type: string, name: string, sql: string} $one */
            $made[] = $one;
        }

        return $made;
    }

    /** @return list<string> those that are written: not what SQLite computes */
    private static function columns(SQLite3 $in, string $table): array
    {
        $asked = $in->query("SELECT name FROM pragma_table_xinfo('{$table}', 'main') WHERE hidden = 0");
        $columns = [];
        while ($asked !== false && is_array($one = $asked->fetchArray(SQLITE3_NUM))) {
            $columns[] = '"'.(is_string($one[0]) ? $one[0] : '').'"';
        }

        return $columns;
    }

    private static function fresh(string $file): SQLite3
    {
        $made = new SQLite3($file);
        chmod($file, 0600);

        return $made;
    }
}

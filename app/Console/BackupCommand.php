<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Throwable;

/** All that is kept, in one file, while Orbek goes on. */
final class BackupCommand extends Command
{
    use ChecksBackups;

    protected $signature = 'orbek:backup {file : where it goes; must not be there yet}';

    protected $description = 'Write all that is kept into one file, while Orbek runs';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (file_exists($file)) {
            return $this->fails("file: {$file} is there already; give another name.");
        }
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            return $this->fails('file: '.dirname($file).' is no folder that can be written; give one that is.');
        }
        // Under another name till it is whole: what stands under its own can be trusted.
        $part = "{$file}.part";
        @unlink($part);
        try {
            DB::statement('VACUUM INTO ?', [$part]);
            chmod($part, 0600);
            $wrong = self::whatIsWrong($part);
            if ($wrong !== null || ! rename($part, $file)) {
                throw new \RuntimeException($wrong ?? 'it could not be given its name');
            }
        } catch (Throwable $failed) {
            @unlink($part);

            return $this->fails("The backup failed: {$failed->getMessage()}. Look whether there is room.");
        }
        $this->line(sprintf('Kept in %s, %s KB.', $file, number_format((int) filesize($file) / 1024)));

        return self::SUCCESS;
    }
}

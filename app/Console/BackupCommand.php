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
    use SaysWords;

    protected $signature = 'orbek:backup {file : where it goes; must not be there yet}';

    protected $description = 'Write all that is kept into one file, while Orbek runs';

    public function handle(): int
    {
        $file = (string) $this->argument('file');
        if (file_exists($file)) {
            return $this->fails($this->say('commands.file-is-there', file: $file));
        }
        if (! is_dir(dirname($file)) || ! is_writable(dirname($file))) {
            return $this->fails($this->say('commands.no-folder-to-write', folder: dirname($file)));
        }
        // Under another name till it is whole: what stands under its own can be trusted.
        $part = "{$file}.part";
        @unlink($part);
        try {
            DB::statement('VACUUM INTO ?', [$part]);
            chmod($part, 0600);
            $wrong = $this->whatIsWrong($part);
            if ($wrong !== null || ! rename($part, $file)) {
                throw new \RuntimeException($wrong ?? $this->say('commands.not-named'));
            }
        } catch (Throwable $failed) {
            @unlink($part);

            return $this->fails($this->say('commands.backup-failed', why: $failed->getMessage()));
        }
        $this->line($this->say('commands.kept-in', file: $file, kb: intdiv((int) filesize($file), 1024)));

        return self::SUCCESS;
    }
}

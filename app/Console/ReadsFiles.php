<?php

declare(strict_types=1);

namespace App\Console;

use App\Wording\Wording;
use Orbek\Core\Measure\Refused;

/** Commands that read an open format from a file or from standard input. */
trait ReadsFiles
{
    /** @throws Refused when there is nothing to read */
    private function read(mixed $file): string
    {
        if (! is_string($file) || ($file !== '-' && (! is_file($file) || ! is_readable($file)))) {
            throw Refused::because('FILE', 'refused.unreadable-file', file: is_string($file) ? $file : '');
        }

        return (string) file_get_contents($file === '-' ? 'php://stdin' : $file);
    }

    /** One line on standard error, and the exit code for it. */
    private function refuse(Refused $wrong): int
    {
        fwrite(STDERR, app(Wording::class)->refusal($wrong).PHP_EOL);

        return self::FAILURE;
    }

    /** @param  array<string, mixed>  $result */
    private function print(array $result): int
    {
        $this->output->writeln(
            (string) json_encode(
                $result,
                JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
            ),
        );

        return self::SUCCESS;
    }
}

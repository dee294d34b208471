<?php

declare(strict_types=1);

namespace App\Console;

use PDO;
use PDOException;

/** Whether a file is a backup of Orbek's, whole. */
trait ChecksBackups
{
    private function whatIsWrong(string $file): ?string
    {
        if (! is_file($file) || ! is_readable($file)) {
            return $this->say('commands.not-there');
        }
        try {
            $pdo = new PDO("sqlite:{$file}", options: [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READONLY]);
            $one = static function (string $sql) use ($pdo): mixed {
                $asked = $pdo->prepare($sql);
                $asked->execute();

                return $asked->fetchColumn();
            };
            $sound = $one('PRAGMA integrity_check');
            $tables = $one("SELECT count(*) FROM sqlite_master WHERE name IN ('households', 'migrations', 'cooks')");
        } catch (PDOException) {
            return $this->say('commands.no-database');
        }

        return match (true) {
            $sound !== 'ok' => $this->say('commands.damaged'),
            (int) $tables !== 3 => $this->say('commands.not-orbeks'),
            default => null,
        };
    }

    private function fails(string $line): int
    {
        // One line, whatever a file is called.
        $this->getOutput()->getErrorStyle()->writeln((string) preg_replace('/[\p{Cc}]+/u', ' ', mb_scrub($line)));

        return self::FAILURE;
    }
}

<?php

declare(strict_types=1);

namespace App\Database;

use PDO;
use PDOException;

/**
 * SQLite transactions that ask for the write lock when they begin and wait for it (busy_timeout).
 *
 * PDO begins them DEFERRED: two that read first and then write refuse one another at once with
 * "database is locked", whatever the time-out. Laravel sends IMMEDIATE itself from PHP 8.4 on only.
 */
final class ImmediatePdo extends PDO
{
    private bool $isOpen = false;

    public function beginTransaction(): bool
    {
        $this->exec('BEGIN IMMEDIATE');

        return $this->isOpen = true;
    }

    public function commit(): bool
    {
        $this->exec('COMMIT');
        $this->isOpen = false;

        return true;
    }

    public function rollBack(): bool
    {
        $this->isOpen = false;
        try {
            $this->exec('ROLLBACK');
        } catch (PDOException $failed) {
            // On a full disk SQLite takes all of it back by itself: what went wrong before is what is to be told.
            if (! str_contains($failed->getMessage(), 'no transaction is active')) {
                throw $failed;
            }
        }

        return true;
    }

    public function inTransaction(): bool
    {
        return $this->isOpen;
    }
}

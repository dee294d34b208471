<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Database\Connectors\SQLiteConnector;
use PDO;

final class ImmediateConnector extends SQLiteConnector
{
    /**
     * @param  string  $dsn
     * @param  string  $username
     * @param  string  $password
     * @param  array<int, mixed>  $options
     */
    protected function createPdoConnection($dsn, $username, #[\SensitiveParameter] $password, $options): ImmediatePdo
    {
        // One that is gone is told: opened as usual SQLite would make an empty one in its place.
        $opened = str_contains($dsn, ':memory:') ? [] : [PDO::SQLITE_ATTR_OPEN_FLAGS => PDO::SQLITE_OPEN_READWRITE];

        return new ImmediatePdo($dsn, $username, $password, $options + $opened);
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/**
 * What is said where nothing can be read or written: what is wrong, and that nothing acknowledged is lost. The page
 * that says so needs no database.
 */
final class Storing
{
    /** Less room than this is none. */
    private const ROOM_BYTES = 1_000_000;

    private const LEFT = ' What was tapped stays on this device and is sent again.';

    /** What SQLite or the system says, the status that tells a page to keep what it has, and what is said. */
    private const FAILURES = [
        'database or disk is full' => [507, 'The laptop’s disk is full. Make room there.'],
        'No space left on device' => [507, 'The laptop’s disk is full. Make room there.'],
        'readonly database' => [
            503,
            'The laptop cannot write its database (it is read-only). Look at the rights of database/ and of '
                .'database/orbek.sqlite.',
        ],
        'unable to open database file' => [
            503,
            'The laptop cannot open its database, database/orbek.sqlite. Look whether it is there; if it is gone, put '
                .'it back, or bring back a backup with ./orbek restore FILE.',
        ],
        'Database file at path' => [
            503,
            'The laptop’s database, database/orbek.sqlite, is gone. Put it back, or bring back a backup with '
                .'./orbek restore FILE.',
        ],
        'no such table' => [
            503,
            'The laptop’s database is empty or of an older Orbek. End Orbek and start it with ./orbek start; if it was '
                .'lost, bring back a backup with ./orbek restore FILE.',
        ],
        'file is not a database' => [
            503, 'database/orbek.sqlite is no database. Bring back a backup with ./orbek restore FILE.',
        ],
        'database disk image is malformed' => [
            503, 'The laptop’s database is damaged. Bring back a backup with ./orbek restore FILE.',
        ],
        'disk I/O error' => [503, 'The laptop’s disk fails.'],
        'database is locked' => [503, 'The database is busy.'],
    ];

    public static function failed(Throwable $failed, Request $request): ?Response
    {
        [$status, $says] = self::says($failed) ?? [0, ''];
        if ($status === 0) {
            return null;
        }

        return $request->expectsJson() ? response()->json(['message' => $says], $status)
            : response()->view('errors.storing', ['message' => $says], $status);
    }

    private static function isFull(): bool
    {
        $database = config('database.connections.sqlite.database');
        $free = is_string($database) ? @disk_free_space(dirname($database)) : false;

        return $free !== false && $free < self::ROOM_BYTES;
    }

    /** @return array{int, string}|null the status and what is said; null of what is no failure of storing */
    public static function says(Throwable $failed): ?array
    {
        for ($of = $failed; $of !== null; $of = $of->getPrevious()) {
            foreach (self::FAILURES as $sign => [$status, $says]) {
                if (str_contains($of->getMessage(), $sign)) {
                    // A disk without room fails in many ways.
                    [$status, $says] = self::isFull() ? self::FAILURES['database or disk is full'] : [$status, $says];

                    return [$status, $says.self::LEFT];
                }
            }
        }

        return null;
    }
}

<?php

declare(strict_types=1);

namespace App\Http;

use App\Wording\Wording;
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

    private const FULL = [507, 'full'];

    /** What SQLite or the system says: the status that tells a page to keep what it has, and what is wrong. */
    private const FAILURES = [
        'database or disk is full' => self::FULL, 'No space left on device' => self::FULL,
        'readonly database' => [503, 'readonly'], 'unable to open database file' => [503, 'closed'],
        'Database file at path' => [503, 'gone'], 'no such table' => [503, 'older'],
        'file is not a database' => [503, 'other'], 'database disk image is malformed' => [503, 'damaged'],
        'disk I/O error' => [503, 'fails'], 'database is locked' => [503, 'busy'],
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
            foreach (self::FAILURES as $sign => $failure) {
                if (str_contains($of->getMessage(), $sign)) {
                    // A disk without room fails in many ways.
                    [$status, $what] = self::isFull() ? self::FULL : $failure;

                    return [$status, app(Wording::class)->say('pages/errors.cannot-store', what: $what)];
                }
            }
        }

        return null;
    }
}

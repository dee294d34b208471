<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Database\QueryException;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** What is said where nothing can be written: what is wrong, and that nothing acknowledged is lost. */
final class Storing
{
    /** What SQLite says, the status that tells a page to keep what it has, and what is said. */
    private const FAILURES = [
        'database or disk is full' => [
            507, 'The laptop’s disk is full. Make room there; what was tapped stays on this device and is sent again.',
        ],
        'readonly database' => [
            503,
            'The laptop cannot write its database (it is read-only). Look at the rights of database/orbek.sqlite; '
                .'what was tapped stays on this device and is sent again.',
        ],
        'unable to open database file' => [
            503,
            'The laptop cannot open its database. Look whether database/orbek.sqlite is there; '
                .'what was tapped stays on this device and is sent again.',
        ],
        'disk I/O error' => [503, 'The laptop’s disk fails. What was tapped stays on this device and is sent again.'],
        'database is locked' => [503, 'The database is busy. What was tapped stays on this device and is sent again.'],
    ];

    public static function failed(QueryException $failed, Request $request): ?Response
    {
        foreach (self::FAILURES as $sign => [$status, $says]) {
            if (str_contains($failed->getMessage(), $sign)) {
                return $request->expectsJson() ? response()->json(['message' => $says], $status)
                    : response()->view('errors.refused', ['message' => $says], $status);
            }
        }

        return null;
    }
}

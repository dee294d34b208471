<?php

declare(strict_types=1);

namespace App\Wording;

/**
 * A made-up language for tests: each message in brackets, accented and two fifths longer, so that a bare word, a cut
 * text or a sentence put together from pieces is seen.
 */
final class MadeUp
{
    /** What it is asked for by. */
    public const LOCALE = 'qps';

    private const ACCENTED = [
        'a' => 'á', 'c' => 'ç', 'e' => 'é', 'i' => 'í', 'n' => 'ñ', 'o' => 'ó', 'r' => 'ř', 'u' => 'ú', 'y' => 'ý',
        'A' => 'Á', 'C' => 'Ç', 'E' => 'É', 'I' => 'Í', 'N' => 'Ñ', 'O' => 'Ó', 'R' => 'Ř', 'U' => 'Ú', 'Y' => 'Ý',
    ];

    private const LONGER = 0.4;

    /** A message as it is written in lang/, in the made-up language. */
    public static function of(string $pattern): string
    {
        $isSentence = str_starts_with($pattern, '^');
        $said = Pattern::saying($isSentence ? substr($pattern, 1) : $pattern, self::accented(...));
        $letters = preg_match_all('/\pL/u', (string) preg_replace('/\{[^{}]*\}|<[^>]*>/u', '', $pattern));

        return ($isSentence ? '^' : '').'['.$said.str_repeat('·', (int) ceil(self::LONGER * $letters)).']';
    }

    /** Tags stay as they are. */
    private static function accented(string $text): string
    {
        $parts = preg_split('/(<[^>]*>?)/', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [];

        return implode('', array_map(
            static fn (string $part): string => str_starts_with($part, '<') ? $part : strtr($part, self::ACCENTED),
            $parts,
        ));
    }
}

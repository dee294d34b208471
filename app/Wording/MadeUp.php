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

    private const FROM = 'aceinoruyACEINORUY';

    private const TO = ['á', 'ç', 'é', 'í', 'ñ', 'ó', 'ř', 'ú', 'ý', 'Á', 'Ç', 'É', 'Í', 'Ñ', 'Ó', 'Ř', 'Ú', 'Ý'];

    private const LONGER = 0.4;

    /** A message as it is written in lang/, in the made-up language. */
    public static function of(string $pattern): string
    {
        $isSentence = str_starts_with($pattern, '^');
        $at = 0;
        $said = self::text($isSentence ? substr($pattern, 1) : $pattern, $at);
        $letters = preg_match_all('/\pL/u', (string) preg_replace('/\{[^{}]*\}|<[^>]*>/u', '', $pattern));

        return ($isSentence ? '^' : '').'['.$said.str_repeat('·', (int) ceil(self::LONGER * $letters)).']';
    }

    /** Text of a message or of one branch in it, up to its end; what stands in braces and tags stays. */
    private static function text(string $pattern, int &$at): string
    {
        $said = '';
        for ($end = strlen($pattern); $at < $end; $at++) {
            $sign = $pattern[$at];
            if ($sign === '}') {
                break;
            }
            if ($sign === '{') {
                $said .= self::argument($pattern, $at);

                continue;
            }
            if ($sign === '<') {
                $close = (int) strpos($pattern, '>', $at);
                $said .= substr($pattern, $at, $close - $at + 1);
                $at = $close;

                continue;
            }
            $letter = strpos(self::FROM, $sign);
            $said .= $letter === false ? $sign : self::TO[$letter];
        }

        return $said;
    }

    /** {name}, {name, type} or {name, select, yes{…} other{…}}, the text of its branches made up. */
    private static function argument(string $pattern, int &$at): string
    {
        $said = '{';
        for ($at++; $pattern[$at] !== '}'; $at++) {
            if ($pattern[$at] === '{') {
                $at++;
                $said .= '{'.self::text($pattern, $at).'}';
            } else {
                $said .= $pattern[$at];
            }
        }

        return "{$said}}";
    }
}

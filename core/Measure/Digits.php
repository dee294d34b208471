<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** Digits of the three kinds that are typed here: 123, ۱۲۳ (Persian), ١٢٣ (Arabic). */
final class Digits
{
    private const LATIN = [
        '۰' => '0', '۱' => '1', '۲' => '2', '۳' => '3', '۴' => '4', '۵' => '5', '۶' => '6', '۷' => '7', '۸' => '8',
        '۹' => '9', '٠' => '0', '١' => '1', '٢' => '2', '٣' => '3', '٤' => '4', '٥' => '5', '٦' => '6', '٧' => '7',
        '٨' => '8', '٩' => '9',
    ];

    private const PERSIAN = ['۰', '۱', '۲', '۳', '۴', '۵', '۶', '۷', '۸', '۹'];

    /** With Latin digits and separators, as numbers are read from. */
    public static function latin(string $typed): string
    {
        $latin = strtr($typed, self::LATIN);

        return (string) preg_replace(['/(?<=\d)\x{066C}(?=\d{3})/u', '/(?<=\d)\x{066B}(?=\d)/u'], ['', '.'], $latin);
    }

    /** With Persian digits and, inside numbers, the Persian separator. */
    public static function persian(string $said): string
    {
        if (str_contains($said, '.')) {
            $said = (string) preg_replace('/(?<=\d)\.(?=\d)/', "\u{066B}", $said);
        }

        return strtr($said, array_combine(array_map(strval(...), range(0, 9)), self::PERSIAN));
    }
}

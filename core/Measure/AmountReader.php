<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** Reads "1 1/2 cups basmati rice" and its like into an amount and what it is of; never guesses. */
final class AmountReader
{
    private const FRACTIONS = [
        '¼' => ' 1/4', '½' => ' 1/2', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3', '⅛' => ' 1/8',
    ];

    /** Grams, or millilitres, of one; null marks a cup, which is six different things. */
    private const UNITS = [
        'kilograms' => ['g', 1000.0], 'kilogram' => ['g', 1000.0], 'kilo' => ['g', 1000.0], 'kg' => ['g', 1000.0],
        'grams' => ['g', 1.0], 'gram' => ['g', 1.0], 'g' => ['g', 1.0],
        'ounces' => ['g', 28.349523125], 'ounce' => ['g', 28.349523125], 'oz' => ['g', 28.349523125],
        'pounds' => ['g', 453.59237], 'pound' => ['g', 453.59237], 'lbs' => ['g', 453.59237], 'lb' => ['g', 453.59237],
        'litres' => [
            'ml', 1000.0,
        ], 'litre' => ['ml', 1000.0], 'liters' => ['ml', 1000.0], 'liter' => ['ml', 1000.0], 'l' => ['ml', 1000.0],
        'millilitres' => ['ml', 1.0], 'milliliters' => ['ml', 1.0], 'ml' => ['ml', 1.0],
        'cups' => ['ml', null], 'cup' => ['ml', null],
        'tablespoons' => ['ml', 15.0], 'tablespoon' => ['ml', 15.0], 'tbsp' => ['ml', 15.0],
        'teaspoons' => ['ml', 5.0], 'teaspoon' => ['ml', 5.0], 'tsp' => ['ml', 5.0],
    ];

    /**
     * @param  Cup  $cup what "a cup" means to whoever reads it
     * @return array{amount: float, unit: 'g'|'ml'|'piece', of: string}|null null where no amount can be read
     */
    public static function read(string $line, Cup $cup): ?array
    {
        $text = trim(strtr($line, self::FRACTIONS));
        if (preg_match('/^half an? /i', $text) === 1) {
            $text = '1/2 '.preg_replace('/^half an? /i', '', $text);
        }
        $read = [];
        if (
            preg_match(
                '~^(?<whole>\d+(?:[.,]\d+)?)?(?:\s*(?<top>\d+)\s*/\s*(?<bottom>\d+))?\s*(?<rest>.*)$~u',
                $text,
                $read,
            ) !== 1
                || ($read['whole'] === '' && $read['top'] === '')
        ) {
            return null;
        }
        // "1/2" is read as a whole 1 and a rest "/2": put together again.
        if (preg_match('~^(\d+)\s*/\s*(\d+)\s*(.*)$~u', $text, $simple) === 1) {
            $read = ['whole' => '', 'top' => $simple[1], 'bottom' => $simple[2], 'rest' => $simple[3]];
        }
        $bottom = (float) ($read['bottom'] === '' ? 1 : $read['bottom']);
        if ($bottom === 0.0) {
            return null;
        }
        $amount = (float) str_replace(',', '.', $read['whole'] === '' ? '0' : $read['whole']) + (
            $read['top'] === '' ? 0.0 : (float) $read['top'] / $bottom
        );
        $rest = trim($read['rest']);
        if ($amount <= 0 || preg_match('/^[-–]\s*\d/u', $rest) === 1) {
            return null;
        }

        foreach (self::UNITS as $word => [$unit, $each]) {
            if (preg_match('/^'.$word.'\b\.?\s*(?:of\s+)?(.*)$/iu', $rest, $match) === 1) {
                return [
                    'amount' => $amount * ($each ?? $cup->millilitres()),
                    'unit' => $unit === 'g' ? 'g' : 'ml',
                    'of' => trim($match[1]),
                ];
            }
        }

        return $rest === '' ? null : ['amount' => $amount, 'unit' => 'piece', 'of' => $rest];
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/**
 * Reads "1 1/2 cups basmati rice", "two tins", "2 x 400 g", "a pinch of", "1 to 2" into an amount and what it is of;
 * never guesses: what it takes the middle of it says.
 *
 * @phpstan-type Read array{amount: float, unit: string, of: string, low: float|null, high: float|null}
 */
final class AmountReader
{
    private const FRACTIONS = [
        '¼' => ' 1/4', '½' => ' 1/2', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3', '⅛' => ' 1/8', '–' => '-',
        '—' => '-',
        '×' => ' x ',
    ];

    private const NUMBERS = [
        'half a dozen' => '6', 'a dozen' => '12', 'a couple of' => '2', 'half an' => '1/2', 'half a' => '1/2',
        'half' => '1/2',
        'a quarter of a' => '1/4', 'one' => '1', 'two' => '2', 'three' => '3', 'four' => '4', 'five' => '5',
        'six' => '6',
        'seven' => '7', 'eight' => '8', 'nine' => '9', 'ten' => '10', 'twelve' => '12', 'an' => '1', 'a' => '1',
    ];

    /** Words before an amount that change nothing that can be weighed. */
    private const ABOUT = '(?:about|approx\.?|approximately|around|roughly|ca\.?|circa|some|up to|at least|another)';

    /** Words between an amount and its unit, or its food. */
    private const SIZED = '(?:heaped|heaping|level|rounded|scant|generous|good|big|large|small|medium|medium-sized'
        .'|thick|fat|whole)';

    /** Grams, or millilitres, of one; null marks a cup, which is six different things. */
    private const UNITS = [
        'kilograms?|kilos?|kgs?' => ['g', 1000.0], 'grams?|grammes?|gms?|grs?|g' => ['g', 1.0],
        'ounces?|oz' => ['g', 28.349523125], 'pounds?|lbs?' => ['g', 453.59237],
        'fluid ounces?|fl\.? ?oz' => ['ml', 28.4], 'pints?' => ['ml', 568.0],
        'litres?|liters?|l' => ['ml', 1000.0], 'decilitres?|dl' => ['ml', 100.0], 'centilitres?|cl' => ['ml', 10.0],
        'millilitres?|milliliters?|mls?' => ['ml', 1.0],
        'cups?' => ['ml', null], 'tea ?cups?' => ['ml', 150.0], 'spoons?|spoonfuls?|cham+ach' => ['ml', 15.0],
        'tablespoons?|tablespoonfuls?|tbsps?|tbs|tblsps?|tbl' => ['ml', 15.0], 'dessertspoons?' => ['ml', 10.0],
        'teaspoons?|teaspoonfuls?|tsps?' => ['ml', 5.0], 'glugs?' => ['ml', 15.0], 'mugs?' => ['ml', 300.0],
        'tumblers?|glass(?:es)?' => ['ml', 200.0],
        'katoris?|katories' => ['ml', 150.0], 'estekans?' => ['ml', 100.0], 'mesqals?' => ['g', 4.6],
    ];

    /** What a food itself tells the weight of. */
    private const OF_A_FOOD = [
        'pinch(?:es)?' => 'pinch', 'handfuls?|fistfuls?|fists?' => 'handful', 'bunch(?:es)?' => 'bunch',
        'tins?|cans?' => 'tin', 'jars?' => 'jar', 'pots?' => 'pot', 'bags?|packets?|packs?' => 'bag',
        'sprigs?' => 'sprig', 'sticks?|stalks?' => 'stick', 'knobs?' => 'knob', 'pods?' => 'pod',
        'blades?' => 'blade', 'strands?|threads?' => 'strand', 'heads?|bulbs?' => 'head',
        'inch(?:es)?|inch pieces?|thumbs?|thumb-sized pieces?' => 'inch', 'cubes?' => 'cube',
        'grinds?|grindings?' => 'grind',
        'cloves?|kalis?' => 'clove',
    ];

    private const NUMBER = '(?:\d+\s+\d+\s*/\s*\d+|\d+\s*/\s*\d+|\d+(?:[.,]\d+)?)';

    /**
     * @param  Cup  $cup what "a cup" means to whoever reads it
     * @return Read|null in g, ml, piece, or a food's own measure (pinch, tin …); null where no amount can be read
     */
    public static function read(string $line, Cup $cup): ?array
    {
        $text = self::plain($line);
        if (preg_match('~^(?:1|a)?\s*(?:few|several|little|splash|drizzle|dash|plenty)\b~iu', $text) === 1) {
            return null;
        }
        // "2 x 400 g tins tomatoes": so many of so much.
        $times = 1.0;
        if (preg_match('~^('.self::NUMBER.')\s*x\s*(?=\d)~iu', $text, $found) === 1) {
            $times = self::number($found[1]) ?? 1.0;
            $text = substr($text, strlen($found[0]));
        }
        if (
            preg_match('~^('.self::NUMBER.')(?:\s*(?:-|to|or)\s*('.self::NUMBER.'))?\s*(.*)$~iu', $text, $found) !== 1
        ) {
            return null;
        }
        $low = self::number($found[1]);
        $high = $found[2] === '' ? $low : self::number($found[2]);
        if ($low === null || $high === null || $low <= 0 || $high < $low) {
            return null;
        }
        $amount = $times * ($low + $high) / 2;
        $rest = trim((string) preg_replace('~^'.self::SIZED.'\s+~iu', '', ltrim($found[3], '- ')));
        $range = ['low' => $high > $low ? $times * $low : null, 'high' => $high > $low ? $times * $high : null];

        return self::weighedBeside($amount, $rest, $range) ?? self::measured($amount, $rest, $range, $cup);
    }

    /**
     * "1 (400 g) tin", "2 tins (400 g each)": what is written beside it weighs.
     *
     * @param  array{low: float|null, high: float|null}  $range
     * @return Read|null
     */
    private static function weighedBeside(float $amount, string $rest, array $range): ?array
    {
        $weighs = '~\((?:'.self::ABOUT.'\s+)?('.self::NUMBER.')[\s-]*(g|kg|ml|oz|lb)\b\.?\s*(each)?[^)]*\)~iu';
        if (preg_match($weighs, $rest, $beside) !== 1) {
            return null;
        }
        [$unit, $each] = self::unit($beside[2]) ?? ['g', 1.0];
        $one = (self::number($beside[1]) ?? 0.0) * ($each ?? 1.0);
        if ($one <= 0) {
            return null;
        }
        $measure = '~^(?:'.implode('|', array_keys(self::OF_A_FOOD)).')\b\s*~iu';
        $rest = trim((string) preg_replace('~\([^)]*\)~u', ' ', $rest));
        $isTotal = ($beside[3] ?? '') === '' && preg_match($measure, $rest) !== 1;
        $of = self::food((string) preg_replace($measure, '', $rest));

        return ['amount' => ($isTotal ? 1.0 : $amount) * $one, 'unit' => $unit, 'of' => $of] + $range;
    }

    /**
     * So much of a unit, of a food's own measure (a clove, a tin), or so many pieces.
     *
     * @param  array{low: float|null, high: float|null}  $range
     * @return Read|null
     */
    private static function measured(float $amount, string $rest, array $range, Cup $cup): ?array
    {
        foreach (self::UNITS as $words => [$unit, $each]) {
            if (preg_match('~^(?:'.$words.')(?![\p{L}])\.?\s*(.*)$~iu', $rest, $match) === 1) {
                // "500 g/1 lb 2 oz lamb": the first counts.
                $of = (string) preg_replace(
                    '~^/\s*[\d.,/ ]+\s*(?:lb|oz|kg|g|ml|fl oz)\b\.?(?:\s*[\d.,/ ]+\s*oz\b)?~iu', '', $match[1],
                );
                $each ??= $cup->millilitres();

                return ['amount' => $amount * $each, 'unit' => $unit, 'of' => self::food($of)]
                    + self::scaled($range, $each);
            }
        }
        foreach (self::OF_A_FOOD as $words => $measure) {
            if (preg_match('~^(?:'.$words.')(?![\p{L}])\s*(.*)$~iu', $rest, $match) === 1) {
                // "4 cloves" are the spice, "4 cloves of garlic" are not.
                $unit = $match[1] === '' ? 'piece' : $measure;
                $of = self::food($match[1] === '' ? $rest : $match[1]);

                return ['amount' => $amount, 'unit' => $unit, 'of' => $of] + $range;
            }
        }

        return $rest === '' ? null : ['amount' => $amount, 'unit' => 'piece', 'of' => self::food($rest)] + $range;
    }

    /** Fractions and number words as figures, without bullets and words that weigh nothing. */
    private static function plain(string $line): string
    {
        // A capital T is a tablespoon, a small one a teaspoon, a capital C a cup.
        $line = (string) preg_replace(
            ['~(\d)\s*T(?=\s)~u', '~(\d)\s*t(?=\s)~u', '~([\d½¼¾⅓⅔])\s*[Cc](?=\s)~u'], ['$1 tbsp', '$1 tsp', '$1 cup'],
            $line,
        );
        $text = trim((string) preg_replace('/\s+/u', ' ', strtr($line, self::FRACTIONS)));
        $text = (string) preg_replace('~^(?:[-*]\s+|•\s*)?(?:(?:the|'.self::ABOUT.')\s+)?(?=\S)~iu', '', $text);
        // "juice of 2 lemons" is two lemons' juice.
        $text = (string) preg_replace(
            '~^(?:finely grated\s+)?(juice|zest|peel)\s+of\s+('.self::NUMBER.'|an?|one|two|half an?|½)\s+'
                .'(lemon|lime|orange)s?~iu',
            '$2 $3 $1', $text,
        );
        // "small bunch of mint", "whole head of garlic" are one.
        $text = (string) preg_replace(
            '~^(?:'.self::SIZED.'\s+)?'
                .'(?=(?:handful|fistful|bunch|pinch|head|bulb|sprig|glug|squeeze|tin|can|jar|knob)\b)~iu', '1 ', $text,
        );
        foreach (self::NUMBERS as $word => $number) {
            if (preg_match('~^'.$word.'(?![\p{L}\d-])~iu', $text) === 1) {
                $text = $number.' '.ltrim(mb_substr($text, mb_strlen($word)));
                break;
            }
        }

        return (string) preg_replace(
            '~^('.self::NUMBER.')\s*('.implode('|', array_keys(self::NUMBERS)).')\s+(?=\p{L})~iu', '$1 ', $text,
        );
    }

    private static function number(string $text): ?float
    {
        $text = trim((string) preg_replace('~\s*/\s*~', '/', $text));
        if (preg_match('~^(?:(\d+)\s+)?(\d+)/(\d+)$~', $text, $found) === 1) {
            return (float) $found[3] === 0.0 ? null : (float) $found[1] + (float) $found[2] / (float) $found[3];
        }

        return is_numeric(str_replace(',', '.', $text)) ? (float) str_replace(',', '.', $text) : null;
    }

    /** @return array{string, float|null}|null */
    private static function unit(string $word): ?array
    {
        foreach (self::UNITS as $words => $unit) {
            if (preg_match('~^(?:'.$words.')$~iu', $word) === 1) {
                return $unit;
            }
        }

        return null;
    }

    /** What it is of, without what is done with it. */
    private static function food(string $rest): string
    {
        $of = (string) preg_replace('~^(?:of|'.self::SIZED.')\s+~iu', '', trim($rest, " ,;.\t"));

        return trim((string) preg_replace('~\s*[,;(].*$~u', '', $of));
    }

    /**
     * @param  array{low: float|null, high: float|null}  $range
     * @return array{low: float|null, high: float|null}
     */
    private static function scaled(array $range, float $each): array
    {
        return array_map(static fn (?float $end): ?float => $end === null ? null : $end * $each, $range);
    }
}

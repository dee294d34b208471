<?php

declare(strict_types=1);

namespace App\Formats;

use Orbek\Core\Dish\Foods;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Dish\Table;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Refused;

/** A recipe as it is copied from anywhere: its name, for how many, and the lines that name what goes in. */
final class RecipeText
{
    private const MOST_BYTES = 20_000;

    private const MOST_LINES = 80;

    private const LONGEST_LINE = 160;

    /** From here on it is told what to do, not what to take. */
    private const METHOD =
        '/^(?:method|instructions?|directions?|preparation|steps?|how to(?: make it)?)\b[:.]?\s*$/iu';

    private const LIST = '/^(?:ingredients?|you (?:will )?need|what you need|for the [\p{L} ]+)[:.]?\s*$/iu';

    private const FOR_HOW_MANY = '/\b(?:serves|feeds|for|yields?|makes|servings?:?)\s+(?:about\s+)?(\d{1,2})\b/iu';

    /**
     * @return array{name: string, eaters: int, lines: list<RecipeLine>, dish: null}
     *
     * @throws Refused when no line of it names a food
     */
    public static function read(string $text, Cup $cup, Foods $foods): array
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw Refused::because('text', 'refused.no-utf-8');
        }
        if (strlen($text) > self::MOST_BYTES) {
            throw Refused::because('text', 'refused.too-long', most: self::MOST_BYTES);
        }
        $name = null;
        $eaters = 4;
        $lines = [];
        $isUnderMethod = $isInList = false;
        foreach (preg_split('/\R/u', strip_tags($text)) ?: [] as $row) {
            $row = trim($row);
            if ($row === '') {
                continue;
            }
            if (preg_match(self::FOR_HOW_MANY, $row, $found) === 1 && ! self::isLine($row, $cup, $foods)) {
                $eaters = max(1, min(Table::MOST_EATERS, (int) $found[1]));

                continue;
            }
            if (preg_match(self::METHOD, $row) === 1) {
                $isUnderMethod = true;
                $isInList = false;
            } elseif (preg_match(self::LIST, $row) === 1) {
                $isUnderMethod = false;
                $isInList = true;
            } elseif ($isInList && mb_strlen($row) <= self::LONGEST_LINE) {
                // Where the list is called one, each of its rows is a line, known or not.
                $lines[] = RecipeLine::read($row, $cup, $foods);
            } elseif (! $isUnderMethod && mb_strlen($row) <= self::LONGEST_LINE && self::isLine($row, $cup, $foods)
                && ($name !== null || preg_match('/\d/', $row) === 1)) {
                $lines[] = RecipeLine::read($row, $cup, $foods);
            } else {
                $name ??= mb_substr($row, 0, 180);
            }
        }
        if ($lines === []) {
            throw Refused::because('text', 'refused.no-line-names-a-food');
        }

        return [
            'name' => $name ?? 'A recipe as text', 'eaters' => $eaters,
            'lines' => array_slice($lines, 0, self::MOST_LINES), 'dish' => null,
        ];
    }

    /** Whether a row is one of the list: it names a food, or gives an amount of something. */
    private static function isLine(string $row, Cup $cup, Foods $foods): bool
    {
        $line = RecipeLine::read($row, $cup, $foods);

        return $line->food !== null ? $line->grams !== null || mb_strlen($row) < 60 : $line->grams !== null;
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use App\Wording\Wording;
use Orbek\Core\Dish\Foods;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeReader;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Refused;

/** A recipe as text from outside, looked at before it is read. */
final class RecipeText
{
    private const MOST_BYTES = 20_000;

    /** @throws Refused when it is no text, too long, or no row of it names a food */
    public static function read(string $text, Cup $cup, Foods $foods): RecipeRead
    {
        if (! mb_check_encoding($text, 'UTF-8')) {
            throw Refused::because('text', 'refused.no-utf-8');
        }
        if (strlen($text) > self::MOST_BYTES) {
            throw Refused::because('text', 'refused.too-long', most: self::MOST_BYTES);
        }

        $read = RecipeReader::read(strip_tags($text), $cup, $foods);

        return $read->name !== '' ? $read : $read->called(app(Wording::class)->say('first-names.recipe'));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\OutOfRange;

/** Guests, parts of the filling, toppings and sides added to a dish and taken off it. */
final class Listing
{
    private const MOST = 20;

    /** Where each list stands in the document. */
    private const LISTS = ['guests' => 'table/guests', 'parts' => 'filling/parts', 'extras' => 'extras', 'sides' => 'sides'];

    private const WORD = '/^(guests|parts|extras|sides):(?:(add)|remove:(\d{1,2}))$/';

    public static function understands(string $path): bool
    {
        return preg_match(self::WORD, $path) === 1;
    }

    /**
     * @param  string  $path "guests:add", "parts:remove:0" and their like
     * @param  mixed  $value the entry's document, for "add"
     *
     * @throws OutOfRange when the dish cannot be so
     */
    public static function changed(Dish $dish, string $path, mixed $value): Dish
    {
        preg_match(self::WORD, $path, $read);
        $at = self::LISTS[$read[1] ?? 'guests'];
        $list = $dish->toArray();
        foreach (explode('/', $at) as $name) {
            $list = is_array($list[$name] ?? null) ? $list[$name] : [];
        }
        $list = array_values($list);
        if (($read[2] ?? '') === 'add') {
            if (count($list) >= self::MOST) {
                throw OutOfRange::because($at, count($list).' are as many as are kept;', 'take one off first');
            }
            $list[] = $value;
        } else {
            $index = (int) ($read[3] ?? 0);
            if (! isset($list[$index])) {
                throw OutOfRange::because($path, 'there is no such entry;', 'load the page again');
            }
            array_splice($list, $index, 1);
        }

        return $dish->changed($at, $list);
    }
}

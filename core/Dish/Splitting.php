<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\OutOfRange;

/** Onion, saffron, fat and herbs shared out over marinade, layers and top, so that the sums always close. */
final class Splitting
{
    /** The words that changed() understands, as "extras:INDEX:PART". */
    private const WORD = '/^extras:(\d{1,2}):(marinade|layers|top)$/';

    public static function understands(string $path): bool
    {
        return preg_match(self::WORD, $path) === 1;
    }

    /**
     * @param  string  $path "extras:0:top" and its like
     * @param  mixed  $value the wanted share, %; the other two make room in proportion
     *
     * @throws OutOfRange
     */
    public static function changed(Dish $dish, string $path, mixed $value): Dish
    {
        preg_match(self::WORD, $path, $read);
        $at = (int) ($read[1] ?? 0);
        $part = $read[2] ?? 'top';
        $extra = $dish->extras[$at] ?? throw OutOfRange::because($path, 'there is no such thing to share out;', 'give 0 to '.(count($dish->extras) - 1));
        $share = (is_int($value) || is_float($value) ? OutOfRange::unlessBetween($path, $value, 0, 100, '%') : throw OutOfRange::because($path, 'is no number;', 'give 0 to 100 %')) / 100;

        $split = [];
        $others = 1 - $extra->split[$part];
        foreach (Extra::PARTS as $name) {
            $split[$name] = match (true) {
                $name === $part => $share,
                $others > 1e-9 => (1 - $share) * $extra->split[$name] / $others,
                // All of it was here: what is let go of goes to the layers, or from there to the top.
                default => $name === ($part === 'layers' ? 'top' : 'layers') ? 1 - $share : 0.0,
            };
        }

        return $dish->changed("extras/{$at}/split", $split);
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Note;

/** What the program itself puts on a list, beside what a cook has named. */
enum Staple: string
{
    case Salt = 'salt';
    case Oil = 'oil';
    case Fat = 'fat';
    case GheeOrOil = 'ghee-or-oil';
    case Lemon = 'lemon';
    case Broth = 'broth';
    case Papaya = 'green-papaya';
    case Yogurt = 'yogurt';
    case Flour = 'flour';
    case Foil = 'foil';
    case RawOnion = 'raw-onion';

    /** A staple by its own name in the language of whoever reads, all else as a cook has named it. */
    public static function named(string $shop): Note
    {
        $staple = self::tryNamed($shop);

        return $staple === null ? Note::name($shop) : Note::label($staple);
    }

    /** The one that a list or a pantry means; null for what a cook has named. */
    public static function tryNamed(string $name): ?self
    {
        return self::tryFrom(str_replace(' ', '-', mb_strtolower($name)));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** All foods that are known, found by any of their names. */
final readonly class Foods
{
    /** A word so long may be off by one letter, a long one by two. */
    private const SHORT = 6;

    private const LONG = 8;

    private const HEARD = 4;

    /** @param  array<string, Food>  $byName longest name first */
    private function __construct(private array $byName)
    {
    }

    /** @param  list<Food>  $foods */
    public static function of(array $foods): self
    {
        $byName = [];
        foreach ($foods as $food) {
            foreach ($food->names as $name) {
                $byName[self::plain($name)] = $food;
            }
        }
        uksort($byName, static fn (string $a, string $b): int => [mb_strlen($b), $a] <=> [mb_strlen($a), $b]);

        return new self($byName);
    }

    private static function plain(string $text): string
    {
        return PersianRecipe::is($text) ? PersianRecipe::plain($text) : mb_strtolower($text);
    }

    /** The food that a text names, by the longest of all names in it, whole words only; null where it names none. */
    public function named(string $text): ?Food
    {
        $text = self::plain($text);
        foreach ($this->byName as $name => $food) {
            if (str_contains($text, (string) $name)
                && preg_match('/(?<![\p{L}\d])'.preg_quote((string) $name, '/').'(?![\p{L}\d])/u', $text) === 1) {
                return $food;
            }
        }

        return null;
    }

    /** The food whose name is spelt or sounds most like a text's; null where none is near. It is told as a guess. */
    public function near(string $text): ?Food
    {
        $words = preg_split('/[^\p{L}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $tried = [implode(' ', $words), ...count($words) > 1 ? $words : []];
        foreach ($tried as $one) {
            $best = null;
            $least = mb_strlen($one) >= self::LONG ? 3 : (mb_strlen($one) >= self::SHORT ? 2 : 0);
            foreach ($this->byName as $name => $food) {
                if (abs(strlen((string) $name) - strlen($one)) > 2) {
                    continue;
                }
                $off = self::off($one, (string) $name);
                // A short word is near only where it sounds the same: "beads" are no beans.
                $mostOff = strlen($one) >= self::SHORT ? 2 : 1;
                $isHeard = strlen($one) >= self::HEARD && $off <= $mostOff
                    && ((metaphone($one) !== '' && metaphone($one) === metaphone((string) $name)) || rtrim($one,
                        's') === rtrim((string) $name, 's')
                        || count_chars($one, 1) === count_chars((string) $name, 1));
                if ($off < $least || ($isHeard && $best === null)) {
                    [$best, $least] = [$food, $off];
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }

    /** Letters to change between two words; two that changed places are one. */
    private static function off(string $one, string $other): int
    {
        $isSwapped = strlen($one) >= 5 && $one !== $other && $one[0] === $other[0]
            && count_chars($one, 1) === count_chars($other, 1);

        return $isSwapped ? 1 : levenshtein($one, $other);
    }

    /**
     * Every food that a text names, each name counted once, the longest first.
     *
     * @return list<Food>
     */
    public function allNamed(string $text): array
    {
        $text = self::plain($text);
        $found = [];
        foreach ($this->byName as $name => $food) {
            if (str_contains($text, (string) $name)) {
                $left =
                    (string) preg_replace(
                        '/(?<![\p{L}\d])'.preg_quote((string) $name, '/').'(?![\p{L}\d])/u', '·', $text,
                    );
                if ($left !== $text) {
                    $found[] = $food;
                    $text = $left;
                }
            }
        }

        return $found;
    }

    /** @return list<Food> each once */
    public function all(): array
    {
        return array_values(array_unique($this->byName, SORT_REGULAR));
    }
}

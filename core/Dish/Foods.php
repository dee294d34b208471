<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** All foods that are known, found by any of their names. */
final readonly class Foods
{
    /** @param  array<string, Food>  $byName longest name first */
    private function __construct(private array $byName, public string $source)
    {
    }

    /** @param  list<Food>  $foods */
    public static function of(array $foods, string $source): self
    {
        $byName = [];
        foreach ($foods as $food) {
            foreach ($food->names as $name) {
                $byName[$name] = $food;
            }
        }
        uksort($byName, static fn (string $a, string $b): int => [mb_strlen($b), $a] <=> [mb_strlen($a), $b]);

        return new self($byName, $source);
    }

    /** The food that a text names, by the longest of all names in it, whole words only; null where it names none. */
    public function named(string $text): ?Food
    {
        $text = mb_strtolower($text);
        foreach ($this->byName as $name => $food) {
            if (str_contains($text, (string) $name)
                && preg_match('/(?<![\p{L}\d])'.preg_quote((string) $name, '/').'(?![\p{L}\d])/u', $text) === 1) {
                return $food;
            }
        }

        return null;
    }

    /**
     * Every food that a text names, each name counted once, the longest first.
     *
     * @return list<Food>
     */
    public function allNamed(string $text): array
    {
        $text = mb_strtolower($text);
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

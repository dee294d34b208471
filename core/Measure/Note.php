<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use BackedEnum;
use DateTimeImmutable;

/**
 * What the core has to say: a key and typed arguments, put into words by the application.
 *
 * Arguments are numbers, names that a cook gave, quantities, figures, moments, enums, other notes,
 * or lists of those.
 *
 * @phpstan-type Arg int|float|string|bool|BackedEnum|Quantity|Figure|DateTimeImmutable|Note|null
 */
final readonly class Note
{
    /** @param  array<string, Arg|list<Arg>>  $args by name */
    private function __construct(public string $key, public array $args)
    {
    }

    /**
     * @param  string  $key place and name, joined by a point, as lang/ has it
     * @param  Arg|list<Arg>  ...$args by name
     */
    public static function of(
        string $key,
        int|float|string|bool|BackedEnum|Quantity|Figure|DateTimeImmutable|self|array|null ...$args,
    ): self {
        $named = [];
        foreach ($args as $name => $arg) {
            $named[(string) $name] = $arg;
        }

        return new self($key, $named);
    }

    /** Whether it says the same. */
    public function isLike(self $other): bool
    {
        return serialize($this) === serialize($other);
    }

    /** A name that a cook gave, said as it is. */
    public static function name(string $name): self
    {
        return new self('as-is', ['name' => $name]);
    }

    /** What an enum's case is called, or another form of it ("words", "gloss"). */
    public static function label(BackedEnum $case, string $form = 'label'): self
    {
        return new self($form, ['case' => $case]);
    }
}

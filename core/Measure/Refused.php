<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use BackedEnum;
use DateTimeImmutable;
use RuntimeException;

/**
 * A value from outside that no kitchen could mean: names the field, the value and what would do.
 *
 * Made only at the door, where documents, forms and arguments are read; what cannot be is a LogicException.
 */
final class Refused extends RuntimeException
{
    private function __construct(public readonly string $field, public readonly Note $why)
    {
        parent::__construct("{$field}: {$why->key}");
    }

    /**
     * Hands the value back when it lies in the range.
     *
     * @template T of int|float
     *
     * @param  T  $value
     * @return T
     *
     * @throws self
     */
    public static function unlessBetween(
        string $field, int|float $value, int|float $least, int|float $most, string $unit = '',
    ): int|float {
        if (is_finite((float) $value) && $value >= $least && $value <= $most) {
            return $value;
        }

        throw new self(
            $field,
            Note::of(
                'refused.out-of-range', value: self::number($value), least: self::number($least),
                most: self::number($most), unit: $unit === '' ? '' : " {$unit}",
            ),
        );
    }

    /** The same of a value that stands in something larger: its field begins with that. */
    public function within(string $whole): self
    {
        return str_starts_with($this->field, $whole) ? $this : new self("{$whole}/{$this->field}", $this->why);
    }

    /** @param  list<string>  $allowed */
    public static function unknown(string $field, string $value, array $allowed): self
    {
        return new self($field, Note::of('refused.unknown', value: $value, allowed: $allowed));
    }

    /**
     * @param  string  $key of the message that says what is wrong and what would do
     * @param  int|float|string|bool|BackedEnum|Quantity|Figure|DateTimeImmutable|Note|list<string>|null  ...$args
     */
    public static function because(
        string $field,
        string $key,
        int|float|string|bool|BackedEnum|Quantity|Figure|DateTimeImmutable|Note|array|null ...$args,
    ): self {
        $named = [];
        foreach ($args as $name => $arg) {
            $named[(string) $name] = $arg;
        }

        return new self($field, Note::of($key, ...$named));
    }

    /** As it is read: to the third decimal, huge ones as they came. */
    private static function number(int|float $value): string
    {
        if (is_int($value) || abs($value) >= 1e9) {
            return (string) $value;
        }

        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}

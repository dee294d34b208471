<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use InvalidArgumentException;

/** A value no kitchen could mean: names the field, the value and what would do. */
final class OutOfRange extends InvalidArgumentException
{
    private function __construct(public readonly string $field, string $message)
    {
        parent::__construct($message);
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
    public static function unlessBetween(string $field, int|float $value, int|float $least, int|float $most, string $unit = ''): int|float
    {
        if (is_finite((float) $value) && $value >= $least && $value <= $most) {
            return $value;
        }

        throw new self($field, sprintf(
            '%s: %s is out of range; give %s to %s%s.',
            $field, self::number($value), self::number($least), self::number($most), $unit === '' ? '' : " {$unit}",
        ));
    }

    /** @param  list<string>  $allowed */
    public static function unknown(string $field, string $value, array $allowed): self
    {
        return new self($field, sprintf('%s: "%s" is not known; give one of %s.', $field, $value, implode(', ', $allowed)));
    }

    public static function because(string $field, string $value, string $cure): self
    {
        return new self($field, sprintf('%s: %s %s.', $field, $value, $cure));
    }

    private static function number(int|float $value): string
    {
        if (is_int($value) || abs($value) >= 1e9) {
            return (string) $value;
        }

        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}

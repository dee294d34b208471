<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

use BackedEnum;

/**
 * Reads a decoded JSON object field by field, so that every refusal names the field's path, its
 * value and what would do.
 */
final readonly class Fields
{
    private const LONGEST_TEXT = 200;

    /** @param  array<array-key, mixed>  $data */
    private function __construct(private array $data, private string $path)
    {
    }

    /** @param  array<array-key, mixed>  $data */
    public static function of(array $data, string $path = ''): self
    {
        return new self($data, $path);
    }

    public function has(string $name): bool
    {
        return isset($this->data[$name]);
    }

    /** @throws OutOfRange when the field is no object */
    public function object(string $name): self
    {
        $value = $this->data[$name] ?? null;

        return is_array($value) ? new self($value, $this->at($name)) : throw $this->wrong($name, 'an object');
    }

    /**
     * @return list<self>
     *
     * @throws OutOfRange when the field is no list of objects
     */
    public function each(string $name): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->wrong($name, 'a list');
        }

        $fields = [];
        foreach ($value as $index => $entry) {
            $fields[] = is_array($entry) ? new self($entry, $this->at("{$name}/{$index}")) : throw $this->wrong("{$name}/{$index}", 'an object');
        }

        return $fields;
    }

    /** @throws OutOfRange when it is no text, empty or too long */
    public function text(string $name): string
    {
        $value = $this->data[$name] ?? null;
        if (! is_string($value) || trim($value) === '' || mb_strlen($value) > self::LONGEST_TEXT) {
            throw $this->wrong($name, 'a text of 1 to '.self::LONGEST_TEXT.' characters');
        }

        return $value;
    }

    /** @throws OutOfRange when it is no number or out of range */
    public function number(string $name, float $least, float $most, string $unit = '', ?float $default = null): float
    {
        $value = $this->data[$name] ?? $default;

        return is_int($value) || is_float($value)
            ? (float) OutOfRange::unlessBetween($this->at($name), $value, $least, $most, $unit)
            : throw $this->wrong($name, "a number from {$least} to {$most}".($unit === '' ? '' : " {$unit}"));
    }

    /** @throws OutOfRange when it is no whole number or out of range */
    public function whole(string $name, int $least, int $most, ?int $default = null): int
    {
        $value = $this->data[$name] ?? $default;

        return is_int($value)
            ? OutOfRange::unlessBetween($this->at($name), $value, $least, $most)
            : throw $this->wrong($name, "a whole number from {$least} to {$most}");
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->data[$name] ?? $default;

        return is_bool($value) ? $value : throw $this->wrong($name, 'true or false');
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T|null  $default
     * @return T
     *
     * @throws OutOfRange when it is none of the enum's values
     */
    public function one(string $name, string $enum, ?BackedEnum $default = null): BackedEnum
    {
        $value = $this->data[$name] ?? null;
        if ($value === null && $default !== null) {
            return $default;
        }

        $known = array_map(static fn (BackedEnum $one): string => (string) $one->value, $enum::cases());
        if ($value === null) {
            throw $this->wrong($name, 'one of '.implode(', ', $known));
        }
        $case = is_string($value) ? $enum::tryFrom($value) : null;

        return $case ?? throw OutOfRange::unknown(
            $this->at($name),
            is_scalar($value) ? (string) $value : get_debug_type($value),
            $known,
        );
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     *
     * @throws OutOfRange when one is none of the enum's values
     */
    public function many(string $name, string $enum): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value)) {
            throw $this->wrong($name, 'a list');
        }

        return array_map(fn (mixed $entry): BackedEnum => self::of([$name => $entry], $this->path)->one($name, $enum), array_values($value));
    }

    /**
     * @return list<string>
     *
     * @throws OutOfRange when it is no list of texts
     */
    public function texts(string $name): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value)) {
            throw $this->wrong($name, 'a list');
        }

        return array_map(fn (mixed $entry): string => self::of([$name => $entry], $this->path)->text($name), array_values($value));
    }

    /**
     * @return list<int|float>
     *
     * @throws OutOfRange when it is no list of numbers
     */
    public function numbers(string $name): array
    {
        $value = $this->data[$name] ?? null;
        if (! is_array($value)) {
            throw $this->wrong($name, 'a list of numbers');
        }

        $numbers = [];
        foreach ($value as $number) {
            $numbers[] = is_int($number) || is_float($number) ? $number : throw $this->wrong($name, 'a list of numbers');
        }

        return $numbers;
    }

    /** The field's path from the document's root, as errors name it. */
    public function at(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}/{$name}";
    }

    private function wrong(string $name, string $wanted): OutOfRange
    {
        $value = $this->data[$name] ?? null;
        $shown = match (true) {
            $value === null => 'is missing',
            is_scalar($value) => '"'.mb_strimwidth((string) $value, 0, 40, '…').'" will not do',
            is_array($value) => 'a list will not do',
            default => 'a '.get_debug_type($value).' will not do',
        };

        return OutOfRange::because($this->at($name), $shown.';', "give {$wanted}");
    }
}

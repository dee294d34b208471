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
    private function __construct(private array $data, private string $path, private bool $isForm)
    {
    }

    /** @param  array<array-key, mixed>  $data */
    public static function of(array $data, string $path = ''): self
    {
        return new self($data, $path, false);
    }

    /**
     * A form's fields: numbers and flags come as text, an empty field as an empty one.
     *
     * @param  array<array-key, mixed>  $data
     */
    public static function ofForm(array $data, string $path = ''): self
    {
        return new self($data, $path, true);
    }

    /** @return list<string> the names there are */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->data));
    }

    public function has(string $name): bool
    {
        return isset($this->data[$name]) && ! ($this->isForm && $this->data[$name] === '');
    }

    /** @throws Refused when the field is no object */
    public function object(string $name): self
    {
        $value = $this->data[$name] ?? null;

        return is_array($value)
            ? new self($value, $this->at($name), $this->isForm)
            : throw $this->wrong($name, Note::of('refused.object'));
    }

    /**
     * @return list<self>
     *
     * @throws Refused when the field is no list of objects
     */
    public function each(string $name): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->wrong($name, Note::of('refused.list'));
        }

        $fields = [];
        foreach ($value as $index => $entry) {
            $fields[] = is_array($entry)
                ? new self($entry, $this->at("{$name}/{$index}"), $this->isForm)
                : throw $this->wrong("{$name}/{$index}", Note::of('refused.object'));
        }

        return $fields;
    }

    /**
     * Lists within a list.
     *
     * @return list<list<mixed>>
     *
     * @throws Refused when the field is no list of lists
     */
    public function lists(string $name): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value) || ! array_is_list($value)) {
            throw $this->wrong($name, Note::of('refused.list'));
        }

        return array_map(fn (mixed $entry, int $index): array => is_array($entry) && array_is_list($entry)
            ? $entry
            : throw $this->wrong("{$name}/{$index}", Note::of('refused.list')), $value, array_keys($value));
    }

    /** @throws Refused when it is no text, empty or too long */
    public function text(string $name): string
    {
        $value = $this->data[$name] ?? null;
        if (! is_string($value) || trim($value) === '' || mb_strlen($value) > self::LONGEST_TEXT) {
            throw $this->wrong($name, Note::of('refused.text', longest: self::LONGEST_TEXT));
        }

        return $value;
    }

    /**
     * A text of any length, as a document is.
     *
     * @throws Refused when it is no text
     */
    public function document(string $name): string
    {
        $value = $this->data[$name] ?? null;

        return is_string($value) ? $value : throw $this->wrong($name, Note::of('refused.any-text'));
    }

    public function isText(string $name): bool
    {
        return is_string($this->data[$name] ?? null);
    }

    /** @throws Refused when it is no number or out of range */
    public function number(string $name, float $least, float $most, string $unit = '', ?float $default = null): float
    {
        $value = $this->read($name) ?? $default;

        return is_int($value) || is_float($value)
            ? (float) Refused::unlessBetween($this->at($name), $value, $least, $most, $unit)
            : throw $this->wrong(
                $name,
                Note::of('refused.number', least: $least, most: $most, unit: $unit === '' ? '' : " {$unit}"),
            );
    }

    /** @throws Refused when it is no whole number or out of range */
    public function whole(string $name, int $least, int $most, ?int $default = null): int
    {
        $value = $this->read($name) ?? $default;

        return is_int($value)
            ? Refused::unlessBetween($this->at($name), $value, $least, $most)
            : throw $this->wrong($name, Note::of('refused.whole', least: $least, most: $most));
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->data[$name] ?? $default;
        if ($this->isForm && is_scalar($value)) {
            $value = match ($value) {
                '1', 'true', 'on', 1 => true,
                '0', 'false', '', 0 => false,
                default => $value,
            };
        }

        return is_bool($value) ? $value : throw $this->wrong($name, Note::of('refused.flag'));
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @param  T|null  $default
     * @return T
     *
     * @throws Refused when it is none of the enum's values
     */
    public function one(string $name, string $enum, ?BackedEnum $default = null): BackedEnum
    {
        $value = $this->data[$name] ?? null;
        if ($value === null && $default !== null) {
            return $default;
        }

        $known = array_map(static fn (BackedEnum $one): string => (string) $one->value, $enum::cases());
        if ($value === null) {
            throw $this->wrong($name, Note::of('refused.one-of', allowed: $known));
        }
        $case = is_string($value) ? $enum::tryFrom($value) : null;

        return $case ?? throw Refused::unknown(
            $this->at($name),
            is_scalar($value) ? (string) $value : get_debug_type($value),
            $known,
        );
    }

    /**
     * A list of things that have an id each.
     *
     * @template T of object{id: string}
     *
     * @param  callable(self): T  $read
     * @return non-empty-array<string, T> by id, in their order
     *
     * @throws Refused when there is none, or two have one id
     */
    public function byId(string $name, callable $read): array
    {
        $list = [];
        foreach ($this->each($name) as $entry) {
            $thing = $read($entry);
            if (isset($list[$thing->id])) {
                throw Refused::because($entry->at('id'), 'refused.twice', thing: $thing->id);
            }
            $list[$thing->id] = $thing;
        }

        return $list !== [] ? $list : throw Refused::because($name, 'refused.empty-list');
    }

    /**
     * One of what is known, by its id.
     *
     * @template T of object
     *
     * @param  Known<T>  $known
     * @return T
     *
     * @throws Refused when there is none of this id
     */
    public function known(string $name, Known $known): object
    {
        return $this->has($name)
            ? $known->get($this->text($name), $this->at($name))
            : throw $this->wrong($name, Note::of('refused.one-of', allowed: array_keys($known->all)));
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return list<T>
     *
     * @throws Refused when one is none of the enum's values
     */
    public function many(string $name, string $enum): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value)) {
            throw $this->wrong($name, Note::of('refused.list'));
        }

        return array_map(
            fn (mixed $entry): BackedEnum => self::of([$name => $entry], $this->path)->one($name, $enum),
            array_values($value),
        );
    }

    /**
     * @return list<string>
     *
     * @throws Refused when it is no list of texts
     */
    public function texts(string $name): array
    {
        $value = $this->data[$name] ?? [];
        if (! is_array($value)) {
            throw $this->wrong($name, Note::of('refused.list'));
        }

        return array_map(
            fn (mixed $entry): string => self::of([$name => $entry], $this->path)->text($name),
            array_values($value),
        );
    }

    /**
     * @return list<int|float>
     *
     * @throws Refused when it is no list of numbers
     */
    public function numbers(string $name): array
    {
        $value = $this->data[$name] ?? null;
        if (! is_array($value)) {
            throw $this->wrong($name, Note::of('refused.numbers'));
        }

        $numbers = [];
        foreach ($value as $number) {
            $numbers[] = is_int($number) || is_float($number)
                ? $number
                : throw $this->wrong($name, Note::of('refused.numbers'));
        }

        return $numbers;
    }

    /** The field's path from the document's root, as errors name it. */
    public function at(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}/{$name}";
    }

    /** What a number is read from: of a form also a text that is one, with a point or a comma. */
    private function read(string $name): mixed
    {
        $value = $this->data[$name] ?? null;
        if (! $this->isForm || ! is_string($value)) {
            return $value;
        }
        $text = str_replace([',', '،'], '.', trim(Digits::latin($value)));

        return match (true) {
            $text === '' => null,
            preg_match('/^-?\d{1,15}$/', $text) === 1 => (int) $text,
            is_numeric($text) => (float) $text,
            default => $value,
        };
    }

    private function wrong(string $name, Note $wanted): Refused
    {
        $value = $this->data[$name] ?? null;

        return match (true) {
            $value === null, $value === '' => Refused::because($this->at($name), 'refused.missing', wanted: $wanted),
            is_scalar($value) => Refused::because(
                $this->at($name), 'refused.will-not-do', value: mb_strimwidth((string) $value, 0, 40, '…'),
                wanted: $wanted,
            ),
            is_array($value) => Refused::because($this->at($name), 'refused.a-list', wanted: $wanted),
            default => Refused::because(
                $this->at($name), 'refused.of-a-kind', kind: get_debug_type($value), wanted: $wanted,
            ),
        };
    }
}

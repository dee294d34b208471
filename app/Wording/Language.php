<?php

declare(strict_types=1);

namespace App\Wording;

use Locale;
use MessageFormatter;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** All that is said in one language: a folder of lang/, its messages by place and key. */
final readonly class Language
{
    /** @param  array<string, string>  $messages by place and key: "pages/stove.read", "labels.Stage.label.done" */
    private function __construct(public string $locale, public array $messages)
    {
    }

    /** @return list<string> the languages that have a folder */
    public static function all(string $folder): array
    {
        return array_map(basename(...), glob("{$folder}/*", GLOB_ONLYDIR) ?: []);
    }

    /** Whether it is one that pages can be written in. */
    public static function has(mixed $locale): bool
    {
        return is_string($locale) && in_array($locale, self::all(lang_path()), true);
    }

    /** @return array<string, string> what each language calls itself, by locale */
    public static function names(): array
    {
        $all = self::all(lang_path());

        return array_combine($all, array_map(
            static fn (string $one): string => mb_convert_case((string) Locale::getDisplayLanguage($one, $one),
                MB_CASE_TITLE), $all,
        ));
    }

    /** @throws Refused naming the field */
    public static function chosen(Fields $form, string $field): string
    {
        $said = $form->text($field);

        return self::has($said) ? $said : throw Refused::unknown($form->at($field), $said, self::all(lang_path()));
    }

    public static function of(string $folder, string $locale): self
    {
        $messages = [];
        foreach ([...glob("{$folder}/{$locale}/*.php") ?: [], ...glob("{$folder}/{$locale}/*/*.php") ?: []] as $file) {
            $place = substr($file, strlen("{$folder}/{$locale}/"), -4);
            /** @var array<string, mixed> $read */
            $read = require $file;
            $messages += self::flat($read, "{$place}.");
        }

        return new self($locale, $messages);
    }

    /**
     * @param  array<array-key, mixed>  $read
     * @return array<string, string>
     */
    private static function flat(array $read, string $under): array
    {
        $flat = [];
        foreach ($read as $key => $said) {
            $flat += is_array($said)
                ? self::flat($said, "{$under}{$key}.") : ["{$under}{$key}" => is_string($said) ? $said : ''];
        }

        return $flat;
    }

    /** @return array<string, string> the messages of one file, by key */
    public function place(string $place): array
    {
        $under = "{$place}.";
        $found = array_filter(
            $this->messages, static fn (string $key): bool => str_starts_with($key, $under), ARRAY_FILTER_USE_KEY,
        );

        return array_combine(
            array_map(static fn (string $key): string => substr($key, strlen($under)), array_keys($found)), $found,
        );
    }

    /**
     * What is wrong with it beside the language that all is written in first.
     *
     * @return list<string> a line each: what is missing or too much, takes other arguments, cannot be read
     */
    public function against(self $first): array
    {
        $wrong = [];
        foreach (array_diff_key($first->messages, $this->messages) as $key => $said) {
            $wrong[] = "{$key} is missing: {$said}";
        }
        foreach (array_keys(array_diff_key($this->messages, $first->messages)) as $key) {
            $wrong[] = "{$key} is said nowhere";
        }
        foreach (array_intersect_key($this->messages, $first->messages) as $key => $said) {
            [$has, $wants] = [Pattern::arguments($said), Pattern::arguments($first->messages[$key])];
            if ($has !== $wants) {
                $wrong[] = "{$key} takes ".implode(', ', $has).' and not '.implode(', ', $wants);
            }
            if (MessageFormatter::create($this->locale, ltrim($said, '^')) === null) {
                $wrong[] = "{$key} cannot be read: {$said}";
            }
        }

        return $wrong;
    }
}

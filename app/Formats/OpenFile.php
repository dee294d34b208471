<?php

declare(strict_types=1);

namespace App\Formats;

use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;

/** Orbek's own open formats, read from their JSON text: the one door for documents from outside. */
final class OpenFile
{
    private const MOST_BYTES = 1_000_000;

    /** @throws OutOfRange naming what is wrong with the text */
    public static function dish(string $json): Dish
    {
        $dish = Dish::fromArray(self::decode($json));
        self::check($json, 'dish');

        return $dish;
    }

    /** @throws OutOfRange naming what is wrong with the text */
    public static function kitchen(string $json): Kitchen
    {
        $kitchen = Kitchen::fromArray(self::decode($json));
        self::check($json, 'kitchen');

        return $kitchen;
    }

    /**
     * A sealed pot and its heat line.
     *
     * @return array{SealedPot, non-empty-list<HeatBlock>}
     *
     * @throws OutOfRange naming what is wrong with the text
     */
    public static function lid(string $json): array
    {
        $case = SealedPot::fromFields(Fields::of(self::decode($json)));
        self::check($json, 'lid');

        return $case;
    }

    /**
     * A recipe from elsewhere, where the text is one.
     *
     * @return array{name: string, eaters: int, lines: list<RecipeLine>, dish: Dish|null}|null
     *
     * @throws OutOfRange naming what is wrong with the text
     */
    public static function recipe(string $json, Cup $cup): ?array
    {
        return RecipeJsonLd::read(self::decode($json, true), $cup);
    }

    /** @return array<array-key, mixed> */
    private static function decode(string $json, bool $orList = false): array
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw OutOfRange::because('file', sprintf('%.1f MB is too large;', strlen($json) / 1_000_000), 'give at most 1 MB');
        }
        if (! mb_check_encoding($json, 'UTF-8')) {
            throw OutOfRange::because('file', 'the text is not UTF-8;', 'save it as UTF-8');
        }

        $document = json_decode($json, true, 32);
        if (! is_array($document) || (array_is_list($document) && ! $orList)) {
            throw OutOfRange::because('file', json_last_error() === JSON_ERROR_NONE ? 'it is no JSON object;' : 'it is no JSON ('.lcfirst(json_last_error_msg()).');', 'give an Orbek document as schema/ describes it');
        }

        return $document;
    }

    /** What the core does not mind but the schema forbids: above all names that nothing reads. */
    private static function check(string $json, string $schema): void
    {
        $validator = new Validator;
        $result = $validator->validate(json_decode($json, false, 32), (string) file_get_contents(base_path("schema/{$schema}.json")));
        $error = $result->error();
        if ($error === null) {
            return;
        }
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }

        throw OutOfRange::because(
            implode('/', $error->data()->fullPath()) ?: 'file',
            rtrim(self::message($error), '.').';',
            "compare schema/{$schema}.json",
        );
    }

    private static function message(ValidationError $error): string
    {
        $message = $error->message();
        foreach ($error->args() as $name => $value) {
            $message = str_replace('{'.$name.'}', is_array($value) ? implode(', ', array_map(static fn (mixed $part): string => is_scalar($part) ? (string) $part : '…', $value)) : (is_scalar($value) ? (string) $value : '…'), $message);
        }

        return lcfirst($message);
    }
}

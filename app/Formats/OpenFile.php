<?php

declare(strict_types=1);

namespace App\Formats;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use stdClass;

/** Orbek's own open formats, read from their JSON text: the one door for documents from outside. */
final class OpenFile
{
    private const MOST_BYTES = 1_000_000;

    /** @throws Refused naming what is wrong with the text */
    public static function dish(string $json): Dish
    {
        $dish = Dish::fromArray(self::decode($json), app(Craft::class));
        // An older edition is checked as what it became.
        self::check((string) json_encode($dish->toArray(), JSON_PRESERVE_ZERO_FRACTION), 'dish');

        return $dish;
    }

    /**
     * A dish that was made of one in order: what differs is held against the schema, the rest still is as it was.
     *
     * @throws Refused naming what is wrong with the change
     */
    public static function change(Dish $was, Dish $is): void
    {
        $before = $was->toArray();
        $after = $is->toArray();
        self::refuseUnreadable((string) json_encode($after, JSON_PRESERVE_ZERO_FRACTION));
        $names = array_values(array_filter(
            array_keys($before + $after),
            static fn (string $name): bool => ($before[$name] ?? null) !== ($after[$name] ?? null),
        ));
        $differs = array_intersect_key($after, array_flip($names));
        self::check((string) json_encode((object) $differs, JSON_PRESERVE_ZERO_FRACTION), 'dish', $names);
    }

    /** @throws Refused naming what is wrong with the text */
    public static function kitchen(string $json): Kitchen
    {
        $kitchen = Kitchen::fromArray(self::decode($json));
        // An older edition is checked as what it became.
        self::check((string) json_encode($kitchen->toArray(), JSON_PRESERVE_ZERO_FRACTION), 'kitchen');

        return $kitchen;
    }

    /**
     * A sealed pot and its heat line.
     *
     * @return array{SealedPot, non-empty-list<Stretch>}
     *
     * @throws Refused naming what is wrong with the text
     */
    public static function lid(string $json): array
    {
        $case = SealedPot::fromFields(
            Fields::of(self::decode($json)),
            app(Craft::class)->fillings,
            app(Craft::class)->bases,
            app(Craft::class)->seals,
            app(Craft::class)->cues,
        );
        self::check($json, 'lid');

        return $case;
    }

    /**
     * A recipe from elsewhere, where the text is one.
     *
     * @throws Refused naming what is wrong with the text
     */
    public static function recipe(string $json, Cup $cup): Dish|RecipeRead|null
    {
        return RecipeJsonLd::read(self::decode($json, true), $cup);
    }

    /** @throws Refused naming what is wrong with the text */
    public static function meal(string $json): Meal
    {
        $meal = Meal::fromArray(self::decode($json));
        self::check($json, 'meal');

        return $meal;
    }

    /**
     * Tasks to be laid on one clock.
     *
     * @throws Refused naming what is wrong with the text
     */
    public static function tasks(string $json): TasksFile
    {
        return TasksFile::read(Fields::of(self::decode($json)));
    }

    private static function refuseUnreadable(string $json): void
    {
        if (strlen($json) > self::MOST_BYTES) {
            throw Refused::because('file', 'refused.too-large', json: strlen($json) / 1_000_000);
        }
        if (! mb_check_encoding($json, 'UTF-8')) {
            throw Refused::because('file', 'refused.no-utf-8');
        }
    }

    /** @return array<array-key, mixed> */
    private static function decode(string $json, bool $orList = false): array
    {
        self::refuseUnreadable($json);
        $document = json_decode($json, true, 32);
        if (! is_array($document) || (array_is_list($document) && ! $orList)) {
            throw json_last_error() === JSON_ERROR_NONE
                ? Refused::because('file', 'refused.no-json-object')
                : Refused::because('file', 'refused.no-json', why: lcfirst(json_last_error_msg()));
        }

        return $document;
    }

    /**
     * What the core does not mind but the schema forbids: above all names that nothing reads.
     *
     * @param  list<string>|null  $names of the fields that the text has of the whole; null where it is the whole
     */
    private static function check(string $json, string $schema, ?array $names = null): void
    {
        $file = (string) file_get_contents(base_path("schema/{$schema}.json"));
        $rules = json_decode($file, false, 64, JSON_THROW_ON_ERROR);
        if ($names !== null && $rules instanceof stdClass) {
            // Most of the time goes into reading the rules: only those are left that are asked for.
            $rules->required = array_values(array_intersect($rules->required, $names));
            $rules->properties = (object) array_intersect_key((array) $rules->properties, array_flip($names));
        }
        $error = (new Validator)->validate(json_decode($json, false, 32), $rules)->error();
        if ($error === null) {
            return;
        }
        while ($error->subErrors() !== []) {
            $error = $error->subErrors()[0];
        }

        throw Refused::because(
            implode('/', $error->data()->fullPath()) ?: 'file',
            'refused.against-the-schema', error: rtrim(
                lcfirst((new ErrorFormatter)->formatErrorMessage($error)), '.',
            ), schema: $schema,
        );
    }
}

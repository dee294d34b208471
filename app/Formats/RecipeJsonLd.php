<?php

declare(strict_types=1);

namespace App\Formats;

use App\Wording\Wording;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Editions;
use Orbek\Core\Dish\RecipeRead;
use Orbek\Core\Dish\RecipeReader;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/** schema.org Recipe as JSON-LD, out and in. */
final class RecipeJsonLd
{
    private const MOST_LINES = 100;

    private const DEEPEST = 4;

    /** The dish itself goes along, so that what was made here comes back whole. */

    /** @return array<string, mixed> */
    public static function of(Plan $plan, Wording $say): array
    {
        $steps = [];
        foreach ($plan->day->tasks as $id => $work) {
            $told = $say->list([$work->name, ...($work->detail === null ? [] : [$work->detail])]);
            $when = sprintf(
                '. %d min, from %d min before the table.',
                $work->task->minutes,
                -$plan->day->schedule->start($id),
            );
            $steps[] = ['@type' => 'HowToStep', 'name' => $say->text($work->name), 'text' => $told.$when];
        }

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $plan->dish->name,
            'description' => $plan->dish->school->label.': '.$plan->dish->school->gloss.'.',
            'recipeYield' => (string) ($plan->dish->table->eaters + $plan->dish->table->leftovers),
            'totalTime' => sprintf('PT%dM', -$plan->day->schedule->firstStart()),
            'recipeIngredient' => array_map(
                static fn ($ingredient): string => $say->amount($ingredient->amount).' '.$say->text($ingredient->name),
                $plan->ingredients,
            ),
            'recipeInstructions' => $steps,
            'additionalProperty' => [
                '@type' => 'PropertyValue',
                'name' => Dish::FORMAT,
                'value' => (string) json_encode(
                    $plan->dish->toArray(),
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
                ),
            ],
        ];
    }

    /**
     * What a document holds, when it is a recipe: a dish of ours whole, or a recipe read as far as it can be.
     *
     * @param  array<array-key, mixed>  $document decoded JSON
     * @return Dish|RecipeRead|null null where it is no recipe
     *
     * @throws Refused when it is one that cannot be read
     */
    public static function read(array $document, Cup $cup): Dish|RecipeRead|null
    {
        $recipe = self::find($document);
        if ($recipe === null) {
            return null;
        }
        $own = $recipe['additionalProperty'] ?? null;
        if (
            is_array($own) && in_array($own['name'] ?? null, [Dish::FORMAT, ...Editions::OLDER], true)
                && is_string($own['value'] ?? null)
        ) {
            return OpenFile::dish($own['value']);
        }
        $name = is_string($recipe['name'] ?? null) ? trim(strip_tags($recipe['name'])) : '';
        $lines = array_values(
            array_filter(
                is_array($recipe['recipeIngredient'] ?? null) ? $recipe['recipeIngredient'] : [],
                is_string(...),
            ),
        );
        if ($lines === []) {
            throw Refused::because('recipeIngredient', 'refused.empty-recipe');
        }
        if (count($lines) > self::MOST_LINES) {
            throw Refused::because(
                'recipeIngredient', 'refused.too-many-lines', lines: count($lines),
                mostLines: self::MOST_LINES,
            );
        }
        $yield = $recipe['recipeYield'] ?? null;
        $yield = is_array($yield) ? ($yield[0] ?? null) : $yield;
        $eaters = preg_match('/\d+/', is_scalar($yield) ? (string) $yield : '', $found) === 1 ? (int) $found[0] : 4;

        return RecipeReader::ofParts(
            $name === '' ? app(Wording::class)->say('first-names.recipe') : mb_substr($name, 0, 180), max(1, $eaters),
            array_map(self::plain(...), $lines), self::told($recipe['recipeInstructions'] ?? []), $cup,
            app(Craft::class)->foods,
        );
    }

    /**
     * A method as it may stand: one text, a list of them, steps, or sections of steps.
     *
     * @return list<string>
     */
    private static function told(mixed $method, int $deep = 0): array
    {
        if (is_string($method)) {
            return array_values(array_filter(array_map(
                self::plain(...), preg_split('/\R|<br\s*\/?>|<\/(?:p|li)>/iu', $method) ?: [],
            )));
        }
        if (! is_array($method) || $deep > self::DEEPEST) {
            return [];
        }
        $parts = array_is_list($method)
            ? $method : [$method['itemListElement'] ?? $method['text'] ?? $method['name'] ?? ''];

        return array_slice(array_merge(...array_map(
            static fn (mixed $part): array => self::told($part, $deep + 1), $parts,
        )), 0, self::MOST_LINES);
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', strip_tags(html_entity_decode($text))));
    }

    /**
     * The recipe in a document: itself, in a list, or in a graph.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>|null
     */
    private static function find(array $document): ?array
    {
        $type = $document['@type'] ?? null;
        if ($type === 'Recipe' || (is_array($type) && in_array('Recipe', $type, true))) {
            return $document;
        }
        $within = array_is_list($document) ? $document : ($document['@graph'] ?? []);
        foreach (is_array($within) ? $within : [] as $part) {
            $found = is_array($part) ? self::find($part) : null;
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }
}

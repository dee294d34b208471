<?php

declare(strict_types=1);

namespace App\Formats;

use App\Wording\Wording;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Editions;
use Orbek\Core\Dish\RecipeLine;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/** schema.org Recipe as JSON-LD, out and in. */
final class RecipeJsonLd
{
    private const MOST_LINES = 100;

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
     * What a document holds, when it is a recipe.
     *
     * @param  array<array-key, mixed>  $document decoded JSON
     * @return array{
     *     name: string, eaters: int, lines: list<RecipeLine>, dish: Dish|null
     * }|null null where it is no recipe
     *
     * @throws Refused when it is one that cannot be read
     */
    public static function read(array $document, Cup $cup): ?array
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
            return ['name' => '', 'eaters' => 0, 'lines' => [], 'dish' => OpenFile::dish($own['value'])];
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

        return [
            'name' => $name === '' ? 'A recipe from a file' : mb_substr($name, 0, 180),
            'eaters' => max(1, $eaters),
            'lines' => array_map(
                static fn (string $line): RecipeLine => RecipeLine::read(
                    strip_tags(html_entity_decode($line)), $cup, app(Craft::class)->foods,
                ),
                $lines,
            ),
            'dish' => null,
        ];
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

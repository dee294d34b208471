<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * A recipe's lines, once the cook has said what each is, as a dish of a school.
 *
 * @phpstan-type Line array{
 *     of: string, text: string, role: string, grams: float, for: string|null, piece_g: float|null
 * }
 * @phpstan-type Part array{name: string, kind: string, of_rice: float, piece_g?: float}
 * @phpstan-type Beside array{
 *     name: string, kind: string, g_per_kg_rice: float, split: array<string, float>, piece_g?: float
 * }
 * @phpstan-type Method list<array{step: RecipeStep, goes: StepGoes}>
 */
final class FromRecipe
{
    /** Seals that a recipe names, by what it says; the first that is found. */
    private const SEALS = ['foil.*dough|dough.*foil' => 'foil-dough', 'dough|atta' => 'dough', 'foil' => 'foil',
        'cloth|towel|wrap' => 'cloth'];

    private const LONG_SOAK_MIN = 240.0;

    /** What comes by the piece and weighs so much each is put in whole, g. */
    private const WHOLE_FROM_G = 5.0;

    private const WHOLE_TO_G = 2000.0;

    /** How acid a marinade is by what is in it. */
    private const ACIDS = ['vinegar|lemon|lime' => 'strong', 'yogh?urt|curd|dahi|yog\b' => 'mild'];

    /**
     * @param  list<array{
     *     of: string, text?: string, role: string, grams: float, for?: string|null, piece_g?: float|null
     * }>  $lines roles as RecipeLine::roles() names them; `for` the heading that a line stands under
     * @param  Method  $method its sentences, where there are any
     * @return array<string, mixed> a dish document
     *
     * @throws Refused when there is no rice or no filling among the lines
     */
    public static function document(
        School $school, Kitchen $kitchen, Craft $craft, string $name, int $eaters, array $lines, array $method = [],
    ): array {
        $lines = array_map(
            static fn (array $line): array => $line + ['text' => $line['of'], 'for' => null, 'piece_g' => null], $lines,
        );
        $rice = 0.0;
        foreach ($lines as $line) {
            $rice += $line['role'] === RecipeLine::RICE ? $line['grams'] : 0.0;
        }
        if ($rice <= 0) {
            throw Refused::because('lines', 'refused.no-rice-line');
        }
        $parts = self::parts($lines, $rice);
        if ($parts === []) {
            throw Refused::because('lines', 'refused.no-filling-line');
        }
        $document = Starter::document($school, $kitchen, $name);
        Refused::unlessBetween('eaters', $eaters, 1, Table::MOST_EATERS);
        $document['usual'] = ['eaters' => $eaters, 'plates' => self::portion($rice / $eaters)->value]
            + self::each($rice, $eaters);
        $first = is_array($document['fillings'] ?? null) ? $document['fillings'][0] ?? [] : [];
        $filling = self::filling($parts, is_array($first) ? $first : [], $lines, $method, $craft);
        $work = RecipeWork::of($filling, $parts, $lines, $method, $craft, $kitchen->strongestRing()->id);
        $document['extras'] = self::extras(
            $lines, $rice, $work, RecipeWork::namedIn($method, StepGoes::Layers, $lines, $craft),
        );
        $document['fillings'] = [self::fried($work, $document['extras'])];

        return self::told($document, $method);
    }

    /**
     * @param  list<Line>  $lines
     * @return list<Part> none where no line is of a filling
     */
    private static function parts(array $lines, float $rice): array
    {
        $parts = [];
        foreach ($lines as $line) {
            [$what, $kind] = [...explode(':', $line['role'], 2), ''];
            if ($what === 'part') {
                $parts[] = [
                    'name' => mb_substr($line['of'], 0, 80), 'kind' => $kind,
                    'of_rice' => round($line['grams'] / $rice, 4),
                ] + ($line['piece_g'] >= self::WHOLE_FROM_G && $line['piece_g'] <= self::WHOLE_TO_G
                    ? ['piece_g' => $line['piece_g']] : []);
            }
        }

        return $parts;
    }

    /** @return array{each_g?: float} so much rice for one as the recipe gives, where that can be eaten */
    private static function each(float $rice, int $eaters): array
    {
        $document = ['usual' => ['eaters' => $eaters]];
        $each = round($rice / Table::fromFields(Fields::of($document))->shares(), 4);

        return $each >= Table::LEAST_EACH_G && $each <= Table::MOST_EACH_G ? ['each_g' => $each] : [];
    }

    /**
     * The school's first filling with what this one is of; the work of what that was of goes.
     *
     * @param  non-empty-list<Part>  $parts
     * @param  array<array-key, mixed>  $first
     * @param  list<Line>  $lines
     * @param  Method  $method
     * @return array<array-key, mixed>
     */
    private static function filling(
        array $parts, array $first, array $lines, array $method, Craft $craft,
    ): array {
        $steps = is_array($first['steps'] ?? null) ? $first['steps'] : [];
        $isRaw = $steps === [] && is_numeric($first['ready'] ?? null) && $first['ready'] < Filling::RAW;
        $marinade = is_array($first['marinade'] ?? null) ? $first['marinade'] : null;
        foreach ($method as ['step' => $step, 'goes' => $goes]) {
            if ($goes === StepGoes::Marinade && $step->minutes !== null) {
                $marinade = ['minutes' => max(5, min(2880, (int) round(array_sum($step->minutes) / 2)))]
                    + ($marinade ?? []);
            }
        }
        if ($marinade !== null) {
            $has = implode("\n", array_column($lines, 'of'));
            $acids = array_filter(self::ACIDS, static fn (string $acid, string $words): bool => preg_match(
                "/{$words}/iu", $has,
            ) === 1, ARRAY_FILTER_USE_BOTH);
            // What the recipe lists is all that is in it.
            $marinade = ['acid' => array_values($acids)[0] ?? 'none', 'yogurt' => 'none'] + $marinade;
        }

        return ['name' => self::main($parts, $craft), 'parts' => $parts]
            + ($marinade === null ? [] : ['marinade' => $marinade])
            + ($isRaw ? [] : ['ready' => 1.0, 'steps' => []]) + $first;
    }

    /** @param  non-empty-list<Part>  $parts */
    private static function main(array $parts, Craft $craft): string
    {
        // What it is of is what wants cooking most: eggs with onions are eggs.
        $ranks = array_map(static fn (array $part): array => [
            isset($craft->fillings->all[$part['kind']]) && $craft->fillings->all[$part['kind']]->wantsCooking(),
            $part['of_rice'], $part['name'],
        ], $parts);
        rsort($ranks);

        return $ranks[0][2];
    }

    /**
     * What is measured out beside rice and filling: where a heading or a sentence puts it, else spices and fat go into
     * the filling, saffron, nuts, fruit, herbs and fried onion between the layers.
     *
     * @param  list<Line>  $lines
     * @param  array<array-key, mixed>  $filling
     * @param  list<string>  $layered names of what a sentence puts between the layers
     * @return list<Beside>
     */
    private static function extras(array $lines, float $rice, array $filling, array $layered): array
    {
        $steps = is_array($filling['steps'] ?? null) ? $filling['steps'] : [];
        $named = array_merge(...array_map(
            static fn (mixed $step): array => is_array($step) && is_array($step['with'] ?? null) ? $step['with'] : [],
            array_values($steps),
        ));
        $extras = [];
        foreach ($lines as $line) {
            [$what, $kind] = [...explode(':', $line['role'], 2), ''];
            if ($what !== 'extra') {
                continue;
            }
            $isOfFilling = match ($line['for']) {
                'top', 'rice', 'base' => false,
                'filling' => true,
                default => in_array($line['of'], $named, true) || (! in_array($line['of'], $layered, true)
                    && in_array($kind, [ExtraKind::Other->value, ExtraKind::Fat->value], true)),
            };
            $extras[] = [
                'name' => mb_substr($line['of'], 0, 80), 'kind' => $kind,
                'g_per_kg_rice' => max(0.01, min(1000.0, round(1000 * $line['grams'] / $rice, 3))),
                'split' => $isOfFilling ? ['marinade' => 1.0] : ['layers' => 1.0],
            ] + ($line['piece_g'] === null ? [] : ['piece_g' => max(0.005, min(2000.0, $line['piece_g']))]);
        }

        return $extras;
    }

    /**
     * Where the recipe has its own fat for the filling, what its kinds would fry in is not put in besides.
     *
     * @param  array<array-key, mixed>  $filling
     * @param  list<Beside>  $extras
     * @return array<array-key, mixed>
     */
    private static function fried(array $filling, array $extras): array
    {
        $isOwn = array_filter($extras, static fn (array $one): bool => $one['kind'] === ExtraKind::Fat->value
            && ($one['split']['marinade'] ?? 0) > 0) !== [];
        $steps = is_array($filling['steps'] ?? null) ? $filling['steps'] : [];

        return ! $isOwn ? $filling : ['steps' => array_map(static fn (mixed $step): mixed => is_array($step)
            ? array_diff_key($step, ['fat_ml_per_kg' => 0]) : $step, $steps)] + $filling;
    }

    /**
     * Soak, seal and what else the method says of rice and pot.
     *
     * @param  array<string, mixed>  $document
     * @param  Method  $method
     * @return array<string, mixed>
     */
    private static function told(array $document, array $method): array
    {
        foreach ($method as ['step' => $step, 'goes' => $goes]) {
            if ($goes === StepGoes::Soak && $step->minutes !== null && is_array($document['rice'] ?? null)) {
                $soak = is_array($document['rice']['soak'] ?? null) ? $document['rice']['soak'] : [];
                // "Two hours or overnight" are two at a room's warmth.
                $minutes = (int) round($step->minutes[1] > self::LONG_SOAK_MIN
                    ? $step->minutes[0] : array_sum($step->minutes) / 2);
                $document['rice']['soak'] = ['minutes' => $minutes] + $soak;
            }
            foreach (in_array($goes, [StepGoes::Layers, StepGoes::Heat], true) ? self::SEALS : [] as $words => $seal) {
                if (preg_match("/\\b(?:{$words})/iu", $step->words()) === 1 && is_array($document['lid'] ?? null)) {
                    $document['lid']['seal'] = $seal;

                    break;
                }
            }
        }
        $told = Told::document($method);

        return $document + ($told === [] ? [] : ['told' => $told]);
    }

    /** The portion nearest to what the recipe gives each eater. */
    private static function portion(float $grams): Portion
    {
        $portions = Portion::cases();
        usort(
            $portions,
            static fn (Portion $a, Portion $b): int => abs($a->gramsPerAdult() - $grams) <=> abs(
                $b->gramsPerAdult() - $grams,
            ),
        );

        return $portions[0];
    }
}

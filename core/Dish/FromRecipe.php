<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Refused;

/** A recipe's lines, once the cook has said what each is, as a dish of a school. */
final class FromRecipe
{
    /**
     * @param  list<array{of: string, role: string, grams: float}>  $lines roles as RecipeLine::roles() names them
     * @return array<string, mixed> a dish document
     *
     * @throws Refused when there is no rice or no filling among the lines
     */
    public static function document(
        School $school, Kitchen $kitchen, Craft $craft, string $name, int $eaters, array $lines,
    ): array {
        $rice = 0.0;
        foreach ($lines as $line) {
            $rice += $line['role'] === RecipeLine::RICE ? $line['grams'] : 0.0;
        }
        if ($rice <= 0) {
            throw Refused::because('lines', 'refused.no-rice-line');
        }
        $parts = $extras = [];
        foreach ($lines as $line) {
            [$what, $kind] = [...explode(':', $line['role'], 2), ''];
            if ($what === 'part') {
                $parts[] = [
                    'name' => mb_substr($line['of'], 0, 80),
                    'kind' => $kind,
                    'of_rice' => round($line['grams'] / $rice, 4),
                ];
            } elseif ($what === 'extra') {
                $extras[] = [
                    'name' => mb_substr($line['of'], 0, 80),
                    'kind' => $kind,
                    'g_per_kg_rice' => round(1000 * $line['grams'] / $rice, 3),
                ];
            }
        }
        if ($parts === []) {
            throw Refused::because('lines', 'refused.no-filling-line');
        }

        $document = Starter::document($school, $kitchen, $name === '' ? 'A recipe from a file' : $name);
        $document['usual'] = [
            'eaters' => Refused::unlessBetween('eaters', $eaters, 1, Table::MOST_EATERS),
            'plates' => self::portion($rice / $eaters)->value,
        ];
        $first = is_array($document['fillings'] ?? null) ? $document['fillings'][0] ?? [] : [];
        $filling = ['name' => $parts[0]['name'], 'parts' => $parts] + (is_array($first) ? $first : []);
        $steps = is_array($filling['steps'] ?? null) ? $filling['steps'] : [];
        $isRaw = $steps === [] && is_numeric($filling['ready'] ?? null) && $filling['ready'] < Filling::RAW;
        // The school's first filling is of something else: what this one is of brings its own work.
        $document['fillings'] = [
            (new FillingWork($craft, $kitchen->strongestRing()->id))->afresh(
                ($isRaw ? [] : ['ready' => 1.0, 'steps' => []]) + $filling,
            ),
        ];
        $document['extras'] = $extras;

        return $document;
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

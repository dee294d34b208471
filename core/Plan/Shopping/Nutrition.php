<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Shopping;

use Orbek\Core\Dish\Staple;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Plan;

/**
 * What a serving feeds, from what is measured out and what is known of each food by its name (schema/craft/foods.json);
 * what is not known is named, not guessed.
 */
final readonly class Nutrition
{
    /** What stays of the fat that a pot's base and a pan take. */
    private const FAT_EATEN = 0.8;

    private const PER_G = 0.01;

    /** @param  list<Note>  $unknown what is not counted */
    private function __construct(
        public Figure $kcal, public Figure $protein, public Figure $fat, public Figure $carbohydrate,
        public array $unknown,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $sums = ['kcal' => 0.0, 'protein' => 0.0, 'fat' => 0.0, 'carbohydrate' => 0.0];
        $unknown = $counted = [];
        $foods = $plan->dish->craft->foods;
        foreach ($plan->ingredients as $one) {
            $grams = self::grams($one);
            if (
                $grams === null || $one->isOf(Staple::Salt, Staple::Foil, Staple::Flour) || $one->aisle === Aisle::House
            ) {
                continue;
            }
            $food = $one->aisle === Aisle::Rice && $one->shop === null
                ? $foods->named('rice') : $foods->named(str_replace('-', ' ',
                    (string) $one->shop)) ?? $foods->named($one->toldName());
            if ($food === null) {
                $unknown[] = $one->name;

                continue;
            }
            $eaten = $one->aisle === Aisle::Fats ? self::FAT_EATEN : 1.0;
            $sums['kcal'] += self::PER_G * $grams * $eaten * $food->kcal;
            $sums['protein'] += self::PER_G * $grams * $eaten * $food->proteinG;
            $sums['fat'] += self::PER_G * $grams * $eaten * $food->fatG;
            $sums['carbohydrate'] += self::PER_G * $grams * $eaten * $food->carbohydrateG;
            $counted[$food->names[0]] = ($counted[$food->names[0]] ?? 0.0)
                + self::PER_G * $grams * $eaten * $food->kcal;
        }
        $servings = $plan->dish->table->eaters + $plan->dish->table->leftovers;
        arsort($counted);
        $why = [
            Note::of('nutrition.what-is-counted', servings: $servings),
            ...array_map(
                static fn (string $name, float $kcal): Note => Note::of(
                    'nutrition.part', food: $name, kcal: (int) round($kcal / $servings),
                ),
                array_keys(array_slice($counted, 0, 4)), array_slice($counted, 0, 4),
            ),
            Note::of('nutrition.source'),
        ];
        $figure =
            static fn (string $what, string $unit): Figure => Figure::of($sums[$what] / $servings, $unit, 0, ...$why);

        return new self(
            $figure('kcal', 'kcal'), $figure('protein', 'g'), $figure('fat', 'g'), $figure('carbohydrate', 'g'),
            $unknown,
        );
    }

    /** Of an ingredient, g; null where it is counted in drops or squares. */
    private static function grams(Ingredient $one): ?float
    {
        return match ($one->amount->unit) {
            'g' => $one->amount->amount,
            'ml' => $one->amount->amount * ($one->amount->kgPerLitre ?? 1.0),
            default => null,
        };
    }
}

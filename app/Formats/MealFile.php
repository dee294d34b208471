<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Kitchen;
use App\Models\Meal;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Meal\Share;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A meal as a file, with its dishes inside. */
final readonly class MealFile
{
    /** @param  array<string, Dish>  $dishes by the names that the meal has for them */
    private function __construct(public CoreMeal $meal, public array $dishes)
    {
    }

    public static function write(Meal $meal): string
    {
        $document = $meal->core()->toArray();
        foreach ($meal->dishes(Kitchen::core()) as $id => $dish) {
            $document['documents'][$id] = $dish->toArray();
        }

        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION
            | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @throws Refused naming what is wrong, or the dish that is not inside */
    public static function read(string $json): self
    {
        $meal = OpenFile::meal($json);
        $inside = Fields::of($meal->toArray());
        $dishes = [];
        foreach ($meal->shares as $index => $share) {
            $documents = $inside->has('documents') ? $inside->object('documents') : Fields::of([]);
            if (! $documents->has($share->dish)) {
                throw Refused::because("dishes/{$index}/dish", 'refused.the-dish-is-not-inside', dish: $share->dish);
            }
            $dishes[$share->dish] = OpenFile::dish((string) json_encode(
                $meal->toArray()['documents'][$share->dish] ?? [], JSON_PRESERVE_ZERO_FRACTION,
            ));
        }

        return new self($meal->with(['documents' => null]), $dishes);
    }

    /**
     * The meal with other names for its dishes: the ids under which they were kept.
     *
     * @param  array<string, string>  $ids
     */
    public function named(array $ids): CoreMeal
    {
        return $this->meal->with(['dishes' => array_map(
            static fn (Share $share): array => ['dish' => $ids[$share->dish]]
                + ($share->eaters === null ? [] : ['eaters' => $share->eaters]), $this->meal->shares,
        )]);
    }

    /** @throws Refused where the schema forbids what the core does not mind */
    public static function check(CoreMeal $meal): void
    {
        OpenFile::meal((string) json_encode($meal->toArray(), JSON_PRESERVE_ZERO_FRACTION));
    }
}

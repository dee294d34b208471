<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Kitchen;
use App\Models\Meal;
use Orbek\Core\Meal\Meal as CoreMeal;
use Orbek\Core\Measure\Refused;

/** A meal as a file, with its dishes inside. */
final class MealFile
{
    public static function write(Meal $meal): string
    {
        $document = $meal->core()->toArray();
        foreach ($meal->dishes(Kitchen::core()) as $id => $dish) {
            $document['documents'][$id] = $dish->toArray();
        }

        return json_encode(
            $document,
            JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /** @throws Refused where the schema forbids what the core does not mind */
    public static function check(CoreMeal $meal): void
    {
        OpenFile::meal((string) json_encode($meal->toArray(), JSON_PRESERVE_ZERO_FRACTION));
    }
}

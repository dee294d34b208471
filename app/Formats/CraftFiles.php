<?php

declare(strict_types=1);

namespace App\Formats;

use JsonException;
use Orbek\Core\Dish\Craft;

/** The craft's own data, as it stands beside the schemas. */
final class CraftFiles
{
    /** @throws JsonException */
    public static function read(string $folder): Craft
    {
        return Craft::of(
            array_map(self::json(...), glob("{$folder}/schools/*.json") ?: []),
            self::json("{$folder}/fillings.json"),
            self::json("{$folder}/bases.json"),
            is_file("{$folder}/boiled.json") ? self::json("{$folder}/boiled.json") : [],
            is_file("{$folder}/foods.json") ? self::json("{$folder}/foods.json") : [],
            is_file("{$folder}/preparations.json") ? self::json("{$folder}/preparations.json") : [],
        );
    }

    private static function json(string $file): mixed
    {
        return json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use Illuminate\Contracts\Cache\Repository;
use JsonException;
use Orbek\Core\Dish\Craft;

/** The craft's own data, as it stands beside the schemas. */
final class CraftFiles
{
    private const KEPT_S = 30 * 86400;

    /** As it was read before, as long as no file of it changed: to read it anew takes five times as long. */
    public static function remembered(string $folder, Repository $cache): Craft
    {
        $files = array_map(
            static fn (string $file): string => $file.filemtime($file).filesize($file),
            [...glob("{$folder}/*.json") ?: [], ...glob("{$folder}/schools/*.json") ?: []],
        );

        return $cache->remember(
            'craft-'.hash('xxh128', implode(' ', $files)), self::KEPT_S, static fn (): Craft => self::read($folder),
        );
    }

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
            self::json("{$folder}/work.json"),
        );
    }

    private static function json(string $file): mixed
    {
        return json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use Illuminate\Contracts\Cache\Repository;
use JsonException;
use Orbek\Core\Dish\Craft;

/**
 * The craft's own data, as it stands beside the schemas.
 *
 * @phpstan-import-type Files from Craft
 */
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
        return Craft::of(self::files($folder));
    }

    /**
     * Each file by its name, the folder of schools as a list.
     *
     * @return Files
     *
     * @throws JsonException
     */
    public static function files(string $folder): array
    {
        $files = ['schools' => array_map(self::json(...), glob("{$folder}/schools/*.json") ?: [])];
        foreach (glob("{$folder}/*.json") ?: [] as $file) {
            $files[basename($file, '.json')] = self::json($file);
        }

        /** @phpstan-ignore return.type (core reads each with names and refusals) */
        return $files;
    }

    private static function json(string $file): mixed
    {
        return json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use App\Wording\Wording;
use Illuminate\Contracts\Cache\Repository;
use JsonException;
use Orbek\Core\Dish\Craft;

/**
 * The craft's own data, as it stands beside the schemas, with its names in the language of whoever reads.
 *
 * @phpstan-import-type Files from Craft
 */
final class CraftFiles
{
    private const KEPT_S = 30 * 86400;

    /** As it was read before, as long as no file of it changed: to read it anew takes five times as long. */
    public static function remembered(string $folder, Wording $say, Repository $cache): Craft
    {
        $files = array_map(
            static fn (string $file): string => $file.filemtime($file).filesize($file),
            [...glob("{$folder}/*.json") ?: [], ...glob("{$folder}/schools/*.json") ?: [], ...$say->files('craft',
                'foods')],
        );

        return $cache->remember(
            'craft-'.$say->locale.hash('xxh128', implode(' ', $files)), self::KEPT_S,
            static fn (): Craft => self::read($folder, $say),
        );
    }

    /** @throws JsonException */
    public static function read(string $folder, Wording $say): Craft
    {
        return Craft::of(self::files($folder, $say));
    }

    /**
     * Each file by its name, the folder of schools as a list.
     *
     * @return Files
     *
     * @throws JsonException
     */
    public static function files(string $folder, Wording $say): array
    {
        $files = ['schools' => array_map(self::json(...), glob("{$folder}/schools/*.json") ?: [])];
        foreach (glob("{$folder}/*.json") ?: [] as $file) {
            $files[basename($file, '.json')] = self::json($file);
        }
        $words = $say->craft();
        foreach ($files as $name => $rows) {
            if (isset($words[$name])) {
                $files[$name] = self::worded($rows, $words[$name]);
            }
        }
        $names = $say->foods();
        foreach ($files['foods']['foods'] as &$food) {
            $food['names'] ??= $names[$food['id']] ?? [];
        }

        /** @phpstan-ignore return.type (core reads each with names and refusals) */
        return $files;
    }

    /** Rows with what they are called put where it belongs in them; what has a name of its own keeps it. */
    private static function worded(mixed $rows, mixed $words): mixed
    {
        return array_map(
            static fn (array $row): array => array_replace_recursive($row, $words[$row['id'] ?? ''] ?? []), $rows,
        );
    }

    private static function json(string $file): mixed
    {
        return json_decode((string) file_get_contents($file), true, 32, JSON_THROW_ON_ERROR);
    }
}

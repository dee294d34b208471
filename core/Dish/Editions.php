<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Refused;

/** Older editions of the dish document, brought up to date as they are read. */
final class Editions
{
    public const OLDER = ['orbek-dish/1'];

    /** What edition 1 kept of a table that a dish by itself has no more: it is the meal's. */
    private const OF_THE_MEAL = ['serve_at' => 0, 'guests' => 0];

    /**
     * @param  array<array-key, mixed>  $document of any edition; what is none is left as it is
     * @return array<array-key, mixed> of the latest
     *
     * @throws Refused where an older one has no table
     */
    public static function latest(array $document): array
    {
        if (($document['format'] ?? null) !== 'orbek-dish/1') {
            return $document;
        }
        $table = self::table($document) ?? throw Refused::because('table', 'refused.missing', wanted: 'eaters');
        $usual = array_diff_key($table, self::OF_THE_MEAL);
        $latest = [];
        // At its place, so that documents read alike.
        foreach ($document as $name => $value) {
            $latest[$name === 'table' ? 'usual' : $name] = $name === 'table' ? $usual : $value;
        }

        if (isset($latest['filling'])) {
            $latest['fillings'] = [$latest['filling']];
            unset($latest['filling']);
        }

        return ['format' => Dish::FORMAT] + $latest;
    }

    /**
     * The day and time at which a dish of edition 1 was to be on the table, local to the kitchen.
     *
     * @param  array<array-key, mixed>  $document
     */
    public static function servedAt(array $document): ?string
    {
        $at = self::table($document)['serve_at'] ?? null;

        return is_string($at) ? $at : null;
    }

    /**
     * Those that a dish of edition 1 was for and who do not eat everything.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>
     */
    public static function guests(array $document): array
    {
        $guests = self::table($document)['guests'] ?? null;

        return is_array($guests) ? $guests : [];
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<array-key, mixed>|null
     */
    private static function table(array $document): ?array
    {
        return is_array($document['table'] ?? null) ? $document['table'] : null;
    }
}

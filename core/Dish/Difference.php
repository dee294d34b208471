<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** What is different between two versions of a dish, in words. */
final class Difference
{
    private const MOST = 40;

    private const NAMES = [
        'table/eaters' => 'people', 'table/children' => 'children', 'table/plates' => 'plates', 'table/leftovers' => 'portions for later', 'table/serve_at' => 'on the table',
        'rice/lot' => 'rice', 'rice/rinses' => 'rinses', 'rice/soak/minutes' => 'soak, min', 'rice/soak/celsius' => 'soak, °C', 'rice/soak/salt_g_per_l' => 'soak salt, g/L',
        'water/pot' => 'pot to boil in', 'water/burner' => 'ring to boil on', 'water/per_rice' => 'water over rice', 'water/salt_g_per_l' => 'water salt, g/L', 'water/stage' => 'target', 'water/drain' => 'after draining',
        'filling/ready' => 'filling cooked to', 'filling/wetness' => 'filling', 'base/kind' => 'base', 'mound' => 'mound', 'steam_holes' => 'steam holes',
        'lid/pot' => 'pot to steam in', 'lid/burner' => 'ring to steam on', 'lid/seal' => 'seal', 'serve' => 'serving',
    ];

    /**
     * @return list<string> "people: 9, was 5" and its like; none where nothing differs
     */
    public static function between(Dish $before, Dish $after): array
    {
        $old = self::flat($before->toArray());
        $new = self::flat($after->toArray());
        $says = [];
        foreach (array_unique([...array_keys($new), ...array_keys($old)]) as $path) {
            $was = $old[$path] ?? null;
            $is = $new[$path] ?? null;
            if ($was !== $is && ! (is_numeric($was) && is_numeric($is) && abs((float) $was - (float) $is) < 1e-6)) {
                $says[] = sprintf('%s: %s, was %s', self::NAMES[$path] ?? str_replace(['/', '_'], [' ', ' '], (string) $path), self::said($is), self::said($was));
            }
        }

        return array_slice($says, 0, self::MOST);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @return array<string, mixed> scalars by path
     */
    private static function flat(array $document, string $path = ''): array
    {
        $flat = [];
        foreach ($document as $name => $value) {
            $at = $path === '' ? (string) $name : "{$path}/{$name}";
            $flat += is_array($value) ? self::flat($value, $at) : [$at => $value];
        }

        return $flat;
    }

    private static function said(mixed $value): string
    {
        return match (true) {
            $value === null => 'not told',
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => (string) round($value, 3),
            is_scalar($value) => mb_strimwidth(str_replace('T', ' ', (string) $value), 0, 40, '…'),
            default => '…',
        };
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Meal\Meal;

/** One field in which two versions of a dish, a meal or a kitchen differ. */
final readonly class Difference
{
    private const MOST = 40;

    private function __construct(public string $path, public mixed $is, public mixed $was)
    {
    }

    /** @return list<self> none where nothing differs */
    public static function between(Dish|Meal|Kitchen $before, Dish|Meal|Kitchen $after): array
    {
        $old = self::flat($before->toArray());
        $new = self::flat($after->toArray());
        $found = [];
        foreach (array_unique([...array_keys($new), ...array_keys($old)]) as $path) {
            $was = $old[$path] ?? null;
            $is = $new[$path] ?? null;
            if ($was !== $is && ! (is_numeric($was) && is_numeric($is) && abs((float) $was - (float) $is) < 1e-6)) {
                $found[] = new self((string) $path, $is, $was);
            }
        }

        return array_slice($found, 0, self::MOST);
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
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Refused;

/** A meal changed by one word, as a page sends it. */
final class MealEdit
{
    private const WORDS = ['name', 'serve_at', 'eaters', 'children', 'plates', 'leftovers', 'hands', 'pins', 'ahead'];

    private const LISTS = ['sides', 'guests'];

    /**
     * @param  string  $path a word ("eaters", "serve_at"), "dishes:add", "dishes:remove:0", "dishes:eaters:0",
     *     "sides:add",
     *     "sides:remove:0", "guests:add", "guests:remove:0", "pin:" or "ahead:" and a task,
     *     "plain:" and the name of something on the table
     * @param  mixed  $value what it becomes; null lets go of a pin, or makes a dish for all
     *
     * @throws Refused when it cannot be so
     */
    public static function on(Meal $meal, string $path, mixed $value): Meal
    {
        [$what, $of] = [...explode(':', $path, 2), ''];
        [$how, $index] = [...explode(':', $of, 2), ''];
        $document = $meal->toArray();
        if ($what === 'pin') {
            return $meal->with(['pins' => self::pins($document['pins'] ?? [], $of, $value)]);
        }
        if ($what === 'warm') {
            $warm = array_values(array_diff($meal->keptWarm, [(int) $how]));

            return $meal->with(['kept_warm' => $value === true ? [...$warm, (int) $how] : $warm]);
        }
        if ($what === 'ahead' && $of !== '') {
            $ahead = array_values(array_diff($meal->ahead, [$of]));

            return $meal->with(['ahead' => $value === true ? [...$ahead, $of] : $ahead]);
        }
        if ($what === 'plain' && $of !== '') {
            $plain = array_values(array_diff($meal->plain, [$of]));

            return $meal->with(['plain' => $value === true ? [...$plain, $of] : $plain]);
        }
        if (in_array($path, self::WORDS, true)) {
            return $meal->with([
                $path => $path === 'serve_at' && is_string($value) ? Instant::onTwentyFour($value) : $value,
            ]);
        }
        $list = is_array($document[$what] ?? null) ? array_values($document[$what]) : [];
        if ($what === 'dishes') {
            return $meal->with(['dishes' => self::dishes($list, $how, $index, $value)]);
        }
        if (! in_array($what, self::LISTS, true)) {
            throw Refused::unknown(
                'path', $path, [...self::WORDS, 'dishes:add', 'sides:add', 'guests:add', 'pin:task'],
            );
        }

        return $meal->with([$what => match ($how) {
            'add' => [...$list, is_array($value) ? $value : throw Refused::because($path, 'refused.object-wanted')],
            'remove' => self::without($list, $index, $path),
            default => throw Refused::unknown('path', $path, ["{$what}:add", "{$what}:remove:0"]),
        }]);
    }

    /**
     * @param  list<mixed>  $list
     * @return list<mixed>
     */
    private static function dishes(array $list, string $how, string $index, mixed $value): array
    {
        if ($how === 'add') {
            return [...$list, ['dish' => is_string($value) ? $value : Fields::of(['dish' => $value])->text('dish')]];
        }
        if ($how === 'remove') {
            return self::without($list, $index, 'dishes:remove');
        }
        $dish = $list[(int) $index] ?? null;
        if ($how !== 'eaters' || ! is_array($dish)) {
            throw Refused::because('path', 'refused.no-such-place', place: "dishes:{$how}:{$index}");
        }
        unset($dish['eaters']);
        $list[(int) $index] = $value === null ? $dish : $dish + ['eaters' => $value];

        return $list;
    }

    /**
     * @param  list<mixed>  $list
     * @return list<mixed>
     */
    private static function without(array $list, string $index, string $path): array
    {
        if (! ctype_digit($index) || ! array_key_exists((int) $index, $list)) {
            throw Refused::because($path, 'refused.no-such-place', place: $index);
        }
        unset($list[(int) $index]);

        return array_values($list);
    }

    /** @return array<array-key, mixed>|null */
    private static function pins(mixed $pins, string $task, mixed $value): ?array
    {
        $pins = is_array($pins) ? $pins : [];
        unset($pins[$task]);
        if ($value !== null) {
            $pins[$task] = $value;
        }

        return $pins === [] ? null : $pins;
    }
}

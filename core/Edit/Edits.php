<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Measure\Refused;

/** The door for changes: what a page sends is read here, once, into an edit. */
final class Edits
{
    /**
     * @param  string  $path a field of the dish ("usual/eaters"), or a change of several: "layers:up:1", "base:kind",
     *     "heat:setting:0", "heat:stock", "extras:0:top", "fillings:add", "fillings:beside:1", "parts:remove:0",
     *     "water/salt_teaspoons"
     * @param  mixed  $value what it becomes
     *
     * @throws Refused when the value will not do
     */
    public static function read(string $path, mixed $value): Edit
    {
        $words = explode(':', $path);

        return match (true) {
            $words[0] === 'layers'
                && count($words) > 1 => LayersEdit::read(
                    $words[1], self::index($words[2] ?? '0', $path), $path, $value,
                ),
            $words[0] === 'fillings' && count($words) > 1 => FillingsEdit::read(
                $words[1], self::index($words[2] ?? '0', $path), $path, $value,
            ),
            $path === 'base:kind', $path === 'base:rice_share' => BaseEdit::read($path, $value),
            $words[0] === 'heat'
                && count($words) > 1 => HeatEdit::read($words[1], self::index($words[2] ?? '0', $path), $path, $value),
            $words[0] === 'extras'
                && ctype_digit($words[1] ?? '') => SplitEdit::read(
                    self::index($words[1], $path), $words[2] ?? '', $path, $value,
                ),
            isset(ListEdit::LISTS[$words[0]], $words[1]) => ListEdit::read(
                $words[0], $words[1], self::index($words[2] ?? '0', $path), $path, $value,
            ),
            preg_match(PartEdit::PATH, $path) === 1 => new PartEdit($path, $value),
            preg_match(StepEdit::PATH, $path) === 1 => new StepEdit($path, $value),
            in_array($path, ['usual/raw_g', RawEdit::CUPS], true) => RawEdit::read($path, $value),
            preg_match(SpoonsEdit::PATH, $path) === 1 => SpoonsEdit::read($path, $value),
            $path === BoilMinutesEdit::PATH => BoilMinutesEdit::read($value),
            $path === 'water/salt_teaspoons' => SaltEdit::read($path, $value),
            default => new FieldEdit($path, $value),
        };
    }

    private static function index(string $word, string $path): int
    {
        return preg_match('/^\d{1,2}$/', $word) === 1
            ? (int) $word
            : throw Refused::because($path, 'refused.no-such-place', place: $word);
    }
}

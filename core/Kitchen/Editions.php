<?php

declare(strict_types=1);

namespace Orbek\Core\Kitchen;

/** Older editions of the kitchen document, brought up to date as they are read. */
final class Editions
{
    public const OLDER = ['orbek-kitchen/1'];

    /**
     * @param  array<string, mixed>  $document of any edition; what is none is left as it is
     * @return array<string, mixed> of the latest
     */
    public static function latest(array $document): array
    {
        return ($document['format'] ?? null) !== 'orbek-kitchen/1' ? $document : ['format' => Kitchen::FORMAT]
            + self::each($document, 'pots', self::pot(...)) + self::each($document, 'burners', self::ring(...))
            + $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  callable(array<array-key, mixed>): array<array-key, mixed>  $change
     * @return array<string, mixed> the list by its name; nothing where there is none
     */
    private static function each(array $document, string $name, callable $change): array
    {
        $list = $document[$name] ?? null;

        return ! is_array($list) ? [] : [$name => array_map(
            static fn (mixed $one): mixed => is_array($one) ? $change($one) : $one, $list,
        )];
    }

    /**
     * @param  array<array-key, mixed>  $pot
     * @return array<array-key, mixed>
     */
    private static function pot(array $pot): array
    {
        if (! array_key_exists('cooker_watts', $pot)) {
            return $pot;
        }
        $pot['cooker'] = ['watts' => $pot['cooker_watts']];
        unset($pot['cooker_watts']);

        return $pot;
    }

    /**
     * Edition 1 took marks in any order, and one alone.
     *
     * @param  array<array-key, mixed>  $ring
     * @return array<array-key, mixed>
     */
    private static function ring(array $ring): array
    {
        if (! is_array($ring['knob'] ?? null) || ! is_array($ring['knob']['marks'] ?? null)) {
            return $ring;
        }
        $marks = $ring['knob']['marks'];
        $share = static fn (mixed $mark): float => is_array($mark) && is_numeric($mark['share'] ?? null)
            ? (float) $mark['share'] : 0.0;
        usort($marks, static fn (mixed $a, mixed $b): int => $share($a) <=> $share($b));
        $ring['knob']['marks'] = count($marks) === 1 ? [] : $marks;

        return $ring;
    }
}

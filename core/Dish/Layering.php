<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;

/**
 * Layers moved, parted, added, removed and weighed anew, so that the shares of rice and of filling
 * always add up.
 */
final class Layering
{
    private const LEAST = 0.05;

    private const MOST_LAYERS = 12;

    /** The words that changed() understands, as "layers:WORD:INDEX". */
    private const WORD = '/^layers:(up|down|to|halve|third|remove|share|add-rice|add-filling)(?::(\d{1,2}))?$/';

    private const BASE = ['base:kind', 'base:rice_share'];

    private const USUAL_BASE = 0.15;

    public static function understands(string $path): bool
    {
        return in_array($path, self::BASE, true) || preg_match(self::WORD, $path) === 1;
    }

    /**
     * @param  string  $path "layers:up:1" and its like; layers count from the base up, from 0
     * @param  mixed  $value the wanted share in per cent of all its rice or filling, for "share"
     *
     * @throws OutOfRange when there is no such layer, or the dish would lose its last one
     */
    public static function changed(Dish $dish, string $path, mixed $value): Dish
    {
        if (in_array($path, self::BASE, true)) {
            return self::onBase($dish, $path, $value);
        }
        preg_match(self::WORD, $path, $read);
        $layers = self::documents($dish);
        $word = $read[1] ?? '';
        $at = (int) ($read[2] ?? 0);
        if (! isset($layers[$at])) {
            throw OutOfRange::because($path, "there is no layer {$at};", 'give 0 to '.(count($layers) - 1));
        }

        return $dish->changed('layers', match ($word) {
            'up' => self::swapped($layers, $at, $at + 1),
            'down' => self::swapped($layers, $at, $at - 1),
            'to' => self::swapped($layers, $at, is_int($value) ? OutOfRange::unlessBetween($path, $value, 0, count($layers) - 1) : throw OutOfRange::because($path, 'is no place;', 'give 0 to '.(count($layers) - 1))),
            'halve' => self::parted($layers, $at, 2),
            'third' => self::parted($layers, $at, 3),
            'remove' => self::without($dish, $layers, $at),
            'share' => self::weighed($dish, $layers, $at, $value),
            default => self::with($dish, $layers, $word === 'add-rice' ? Matter::Rice : Matter::Filling),
        });
    }

    /**
     * Another base, or more or less rice in it: the layers' rice makes room.
     *
     * @throws OutOfRange
     */
    private static function onBase(Dish $dish, string $path, mixed $value): Dish
    {
        $document = $dish->toArray();
        $base = is_array($document['base']) ? $document['base'] : [];
        if ($path === 'base:kind') {
            $kind = is_string($value) ? BaseKind::tryFrom($value) : null;
            $kind ??= throw OutOfRange::unknown('base/kind', is_scalar($value) ? (string) $value : get_debug_type($value), array_column(BaseKind::cases(), 'value'));
            $base['kind'] = $kind->value;
            $share = $kind->takesRice() ? ($dish->base->riceShare > 0 ? $dish->base->riceShare : self::USUAL_BASE) : 0.0;
        } else {
            $share = is_int($value) || is_float($value) ? OutOfRange::unlessBetween('base/rice_share', $value, 5, 60, '%') / 100 : throw OutOfRange::because('base/rice_share', 'is no number;', 'give 5 to 60 %');
        }
        unset($base['rice_share']);
        $document['base'] = $base + ($share > 0 ? ['rice_share' => $share] : []);
        $whole = 1 - $dish->base->riceShare;
        $document['layers'] = array_map(static fn (array $layer): array => $layer['matter'] === Matter::Rice->value
            ? ['share' => self::share($layer) * (1 - $share) / $whole] + $layer
            : $layer, self::documents($dish));

        return Dish::fromArray($document);
    }

    /** The share of all rice or filling that lies in the layers: the crust may hold some of the rice. */
    private static function whole(Dish $dish, Matter $matter): float
    {
        return $matter === Matter::Rice ? 1 - $dish->base->riceShare : 1.0;
    }

    /** @return non-empty-list<array<string, mixed>> */
    private static function documents(Dish $dish): array
    {
        return array_map(static fn (LayerChoice $layer): array => ['matter' => $layer->matter->value, 'share' => $layer->share]
            + ($layer->saffron ? ['saffron' => true] : [])
            + ($layer->stage === null ? [] : ['stage' => $layer->stage->value]), $dish->layers);
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private static function swapped(array $layers, int $at, int $with): array
    {
        if (isset($layers[$with])) {
            $moved = $layers[$at];
            array_splice($layers, $at, 1);
            array_splice($layers, $with, 0, [$moved]);
        }

        return $layers;
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private static function parted(array $layers, int $at, int $parts): array
    {
        self::room($layers, $parts - 1);
        $part = ['share' => self::share($layers[$at]) / $parts] + $layers[$at];
        array_splice($layers, $at, 1, array_fill(0, $parts, $part));

        return $layers;
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private static function without(Dish $dish, array $layers, int $at): array
    {
        $matter = $dish->layers[$at]->matter;
        array_splice($layers, $at, 1);

        return self::closed($dish, $layers, $matter);
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private static function with(Dish $dish, array $layers, Matter $matter): array
    {
        self::room($layers);
        $same = count(array_filter($layers, static fn (array $layer): bool => $layer['matter'] === $matter->value));
        $layers[] = ['matter' => $matter->value, 'share' => self::whole($dish, $matter) / max(1, $same)];

        return self::closed($dish, $layers, $matter);
    }

    /**
     * @param  non-empty-list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private static function weighed(Dish $dish, array $layers, int $at, mixed $value): array
    {
        $matter = $dish->layers[$at]->matter;
        $whole = self::whole($dish, $matter);
        $others = array_filter($layers, static fn (array $layer, int $index): bool => $index !== $at && $layer['matter'] === $matter->value, ARRAY_FILTER_USE_BOTH);
        if ($others === []) {
            throw OutOfRange::because("layers/{$at}/share", "it is the only layer of {$matter->value};", 'halve it or add another first');
        }
        $most = 100 * ($whole - self::LEAST * count($others));
        $percent = is_int($value) || is_float($value) ? OutOfRange::unlessBetween("layers/{$at}/share", $value, 100 * self::LEAST, round($most, 1), '%') : throw OutOfRange::because("layers/{$at}/share", 'is no number;', 'give a percentage');
        $left = $whole - $percent / 100;
        $sum = array_sum(array_map(self::share(...), $others));
        foreach ($others as $index => $layer) {
            $layers[$index]['share'] = $left * self::share($layer) / $sum;
        }
        $layers[$at]['share'] = $percent / 100;

        return $layers;
    }

    /**
     * The shares of one matter scaled so that they add up again.
     *
     * @param  list<array<string, mixed>>  $layers
     * @return list<array<string, mixed>>
     */
    private static function closed(Dish $dish, array $layers, Matter $matter): array
    {
        $sum = 0.0;
        foreach ($layers as $layer) {
            $sum += $layer['matter'] === $matter->value ? self::share($layer) : 0.0;
        }
        if ($sum <= 0) {
            throw OutOfRange::because('layers', "it is the last layer of {$matter->value};", 'add another first');
        }

        return array_map(static fn (array $layer): array => $layer['matter'] === $matter->value
            ? ['share' => self::share($layer) * self::whole($dish, $matter) / $sum] + $layer
            : $layer, $layers);
    }

    /** @param  non-empty-list<array<string, mixed>>  $layers */
    private static function room(array $layers, int $more = 1): void
    {
        if (count($layers) + $more > self::MOST_LAYERS) {
            throw OutOfRange::because('layers', count($layers).' are as many as a pot takes;', 'remove one first');
        }
    }

    /** @param  array<string, mixed>  $layer */
    private static function share(array $layer): float
    {
        return is_float($layer['share']) || is_int($layer['share']) ? (float) $layer['share'] : 0.0;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Pot\Pot;

/** A first dish of a school, in the pots and on the rings of a kitchen, to be changed from there. */
final class Starter
{
    /**
     * @param  string  $serveAt day and time, as 2026-11-28T19:30
     * @return array<string, mixed> a dish document
     */
    public static function document(School $school, Kitchen $kitchen, string $name, string $serveAt): array
    {
        $pots = array_values($kitchen->stovePots());
        usort($pots, static fn (Pot $a, Pot $b): int => $b->litres <=> $a->litres);
        // For four, the middle pot of the kitchen is large enough.
        $pot = $pots[intdiv(count($pots), 2)]->id;
        $ring = $kitchen->strongestBurner()->id;
        $cooker = array_key_first($kitchen->cookers());

        return [
            'format' => Dish::FORMAT,
            'name' => $name,
            'school' => $school->value,
            'table' => ['eaters' => 4, 'plates' => 'usual', 'serve_at' => $serveAt],
            'rice' => ['lot' => array_key_first($kitchen->lots), 'rinses' => 4, 'soak' => ['minutes' => $school === School::DrainedAndSteamed ? 120 : 30, 'celsius' => 20, 'salt_g_per_l' => $school === School::DrainedAndSteamed ? 15 : 0]],
            'water' => match ($school) {
                School::Cooker => ['pot' => $cooker ?? $pot, 'salt_g_per_l' => 8],
                School::OnePot => ['pot' => $pot, 'burner' => $ring, 'salt_g_per_l' => 8, 'open_min' => 8],
                School::Yesterday => ['pot' => $pots[count($pots) - 1]->id, 'burner' => array_key_last($kitchen->burners), 'salt_g_per_l' => 6],
                default => ['pot' => $pot, 'burner' => $ring, 'per_rice' => 6, 'salt_g_per_l' => 17, 'stage' => self::stage($school), 'drain' => 'tray'],
            },
            'filling' => self::filling($school, $ring),
            'base' => match ($school) {
                School::DrainedAndSteamed => ['kind' => 'rice', 'rice_share' => 0.15, 'fat_ml_per_cm2' => 0.08],
                School::RawFilling => ['kind' => 'filling', 'fat_ml_per_cm2' => 0.06],
                default => ['kind' => 'none', 'fat_ml_per_cm2' => 0.05],
            },
            'layers' => match ($school) {
                School::RawFilling => [['matter' => 'filling', 'share' => 1], ['matter' => 'rice', 'share' => 0.35, 'stage' => 'snaps'], ['matter' => 'rice', 'share' => 0.65, 'saffron' => true]],
                School::DrainedAndSteamed => [['matter' => 'rice', 'share' => 0.35], ['matter' => 'filling', 'share' => 1], ['matter' => 'rice', 'share' => 0.5, 'saffron' => true]],
                School::CookedFilling, School::LongSeal => [['matter' => 'rice', 'share' => 0.5], ['matter' => 'filling', 'share' => 1], ['matter' => 'rice', 'share' => 0.5, 'saffron' => true]],
                default => [['matter' => 'filling', 'share' => 1], ['matter' => 'rice', 'share' => 1]],
            },
            'mound' => $school === School::DrainedAndSteamed,
            'steam_holes' => $school === School::DrainedAndSteamed ? 4 : 0,
            'folded' => $school === School::OnePot || $school === School::Yesterday,
            'lid' => ['pot' => $pot, 'burner' => $ring, 'seal' => match ($school) {
                School::RawFilling, School::LongSeal => 'dough',
                School::DrainedAndSteamed => 'cloth',
                School::CookedFilling, School::Cooker => 'foil',
                School::OnePot, School::Yesterday => 'tight-lid',
            }],
            'extras' => $school === School::Yesterday ? [] : [['name' => 'Saffron, ground and bloomed', 'kind' => 'saffron', 'g_per_kg_rice' => 1, 'split' => ['layers' => 0.5, 'top' => 0.5], 'prep_min' => 3, 'wait_min' => 10]],
            'sides' => [['name' => 'Yogurt and herbs', 'minutes' => 8, 'holds' => ['milk']]],
            'serve' => $school === School::DrainedAndSteamed ? 'whole' : 'scooped',
        ];
    }

    private static function stage(School $school): string
    {
        return match ($school) {
            School::RawFilling => 'rises',
            School::CookedFilling => 'thread',
            School::LongSeal => 'rises',
            default => 'breaks',
        };
    }

    /** @return array<string, mixed> */
    private static function filling(School $school, string $ring): array
    {
        $cook = static fn (string $name, int $minutes, string $attention): array => ['name' => $name, 'minutes' => $minutes, 'attention' => $attention, 'burner' => $ring];

        return match ($school) {
            School::RawFilling => ['name' => 'chicken in its marinade', 'ready' => 0, 'salt_g_per_kg' => 14, 'wetness' => 'moist', 'marinade' => ['minutes' => 210, 'acid' => 'mild', 'yogurt' => 'now'], 'parts' => [['name' => 'chicken thighs, bone in', 'kind' => 'chicken-thigh', 'of_rice' => 1.5]], 'steps' => []],
            School::CookedFilling, School::LongSeal => ['name' => 'lamb in its gravy', 'ready' => $school === School::LongSeal ? 0.7 : 1, 'wetness' => 'moist', 'parts' => [['name' => 'lamb, cubes', 'kind' => 'lamb-cubes', 'of_rice' => 1.2], ['name' => 'onion, sliced', 'kind' => 'tender-vegetables', 'of_rice' => 0.25, 'bought' => ['name' => 'onions', 'yield' => 0.9]]], 'steps' => [$cook('Brown the lamb', 15, 'throughout'), $cook('Simmer', 60, 'start')]],
            School::DrainedAndSteamed => ['name' => 'chicken', 'ready' => 0.9, 'wetness' => 'moist', 'parts' => [['name' => 'chicken thighs, bone in', 'kind' => 'chicken-thigh', 'of_rice' => 1.2]], 'steps' => [$cook('Brown the thighs', 12, 'throughout'), $cook('Simmer', 35, 'start')]],
            School::OnePot => ['name' => 'pulses and greens', 'ready' => 1, 'wetness' => 'moist', 'parts' => [['name' => 'pulses, cooked', 'kind' => 'ready', 'of_rice' => 0.8], ['name' => 'greens, shredded', 'kind' => 'tender-vegetables', 'of_rice' => 0.4]], 'steps' => [$cook('Fry onion and spices', 12, 'throughout')]],
            School::Cooker => ['name' => 'vegetables', 'ready' => 1, 'wetness' => 'moist', 'parts' => [['name' => 'vegetables, fried', 'kind' => 'tender-vegetables', 'of_rice' => 1.1]], 'steps' => [$cook('Fry the vegetables', 15, 'throughout')]],
            School::Yesterday => ['name' => 'yesterday\'s curry', 'ready' => 1, 'wetness' => 'wet', 'parts' => [['name' => 'curry of yesterday', 'kind' => 'tender-vegetables', 'of_rice' => 1.5]], 'steps' => [$cook('Let it down with water, heat to 74 °C throughout', 10, 'throughout')]],
        };
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Matter;

/** Two courses side by side, their differences named. */
final class Versus
{
    /**
     * @param  Course  $one as planned
     * @param  Course  $other as asked
     * @return list<array{what: string, one: string, other: string, differs: bool}>
     */
    public static function of(Course $one, Course $other): array
    {
        $rows = [];
        $add = static function (string $what, string $a, string $b) use (&$rows): void {
            $rows[] = ['what' => $what, 'one' => $a, 'other' => $b, 'differs' => $a !== $b];
        };
        $steam = static fn (Course $course): string => $course->steamAtLidMin === null ? 'never' : sprintf('%.0f min', $course->steamAtLidMin);
        $add('steam at the lid', $steam($one), $steam($other));
        $add('crust', $one->colour()->label(), $other->colour()->label());
        $add('browning', sprintf('%.2f', $one->end()->browning), sprintf('%.2f', $other->end()->browning));
        $add('steam lost', sprintf('%d g', (int) round($one->end()->leakG)), sprintf('%d g', (int) round($other->end()->leakG)));
        $add('minutes', sprintf('%d', (int) round($one->end()->minute)), sprintf('%d', (int) round($other->end()->minute)));
        foreach ($one->end()->layers as $index => $state) {
            $beside = $other->end()->layers[$index] ?? null;
            if ($beside === null || $beside->matter !== $state->matter || $state->matter === Matter::Crust) {
                continue;
            }
            $words = static fn (LayerState $layer): string => $layer->matter === Matter::Rice
                ? sprintf('%d %% done, %s (%.2f)', (int) round(100 * $layer->doneness), $layer->texture()->label(), $layer->uptake)
                : sprintf('core %d °C, %.1f times tender', (int) round($layer->coreC), $layer->tenderness);
            $add(sprintf('layer %d, %s', $index + 1, $state->label), $words($state), $words($beside));
        }

        return $rows;
    }
}

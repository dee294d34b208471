<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Pot\Matter;

/** Two courses side by side, their differences named. */
final class Versus
{
    /**
     * @param  Course  $one as planned
     * @param  Course  $other as asked
     * @return list<array{what: Note, one: Note, other: Note, differs: bool}>
     */
    public static function of(Course $one, Course $other): array
    {
        $rows = [];
        $add = static function (Note $what, Note $a, Note $b) use (&$rows): void {
            $rows[] = ['what' => $what, 'one' => $a, 'other' => $b, 'differs' => ! $a->isLike($b)];
        };
        $steam = static fn (Course $course): Note => $course->steamAtLidMin() === null
            ? Note::of('versus.never')
            : Note::of('versus.steam-minute', steamAtLidMin: round($course->steamAtLidMin()));
        $add(Note::of('versus.steam-at-the-lid'), $steam($one), $steam($other));
        $add(Note::of('versus.crust'), Note::label($one->colour()), Note::label($other->colour()));
        $browning = static fn (Course $course): Note => Note::of(
            'versus.browned',
            browning: round($course->end()->browning, 2),
        );
        $add(Note::of('versus.browning'), $browning($one), $browning($other));
        $lost = static fn (Course $course): Note => Note::of(
            'versus.lost',
            leak: Quantity::grams(round($course->end()->leakG)),
        );
        $add(Note::of('versus.steam-lost'), $lost($one), $lost($other));
        $minutes = static fn (Course $course): Note => Note::of(
            'versus.count',
            minutes: (int) round($course->end()->minute),
        );
        $add(Note::of('versus.minutes'), $minutes($one), $minutes($other));
        foreach ($one->end()->layers as $index => $state) {
            $beside = $other->end()->layers[$index] ?? null;
            if ($beside === null || $beside->matter !== $state->matter || $state->matter === Matter::Crust) {
                continue;
            }
            $words = static fn (LayerState $layer): Note => $layer->matter === Matter::Rice
                ? Note::of(
                    'versus.done', doneness: (int) round(100 * $layer->doneness), texture: $layer->texture(),
                    uptake: round($layer->uptake, 2),
                )
                : Note::of(
                    'versus.filling',
                    coreC: (int) round($layer->coreC),
                    tenderness: round($layer->tenderness, 1),
                );
            $add(
                Note::of('versus.layer', number: $one->layerNumber($index), layer: $state->label),
                $words($state), $words($beside),
            );
        }

        return $rows;
    }
}

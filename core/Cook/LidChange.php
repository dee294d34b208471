<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Cook\Events\HeatSet;
use Orbek\Core\Cook\Events\Late;
use Orbek\Core\Cook\Events\Opened;
use Orbek\Core\Cook\Events\Steered;
use Orbek\Core\Heat\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Measure\Note;

/** What something that was done to a closed pot, or seen of it, changes. */
final class LidChange
{
    private const SHOWN_G = 5.0;

    private const SHOWN_MIN = 1.0;

    /** What was done or seen, in a word; null where it is nothing of the pot. */
    public static function what(Cook $cook, Event $event): ?Note
    {
        $ring = $cook->plan()->potted->first()->place->ring->id;

        return match (true) {
            $event instanceof HeatSet => Note::of(
                'under-the-lid.turned', heat: $cook->plan()->kitchen->says($event->flame($ring), $ring), sprinkledMl: 0,
            ),
            $event instanceof Steered => Note::of(
                'under-the-lid.turned',
                heat: $cook->plan()->kitchen->says(
                    $event->flame($cook->plan()->kitchen->equipment->plates), $ring,
                ),
                sprinkledMl: (int) round($event->sprinkledMl),
            ),
            $event instanceof Opened => Note::of('under-the-lid.opened'),
            $event instanceof Late => Note::of('under-the-lid.late', minutes: $event->minutes),
            $event instanceof CueSeen => Note::name($event->says($cook->plan()->dish->craft->cues)),
            default => null,
        };
    }

    /** The difference that it makes. */
    public static function between(Course $before, Course $after, Note $what): Note
    {
        $says = array_values(array_filter([
            self::colour($before, $after), self::rice(self::doneMin($before), self::doneMin($after)),
            self::steam($after->end()->leakG - $before->end()->leakG),
        ]));

        return $says === []
            ? Note::of('under-the-lid.changes-nothing', what: $what)
            : Note::of('under-the-lid.changes', what: $what, says: $says);
    }

    private static function colour(Course $before, Course $after): ?Note
    {
        return $before->colour() === $after->colour() ? null : Note::of(
            'under-the-lid.other-crust', colour: $after->colour(), before: $before->colour(),
        );
    }

    private static function rice(?float $before, ?float $after): ?Note
    {
        if ($before === null) {
            return null;
        }
        if ($after === null) {
            return Note::of('under-the-lid.rice-not-done');
        }

        return abs($after - $before) < self::SHOWN_MIN ? null : Note::of(
            'under-the-lid.rice-at-another-time', minutes: (int) round(
                abs($after - $before),
            ), isLater: $after > $before,
        );
    }

    private static function steam(float $moreG): ?Note
    {
        return abs($moreG) < self::SHOWN_G ? null : Note::of(
            'under-the-lid.other-steam', grams: (int) round(abs($moreG)), isMore: $moreG > 0,
        );
    }

    /** The minute at which all rice is done; null where it is not by the end. */
    private static function doneMin(Course $course): ?float
    {
        return $course->firstMinute(
            static fn (Moment $moment): bool => min(array_map(
                static fn ($layer): float => $layer->doneness, $moment->layers,
            )) >= Aim::DONE,
        );
    }
}

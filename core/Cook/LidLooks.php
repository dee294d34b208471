<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Cook\Events\Steered;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;

/** What was seen of a closed pot, what was done by it, and what would have come without. */
final class LidLooks
{
    /**
     * @param  SealedPot|null  $truth as it really was, where that is known: in practice
     * @return list<Note> in the order in which it happened
     */
    public static function of(Cook $cook, ?SealedPot $truth = null): array
    {
        $times = UnderTheLid::times($cook);
        $pot = $cook->plan()->sealedPot();
        if ($times === null || $pot === null) {
            return [];
        }
        $cues = $cook->plan()->dish->craft->cues;
        $says = [];
        $likely = $truth;
        foreach ($cook->state->lidEvents as $event) {
            $minute = TurnedHeat::minutes($times[0], $event->at);
            if ($event instanceof CueSeen && $event->of($cues) !== null) {
                $says[] = Note::of(
                    'lid-looks.seen', minute: (int) round($minute), says: Note::name($event->says($cues)),
                );
            }
            if ($event instanceof Steered) {
                $likely ??= self::likely($cook, $pot);
                $says[] = self::turned($cook, $event, $minute, $likely);
            }
        }

        return $says;
    }

    private static function turned(Cook $cook, Steered $event, float $minute, SealedPot $pot): Note
    {
        $kitchen = $cook->plan()->kitchen;
        $was = UnderTheLid::turned($cook);

        return Note::of(
            'lid-looks.turned', minute: (int) round($minute),
            heat: $kitchen->says(
                $event->flame($kitchen->equipment->plates), $cook->plan()->potted->first()->place->ring->id,
            ),
            minutes: (int) round($event->minutes), sprinkledMl: (int) round($event->sprinkledMl),
            came: $was === null ? CrustColour::Pale : $was->course($pot)->colour(),
            would: Course::of($pot, self::leftAlone($cook, $was->line ?? [], $minute))->colour(),
        );
    }

    /**
     * As it was up to a minute, and as planned from there.
     *
     * @param  list<Stretch>  $was
     * @return non-empty-list<Stretch>
     */
    private static function leftAlone(Cook $cook, array $was, float $minute): array
    {
        $planned = $cook->plan()->potted->first()->heat();
        $line = [...self::cut($was, 0.0, $minute), ...self::cut($planned, $minute, INF)];

        return $line === [] ? $planned : $line;
    }

    /**
     * @param  list<Stretch>  $line
     * @return list<Stretch> of it what lies between two minutes
     */
    private static function cut(array $line, float $from, float $to): array
    {
        $at = 0.0;
        $cut = [];
        foreach ($line as $stretch) {
            $ends = $at + $stretch->minutes;
            $minutes = min($to, $ends) - max($from, $at);
            if ($minutes > 0.01) {
                $cut[] = $stretch->lasting($minutes);
            }
            $at = $ends;
        }

        return $cut;
    }

    /** The pot on the stove as all that was seen makes it likeliest. */
    private static function likely(Cook $cook, SealedPot $pot): SealedPot
    {
        $times = UnderTheLid::times($cook);
        [$ring, $mark, $browns] = $times === null
            ? [0.0, 0.0, 0.0] : LidEvidence::of($cook, ...$times)->pots($pot)[1]->means();

        return $pot->heated(exp($ring))->turning(exp($mark), exp($browns));
    }
}

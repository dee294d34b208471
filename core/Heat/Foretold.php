<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Matter;

/** Something that goes wrong under the lid: what it is, in words, and from which minute. */
final readonly class Foretold
{
    /** Below the boil by so much a pot's middle is never in steam. */
    private const SHORT_OF_STEAM_C = 2.0;

    private function __construct(public Fault $fault, public Note $says, public float $minute)
    {
    }

    /** @return list<self> each fault of each layer once, in the order in which they happen */
    public static function in(HeatPlan $plan, Aim $aim): array
    {
        $said = [];
        foreach ($plan->limits as $limit) {
            $fault = $limit->fault();
            // Rice with a hard heart has not taken up its water yet: one word is enough.
            $isSaid = $fault === Fault::DryRice && isset($said[Fault::HardHeart->value.$limit->layer]);
            if ($fault !== null && ! $isSaid) {
                $said[$fault->value.$limit->layer] ??= self::of($fault, $limit, $plan->course, $aim);
            }
        }
        $said = array_values($said);
        usort($said, static fn (self $a, self $b): int => $a->minute <=> $b->minute);

        return $said;
    }

    private static function of(Fault $fault, Limit $limit, Course $course, Aim $aim): self
    {
        $colour = $course->colour();
        $end = $course->end()->minute;
        $layer = $limit->layer === null ? null : $course->end()->layers[$limit->layer];
        $from = self::minute($fault, $limit, $course, $aim) ?? $end;
        $at = (int) round($from);

        return new self($fault, match ($fault) {
            Fault::Burns => Note::of('foretold.burns', at: $at),
            Fault::Dark => Note::of('foretold.dark', crust: $aim->darkest(), at: $at, colour: $colour),
            Fault::Pale => Note::of('foretold.pale', colour: $colour, crust: $aim->crust),
            Fault::ThinCrust => Note::of('foretold.thin-crust', mm: round($limit->value, 1)),
            Fault::HardHeart => self::hardHeart($course, $limit),
            Fault::Unsteamed => Note::of('foretold.unsteamed', minutes: round($limit->value, 1)),
            Fault::DryRice => Note::of('foretold.dry-rice', which: self::which($course, $limit), uptake: $limit->value),
            Fault::WetRice => Note::of(
                'foretold.wet-rice', which: self::which($course, $limit), uptake: $layer->uptake ?? 0.0,
                isFree: $limit->wanted === Wanted::FreeWater, free: (int) round(100 * ($layer->freeShare ?? 0.0)),
            ),
            Fault::UnsafeCore => Note::of(
                'foretold.unsafe-core', filling: $layer->label ?? '', coreC: (int) round($limit->value),
                safeC: (int) round($limit->from - Aim::TO_SPARE_C),
            ),
            Fault::Tough => Note::of(
                'foretold.tough', filling: $layer->label ?? '', done: (int) round(100 * $limit->value / $limit->from),
            ),
            Fault::FallsApart => Note::of(
                'foretold.falls-apart', filling: $layer->label ?? '', at: $at,
                hasBite: $limit->from < 1,
            ),
        }, $from);
    }

    /** The minute from which it goes wrong; null where it only ends so. */
    private static function minute(Fault $fault, Limit $limit, Course $course, Aim $aim): ?float
    {
        return match ($fault) {
            Fault::Burns => $course->firstMinute(
                static fn (Moment $moment): bool => $moment->colour() === CrustColour::Burnt,
            ),
            Fault::Dark => $course->firstMinute(
                static fn (Moment $moment): bool => $moment->browning > $aim->mostBrowning(),
            ),
            Fault::FallsApart => $course->firstMinute(
                static fn (Moment $moment): bool => $moment->layers[$limit->layer ?? 0]->tenderness > $limit->to,
            ),
            default => null,
        };
    }

    private static function hardHeart(Course $course, Limit $limit): Note
    {
        $hottest = max(array_map(static fn (Moment $moment): float => min(array_map(
            static fn (LayerState $state): float => $state->celsius, $moment->layers,
        )), $course->moments));

        return Note::of(
            'foretold.hard-heart', which: self::which($course, $limit), done: (int) round($limit->value),
            isCold: $hottest < $course->pot->boilC - self::SHORT_OF_STEAM_C, hottest: (int) round($hottest),
        );
    }

    /** Which of the layers of rice. */
    private static function which(Course $course, Limit $limit): Note
    {
        $rice = array_keys(array_filter(
            $course->end()->layers, static fn (LayerState $state): bool => $state->matter === Matter::Rice,
        ));

        return match (true) {
            count($rice) === 1 => Note::of('foretold.the-rice'),
            $limit->layer === $rice[0] => Note::of('foretold.the-lowest-rice'),
            default => Note::of('foretold.the-rice-above'),
        };
    }
}

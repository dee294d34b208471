<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Mend;

use Orbek\Core\Heat\HowSure;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Rice\Stage;

/** What the cook's own recipe says of boil and heat, set against what is forecast here, and how to have it so. */
final readonly class AsTold
{
    /** A heat of which no minutes are told stands so long, min; the one that is on till the steam comes (our own). */
    private const HEAT_MIN = 10.0;

    private const MEDIUM_SHARE = 0.5;

    private function __construct(public Note $says, public ?Mend $mend)
    {
    }

    /** The minutes in the boil; null where none are told, or the rice is not boiled in much water. */
    public static function boil(Plan $plan): ?self
    {
        $told = $plan->dish->told?->boilMin;
        $boil = $plan->boil();
        if ($told === null || $boil === null) {
            return null;
        }
        $seconds = 60 * array_sum($told) / 2;
        $stage = Stage::at($boil->forecast->donenessAfter($seconds));
        $wanted = $plan->dish->grain->water->stage;

        return new self(
            Note::of(
                'as-told.boil', least: $told[0], most: $told[1], isRange: $told[0] < $told[1],
                stage: Note::label($stage, 'words'), ours: $boil->liftAt, isSame: $stage === $wanted,
            ),
            $stage === $wanted ? null : new Mend(
                Note::of('mending.lifted', stage: Note::label($stage, 'words')), 'water/stage', $stage->value,
            ),
        );
    }

    /** The heat of the closed pot; null where none is told, or nothing is closed on a ring. */
    public static function heat(Plan $plan): ?self
    {
        $heats = $plan->dish->told->heats ?? [];
        $load = $plan->potted->first();
        if ($heats === [] || $load->sealed === null || $load->place->pot->cooker !== null
            || $plan->dish->grain->cooking->takesCooker()) {
            return null;
        }
        $line = self::line($plan, $load->place->ring);
        $says = array_map(
            static fn (array $one): Note => Note::of('as-told.quoted', says: rtrim($one['says'], '.')), $heats,
        );
        if (self::isSame($line, HeatLine::toArray($load->line()))) {
            return new self(Note::of('as-told.heat-taken', says: $says), null);
        }
        try {
            $taken = $plan->planner()->plan($plan->dish->changed('lid/heat', $line));
        } catch (Refused) {
            return new self(Note::of('as-told.heat-only', says: $says, hasFault: false, fault: ''), null);
        }
        $hasFault = $taken->faults() !== [];
        $fault = $hasFault ? $taken->faults()[0]->foretold->fault : '';
        $theirs = $taken->howSure();
        $ours = $plan->howSure();

        return new self($theirs === null || $ours === null
            ? Note::of('as-told.heat-only', says: $says, hasFault: $hasFault, fault: $fault)
            : Note::of(
                'as-told.heat', says: $says, theirs: $theirs->right, ours: $ours->right, of: HowSure::KITCHENS,
                hasFault: $hasFault, fault: $fault,
            ), new Mend(Note::of('as-told.take-it'), 'lid/heat', $line));
    }

    /** The rest before it is opened; null where none is told. */
    public static function rest(Plan $plan): ?self
    {
        $told = $plan->dish->told?->restMin;

        return $told === null ? null : new self(
            Note::of('as-told.rest', least: $told[0], most: $told[1], isRange: $told[0] < $told[1]), null,
        );
    }

    /**
     * The words as marks of the ring, a stretch each, and the rest.
     *
     * @return list<array{minutes: float, setting: float}>
     */
    private static function line(Plan $plan, Ring $ring): array
    {
        $line = [];
        $heats = $plan->dish->told->heats ?? [];
        foreach ($heats as $place => ['heat' => $word, 'minutes' => $minutes]) {
            $word ??= $place === 0 && count($heats) > 1 ? 'high' : 'low';
            $line[] = [
                'minutes' => $minutes === null ? self::HEAT_MIN : array_sum($minutes) / 2,
                'setting' => self::mark($ring, $word),
            ];
        }
        $rest = $plan->dish->told?->restMin;

        return $rest === null ? $line : [...$line, ['minutes' => array_sum($rest) / 2, 'setting' => 0.0]];
    }

    /** Low is the lowest mark of a knob, high its highest, medium the one nearest to half. */
    private static function mark(Ring $ring, string $word): float
    {
        $shares = $ring->knob->shares();
        sort($shares);
        $low = $shares[0] ?? $ring->knob->least;
        $high = $shares === [] ? 1.0 : $shares[count($shares) - 1];
        $off = static fn (float $share): float => abs($share - self::MEDIUM_SHARE);
        usort($shares, static fn (float $a, float $b): int => $off($a) <=> $off($b));

        return match ($word) {
            'high' => $high,
            'medium' => $shares[0] ?? self::MEDIUM_SHARE,
            default => $low,
        };
    }

    /**
     * @param  list<array{minutes: float, setting: float}>  $line
     * @param  list<array<string, mixed>>  $other
     */
    private static function isSame(array $line, array $other): bool
    {
        $of = static fn (array $stretch): array => [
            round((float) (is_numeric($stretch['minutes'] ?? null) ? $stretch['minutes'] : 0), 1),
            round((float) (is_numeric($stretch['setting'] ?? null) ? $stretch['setting'] : 0), 2),
        ];

        return array_map($of, $line) === array_map($of, $other);
    }
}

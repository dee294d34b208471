<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;

/**
 * A heat line up to where its low heat is chosen: till its strong heat's cue or its minutes are up; where it has none,
 * or steam is not there by then, on into the low heat till steam shows.
 */
final readonly class LineTillLow
{
    private const STEP_S = 10.0;

    /** Steam is waited for in the low heat for so much of it. */
    private const WAITED_FOR = 0.6;

    private const EVERY_S = 30.0;

    /**
     * @param  list<Stretch>  $before
     * @param  float  $pastMin minutes of strong heat that are planned past the cue
     */
    private function __construct(
        private array $before, public Stretch $low, public float $restMin, public ?Flame $on, public float $pastMin,
    ) {
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @return self|null null where there is no heat on a ring to be steered
     */
    public static function of(array $line): ?self
    {
        $heats = array_values(array_filter($line, static fn (Stretch $stretch): bool => ! $stretch->isRest()));
        $low = array_pop($heats);
        if ($low === null || $low->till !== null || HeatLine::usesOven($line)) {
            return null;
        }
        $last = $heats[count($heats) - 1] ?? null;
        $rest = array_filter($line, static fn (Stretch $stretch): bool => $stretch->isRest());

        return new self($heats, $low, array_sum(array_map(
            static fn (Stretch $stretch): float => $stretch->minutes, $rest,
        )), $last?->flame, $last?->till === null ? 0.0 : $last->afterMin);
    }

    /**
     * @param  float  $lateMin by which its cues are seen late
     * @return array{Steaming, float|null, float} the pot there; the minute of steam; minutes of low heat so far
     */
    public function follow(SealedPot $pot, float $lateMin = 0.0, float $stepS = self::STEP_S): array
    {
        $steaming = new Steaming($pot);
        foreach ($this->before as $at => $stretch) {
            if ($stretch->till === null) {
                $steaming->advance($stretch->flame, 60 * $stretch->minutes, $stepS);

                continue;
            }
            $steaming->advance(
                $stretch->flame, 60 * Stretch::WAITED_FOR * $stretch->minutes, $stepS, $stretch->till,
            );
            // What is planned past the last cue is still to be decided.
            $past = isset($this->before[$at + 1]) ? $stretch->afterMin : 0.0;
            $steaming->advance($stretch->flame, 60 * max(0.0, $past + $lateMin), $stepS);
        }
        $spent = 0.0;
        $most = $this->pastMin > 0 ? 0.0 : self::WAITED_FOR * $this->low->minutes - 0.01;
        while ($steaming->steamAtLidS === null && $spent < $most) {
            $steaming->advance($this->low->flame, self::EVERY_S, $stepS);
            $spent += self::EVERY_S / 60;
        }

        return [$steaming, $steaming->steamAtLidS === null ? null : $steaming->steamAtLidS / 60, $spent];
    }
}

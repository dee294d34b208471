<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Heat\Likely;
use Orbek\Core\Heat\MaybePots;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Sign;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Lid\Teaches;
use Orbek\Core\Measure\Known;

/** What was done to a closed pot and seen of it so far: where it may be now, and what is believed of its stove. */
final readonly class LidEvidence
{
    private const STEP_S = 10.0;

    /** A cue that has not come in a pot as it may be is waited for so long past when it was seen, min. */
    private const WAITED_MIN = 8.0;

    /**
     * @param  list<array{Cue, float}>  $seen with the minute sealed
     * @param  Known<Cue>  $cues
     */
    private function __construct(
        private TurnedHeat $turned, private float $nowMin, private array $seen, private Known $cues,
        public Odds $prior, private float $lotSd, private bool $isBoiled,
    ) {
    }

    public static function of(Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now): self
    {
        $plan = $cook->plan();

        $boiled = BoilSays::of($cook);
        $turned = TurnedHeat::of($cook, $sealedAt, $now);
        // A forgotten pot is followed no further than its heat is.
        $ends = array_sum(array_map(self::long(...), $turned->line));

        return new self(
            turned: $turned, nowMin: min($ends, TurnedHeat::minutes($sealedAt, $now)),
            seen: self::seen($cook, $sealedAt), cues: $plan->dish->craft->cues, prior: $plan->odds($boiled),
            lotSd: $plan->bag()->today()->sd(), isBoiled: $boiled !== null,
        );
    }

    /** Whether nothing was seen that tells, and no boil was timed. */
    public function isNone(): bool
    {
        return $this->seen === [] && ! $this->isBoiled;
    }

    /** @return array{MaybePots, Odds} where a pot may be now, and what is believed of its stove by what was seen */
    public function pots(SealedPot $pot): array
    {
        $records = [];
        $pots = MaybePots::of($pot, $this->prior, $this->lotSd, function (SealedPot $one) use (&$records): Steaming {
            [$steaming, $records[]] = $this->follow($one);

            return $steaming;
        });

        return [$pots, $this->given($this->prior, $records)];
    }

    /**
     * What was seen and tells something of where the pot is, with the minute sealed.
     *
     * @return list<array{Cue, float}>
     */
    private static function seen(Cook $cook, DateTimeImmutable $sealedAt): array
    {
        $cues = $cook->plan()->dish->craft->cues;
        $seen = [];
        foreach (TurnedHeat::endedAt($cook, $sealedAt) as $one) {
            $seen[$one->cue->id] = [$one->cue, $one->minute];
        }
        foreach ($cook->state->lidEvents as $event) {
            $cue = $event instanceof CueSeen ? $event->of($cues) : null;
            if ($cue !== null && $cue->tells()) {
                // What has come, has come: of a cue the first counts, of what had not come the last.
                $key = $cue->teaches === Teaches::Between ? $cue->id.count($seen) : $cue->id;
                if ($cue->denies !== null || ! isset($seen[$key])) {
                    $seen[$key] = [$cue, TurnedHeat::minutes($sealedAt, $event->at)];
                }
            }
        }

        return array_values($seen);
    }

    /**
     * One pot followed as it was turned, till now.
     *
     * @return array{Steaming, list<float|null>} of each thing seen: the minute at which it comes in this pot, null
     *     where it does not; or its sign then
     */
    private function follow(SealedPot $pot): array
    {
        $steaming = new Steaming($pot);
        $marks = [
            ...array_map(static fn (array $one): array => [$one[1], 'seen'], $this->seen),
            ...array_map(static fn (Lifted $one): array => [$one->minute, $one], $this->turned->lifted),
            [$this->nowMin, 'now'],
        ];
        $record = array_fill(0, count($this->seen), null);
        $order = array_keys($marks);
        usort($order, static fn (int $a, int $b): int => [$marks[$a][0], $a] <=> [$marks[$b][0], $b]);
        $stretches = $this->turned->line;
        $began = 0.0;
        $at = 0;
        foreach ($order as $which) {
            [$minute, $what] = $marks[$which];
            if ($minute > $this->nowMin + 1e-6) {
                continue;
            }
            while (60 * $minute > $steaming->seconds + 0.5) {
                $isLast = ! isset($stretches[$at + 1]);
                $ends = $isLast ? INF : 60 * ($began + self::long($stretches[$at]));
                $steaming->advance(
                    $stretches[$at]->flame, min(60 * $minute, $ends) - $steaming->seconds, self::STEP_S,
                );
                if (! $isLast && $steaming->seconds >= $ends - 0.5) {
                    $began += self::long($stretches[$at]);
                    $at++;
                }
            }
            if ($what instanceof Lifted) {
                $what->from($steaming);
            } elseif ($what === 'seen') {
                $record[$which] = self::signOf(
                    $this->told($this->seen[$which][0]), $steaming, $stretches[$at]->flame,
                );
            }
        }

        return [$steaming, array_values($record)];
    }

    /** The cue that something is told of: itself, or the one that has not come. */
    private function told(Cue $cue): Cue
    {
        return $cue->denies === null ? $cue : $this->cues->get($cue->denies, 'cue');
    }

    private static function long(Stretch $stretch): float
    {
        return $stretch->till === null ? $stretch->minutes : $stretch->length();
    }

    private static function signOf(Cue $cue, Steaming $steaming, Flame $flame): ?float
    {
        if ($cue->teaches === Teaches::Between) {
            return $cue->sign?->scaled($cue->sign->now($steaming));
        }
        $pot = clone $steaming;
        $come = $cue->cameAtMin($pot);
        if ($come === null) {
            $pot->advance($flame, 60 * self::WAITED_MIN, self::STEP_S);
            $come = $cue->cameAtMin($pot);
        }

        return $come;
    }

    /** @param  list<list<float|null>>  $records by the pots of MaybePots, then by what was seen */
    private function given(Odds $odds, array $records): Odds
    {
        foreach ($this->seen as $which => [$cue, $minute]) {
            $values = array_map(static fn (array $record): ?float => $record[$which] ?? null, $records);
            $odds = $cue->teaches === Teaches::Between && $cue->sign === Sign::Browning
                ? $odds->looking(static fn (Odds $by): array => Likely::browning($by, $cue, Likely::over($values)))
                : $odds->given(Likely::seen($cue, $this->told($cue), $values, $minute));
        }

        return $odds;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Cook\Events\HeatSet;
use Orbek\Core\Cook\Events\Opened;
use Orbek\Core\Cook\Events\RingFailed;
use Orbek\Core\Cook\Events\Steered;
use Orbek\Core\Learning\SeenCue;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Plan\Work\WorkKind;

/** The heat under a closed pot as it was turned till now, and as it is planned from here. */
final readonly class TurnedHeat
{
    private const STEP_S = 4.0;

    /** A stretch of heat, or the rest after the last, that nobody ended is followed so long past its minutes. */
    private const FOLLOWED_PAST_MIN = 360.0;

    private const SHORTEST_MIN = 0.05;

    /** Rice that is sprinkled so soon after a look is sprinkled while the lid is still up for it. */
    private const STILL_UP_MIN = 5.0;

    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  list<Lifted>  $lifted when its lid was
     * @param  int|null  $on the stretch that is on and waits for its cue
     * @param  float  $onForMin how long it has been on
     */
    private function __construct(
        public array $line, public array $lifted, private ?int $on, private float $onForMin,
    ) {
    }

    public static function of(Cook $cook, DateTimeImmutable $sealedAt, DateTimeImmutable $now): self
    {
        $line = [];
        $on = null;
        $at = $onFor = 0.0;
        foreach ($cook->plan()->potted->first()->line() as $index => $stretch) {
            $progress = $cook->state->progress[WorkKind::Heat->id($index)] ?? new Progress;
            $planned = $cook->plan()->potted->first()->heat()[$index]->minutes + $progress->lengthenedMin;
            $nowMin = self::minutes($sealedAt, $now);
            $end = self::end($progress, $at, max(0.0, $planned), $sealedAt, $nowMin);
            $isLow = $index === Steered::low($cook->plan()->potted->first()->line());
            [$turned, $flame, $at] = self::turned(
                $cook, self::whereItStands($cook, $stretch->flame, $at, $sealedAt, $isLow), $at, $end, $sealedAt,
                $isLow,
            );
            array_push($line, ...$turned);
            $waits = $stretch->till !== null && $progress->doneAt === null && $progress->lengthenedMin === 0;
            if ($waits) {
                $on = $progress->startedAt === null ? $on : count($line);
                $onFor = $progress->startedAt === null ? $onFor : max(0.0, min($nowMin, $end) - $at);
                $line[] = new Stretch(max(self::SHORTEST_MIN, $end - $at), $flame, $stretch->till, $stretch->afterMin);
            } elseif ($end > $at + self::SHORTEST_MIN) {
                $line[] = new Stretch($end - $at, $flame);
            }
            $at = max($at, $end);
        }

        return new self(
            $line === [] ? [
                $cook->plan()->potted->first()->heat()[0],
            ] : $line, self::lifted($cook, $sealedAt), $on, $onFor,
        );
    }

    /**
     * When a stretch ended or is thought to end, min sealed. A pot that was forgotten is followed for six
     * hours past what was planned; what came after is not known.
     */
    private static function end(
        Progress $progress, float $from, float $plannedMin, DateTimeImmutable $sealedAt, float $nowMin,
    ): float {
        $planned = $from + $plannedMin;

        return match (true) {
            $progress->doneAt !== null => max(
                $from, min(self::minutes($sealedAt, $progress->doneAt), $planned + self::FOLLOWED_PAST_MIN),
            ),
            $progress->startedAt !== null => max($planned, min($nowMin, $planned + self::FOLLOWED_PAST_MIN)),
            default => $planned,
        };
    }

    /**
     * What was turned in a stretch.
     *
     * @return array{list<Stretch>, Flame, float} up to the last turn, the flame since, the minute of it
     */
    private static function turned(
        Cook $cook, Flame $flame, float $at, float $end, DateTimeImmutable $sealedAt, bool $isLow,
    ): array {
        $line = [];
        foreach ($cook->state->lidEvents as $event) {
            $when = self::minutes($sealedAt, $event->at);
            $ring = $cook->plan()->dish->lid->ring;
            $then = match (true) {
                $event instanceof HeatSet => $event->turned($flame, $ring),
                $event instanceof Steered && $isLow => $event->flame($cook->plan()->kitchen->equipment->plates),
                $event instanceof RingFailed && self::isUnder($flame, $event->ring, $ring) => Flame::off(),
                default => null,
            };
            if ($then === null || $when < $at || $when >= $end) {
                continue;
            }
            if ($when > $at + self::SHORTEST_MIN) {
                $line[] = new Stretch($when - $at, $flame);
            }
            $at = $when;
            $flame = $then;
        }

        return [$line, $flame, $at];
    }

    /**
     * A planned flame on the ring that the pot stands on since its own failed: the same heat as far as that gives it,
     * none until it was moved.
     */
    private static function whereItStands(
        Cook $cook, Flame $flame, float $at, DateTimeImmutable $sealedAt, bool $isLow,
    ): Flame {
        $plan = $cook->plan();
        $ring = $plan->dish->lid->ring;
        $planned = $flame;
        foreach ($cook->state->lidEvents as $event) {
            if (self::minutes($sealedAt, $event->at) > $at) {
                continue;
            }
            if ($event instanceof RingFailed && self::isUnder($flame, $event->ring, $ring)) {
                $flame = Flame::off();
            }
            if ($event instanceof Steered && $isLow) {
                $flame = $planned = $event->flame($plan->kitchen->equipment->plates);
            }
            if ($event instanceof HeatSet && $event->ring !== null && ! $planned->isOff()) {
                $pot = $plan->sealedPot();
                $share = $pot === null ? $planned->setting
                    : $planned->setting * $pot->netW($planned->ring) / $pot->netW($event->ring);
                $knob = ($plan->kitchen->equipment->rings[$event->ring] ?? null)?->knob;
                $flame = Flame::on(
                    $event->ring, $knob?->nearest(min(1.0, $share)) ?? min(1.0, $share), $planned->plate,
                );
            }
        }

        return $flame;
    }

    private static function isUnder(Flame $flame, string $ring, string $standsOn): bool
    {
        return ! $flame->isOff() && $flame->ovenC === null
            && ($flame->ring === '' ? $standsOn : $flame->ring) === $ring;
    }

    /** @return list<Lifted> */
    private static function lifted(Cook $cook, DateTimeImmutable $sealedAt): array
    {
        $cues = $cook->plan()->dish->craft->cues;
        $lifted = [];
        foreach ($cook->state->lidEvents as $event) {
            $sprinkledKg = $event instanceof Steered ? $event->sprinkledMl / 1000 : 0.0;
            // A look at the crust lifts the lid too.
            $isLook = $event instanceof CueSeen && $event->of($cues)?->opens === true;
            if ($event instanceof Opened || $isLook || $sprinkledKg > 0) {
                $minute = self::minutes($sealedAt, $event->at);
                $last = end($lifted);
                if ($sprinkledKg > 0 && $last !== false && $minute - $last->minute <= self::STILL_UP_MIN) {
                    array_pop($lifted);
                    $sprinkledKg += $last->sprinkledKg;
                }
                $lifted[] = new Lifted($minute, $sprinkledKg);
            }
        }

        return $lifted;
    }

    public static function minutes(DateTimeImmutable $from, DateTimeImmutable $to): float
    {
        return max(0.0, ((float) $to->format('U.u') - (float) $from->format('U.u')) / 60);
    }

    /** The pot followed through it. A cue that should have come and that nobody has seen has not come. */
    public function course(SealedPot $pot): Course
    {
        $course = Course::of($pot, $this->line, self::STEP_S, lifted: $this->lifted);
        if ($this->on === null || $course->heat[$this->on]->minutes >= $this->onForMin) {
            return $course;
        }
        $line = $this->line;
        $line[$this->on] = $line[$this->on]->lasting($this->onForMin);

        return Course::of($pot, array_values($line), self::STEP_S, lifted: $this->lifted);
    }

    /**
     * The cues at which the cook ended a stretch, each with the minute sealed at which it was seen.
     *
     * @return list<SeenCue>
     */
    public static function endedAt(Cook $cook, DateTimeImmutable $sealedAt): array
    {
        $told = [];
        foreach ($cook->plan()->potted->first()->line() as $index => $stretch) {
            $doneAt = ($cook->state->progress[WorkKind::Heat->id($index)] ?? new Progress)->doneAt;
            if ($doneAt !== null && $stretch->till !== null && $stretch->afterMin <= 0.0) {
                $told[] = new SeenCue($stretch->till, self::minutes($sealedAt, $doneAt));
            }
        }

        return $told;
    }
}

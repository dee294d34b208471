<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Cook;
use App\Models\Household;
use App\Models\MeterReading;
use App\StandIns\Probe;
use App\Wording\Wording;
use DateTimeImmutable;
use Orbek\Core\Cook\Cook as CoreCook;
use Orbek\Core\Cook\LidSteer;
use Orbek\Core\Cook\LiftAdvice;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Stage;

/**
 * What the Stove shows of one dish: its closed pot, its probe, its grain and what to do where that
 * has gone too far.
 */
final readonly class AtStove
{
    private const COURSE_STEP_S = 5;

    /**
     * @param  array<string, list<array{float, float}>>  $probes minute and °C by the probe's name, as far as one is in
     * @param  list<array{int, float, string}>  $course seconds, core radius over grain radius, stage in words
     * @param  list<Note>  $advice
     */
    private function __construct(
        public ?UnderTheLid $lid, public bool $hasProbe, public array $probes, public array $course,
        public array $advice,
        /** Whether its readings are the stand-in's. */
        public bool $isSimulated,
        /** What to do with the heat from here, and when to look; null while there is none to be steered. */
        public ?LidSteer $steer,
    ) {
    }

    public static function of(Cook $cook, CoreCook $fold, DateTimeImmutable $now): self
    {
        $lid = $fold->state->servedAt === null ? $fold->underTheLid() : null;
        // A kitchen of one's own has the probes that are there.
        $hasProbe = config('orbek.stand_ins') === true && app(Household::class)->is_demo;
        $sealedAt = $lid === null ? null : $fold->state->of(WorkKind::Layer)->doneAt;
        // A probe that speaks for itself comes before the stand-in.
        $read = $sealedAt === null ? [] : MeterReading::temperatures($sealedAt, $now);

        return new self(
            lid: $lid, hasProbe: $hasProbe,
            probes: $read !== [] || ! $hasProbe || $lid === null || session("probe.{$cook->id}") !== true
                ? $read : self::simulated($cook, $lid),
            course: $fold->boiling() === null ? [] : self::course($fold), advice: self::advice($fold, $now),
            isSimulated: $read === [],
            // Where nobody has told anything of it there is nothing to go by but the plan.
            steer: $lid === null || $fold->state->lidEvents === [] ? null : LidSteer::of($fold, $lid, $now),
        );
    }

    /** @return array<string, list<array{float, float}>> */
    private static function simulated(Cook $cook, UnderTheLid $lid): array
    {
        $read = app(Probe::class)->readings($cook, $lid);

        return $read === [] ? [] : ['' => $read];
    }

    /** @return list<Note> what to do where the rice has gone too far */
    private static function advice(CoreCook $fold, DateTimeImmutable $now): array
    {
        $startedAt = $fold->boiling() === null ? null : $fold->state->progress[$fold->boiling()]->startedAt;
        $forecast = $fold->forecast();

        return $startedAt === null || $forecast === null
            ? []
            : LiftAdvice::at($fold->plan(), $forecast, $now->getTimestamp() - $startedAt->getTimestamp());
    }

    /**
     * The grain's course while it boils, for a page that goes on drawing it alone.
     *
     * @return list<array{int, float, string}>
     */
    private static function course(CoreCook $fold): array
    {
        $course = [];
        $forecast = $fold->forecast();
        $ends = ($fold->plan()->boil()?->courseEndsS() ?? 0) + 600;
        for ($s = 0; $forecast !== null && $s <= $ends; $s += self::COURSE_STEP_S) {
            $doneness = $forecast->donenessAfter($s);
            $course[] = [
                $s, round(CookingFront::coreRadius($doneness), 4),
                app(Wording::class)->label(Stage::at($doneness), 'words'),
            ];
        }

        return $course;
    }
}

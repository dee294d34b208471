<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Measure\Instant;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Meal\MealTask;
use Orbek\Core\Plan\Work\WorkKind;

/** A task that could begin and should not yet: till when, and what comes of it begun all the same. */
final readonly class Early
{
    /** So long before its start it is no longer early, min. */
    private const SOON_MIN = 15;

    /** A table that can be so much sooner is offered, min. */
    private const SOONER_MIN = 15;

    private function __construct(public DateTimeImmutable $till, public Note $says)
    {
    }

    /**
     * @param  bool  $soaks whether its dish soaks rice at all
     * @return self|null null where it is time, or nearly
     */
    public static function of(
        MealTask $task, DateTimeImmutable $startsAt, DateTimeImmutable $now, bool $soaks = true,
    ): ?self {
        $till = $startsAt->modify('-'.self::SOON_MIN.' minutes');
        if ($now >= $till) {
            return null;
        }

        return new self($till, match ($task->kind) {
            WorkKind::Rinse, WorkKind::Soak => $soaks ? Note::of('early.soaks-longer') : Note::of('early.waits'),
            WorkKind::HeatWater, WorkKind::TopUp => Note::of('early.boils-away'),
            WorkKind::Boil, WorkKind::BoiledFirst => Note::of('early.rice-would-wait'),
            WorkKind::Layer, WorkKind::HotFat, WorkKind::HotPlate => Note::of('early.closed-too-soon'),
            WorkKind::Marinade, WorkKind::Marinates, WorkKind::MarinatesOn => Note::of('early.marinates-longer'),
            default => Note::of('early.waits'),
        });
    }

    /** When the table could be instead, were nothing waited for; null where that is hardly sooner. */
    public static function tableAt(MealCook $cook, Situation $situation): ?DateTimeImmutable
    {
        $soonest = Relaid::soonest($cook);

        return $soonest !== null && Instant::plusMinutes($soonest, self::SOONER_MIN) <= $situation->tableAt
            ? $soonest : null;
    }
}

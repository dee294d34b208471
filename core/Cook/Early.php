<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Meal\MealTask;
use Orbek\Core\Plan\Work\WorkKind;

/** A task that could begin and should not yet: till when, and what comes of it begun all the same. */
final readonly class Early
{
    /** So long before its start it is no longer early, min. */
    private const SOON_MIN = 15;

    private function __construct(public DateTimeImmutable $till, public Note $says)
    {
    }

    /** @return self|null null where it is time, or nearly */
    public static function of(MealTask $task, DateTimeImmutable $startsAt, DateTimeImmutable $now): ?self
    {
        $till = $startsAt->modify('-'.self::SOON_MIN.' minutes');
        if ($now >= $till) {
            return null;
        }

        return new self($till, match ($task->kind) {
            WorkKind::Rinse, WorkKind::Soak => Note::of('early.soaks-longer'),
            WorkKind::HeatWater, WorkKind::TopUp => Note::of('early.boils-away'),
            WorkKind::Boil, WorkKind::BoiledFirst => Note::of('early.rice-would-wait'),
            WorkKind::Layer, WorkKind::HotFat, WorkKind::HotPlate => Note::of('early.closed-too-soon'),
            WorkKind::Marinade, WorkKind::Marinates, WorkKind::MarinatesOn => Note::of('early.marinates-longer'),
            default => Note::of('early.waits'),
        });
    }
}

<?php

declare(strict_types=1);

namespace App\Formats;

use App\Wording\Wording;
use DateTimeImmutable;
use DateTimeZone;
use Orbek\Core\Plan\Meal\MealPlan;
use Orbek\Core\Plan\Meal\MealTask;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;

/** A meal as iCalendar: the table, each start that wants a hand with an alarm, and what can be done the day before. */
final class MealCalendar
{
    public static function of(string $id, MealPlan $plan, Wording $say, DateTimeImmutable $now): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Orbek//Orbek//EN', 'CALSCALE' => 'GREGORIAN']);
        $utc = new DateTimeZone('UTC');
        $add = static function (
            string $uid, string $summary, DateTimeImmutable $from, DateTimeImmutable $to, string $says, bool $alarms,
        ) use ($calendar, $utc, $now): void {
            // Instants, so that a change of summer time moves nothing; a calendar shows them in its own zone.
            $event = $calendar->add('VEVENT', [
                'UID' => $uid, 'DTSTAMP' => $now->setTimezone($utc), 'SUMMARY' => $summary,
                'DTSTART' => $from->setTimezone($utc), 'DTEND' => $to->setTimezone($utc), 'DESCRIPTION' => $says,
            ]);
            if ($alarms && $event instanceof VEvent) {
                $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => 'PT0S', 'DESCRIPTION' => $summary]);
            }
        };
        $add("orbek-{$id}-table", $plan->meal->name, $plan->tableAt, $plan->at(60), self::dishes($plan, $say), true);
        foreach ($plan->tasks as $task => $one) {
            if ($one->wantsHands()) {
                $add(
                    "orbek-{$id}-".str_replace('/', '-', $task), self::name($plan, $one, $say),
                    $plan->at($plan->start($task)), $plan->at($plan->end($task)),
                    ($one->detail === null ? '' : $say->text($one->detail)).($one->isAhead && $one->keeps !== null
                        ? $say->say('pages/meal.calendar-keeps', keeps: $one->keeps) : ''), true,
                );
            }
        }
        $before = array_filter($plan->theDayBefore(), static fn (MealTask $one): bool => ! $one->isAhead);
        if ($before !== []) {
            $add(
                "orbek-{$id}-day-before", $say->say('pages/meal.calendar-day-before', meal: $plan->meal->name),
                $plan->tableAt->modify('-1 day'),
                $plan->tableAt->modify('-1 day')->modify('+30 minutes'),
                implode("\n", array_map(static fn (MealTask $one): string => $say->say(
                    'pages/meal.calendar-ahead', task: self::name($plan, $one, $say), keeps: $one->keeps ?? '',
                ), $before)), false,
            );
        }

        return $calendar->serialize();
    }

    private static function name(MealPlan $plan, MealTask $task, Wording $say): string
    {
        return $say->text($task->name).($task->dish === null || count($plan->plans) === 1
            ? '' : $say->say('units.between').$plan->plans[$task->dish]->dish->name);
    }

    private static function dishes(MealPlan $plan, Wording $say): string
    {
        return $say->list(array_map(static fn ($one): string => $one->dish->name, $plan->plans));
    }
}

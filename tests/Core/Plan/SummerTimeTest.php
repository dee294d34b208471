<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use DateTimeImmutable;
use DateTimeZone;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Work\Day;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Work is counted in minutes that pass, also over the hour that is left out or comes twice. */
final class SummerTimeTest extends TestCase
{
    /** @return iterable<string, array{string, string}> zone, and a table on a night on which the clock is changed */
    public static function nights(): iterable
    {
        $nights = ['Europe/Zurich' => ['2026-03-29', '2026-10-25'], 'America/New_York' => ['2026-03-08', '2026-11-01']];
        foreach ($nights as $zone => $days) {
            foreach ($days as $day) {
                foreach (['03:00', '04:00'] as $time) {
                    yield "{$zone} {$day} {$time}" => [$zone, "{$day}T{$time}"];
                }
            }
        }
    }

    #[DataProvider('nights')]
    public function test_the_plan_begins_as_many_minutes_before_the_table_as_it_takes(string $zone, string $table): void
    {
        $dish = Sample::dish('turkey-plum-biryani')->changed(
            'fillings/0/marinade/minutes',
            720,
        );
        $kitchen = Sample::kitchen(['timezone' => $zone]);
        $plan = Sample::plan($dish, $kitchen, '2026-01-05 12:00', $table);
        $tableAt = new DateTimeImmutable($table, new DateTimeZone($zone));

        self::assertEquals($tableAt, $plan->day->tableAt);
        foreach (array_keys($plan->day->schedule->tasks) as $id) {
            self::assertSame(
                $tableAt->getTimestamp() + 60 * $plan->day->schedule->start($id),
                $plan->day->at($plan->day->schedule->start($id))->getTimestamp(),
                $id,
            );
        }
        $marinated = $plan->day->schedule->end('layer') - $plan->day->schedule->start('marinates');
        self::assertGreaterThanOrEqual(720 - 60, $marinated, 'as long in the fridge as was asked for');

        // Asked when nothing has happened, the stove lays the same; a marinade that runs by itself ends on its minute.
        $begun = $plan->day->at($plan->day->schedule->start('marinade'));
        $event = static fn (string $id, string $type, string $subject, DateTimeImmutable $at): Event => Event::fromFields(
            Fields::of(['id' => $id, 'type' => $type, 'subject' => $subject, 'at' => $at->getTimestamp()]),
        );
        $done = $begun->setTimestamp($begun->getTimestamp() + 60 * $plan->day->schedule->tasks['marinade']->minutes);
        $cook = Cook::fold($plan, [
            $event(
                '01KQ0000000000000000000001', 'started', 'marinade', $begun,
            ), $event('01KQ0000000000000000000002', 'done', 'marinade', $done),
        ], $tableAt);
        self::assertSame(
            $done->getTimestamp() + 60 * $plan->day->schedule->tasks['marinates']->minutes,
            $cook->endsAt('marinates')?->getTimestamp(),
        );
        self::assertEquals($cook->endsAt('marinates'), $cook->state->progress['marinates']->doneAt);
    }

    #[DataProvider('nights')]
    public function test_the_soonest_table_leaves_room_and_can_be_named(string $zone, string $table): void
    {
        $at = new DateTimeImmutable($table, new DateTimeZone($zone));
        foreach ([-200, -100, -40, -7] as $minutes) {
            $ready = $at->setTimestamp($at->getTimestamp() + 60 * $minutes + 1);
            $offered = Day::nextFive($ready);
            self::assertGreaterThanOrEqual($ready, $offered);
            self::assertLessThanOrEqual(65 * 60, $offered->getTimestamp() - $ready->getTimestamp());
            $named = new DateTimeImmutable($offered->format('Y-m-d\TH:i'), new DateTimeZone($zone));
            self::assertGreaterThanOrEqual($ready, $named, 'as a cook names it');
        }
    }
}

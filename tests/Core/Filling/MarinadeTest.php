<?php

declare(strict_types=1);

namespace Tests\Core\Filling;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Filling\Marinade;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Station;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class MarinadeTest extends TestCase
{
    public function test_each_protein_has_its_times_and_acid_and_papaya_shorten_them(): void
    {
        self::assertSame([30, 1440], self::limits(Sample::filling('chicken-thigh'), []));
        self::assertSame([30, 240], self::limits(Sample::filling('chicken-thigh'), ['acid' => 'strong']));
        self::assertSame([180, 1440], self::limits(Sample::filling('lamb-cubes'), []));
        self::assertSame([180, 240], self::limits(Sample::filling('lamb-cubes'), ['papaya_percent' => 3]));
        self::assertSame([15, 30], self::limits(Sample::filling('prawns'), []));
        self::assertSame([30, 720], self::limits(Sample::filling('paneer'), []));
    }

    public function test_papaya_and_a_mild_night_take_time_off_to_tender(): void
    {
        self::assertEqualsWithDelta(1.0, self::marinade([])->tenderFactor(), 1e-9);
        self::assertEqualsWithDelta(0.65, self::marinade(['papaya_percent' => 3])->tenderFactor(), 1e-9);
        self::assertEqualsWithDelta(0.9, self::marinade(['minutes' => 720])->tenderFactor(), 1e-9);
        self::assertEqualsWithDelta(1.0, self::marinade(['minutes' => 720, 'acid' => 'strong'])->tenderFactor(), 1e-9);
    }

    public function test_too_long_is_a_clash_with_a_mend_that_ends_it(): void
    {
        $dish = Sample::dish('turkey-plum-biryani')->changed(
            'fillings/0/marinade',
            ['minutes' => 600, 'acid' => 'strong'],
        );
        $clash = Sample::plan($dish)->clashesAt(Station::Filling)[0];

        self::assertStringContainsString('10 h in this marinade is too long', Sample::say($clash->says));
        self::assertSame(
            [],
            Sample::plan($dish->changed($clash->mends[0]->path, $clash->mends[0]->value))->clashesAt(Station::Filling),
        );
    }

    public function test_yogurt_in_the_morning_is_a_task_of_its_own(): void
    {
        $dish = Sample::dish('turkey-plum-biryani')->changed(
            'fillings/0/marinade',
            ['minutes' => 720, 'acid' => 'mild', 'yogurt' => 'morning'],
        );
        $schedule = Sample::plan($dish)->day->schedule;

        self::assertSame(660, $schedule->tasks['marinates']->minutes);
        self::assertSame(60, $schedule->tasks['yogurt']->minutes + $schedule->tasks['marinates-on']->minutes);
        self::assertGreaterThanOrEqual($schedule->end('marinates'), $schedule->start('yogurt'));
    }

    /**
     * @param  array<string, mixed>  $more
     * @return array{int, int}
     */
    private static function limits(FillingKind $kind, array $more): array
    {
        $times = self::marinade($more)->times($kind);
        self::assertGreaterThanOrEqual($times['least'], $times['good']);
        self::assertLessThanOrEqual($times['most'], $times['good']);

        return [$times['least'], $times['most']];
    }

    /** @param  array<string, mixed>  $more */
    private static function marinade(array $more): Marinade
    {
        return Marinade::fromFields(Fields::of($more + ['minutes' => 60]));
    }
}

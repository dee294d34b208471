<?php

declare(strict_types=1);

namespace Tests\Core\Filling;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Filling\Marinade;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Station;
use PHPUnit\Framework\Attributes\TestWith;
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

    /**
     * @param  array<string, mixed>  $more
     * @param  array{int, int, int}  $minutes
     */
    #[TestWith(['chicken-breast', [], [30, 210, 1440]])]
    #[TestWith(['chicken-breast', ['acid' => 'strong'], [30, 210, 240]])]
    #[TestWith(['chicken-breast', ['papaya_percent' => 0.1], [30, 120, 240]])]
    #[TestWith(['lamb-cubes', [], [180, 1080, 1440]])]
    #[TestWith(['lamb-cubes', ['acid' => 'strong'], [180, 720, 720]])]
    #[TestWith(['meatballs', ['papaya_percent' => 6], [180, 180, 240]])]
    #[TestWith(['chicken-breast', ['acid' => 'strong', 'papaya_percent' => 2], [30, 210, 240]])]
    #[TestWith(['fish', ['papaya_percent' => 2], [15, 20, 30]])]
    #[TestWith(['paneer', [], [30, 30, 720]])]
    #[TestWith(['root-vegetables', [], [10, 30, 240]])]
    public function test_its_least_good_and_most(string $kind, array $more, array $minutes): void
    {
        $times = self::marinade($more)->times(Sample::filling($kind));

        self::assertSame($minutes, [$times['least'], $times['good'], $times['most']]);
    }

    public function test_what_is_simmered_in_it_afterwards_needs_a_quarter_of_an_hour(): void
    {
        $least = static fn (string $kind, array $more): int => self::marinade($more)
            ->times(Sample::filling($kind), true)['least'];

        self::assertSame(15, $least('lamb-cubes', []));
        self::assertSame(15, $least('lamb-cubes', ['papaya_percent' => 3]), 'papaya too, on meat that is cooked first');
        self::assertSame(10, $least('root-vegetables', []), 'what needs less needs no more');
        self::assertSame(1440, self::marinade([])->times(Sample::filling('lamb-cubes'), true)['most']);
    }

    public function test_a_night_begins_at_eight_hours_and_yogurt_brings_its_water(): void
    {
        self::assertFalse(self::marinade(['minutes' => 479])->isOvernight());
        self::assertTrue(self::marinade(['minutes' => 480])->isOvernight());
        $free = static fn (int $minutes, string $yogurt): float => self::marinade(['minutes' => $minutes, 'yogurt' => $yogurt])->freeShare();
        self::assertSame([0.0, 0.05, 0.08], [$free(600, 'none'), $free(479, 'now'), $free(480, 'now')]);
        self::assertSame([0.03, 0.03], [$free(60, 'morning'), $free(720, 'morning')]);
    }

    /** @param  array<string, mixed>  $said */
    #[TestWith([['minutes' => 4]])]
    #[TestWith([['minutes' => 2881]])]
    #[TestWith([['papaya_percent' => 6.1]])]
    #[TestWith([['papaya_percent' => -0.1]])]
    public function test_a_marinade_that_nobody_makes_is_refused(array $said): void
    {
        self::assertNotSame('', Sample::refused(static fn (): Marinade => self::marinade($said)));
        self::assertSame(5, self::marinade(['minutes' => 5])->minutes);
        self::assertSame(2880, self::marinade(['minutes' => 2880, 'papaya_percent' => 4])->minutes);
    }

    /** Free water of a filling when it is layered (docs/model.md, section C). */
    public function test_how_wet_it_is_by_its_word(): void
    {
        self::assertSame(
            [0.03, 0.10, 0.20, 0.32], array_map(static fn (Wetness $wet): float => $wet->freeShare(), Wetness::cases()),
        );
    }

    /** @param  array<string, mixed>  $said */
    #[TestWith([['tender_min' => 601], false])]
    #[TestWith([['tender_min' => 600, 'juice_share' => 0.6, 'safe_core_c' => 90, 'half_mm' => 80, 'bulk_kg_per_l' => 1.5], true])]
    #[TestWith([['juice_share' => 0.61], false])]
    #[TestWith([['safe_core_c' => 54.9], false])]
    #[TestWith([['safe_core_c' => 55, 'half_mm' => 1, 'bulk_kg_per_l' => 0.1], true])]
    #[TestWith([['safe_core_c' => 90.1], false])]
    #[TestWith([['half_mm' => 0.9], false])]
    #[TestWith([['half_mm' => 80.1], false])]
    #[TestWith([['bulk_kg_per_l' => 0.09], false])]
    #[TestWith([['bulk_kg_per_l' => 1.51], false])]
    public function test_a_kind_is_taken_within_what_can_be(array $said, bool $isTaken): void
    {
        $read = static fn (): FillingKind => FillingKind::fromFields(Fields::of($said + [
            'id' => 'goose', 'name' => 'goose', 'group' => 'poultry', 'tender_min' => 90, 'juice_share' => 0.2,
            'half_mm' => 20, 'bulk_kg_per_l' => 0.9,
        ]));

        $isTaken
            ? self::assertSame($said, array_intersect_key([
                'tender_min' => (int) $read()->tenderMin, 'juice_share' => $read()->juiceShare,
                'safe_core_c' => (int) $read()->safeCoreC, 'half_mm' => (int) $read()->halfThicknessMm,
                'bulk_kg_per_l' => $read()->bulkKgPerLitre,
            ], $said))
            : self::assertStringContainsString(
                (string) current($said), Sample::refused($read), 'the refusal names what was given',
            );
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

    public function test_two_kinds_in_one_marinade_lie_as_long_as_both_bear(): void
    {
        $of = static fn (string $kind): ?array => Sample::dish('turkey-plum-biryani')
            ->changed('fillings/0/parts/1/kind', $kind)->fillings->get(0)->marinadeTimes();
        $minutes = static fn (?array $times): array => [$times['least'] ?? 0, $times['good'] ?? 0, $times['most'] ?? 0];

        self::assertSame([30, 30, 30], $minutes($of('prawns')), 'prawns go chalky where turkey would have a night');
        self::assertSame([180, 210, 1440], $minutes($of('lamb-cubes')), 'lamb wants longer than turkey');
        self::assertSame([30, 210, 1440], $minutes($of('root-vegetables')), 'a vegetable decides nothing');
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

<?php

declare(strict_types=1);

namespace Tests\Core\Kitchen;

use App\Wording\Wording;
use Orbek\Core\Kitchen\Editions;
use Orbek\Core\Kitchen\FirstMinutes;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Degrees;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Reading;
use Orbek\Core\Measure\Weekday;
use Orbek\Core\Pot\Cooker;
use Orbek\Core\Pot\LetsGo;
use Orbek\Core\Pot\Seal;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What a new household is asked, and older editions of the document. */
final class FirstMinutesTest extends TestCase
{
    public function test_nothing_known_is_a_kitchen_to_cook_in(): void
    {
        $home = self::made([]);
        self::assertSame(['Our kitchen', 0.0, 1, 1, 1], [
            $home->name, $home->site->altitudeM, count($home->equipment->pots), count($home->equipment->rings), $home->equipment->hands,
        ]);
        self::assertEqualsWithDelta(24, $home->equipment->pots['pot-1']->diameterCm, 0.1);
        self::assertTrue($home->equipment->hasScale);
        self::assertNull($home->equipment->oven);
    }

    public function test_measures_heights_and_marks_are_worked_out(): void
    {
        $home = self::made([
            'place' => ['how' => 'boil', 'boil_c' => '203', 'boil_in' => 'fahrenheit'],
            'pots' => [
                'pots' => [['litres' => '5.5'], ['diameter_cm' => '28', 'height_cm' => '15'], ['diameter_cm' => '24']],
            ],
            'rings' => [
                'rings' => [
                    ['kind' => 'coil', 'knob' => 'nine'], ['knob' => 'own', 'marks' => 'low 30, high 100'],
                    ['kind' => 'induction', 'knob' => 'boost'], ['knob' => 'own', 'marks' => 'min, 2, max'],
                ],
            ],
            'oven' => [
                'oven' => '1', 'most_c' => '480', 'oven_in' => 'fahrenheit', 'cooker' => '1', 'cooker_cups' => '10',
            ],
            'units' => ['degrees' => 'fahrenheit', 'hours' => '12', 'units' => 'cups'], 'people' => ['hands' => '2'],
        ]);
        // 203 °F is 95 °C: some 1500 m up.
        self::assertEqualsWithDelta(95.0, $home->boilC(), 0.1);
        self::assertEqualsWithDelta(1500, $home->site->altitudeM, 60);
        self::assertEqualsWithDelta(24, $home->equipment->pots['pot-1']->diameterCm, 0.1);
        self::assertEqualsWithDelta(9.2, $home->equipment->pots['pot-2']->litres, 0.05);
        self::assertEqualsWithDelta(5.5, $home->equipment->pots['pot-3']->litres, 0.1);
        self::assertSame(
            ['1', '9', 9],
            [$home->equipment->rings['ring-1']->knob->marks[0]->name, $home->equipment->rings['ring-1']->knob->marks[8]->name, 9],
        );
        self::assertSame([0.3, 1.0], $home->equipment->rings['ring-2']->knob->shares());
        $boost = $home->equipment->rings['ring-3']->knob;
        self::assertSame([10, 'boost', 1.0, 0.8], [
            count($boost->marks), $boost->marks[9]->name, $boost->marks[9]->share, $boost->marks[8]->share,
        ]);
        self::assertSame([0.33, 0.67, 1.0], $home->equipment->rings['ring-4']->knob->shares(), 'even steps, no per cent asked');
        self::assertEqualsWithDelta(249, $home->equipment->oven->mostC ?? 0, 0.5);
        self::assertEqualsWithDelta(5.4, $home->cookers()['cooker']->litres, 0.05);
        self::assertSame(
            [Degrees::Fahrenheit, true, 2], [$home->reading->degrees, $home->reading->isTwelveHours, $home->equipment->hands],
        );
    }

    public function test_what_cannot_be_is_refused_by_name(): void
    {
        foreach ([
            [['pots' => ['pots' => [['diameter_cm' => '0']]]], 'diameter_cm: 0 is out of range; give 10 to 60 cm'],
            [['pots' => ['pots' => [['diameter_cm' => '20', 'litres' => '60']]]], 'would stand 191'],
            [
                ['rings' => ['rings' => [['kind' => 'camping', 'kw' => '3']]]],
                'kw: 3 is out of range; give 0.2 to 2.5 kW',
            ],
            [['rings' => ['rings' => [['knob' => 'own', 'marks' => 'low 30']]]], 'low alone is no knob'],
            [['rings' => ['rings' => [['knob' => 'own', 'marks' => 'low 30, high']]]], '"high" has no per cent as others have'],
            [
                ['rings' => ['rings' => [['knob' => 'own', 'marks' => 'high 90, low 30']]]],
                'low gives no more than high before it',
            ],
            [['place' => ['how' => 'boil', 'boil_c' => '60']], 'boil_c: 60 is out of range; give 82 to 101 °C'],
            [['people' => ['hands' => '0']], 'hands: 0 is out of range'],
        ] as [$answers, $says]) {
            self::assertStringContainsString($says, Sample::refused(static fn () => self::made($answers)));
        }
    }

    public function test_an_older_edition_comes_in_without_loss(): void
    {
        $old = [
            'format' => 'orbek-kitchen/1', 'name' => 'Old', 'altitude_m' => 12, 'timezone' => 'UTC',
            'pots' => [
                ['id' => 'a', 'name' => 'A', 'material' => 'steel', 'diameter_cm' => 24, 'litres' => 5.5],
                [
                    'id' => 'c', 'name' => 'C', 'material' => 'aluminium', 'diameter_cm' => 20, 'litres' => 3,
                    'cooker_watts' => 600,
                ],
            ],
            'burners' => [
                ['id' => 'r', 'name' => 'R', 'kind' => 'gas', 'watts' => 2000, 'knob' => ['marks' => [
                    ['mark' => 'full', 'share' => 1], ['mark' => 'low', 'share' => 0.3],
                ]]],
                [
                    'id' => 's', 'name' => 'S', 'kind' => 'gas', 'watts' => 2000,
                    'knob' => ['marks' => [['mark' => 'on', 'share' => 1]]],
                ],
            ],
            'lots' => [['id' => 'l', 'name' => 'L', 'kind' => 'persian']],
        ];
        $home = Kitchen::fromArray($old);
        self::assertSame(600.0, $home->equipment->pots['c']->cooker?->watts);
        self::assertSame([0.3, 1.0], $home->equipment->rings['r']->knob->shares());
        self::assertSame([], $home->equipment->rings['s']->knob->marks);
        self::assertSame('orbek-kitchen/2', $home->toArray()['format']);
        self::assertSame($home->toArray(), Kitchen::fromArray($home->toArray())->toArray());
        self::assertSame($home->toArray(), Editions::latest($home->toArray()));
    }

    public function test_temperatures_and_times_are_read_as_the_household_does(): void
    {
        $reading = new Reading(degrees: Degrees::Fahrenheit, isTwelveHours: true);
        $say = new Wording(dirname(__DIR__, 3).'/lang', static fn (): Reading => $reading);
        self::assertSame('208.2 °F', $say->degrees(97.9, 1));
        self::assertEqualsWithDelta(97.9, $reading->celsius(208.22), 0.01);
        $wednesday = new \DateTimeImmutable('2026-11-25');
        self::assertSame(['2026-11-23', '2026-11-22', '2026-11-21'], array_map(
            static fn (Weekday $first): string => (new Reading(weekStarts: $first))->weekOf($wednesday),
            [Weekday::Monday, Weekday::Sunday, Weekday::Saturday],
        ));
        self::assertSame('7:05 pm', $say->time(new \DateTimeImmutable('2026-11-28 19:05')));
        self::assertSame('19:05', Sample::wording()->time(new \DateTimeImmutable('2026-11-28 19:05')));
    }

    public function test_a_cookers_own_cup_and_scale_are_used(): void
    {
        $dish = Sample::dish('mushroom-chestnut-rice');
        $with = static fn (array $cooker): float => Sample::plan($dish, Sample::kitchen(['pots' => array_map(
            static fn (array $pot): array => $pot['id'] === 'cooker' ? ['cooker' => $cooker] + $pot : $pot,
            Sample::kitchen()->toArray()['pots'],
        )]))->measured()->cookerLine->amount ?? self::fail('it is measured');
        $usual = $with(['watts' => 650]);
        self::assertEqualsWithDelta($usual * 180 / 150, $with(['watts' => 650, 'cup_ml' => 150]), 0.01);
        self::assertSame(
            [['cups' => 2, 'line' => 3.0], ['cups' => 4, 'line' => 5.5]],
            Cooker::readLines('2 cups 3, 4: 5.5', 'lines'),
        );
        self::assertStringContainsString(
            '"two" will not do', Sample::refused(static fn () => Cooker::readLines('two', 'lines')),
        );
        // Lines that stand wider than cups.
        self::assertEqualsWithDelta(2 * $usual, $with(['watts' => 650, 'lines' => [
            ['cups' => 1, 'line' => 2], ['cups' => 10, 'line' => 20],
        ]]), 0.01);
    }

    public function test_what_a_pot_is_decides_how_it_closes_and_lets_go(): void
    {
        $home = self::made(['pots' => ['pots' => [['lid' => 'vent', 'material' => 'coated'], ['material' => 'clay']]]]);
        self::assertSame(Seal::VENTED_LID, $home->equipment->pots['pot-1']->lid->sealId());
        self::assertSame(LetsGo::AtOnce, $home->equipment->pots['pot-1']->material->letsGo());
        self::assertSame(LetsGo::AfterRest, $home->equipment->pots['pot-2']->material->letsGo());
        $leak = static fn (string $lid): float => Sample::plan(
            Sample::dish('chickpea-spinach-one-pot')->changed('lid/seal', 'tight-lid'),
            Sample::kitchen(['pots' => array_map(
                static fn (array $pot): array => ['lid' => $lid] + $pot, Sample::kitchen()->toArray()['pots'],
            )]),
        )->sealedPot()?->seal->leakShare ?? 0.0;
        self::assertSame([0.4, 0.6, 0.8], array_map($leak, ['tight', 'loose', 'vent']));
    }

    /** @param  array<string, array<string, mixed>>  $answers */
    private static function made(array $answers): Kitchen
    {
        return Kitchen::fromArray(FirstMinutes::document(array_map(Fields::ofForm(...), $answers), 'UTC', Sample::say(...)));
    }
}

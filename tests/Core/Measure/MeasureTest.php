<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use LogicException;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Salt;
use Orbek\Core\Measure\Temperature;
use Orbek\Core\Measure\Volume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class MeasureTest extends TestCase
{
    public function test_there_and_back_is_the_same_amount(): void
    {
        self::assertEqualsWithDelta(8.0, Mass::ounces(8)->inOunces(), 1e-9);
        self::assertEqualsWithDelta(226.8, Mass::ounces(8)->inGrams(), 0.01);
        self::assertEqualsWithDelta(20.0, Temperature::fahrenheit(68)->celsius, 1e-9);
        self::assertEqualsWithDelta(68.0, Temperature::celsius(20)->inFahrenheit(), 1e-9);
        self::assertEqualsWithDelta(293.15, Temperature::celsius(20)->kelvin(), 1e-9);
        self::assertEqualsWithDelta(45.0, Volume::tablespoons(3)->inMillilitres(), 1e-9);
        self::assertEqualsWithDelta(3.0, Volume::teaspoons(9)->inTablespoons(), 1e-9);
        foreach (Cup::cases() as $cup) {
            self::assertEqualsWithDelta(2.5, Volume::cups(2.5, $cup)->inCups($cup), 1e-9);
            self::assertEqualsWithDelta(
                1.7,
                Mass::ofVolume(Volume::cups(1.7, $cup), 0.84)->volume(0.84)->inCups($cup),
                1e-9,
            );
        }
        foreach (Salt::cases() as $salt) {
            self::assertEqualsWithDelta(2.25, $salt->teaspoons($salt->mass(2.25)), 1e-9);
        }
    }

    public function test_cups_and_spoons_are_whose_they_are(): void
    {
        self::assertSame(
            [250.0, 240.0, 237.0, 284.0, 200.0, 180.0],
            array_map(static fn (Cup $cup): float => $cup->millilitres(), Cup::cases()),
        );
        self::assertSame(6.0, Salt::Fine->mass(1)->inGrams());
        self::assertSame(3.0, Salt::Flakes->mass(1)->inGrams());
    }

    public function test_less_than_nothing_is_refused(): void
    {
        $this->expectException(LogicException::class);
        Mass::grams(-1);
    }

    public function test_a_figure_reads_as_a_cook_reads(): void
    {
        self::assertSame('5 min 59 s', Sample::amount(Figure::seconds(359.3, 'why')));
        self::assertSame('1.35 kg', Sample::amount(Figure::of(1352, 'g', 0, 'why')));
        self::assertSame('797 g', Sample::amount(Figure::of(796.5, 'g', 0, 'why')));
        self::assertSame('4.8 L', Sample::amount(Figure::of(4.779, 'L', 1, 'why')));
        self::assertSame('19:26', Sample::amount(Figure::timeOfDay(new \DateTimeImmutable('2026-11-28 19:26'), 'why')));
        $window = Figure::seconds(359, 'why')->within(291, 442);
        self::assertSame(['4 min 51 s', '7 min 22 s'], [Sample::amount($window->from()), Sample::amount($window->by())]);
        self::assertSame(
            [359.0, 's', 291.0, 442.0, ['why']],
            [$window->amount, $window->unit, $window->from, $window->by, $window->why],
        );
        self::assertSame('-0:05', Figure::clock(-5));
        self::assertSame(['45 min', '2 h', '2 h 15 min'], array_map(Sample::wording()->duration(...), [45.0, 120.0, 135.0]));
    }

    public function test_a_figure_without_a_reason_is_not_made(): void
    {
        $this->expectException(\LogicException::class);
        Figure::of(1, 'g', 0);
    }

    /** @return iterable<string, array{callable(Fields): mixed, string}> */
    public static function refusals(): iterable
    {
        yield 'missing' => [
            static fn (Fields $f) => $f->number('gone', 0, 1),
            'pot/gone: is missing; give a number from 0 to 1.',
        ];
        yield 'text for a number' => [
            static fn (Fields $f) => $f->number('name', 0, 1, 'kg'),
            'pot/name: "old pan" will not do; give a number from 0 to 1 kg.',
        ];
        yield 'too much' => [
            static fn (Fields $f) => $f->number('litres', 0, 60, 'L'),
            'pot/litres: 61.5 is out of range; give 0 to 60 L.',
        ];
        yield 'not whole' => [
            static fn (Fields $f) => $f->whole('litres', 0, 100),
            'pot/litres: "61.5" will not do; give a whole number from 0 to 100.',
        ];
        yield 'unknown word' => [
            static fn (Fields $f) => $f->one('name', Cup::class),
            'pot/name: "old pan" is not known; give one of metric, us-legal, us-customary, imperial, japan, rice-cooker.',
        ];
        yield 'no list' => [static fn (Fields $f) => $f->each('name'), 'pot/name: "old pan" will not do; give a list.'];
        yield 'no object' => [
            static fn (Fields $f) => $f->object('name'),
            'pot/name: "old pan" will not do; give an object.',
        ];
        yield 'no flag' => [
            static fn (Fields $f) => $f->flag('name', true),
            'pot/name: "old pan" will not do; give true or false.',
        ];
        yield 'blank' => [
            static fn (Fields $f) => $f->text('blank'),
            'pot/blank: "  " will not do; give a text of 1 to 200 characters.',
        ];
    }

    /** @param  callable(Fields): mixed  $read */
    #[DataProvider('refusals')]
    public function test_a_wrong_field_is_named_with_value_and_cure(callable $read, string $message): void
    {
        self::assertStringContainsString(
            $message,
            Sample::refused(
                static fn () => $read(Fields::of(['name' => 'old pan', 'litres' => 61.5, 'blank' => '  '], 'pot')),
            ),
        );
    }
}

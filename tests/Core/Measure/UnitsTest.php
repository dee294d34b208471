<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Orbek\Core\Measure\AmountReader;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Figure;
use Orbek\Core\Measure\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class UnitsTest extends TestCase
{
    public function test_there_and_back_within_rounding(): void
    {
        foreach ([3.0, 17.0, 120.0, 460.0, 797.0, 2400.0] as $grams) {
            $figure = Figure::of($grams, 'g', 0, 'because')->filling(0.84);
            foreach (Units::cases() as $units) {
                foreach ([Cup::Metric, Cup::UsCustomary, Cup::RiceCooker] as $cup) {
                    $text = Sample::say($units->told($figure->quantity(), $cup));
                    $read = AmountReader::read($text.' rice', $cup);
                    self::assertNotNull($read, $text);
                    $back = $read['unit'] === 'ml' ? $read['amount'] * 0.84 : $read['amount'];
                    // Cups go by the quarter of a cup, a spoon by the quarter of a spoon.
                    $least = $units !== Units::Cups
                        ? max(0.15, 0.02 * $grams)
                        : max(
                            0.125 * 0.84 * (
                                $grams / 0.84 >= $cup->millilitres() / 4
                                    ? $cup->millilitres()
                                    : ($grams / 0.84 >= 15 ? 15 : 5)
                            ),
                            0.5,
                        );
                    self::assertEqualsWithDelta($grams, $back, $least + 0.01, "{$grams} g as {$text}");
                }
            }
        }
    }

    public function test_a_cup_is_as_large_as_it_is_said_to_be(): void
    {
        $figure = Figure::of(420, 'g', 0, 'because')->filling(0.84);

        self::assertSame('2 cups', Sample::say(Units::Cups->told($figure->quantity(), Cup::Metric)));
        self::assertSame('2¾ cups', Sample::say(Units::Cups->told($figure->quantity(), Cup::RiceCooker)));
        self::assertSame('14.8 oz', Sample::say(Units::Ounces->told($figure->quantity(), Cup::Metric)));
        self::assertSame('420 g', Sample::say(Units::Grams->told($figure->quantity(), Cup::Metric)));
        self::assertSame('7.0 cm', Sample::say(Units::Cups->told(Figure::of(7, 'cm', 1, 'because')->quantity(), Cup::Metric)));
    }

    /** @param  array{amount: float, unit: string, of: string}|null  $read */
    #[DataProvider('lines')]
    public function test_lines_are_read_or_left(string $line, ?array $read): void
    {
        $got = AmountReader::read($line, Cup::UsCustomary);
        if ($read === null) {
            self::assertNull($got);

            return;
        }
        self::assertNotNull($got);
        self::assertEqualsWithDelta($read['amount'], $got['amount'], 0.01);
        self::assertSame([$read['unit'], $read['of']], [$got['unit'], $got['of']]);
    }

    /** @return iterable<string, array{string, array{amount: float, unit: string, of: string}|null}> */
    public static function lines(): iterable
    {
        yield 'grams' => ['500 g basmati rice', ['amount' => 500.0, 'unit' => 'g', 'of' => 'basmati rice']];
        yield 'no space' => ['500g rice', ['amount' => 500.0, 'unit' => 'g', 'of' => 'rice']];
        yield 'mixed fraction' => ['1 1/2 cups of rice', ['amount' => 355.5, 'unit' => 'ml', 'of' => 'rice']];
        yield 'a sign' => ['2½ lb chicken', ['amount' => 1133.98, 'unit' => 'g', 'of' => 'chicken']];
        yield 'a fraction alone' => ['1/4 tsp saffron', ['amount' => 1.25, 'unit' => 'ml', 'of' => 'saffron']];
        yield 'half a kilo' => ['Half a kilo of lamb', ['amount' => 500.0, 'unit' => 'g', 'of' => 'lamb']];
        yield 'pieces' => ['3 eggs', ['amount' => 3.0, 'unit' => 'piece', 'of' => 'eggs']];
        yield 'comma' => ['1,5 kg onions', ['amount' => 1500.0, 'unit' => 'g', 'of' => 'onions']];
        yield 'of a range the middle, and said' => [
            '2-3 onions', ['amount' => 2.5, 'unit' => 'piece', 'of' => 'onions'],
        ];
        yield 'words' => ['salt to taste', null];
        yield 'negative' => ['-200 g rice', null];
        yield 'nothing over nothing' => ['1/0 cup rice', null];
        yield 'empty' => ['', null];
    }
}

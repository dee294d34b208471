<?php

declare(strict_types=1);

namespace Tests\Core\Dish;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Matter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

final class LayeringTest extends TestCase
{
    public function test_up_and_down_are_each_others_way_back(): void
    {
        $dish = Sample::polo();
        $up = Sample::edited(Sample::plan($dish), 'layers:up:1', null);

        self::assertSame(['rice', 'rice', 'filling'], self::order($up));
        self::assertTrue($up->build->layers[1]->saffron);
        self::assertEquals($dish->build->layers, Sample::edited(Sample::plan($up), 'layers:down:2', null)->build->layers);
        self::assertEquals(
            $dish->build->layers,
            Sample::edited(Sample::plan($dish), 'layers:up:2', null)->build->layers,
            'the top one stays',
        );
        self::assertEquals(
            $dish->build->layers,
            Sample::edited(Sample::plan($dish), 'layers:down:0', null)->build->layers,
            'the bottom one too',
        );
    }

    public function test_whatever_is_done_the_shares_add_up(): void
    {
        $random = new Randomizer(new Mt19937(5));
        // A heat of its own: nothing is looked for on the way.
        $dish = Sample::polo()->changed('lid/heat', [['minutes' => 30, 'setting' => 0.4]]);
        $done = 0;
        for ($i = 0; $i < 300; $i++) {
            $word = ['up', 'down', 'halve', 'remove', 'share', 'add-rice', 'add-filling'][$random->getInt(0, 6)];
            try {
                $dish = Sample::edited(
                    Sample::plan($dish),
                    "layers:{$word}:".$random->getInt(0, count($dish->build->layers) - 1),
                    $random->getInt(5, 60),
                );
                $done++;
            } catch (Refused) {
                // Refused, and so nothing changed.
            }
            foreach ([[Matter::Rice, 0.85], [Matter::Filling, 1.0]] as [$matter, $whole]) {
                $sum = array_sum(
                    array_map(
                        static fn (LayerChoice $layer): float => $layer->matter === $matter ? $layer->share : 0.0,
                        $dish->build->layers,
                    ),
                );
                self::assertEqualsWithDelta($whole, $sum, 1e-9);
            }
        }
        self::assertGreaterThan(100, $done);
    }

    public function test_a_share_takes_from_the_others_of_its_kind(): void
    {
        $dish = Sample::edited(Sample::plan(Sample::polo()), 'layers:share:0', 25);

        self::assertEqualsWithDelta(0.25, $dish->build->layers[0]->share, 1e-9);
        self::assertEqualsWithDelta(0.60, $dish->build->layers[2]->share, 1e-9);
        self::assertSame(1.0, $dish->build->layers[1]->share);
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function refusals(): iterable
    {
        yield 'the last filling' => [
            'layers:remove:1',
            null,
            'layers: it is the last layer of filling; add another first.',
        ];
        yield 'the only filling weighed' => [
            'layers:share:1',
            50,
            'layers/1/share: it is the only layer of filling; halve it or add another first.',
        ];
        yield 'no such layer' => ['layers:up:9', null, 'layers:up:9: there is no layer 9; give 0 to 2.'];
        yield 'all of it' => ['layers:share:0', 100, 'layers/0/share: 100 is out of range; give 5 to 80 %.'];
        yield 'a word' => [
            'layers:share:0',
            'most',
            'layers:share:0: "most" will not do; give a number from 0 to 100 %.',
        ];
    }

    #[DataProvider('refusals')]
    public function test_what_would_break_the_dish_is_refused(string $path, mixed $value, string $message): void
    {
        self::assertStringContainsString(
            $message,
            Sample::refused(static fn () => Sample::edited(Sample::plan(Sample::polo()), $path, $value)),
        );
    }

    public function test_a_layer_is_not_burnt_by_a_word(): void
    {
        self::assertStringContainsString(
            'layers:burn:1: "burn" is not known',
            Sample::refused(static fn () => Sample::edited(Sample::plan(), 'layers:burn:1')),
        );
        self::assertEqualsWithDelta(
            0.5,
            Sample::edited(
                Sample::plan(Sample::edited(Sample::plan(), 'layers:halve:1')),
                'layers/1/saffron',
                false,
            )->build->layers[1]->share,
            1e-9,
        );
    }

    /** @return list<string> */
    private static function order(Dish $dish): array
    {
        return array_map(static fn (LayerChoice $layer): string => $layer->matter->value, $dish->build->layers);
    }
}

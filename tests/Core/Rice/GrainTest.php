<?php

declare(strict_types=1);

namespace Tests\Core\Rice;

use LogicException;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class GrainTest extends TestCase
{
    public function test_the_front_stands_still_in_the_cold_and_is_one_at_the_boil(): void
    {
        self::assertSame(0.0, CookingFront::speed(54.9));
        self::assertEqualsWithDelta(1.0, CookingFront::speed(100.0), 1e-6);
        self::assertGreaterThan(CookingFront::speed(85.0), CookingFront::speed(95.0));
        self::assertSame(0.0, CookingFront::taking(600)->advance(0.1, 100, 6000));
    }

    public function test_a_weighed_sample_at_seventy_percent(): void
    {
        // What cooks say: rice at 70 % weighs about 2.2 times its raw weight.
        $uptake = Uptake::of(RiceKind::AgedBasmati, Soak::of(30, 20));

        self::assertEqualsWithDelta(2.2, $uptake->at(0.7), 0.05);
        self::assertEqualsWithDelta(1 + 0.28 * 0.811, $uptake->at(0.0), 0.001);
        self::assertSame(2.65, $uptake->at(1.0));
    }

    public function test_stages_follow_one_another_and_hold_their_own_doneness(): void
    {
        $before = -1.0;
        foreach (Stage::cases() as $stage) {
            self::assertGreaterThan($before, $stage->begins());
            self::assertSame($stage, Stage::at($stage->doneness()));
            self::assertNotSame(Sample::wording()->label($stage), Sample::wording()->label($stage, 'words'));
            $before = $stage->begins();
        }
        self::assertSame(Stage::Snaps, Stage::at(0.0));
    }

    public function test_carry_over_is_most_in_a_heap_and_least_under_the_tap(): void
    {
        $over = static fn (Draining $how, float $kg = 1.8): float => $how->carryOverS(
            Mass::kilograms($kg), 98, 20, 480,
        );

        self::assertGreaterThan($over(Draining::Rinse), $over(Draining::Tray));
        self::assertGreaterThan($over(Draining::Tray), $over(Draining::Heap));
        self::assertGreaterThan($over(Draining::Heap), $over(Draining::Standing));
        self::assertLessThan($over(Draining::Heap), $over(Draining::Heap, 0.5), 'a small heap cools sooner');
        // A heap of 1.1 kg and a tray 1 and 2 cm deep, after 2, 5 and 8 min (section A).
        foreach (
            [
                [Draining::Heap, 1.1, [90, 83, 79]], [Draining::Tray, 0.864, [77, 61, 50]],
                [Draining::Tray, 1.728, [87, 77, 69]],
            ] as [$how, $kg, $degrees]
        ) {
            foreach ([120, 300, 480] as $at => $seconds) {
                self::assertEqualsWithDelta(
                    $degrees[$at], $how->celsiusAfter($seconds, Mass::kilograms($kg), 97, 20), 3.0,
                );
            }
        }
        self::assertSame(30.0, Draining::Rinse->celsiusAfter(20, Mass::kilograms(1.1), 98, 20));
        self::assertSame(0.0, Draining::Heap->carryOverS(Mass::kilograms(1), 98, 20, 0));
    }

    public function test_a_long_soak_in_the_warm_is_known_as_such(): void
    {
        self::assertTrue(Soak::of(300, 20)->belongsInTheFridge());
        self::assertFalse(Soak::of(300, 4)->belongsInTheFridge());
        self::assertFalse(Soak::of(240, 20)->belongsInTheFridge());
        self::assertSame('soaked 2 h at 20 °C', Sample::say(Soak::of(120, 20)->words()));
        self::assertSame('not soaked', Sample::say(Soak::of(0, 20)->words()));
    }

    public function test_a_soak_past_two_days_is_refused(): void
    {
        $this->expectException(LogicException::class);
        Soak::of(2881, 20);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rice;

use LogicException;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Lifted;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Water\BoilingPoint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class BoilTest extends TestCase
{
    /**
     * The reference table of docs/model.md, section A.
     *
     * @return iterable<string, array{
     *     RiceKind, float, float, float, float, float, float, float, float, string, string, string, string
     * }>
     */
    public static function reference(): iterable
    {
        yield 'aged, half an hour' => [
            RiceKind::AgedBasmati, 30, .50, 3.5, 1000, 0, .81, 13.6, 92.1, '2:07', '4:29', '6:39', '8:50',
        ];
        yield 'aged, unsoaked' => [
            RiceKind::AgedBasmati, 0, .50, 3.5, 1000, 0, 0, 19.0, 93.5, '1:44', '5:55', '8:57', '12:00',
        ];
        yield 'aged, two hours' => [
            RiceKind::AgedBasmati, 120, .60, 4.0, 1200, 0, 1.00, 12.4, 91.5, '2:13', '4:11', '6:09', '8:08',
        ];
        yield 'new crop' => [
            RiceKind::NewBasmati, 30, .40, 3.0, 1000, 0, .85, 11.6, 92.6, '1:43', '3:47', '5:38', '7:30',
        ];
        yield 'brown' => [
            RiceKind::BrownBasmati, 60, .30, 2.5, 900, 0, .49, 33.4, 93.8, '1:19', '10:02', '15:21', '20:43',
        ];
        yield 'small grain' => [
            RiceKind::SmallGrain, 20, .35, 2.5, 900, 0, .81, 9.3, 92.3, '1:39', '3:07', '4:36', '6:05',
        ];
        yield 'high up' => [
            RiceKind::AgedBasmati, 30, .50, 3.5, 1000, 1500, .81, 13.6, 87.7, '1:59', '6:05', '9:09', '12:14',
        ];
        yield 'much rice' => [
            RiceKind::AgedBasmati, 30, 1.0, 3.5, 1000, 0, .81, 13.6, 85.7, '4:15', '5:34', '7:44', '9:55',
        ];
    }

    #[DataProvider('reference')]
    public function test_it_meets_the_reference_table(
        RiceKind $kind, float $soakMin, float $rawKg, float $waterL, float $power, float $altitude, float $saturation,
        float $tauMin, float $afterC, string $back, string $half, string $seventy, string $eightyFive,
    ): void {
        $soak = Soak::of($soakMin, 20);
        $boil = self::boil($kind, $soak, $rawKg, $waterL, $power, $altitude);

        self::assertEqualsWithDelta($saturation, $soak->saturation($kind), 0.006);
        self::near($tauMin, $boil->front->tauS / 60);
        self::assertEqualsWithDelta($afterC, $boil->afterRiceC, 0.1);
        self::near(self::seconds($back), $boil->backAtBoilS);
        self::near(self::seconds($half), $boil->secondsTo(0.50));
        self::near(self::seconds($seventy), $boil->secondsTo(0.70));
        self::near(self::seconds($eightyFive), $boil->secondsTo(0.85));
    }

    public function test_time_and_doneness_are_one_curve(): void
    {
        $boil = self::boil(RiceKind::Persian, Soak::of(45, 15), .6, 3.6, 900, 400);
        foreach ([0.05, 0.2, 0.5, 0.9, 0.99] as $doneness) {
            self::assertEqualsWithDelta($doneness, $boil->donenessAfter($boil->secondsTo($doneness)), 1e-6);
            self::assertEqualsWithDelta($doneness, $boil->donenessAfter($boil->secondsTo($doneness, 1.2), 1.2), 1e-6);
        }
        self::assertSame(0.0, $boil->donenessAfter(-10));
        self::assertSame(1.0, $boil->donenessAfter(3600));
    }

    public function test_the_curve_agrees_with_the_front_followed_second_by_second(): void
    {
        $boil = self::boil(RiceKind::AgedBasmati, Soak::of(30, 20), 1.0, 3.5, 1000, 900);
        $core = 1.0;
        $celsius = $boil->afterRiceC;
        $rise = ($boil->boilC - $boil->afterRiceC) / $boil->backAtBoilS;
        for ($s = 0.0; $s < 420; $s += 0.1) {
            $core = $boil->front->advance($core, min($boil->boilC, $celsius + $rise * ($s + 0.05)), 0.1);
        }

        self::assertEqualsWithDelta(1 - $core ** 2, $boil->donenessAfter(420), 5e-4);
    }

    public function test_nothing_that_helps_ever_slows_the_grain(): void
    {
        $slowest = INF;
        foreach ([0, 5, 15, 30, 60, 120, 600] as $minutes) {
            $seconds = self::boil(RiceKind::AgedBasmati, Soak::of($minutes, 20), .5, 3.5, 1000, 0)->secondsTo(0.7);
            self::assertLessThanOrEqual($slowest, $seconds, "soaked {$minutes} min");
            $slowest = $seconds;
        }
        $slowest = INF;
        foreach ([4, 12, 20, 30, 45] as $celsius) {
            $seconds = self::boil(RiceKind::BrownBasmati, Soak::of(40, $celsius), .5, 3.5, 1000, 0)->secondsTo(0.7);
            self::assertLessThan($slowest, $seconds, "soaked at {$celsius} °C");
            $slowest = $seconds;
        }
        $fastest = 0.0;
        foreach ([0, 300, 640, 1500, 3000] as $altitude) {
            $seconds = self::boil(RiceKind::AgedBasmati, Soak::of(30, 20), .5, 3.5, 1000, $altitude)->secondsTo(0.7);
            self::assertGreaterThan($fastest, $seconds, "at {$altitude} m");
            $fastest = $seconds;
        }
    }

    /** A cook lifts when a grain feels as wanted; what it is in the pot is more (section A: .70 is .83 to .88). */
    public function test_what_is_lifted_cooks_on_in_the_hand_and_while_it_waits(): void
    {
        $lifted = Lifted::of(RiceKind::AgedBasmati, Soak::of(60, 20), 1.0, Draining::Heap, 100, 20);
        $raw = Mass::kilograms(0.6);
        // The usual wait: straight from the colander into the pot.

        self::assertGreaterThan(0.70, $lifted->outOfWater(0.70));
        self::assertEqualsWithDelta(0.855, $lifted->inPot(0.70, $raw, 60), 0.03);
        self::assertEqualsWithDelta(0.715, $lifted->inPot(0.50, $raw, 120), 0.035);
        self::assertGreaterThan($lifted->inPot(0.70, $raw, 60), $lifted->inPot(0.70, $raw, 600));
        self::assertGreaterThan($lifted->celsius(0.70, $raw, 600), $lifted->celsius(0.70, $raw, 60));
        $rinsed = Lifted::of(RiceKind::AgedBasmati, Soak::of(60, 20), 1.0, Draining::Rinse, 100, 20);
        self::assertLessThan($lifted->inPot(0.70, $raw, 180), $rinsed->inPot(0.70, $raw, 180));
    }

    public function test_a_boil_seen_to_be_back_later_cooks_later(): void
    {
        $boil = self::boil(RiceKind::AgedBasmati, Soak::of(30, 20), .5, 3.5, 1000, 0);
        $late = $boil->backAfter($boil->backAtBoilS + 120);

        self::assertSame($boil->backAtBoilS + 120, $late->backAtBoilS);
        self::assertGreaterThan($boil->secondsTo(0.7), $late->secondsTo(0.7));
        self::assertSame([5.0, 1800.0], [$boil->backAfter(5)->backAtBoilS, $boil->backAfter(1800)->backAtBoilS]);
        foreach ([4.9, 1800.1] as $never) {
            try {
                $boil->backAfter($never);
                self::fail("{$never} s was taken");
            } catch (LogicException $wrong) {
                self::assertStringContainsString('back at the boil', $wrong->getMessage());
            }
        }
    }

    /** Also within the last part of a second before it boils again. */
    public function test_the_curve_has_no_step_where_the_water_boils_again(): void
    {
        $boil = self::boil(RiceKind::AgedBasmati, Soak::of(30, 20), .5, 3.5, 1000, 0)->backAfter(100.4);
        foreach ([0.3, 50.7, 99.5, 100.1, 100.39, 100.4, 100.41, 240.0] as $seconds) {
            self::assertEqualsWithDelta($seconds, $boil->secondsToExposure($boil->exposureAfter($seconds)), 1e-6);
        }
        self::assertEqualsWithDelta($boil->exposureAfter(100.4), $boil->exposureAfter(100.39), 0.011);
        self::assertSame(0.0, $boil->secondsToExposure(0.0));
    }

    /** @param  array{float, float, float}  $much rice and water in kg, W */
    #[TestWith([[0.5, 3.5, 49.0]])]
    #[TestWith([[0.5, 3.5, 20001.0]])]
    #[TestWith([[0.5, 1001.0, 1000.0]])]
    #[TestWith([[1001.0, 3.5, 1000.0]])]
    #[TestWith([[0.00009, 3.5, 1000.0]])]
    #[TestWith([[0.5, 0.0009, 1000.0]])]
    public function test_a_boil_that_no_kitchen_has_is_refused(array $much): void
    {
        [$rice, $water, $power] = $much;
        $of = static fn (float $rice, float $water, float $power): Boil => Boil::of(
            CookingFront::taking(800), Mass::kilograms($rice), Mass::kilograms($water), $power, 100, 20,
        );
        self::assertGreaterThan(0, $of(1000, 1000, 20000)->backAtBoilS);
        self::assertGreaterThan(0, $of(0.0001, 0.001, 50)->backAtBoilS);

        $this->expectException(LogicException::class);
        $of($rice, $water, $power);
    }

    public function test_a_boil_without_power_or_water_is_refused(): void
    {
        $this->expectException(LogicException::class);
        self::boil(RiceKind::AgedBasmati, Soak::of(30, 20), .5, 3.5, 0, 0);
    }

    private static function boil(
        RiceKind $kind, Soak $soak, float $rawKg, float $waterL, float $power, float $altitude,
    ): Boil {
        return Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked(Mass::kilograms($rawKg), $kind, $soak),
            Mass::kilograms($waterL), $power, BoilingPoint::at($altitude), 20,
        );
    }

    private static function seconds(string $clock): float
    {
        [$minutes, $seconds] = explode(':', $clock);

        return 60 * (float) $minutes + (float) $seconds;
    }

    private static function near(float $expected, float $actual): void
    {
        self::assertEqualsWithDelta($expected, $actual, 0.03 * $expected);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Rice;

use LogicException;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\Draining;
use Orbek\Core\Rice\Lifted;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\Attributes\TestWith;
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

    /** The table of docs/model.md, section A: tau0 and theta20 in minutes, a, W_full, bulk. */
    #[TestWith([RiceKind::AgedBasmati, 19.0, 0.35, 18.0, 2.65, 0.84])]
    #[TestWith([RiceKind::NewBasmati, 16.5, 0.35, 16.0, 2.45, 0.84])]
    #[TestWith([RiceKind::Persian, 17.0, 0.35, 17.0, 2.55, 0.84])]
    #[TestWith([RiceKind::SellaBasmati, 23.0, 0.30, 35.0, 2.75, 0.82])]
    #[TestWith([RiceKind::BrownBasmati, 38.0, 0.25, 90.0, 2.50, 0.80])]
    #[TestWith([RiceKind::SmallGrain, 13.0, 0.35, 12.0, 2.40, 0.86])]
    #[TestWith([RiceKind::WhiteLongGrain, 15.5, 0.35, 15.0, 2.45, 0.85])]
    public function test_a_kind_cooks_soaks_and_fills_as_the_table_says(
        RiceKind $kind, float $tau0, float $a, float $theta, float $full, float $bulk,
    ): void {
        self::assertEqualsWithDelta(
            [60 * $tau0, $a, 60 * $theta, $full, $bulk],
            [
                $kind->unsoakedTauS(), $kind->soakGain(), $kind->soakTimeConstantS(), $kind->fullUptake(),
                $kind->bulkKgPerLitre(),
            ], 1e-9,
        );
        // After one theta a grain is 1 − 1/e full, and its tau is less by that share of a.
        $soak = Soak::of($theta, 20);
        self::assertEqualsWithDelta(1 - exp(-1), $soak->saturation($kind), 1e-9);
        self::assertEqualsWithDelta(
            60 * $tau0 * (1 - $a * (1 - exp(-1))) * 1.2, CookingFront::of($kind, $soak, 1.2)->tauS, 1e-6,
        );
    }

    public function test_warmth_hastens_a_soak_by_its_law(): void
    {
        // Twenty degrees more: theta is exp(−0.7) of what it was.
        self::assertEqualsWithDelta(
            1 - exp(-1), Soak::of(18 * exp(-0.7), 40)->saturation(RiceKind::AgedBasmati), 1e-9,
        );
    }

    public function test_the_front_starts_where_starch_swells_and_follows_its_law(): void
    {
        self::assertSame(0.0, CookingFront::speed(54.999));
        self::assertGreaterThan(0.0, CookingFront::speed(55.0));
        // exp(−79500/8.314 · (1/T − 1/373.15)), halved at 70 °C where the onset stands in its middle.
        self::assertEqualsWithDelta(
            exp(-79500 / 8.314 * (1 / 343.15 - 1 / 373.15)) / 2, CookingFront::speed(70.0), 1e-12,
        );
        self::assertEqualsWithDelta(
            exp(-79500 / 8.314 * (1 / 363.15 - 1 / 373.15)) / (1 + exp(-10)), CookingFront::speed(90.0), 1e-12,
        );
        self::assertSame([1.0, 0.0], [CookingFront::coreRadius(-0.2), CookingFront::coreRadius(1.2)]);
        self::assertEqualsWithDelta(0.5, CookingFront::coreRadius(0.75), 1e-12);
        foreach ([0.9, 1e6 + 1] as $tau) {
            try {
                CookingFront::taking($tau);
                self::fail("tau of {$tau} s was taken");
            } catch (LogicException $wrong) {
                self::assertStringContainsString('tau', $wrong->getMessage());
            }
        }
        self::assertSame([1.0, 1e6], [CookingFront::taking(1)->tauS, CookingFront::taking(1e6)->tauS]);
    }

    public function test_what_is_cooked_on_takes_up_no_more_than_clings_to_it(): void
    {
        $uptake = Uptake::of(RiceKind::AgedBasmati, Soak::of(2000, 20));
        self::assertEqualsWithDelta(1.28 + 0.11 + 1.37 * 0.5, $uptake->carriedOn(0.5, 0.9), 1e-6);
        self::assertEqualsWithDelta(1.28 + 1.37 * 0.52, $uptake->carriedOn(0.5, 0.52), 1e-6);
        self::assertEqualsWithDelta(0.5, $uptake->donenessAt(1.28 + 1.37 / 2), 1e-6);
    }

    public function test_the_stages_stand_where_the_craft_puts_them(): void
    {
        $stages = array_map(
            static fn (Stage $stage): array => [$stage->begins(), $stage->doneness(), $stage->ends()], Stage::cases(),
        );
        self::assertSame([
            [0.0, 0.20, 0.35], [0.35, 0.50, 0.55], [0.55, 0.60, 0.65], [0.65, 0.70, 0.78], [0.78, 0.85, 0.90],
            [0.90, 0.95, 0.98], [0.98, 1.00, INF],
        ], $stages);
        self::assertSame(Stage::Breaks, Stage::at(0.7799));
        self::assertSame(Stage::Thread, Stage::at(0.78));
        self::assertSame([Stage::Snaps, Stage::Snaps, Stage::PinPoint], [
            Stage::Snaps->before(), Stage::HardHeart->before(), Stage::Smears->before(),
        ]);
    }

    public function test_lifted_rice_cools_by_its_own_law(): void
    {
        $half = log(2);
        // From 100 °C in a room of 20 it is at 60 after ln 2 time constants (section A).
        self::assertEqualsWithDelta(60, Draining::Heap->celsiusAfter(27 * 60 * $half, Mass::kilograms(1.1), 100, 20), 1e-6);
        self::assertEqualsWithDelta(
            60, Draining::Heap->celsiusAfter(2 * 27 * 60 * $half, Mass::kilograms(8 * 1.1), 100, 20), 1e-6,
        );
        // .72 kg a litre on .12 m²: 1.728 kg lie 2 cm deep.
        self::assertEqualsWithDelta(
            60, Draining::Tray->celsiusAfter(2 * 8 * 60 * $half, Mass::kilograms(1.728), 100, 20), 1e-6,
        );
        self::assertEqualsWithDelta(60, Draining::Standing->celsiusAfter(3600 * $half, Mass::kilograms(1), 100, 20), 1e-6);
        self::assertEqualsWithDelta(65, Draining::Rinse->celsiusAfter(10, Mass::kilograms(1), 100, 20), 1e-6);
        self::assertEqualsWithDelta(30, Draining::Rinse->celsiusAfter(60, Mass::kilograms(1), 100, 20), 1e-6);
        // A hand takes 45 s, and the rice boils on meanwhile.
        $front = CookingFront::of(RiceKind::Persian, Soak::of(30, 20));
        self::assertEqualsWithDelta(
            $front->donenessAfter($front->exposureTo(0.5) + 45 * CookingFront::speed(98)),
            Lifted::of(RiceKind::Persian, Soak::of(30, 20), 1.0, Draining::Heap, 98, 20)->outOfWater(0.5), 1e-9,
        );
        // What is followed step by step agrees with the law: seconds' worth of 100 °C.
        $exposure = 0.0;
        for ($s = 0.05; $s < 240; $s += 0.1) {
            $exposure += 0.1 * CookingFront::speed(Draining::Heap->celsiusAfter($s, Mass::kilograms(1.1), 100, 20));
        }
        self::assertEqualsWithDelta(
            $exposure, Draining::Heap->carryOverS(Mass::kilograms(1.1), 100, 20, 240), 0.002 * $exposure,
        );
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
        self::assertTrue(Soak::of(241, 8.1)->belongsInTheFridge());
        self::assertFalse(Soak::of(241, 8.0)->belongsInTheFridge());
        self::assertSame('soaked 2 h at 20 °C', Sample::say(Soak::of(120, 20)->words()));
        self::assertSame('not soaked', Sample::say(Soak::of(0, 20)->words()));
    }

    public function test_a_soak_past_two_days_is_refused(): void
    {
        $this->expectException(LogicException::class);
        Soak::of(2881, 20);
    }
}

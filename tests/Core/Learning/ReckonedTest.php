<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use LogicException;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\BoilTest;
use Orbek\Core\Learning\Eye;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\MeasuredCrust;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Learning\TestBoil;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Lab;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Normal;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Section D of docs/model.md reckoned once more another way: closed forms where there are, its figures as it has them. */
final class ReckonedTest extends TestCase
{
    public function test_evidence_that_is_a_bell_leaves_a_belief_in_closed_form(): void
    {
        $grid = FactorBelief::grid();
        self::assertEqualsWithDelta([-0.7, 0.0, 0.7], [$grid[0], $grid[50], $grid[100]], 1e-9);
        self::assertCount(101, $grid);
        $bell = static fn (float $mean, float $sd): array => array_map(
            static fn (float $ln): float => Normal::bell(($ln - $mean) / $sd), FactorBelief::grid(),
        );
        // Of its kind .19; the day's scatter of .05 makes the lesson wider than what was seen.
        $seen = 0.04 ** 2 + 0.05 ** 2;
        $after = FactorBelief::after(FactorBelief::lesson($bell(0.3, 0.04)));
        self::assertEqualsWithDelta(0.3 * 0.0361 / (0.0361 + $seen), log($after->likely()), 5e-4);
        self::assertEqualsWithDelta(sqrt(0.0361 * $seen / (0.0361 + $seen)), $after->sd(), 5e-4);
        foreach ([[0.1, -1.281552], [0.8413447, 1.0]] as [$share, $z]) {
            self::assertEqualsWithDelta(
                log($after->likely()) + $z * $after->sd(), log($after->quantile($share)), 1e-3,
            );
        }
        $ring = FactorBelief::after(FactorBelief::lesson($bell(0.3, 0.04)), 0.12);
        self::assertEqualsWithDelta(0.3 * 0.0144 / (0.0144 + $seen), log($ring->likely()), 5e-4);
        self::assertEqualsWithDelta(hypot($after->sd(), 0.05), $after->today()->sd(), 5e-4);

        // An older document kept a belief on 81 points over ±.5, over a kind of .15.
        $old = array_map(static fn (int $i): float => Normal::bell((-0.5 + $i / 80 - 0.1) / 0.05), range(0, 80));
        $precision = 1 / 0.05 ** 2 - 1 / 0.15 ** 2 + 1 / 0.0361;
        $belief = FactorBelief::after(FactorBelief::evidenceOf($old));
        self::assertEqualsWithDelta(0.1 / 0.05 ** 2 / $precision, log($belief->likely()), 1e-3);
        self::assertEqualsWithDelta(sqrt(1 / $precision), $belief->sd(), 1e-3);
        $logs = FactorBelief::onGrid(array_map(static fn (int $i): float => 3.0 * (-0.5 + $i / 80), range(0, 80)));
        self::assertEqualsWithDelta([-2.1, 0.0, 2.1], [$logs[0], $logs[50], $logs[100]], 1e-9, 'past its ends it goes on');
        self::assertSame($grid, FactorBelief::onGrid($grid));

        // A slip of the hand must not forbid a factor for good.
        self::assertEqualsWithDelta(log(1e-12), FactorBelief::lesson(array_fill(0, 101, 0.0))[7], 0.01);
        self::assertStringContainsString('81', Sample::refused(static fn () => FactorBelief::evidenceOf([1, 2])));
        foreach ([array_fill(0, 81, 0), [-1, ...array_fill(0, 80, 1)]] as $cannotBe) {
            self::assertNotSame('', Sample::refused(static fn () => FactorBelief::evidenceOf($cannotBe)));
        }
    }

    public function test_a_belief_that_hardly_moved_counts_as_untaught(): void
    {
        $known = static function (float $share, float $mean = 0.0): FactorBelief {
            $sd = $share / sqrt(1 - $share ** 2) * 0.15;

            return FactorBelief::ofItsKind(0.15)->given(array_map(
                static fn (float $ln): float => Normal::bell(($ln - $mean) / $sd), FactorBelief::grid(),
            ));
        };
        foreach ([
            [$known(0.975), 'untaught'], [$known(0.965), 'as-its-kind'], [$known(0.3, 0.004), 'as-its-kind'],
            [$known(0.3, 0.007), 'off-its-kind'],
        ] as [$belief, $says]) {
            self::assertSame(
                ["factor-belief.bag-{$says}", "factor-belief.ring-{$says}"],
                [$belief->words()->key, $belief->stoveWords()->key],
            );
        }
        self::assertEquals(
            [['percent' => 5, 'isFaster' => true], ['percent' => 5, 'isLess' => true]],
            [$known(0.2, -0.053)->words()->args, $known(0.2, -0.053)->stoveWords()->args],
        );
    }

    public function test_an_eye_is_what_bayes_makes_of_its_readings(): void
    {
        $points = [];
        foreach ([-0.16, -0.12, -0.08, -0.04, 0.0, 0.04, 0.08, 0.12, 0.16] as $lean) {
            foreach ([0.02, 0.03, 0.04, 0.055, 0.075, 0.10, 0.13, 0.17, 0.22] as $scatter) {
                $points[] = [$lean, $scatter];
            }
        }
        $told = Eye::told(0.5, 0.6);
        $named = Eye::named(0.62, Stage::Thread, 0.05);
        $first = Eye::named(0.05, Stage::first());
        $sum = $lean = $square = 0.0;
        foreach ($points as $i => [$at, $scatter]) {
            $likely = exp(-(((0.6 - 0.5 - $at) / $scatter) ** 2) / 2) / $scatter;
            self::assertEqualsWithDelta(log(max(1e-9, $likely)), $told[$i], 1e-5);
            $wide = sqrt($scatter ** 2 + 0.05 ** 2);
            $so = Normal::below((Stage::Thread->ends() - 0.62 - $at) / $wide)
                - Normal::below((Stage::Thread->begins() - 0.62 - $at) / $wide);
            self::assertEqualsWithDelta(log(max(1e-9, $so)), $named[$i], 1e-4);
            self::assertEqualsWithDelta(
                log(max(1e-9, Normal::below((Stage::first()->ends() - 0.05 - $at) / $scatter))), $first[$i], 1e-4,
                'less than the first stage has no name of its own',
            );
            $weight = max(1e-9, $likely) * exp(-(($at / 0.04) ** 2) / 2 - ((log($scatter / 0.06) / 0.45) ** 2) / 2);
            $sum += $weight;
            $lean += $weight * $at;
            $square += $weight * $scatter ** 2;
        }
        $eye = Eye::after($told, 1);
        self::assertEqualsWithDelta([$lean / $sum, sqrt($square / $sum)], [$eye->lean, $eye->scatter], 1e-5);
        self::assertEqualsWithDelta(log(1e-9), Eye::told(0.1, 1.0)[0], 1e-5);
        self::assertEquals(Eye::unknown(), Eye::after([], 3));
        self::assertEquals(Eye::unknown(), Eye::after([1.0, 2.0], 3));
        self::assertEquals(Eye::unknown(), Eye::after($told, 0));
        self::assertSame(0.06, Eye::unknown()->scatter);

        self::assertSame([], Eye::after($told, 11)->words());
        $says = Eye::after($told, 12)->words();
        self::assertEquals(
            ['points' => (int) round(100 * sqrt($square / $sum)), 'closer' => sqrt($square / $sum) < 0.06], $says[0]->args,
        );
        self::assertEquals(['early' => true, 'points' => (int) round(100 * $lean / $sum)], $says[1]->args);
        // Two points are said, one and a half in a hundred are.
        $leans = static fn (float $lean): string => Eye::after(array_map(
            static fn (array $point): float => -(($point[0] - $lean) ** 2) / 2e-6, $points,
        ), 20)->words()[1]->key;
        self::assertSame(['eye.leans-nowhere', 'eye.leans'], [$leans(0.0), $leans(-0.04)]);
    }

    public function test_a_grain_and_a_weight_make_a_factor_as_likely_as_the_model_says(): void
    {
        [$boil, $uptake] = [self::boil(), self::uptake()];
        foreach (FactorBelief::grid() as $i => $ln) {
            $done = $boil->donenessAfter(300, exp($ln));
            self::assertEqualsWithDelta(
                exp(-((($uptake->donenessAt(2.1) - $done) / 0.05) ** 2) / 2),
                Observation::weighed(300, 2.1)->likelihood($boil, $uptake)[$i], 1e-9,
            );
        }
        $touched = Observation::touched(300, Stage::HardHeart)->likelihood($boil, $uptake);
        self::assertEqualsWithDelta(
            Eye::unknown()->calls(Stage::HardHeart, $boil->donenessAfter(300, 1.0)), $touched[50], 1e-9,
        );
        $both = Observation::together(
            [Observation::touched(300, Stage::HardHeart), Observation::weighed(300, 2.1)], $boil, $uptake,
        );
        self::assertEqualsWithDelta(
            $touched[40] * Observation::weighed(300, 2.1)->likelihood($boil, $uptake)[40], $both[40], 1e-12,
        );
        foreach ([[1.0, 1.0, true], [7200.0, 3.5, true], [0.9, 2.0, false], [7300.0, 2.0, false], [9.0, 0.95, false],
            [9.0, 3.6, false]] as [$seconds, $ratio, $can]) {
            try {
                Observation::weighed($seconds, $ratio);
                self::assertTrue($can);
            } catch (LogicException) {
                self::assertFalse($can, "{$seconds} s, {$ratio}");
            }
        }
    }

    public function test_a_spoonful_in_a_litre_is_a_small_boil(): void
    {
        $soak = Soak::of(30, 20);
        $spoon = Boil::of(
            CookingFront::of(RiceKind::AgedBasmati, $soak), Boil::soaked(Mass::grams(10), RiceKind::AgedBasmati, $soak),
            Mass::grams(1000), 1000, 98, 20,
        );
        self::assertEqualsWithDelta(
            Observation::touched(300, Stage::HardHeart)->likelihood($spoon, self::uptake()),
            TestBoil::likelihood(
                RiceKind::AgedBasmati, $soak, 98, 22, [Observation::touched(300.0, Stage::HardHeart)],
            ), 1e-9,
        );
        self::assertNotSame('', Sample::refused(static fn () => TestBoil::likelihood(RiceKind::AgedBasmati, $soak, 98, 22, [])));
        self::assertStringContainsString('tests/1', Sample::refused(static fn () => TestBoil::likelihood(
            RiceKind::AgedBasmati, $soak, 98, 22,
            [Observation::touched(300.0, Stage::HardHeart), Observation::touched(300.0, Stage::Thread)],
        )));
    }

    public function test_a_boil_test_is_energy_over_time_and_its_edges_are_kept(): void
    {
        $kitchen = Sample::kitchen();
        [$pot, $ring] = [$kitchen->pot('steel-24', 'pot'), $kitchen->ring('ring-2', 'burner')];
        $of = static fn (
            float $litres = 2, float $from = 20, float $to = 90, float $minutes = 10, float $setting = 1,
        ): BoilTest => BoilTest::of($pot, $ring, $litres, $from, $to, $minutes, $setting, 22);
        self::assertEqualsWithDelta((4186 * 2 + 650) * 70 / 600 + 2.2 * 33, $of()->netW, 0.5);
        self::assertEqualsWithDelta(2 * $of()->netW, $of(setting: 0.5)->netW, 1e-6);
        $off = log($of()->netW / $ring->netW());
        $likely = $of()->likelihood();
        foreach (FactorBelief::grid() as $i => $ln) {
            self::assertEqualsWithDelta(1e-6 + exp(-((($ln - $off) / 0.04) ** 2) / 2), $likely[$i], 1e-9);
        }
        // What lies beyond the grid counts as its end.
        self::assertEqualsWithDelta(1.0, $of(minutes: 60, setting: 1)->likelihood()[0], 1e-5);
        foreach ([
            ['litres' => 0.29], ['litres' => 5.6], ['from' => 0.9], ['from' => 90.5, 'to' => 97.0], ['to' => 29.9],
            ['to' => 97.1], ['minutes' => 0.95], ['minutes' => 61.0], ['setting' => 0.095], ['setting' => 1.05],
        ] as $cannotBe) {
            self::assertNotSame('', Sample::refused(static fn () => $of(...$cannotBe)), json_encode($cannotBe) ?: '');
        }
        foreach ([
            ['litres' => 0.3], ['litres' => 5.5], ['from' => 1.0], ['to' => 30.0], ['to' => 97.0], ['minutes' => 1.0],
            ['minutes' => 60.0], ['setting' => 0.1],
        ] as $canBe) {
            self::assertGreaterThan(0, $of(...$canBe)->netW);
        }
    }

    public function test_a_crust_is_read_off_the_line_as_section_d_says(): void
    {
        $white = [200.0, 196.0, 188.0];
        foreach ([[150.0, 105.0, 50.0], [190.0, 170.0, 120.0], [60.0, 40.0, 22.0]] as $crust) {
            $lit = static fn (float $channel): float => Lab::linear($channel / 255);
            $colour = Lab::ofLight([
                $lit($crust[0]) / $lit($white[0]), $lit($crust[1]) / $lit($white[1]), $lit($crust[2]) / $lit($white[2]),
            ]);
            $sum = $mean = $square = 0.0;
            $off = INF;
            for ($i = 0; $i <= 90; $i++) {
                $ln = -2.6 + 4.5 * $i / 90;
                $weight = 1e-12;
                for ($shade = -2.0; $shade <= 2.0; $shade += 0.5) {
                    $apart = $colour->from(CrustColour::onTheLine($ln)->lit(exp(0.18 * $shade)));
                    $off = min($off, $apart);
                    $weight += exp(-$shade ** 2 / 2 - ($apart / 4) ** 2 / 2);
                }
                $sum += $weight;
                $mean += $weight * $ln;
                $square += $weight * $ln ** 2;
            }
            $read = MeasuredCrust::of($crust, $white);
            $sd = sqrt($square / $sum - ($mean / $sum) ** 2);
            self::assertEqualsWithDelta([$mean / $sum, $sd, $off], [$read->lnBrowning, $read->sd, $read->off], 1e-6);
            self::assertSame(
                [CrustColour::of(exp($mean / $sum - 1.28 * $sd)), CrustColour::of(exp($mean / $sum + 1.28 * $sd))],
                $read->between(),
            );
            self::assertEqualsWithDelta(exp($mean / $sum), $read->browning(), 1e-6);
        }
    }

    public function test_where_a_photograph_stops_telling(): void
    {
        self::assertNull(self::why(self::golden(1.0), [252.0, 250.0, 246.0]));
        self::assertSame('measured-crust.blown-out', self::why(self::golden(1.0), [253.0, 250.0, 246.0]));
        self::assertNull(self::why(self::golden(0.24), [60.0, 59.0, 58.0]));
        self::assertSame('measured-crust.white-is-too-dark', self::why(self::golden(0.24), [59.0, 58.0, 57.0]));
        // A lamp whose blue is a sixth of its red, a little more and a little less.
        $blue = static fn (float $times): float => 255 * (1.055 * (Lab::linear(200 / 255) / $times) ** (1 / 2.4) - 0.055);
        self::assertNotSame(
            'measured-crust.light-is-too-coloured', self::why([150.0, 100.0, 30.0], [200.0, 150.0, $blue(5.9)]),
        );
        self::assertSame('measured-crust.light-is-too-coloured', self::why([150.0, 100.0, 30.0], [200.0, 150.0, $blue(6.1)]));
        // Bluer and bluer: off the line by 16 it is no crust.
        $seen = [];
        for ($b = 60.0; $b < 160; $b += 1) {
            $read = MeasuredCrust::of([150.0, 110.0, $b], [220.0, 220.0, 220.0]);
            self::assertSame($read->off > 16, $read->tooOdd !== null, "off by {$read->off}");
            $seen[] = $read->off;
        }
        self::assertNotSame([], array_filter($seen, static fn (float $off): bool => $off > 14.5 && $off < 16), 'just in');
        self::assertNotSame([], array_filter($seen, static fn (float $off): bool => $off > 16 && $off < 17.5), 'just out');
    }

    public function test_the_hill_is_a_density_of_lifts(): void
    {
        $forecast = BoilForecast::of(self::boil(), self::uptake(), 0.7, 32.0, FactorBelief::ofItsKind()->today());
        $hill = $forecast->hill();
        self::assertCount(61, $hill);
        $density = [];
        foreach (range(0, 60) as $i) {
            $share = Normal::below(-2.75 + 5.5 * $i / 60);
            $around = min(0.02, $share / 2, (1 - $share) / 2);
            $density[] = 2 * $around / ($forecast->liftAt($share + $around) - $forecast->liftAt($share - $around));
            self::assertEqualsWithDelta($forecast->liftAt($share), $hill[$i][0], 1e-9);
        }
        foreach ($density as $i => $high) {
            self::assertEqualsWithDelta($high / max($density), $hill[$i][1], 1e-9);
        }
        self::assertEqualsWithDelta($forecast->secondsTo(0.7, 0.3), $forecast->liftAt(0.3), 1e-9);
        self::assertEqualsWithDelta(
            self::boil()->front->donenessAfter((self::boil()->exposureAfter(400 + 45) + 32) / $forecast->today->likely()),
            $forecast->donenessInPot(400), 1e-6,
        );
    }

    public function test_how_far_two_results_lie_apart(): void
    {
        $used = static fn (float $g): Knowledge => Knowledge::fold([['used' => ['lot' => 'a', 'g' => $g]]]);
        self::assertEqualsWithDelta(0.25, $used(500)->distance($used(250)), 1e-9);
        self::assertSame(0.0, $used(500)->without(['used' => ['lot' => 'a', 'g' => 700]])->usedG('a'));
        $eye = static fn (int $n): array => ['eye' => ['who' => 'x', 'evidence' => Eye::told(0.5, 0.6), 'readings' => $n]];
        self::assertEqualsWithDelta(
            2.0, Knowledge::none()->with($eye(3))->distance(Knowledge::none()->with($eye(1))), 1e-9,
        );
        $low = array_map(static fn (int $i): float => $i === 50 ? 1.0 : 1e-40, range(0, 100));
        $lesson = ['taught' => ['lot' => 'a', 'likelihood' => $low]];
        $once = Knowledge::none()->with($lesson);
        $logs = FactorBelief::lesson($low);
        self::assertEqualsWithDelta(
            min(30.0, $logs[50] - $logs[0]), $once->distance(Knowledge::none()), 1e-9, 'by the point farthest off',
        );
        $many = $once;
        foreach (range(1, 9) as $_) {
            $many = $many->with($lesson);
        }
        self::assertEqualsWithDelta(30.0, $many->distance(Knowledge::none()), 1e-9, 'what is as good as impossible is that');
    }

    /**
     * @param  array{float, float, float}  $crust
     * @param  array{float, float, float}  $white
     */
    private static function why(array $crust, array $white): ?string
    {
        return MeasuredCrust::of($crust, $white)->tooOdd?->key;
    }

    /** @return array{float, float, float} */
    private static function golden(float $share): array
    {
        return [190 * $share, 140 * $share, 70 * $share];
    }

    private static function boil(): Boil
    {
        $soak = Soak::of(30, 20);

        return Boil::of(
            CookingFront::of(RiceKind::AgedBasmati, $soak), Boil::soaked(Mass::grams(500), RiceKind::AgedBasmati, $soak),
            Mass::grams(3500), 1000, 100, 20,
        );
    }

    private static function uptake(): Uptake
    {
        return Uptake::of(RiceKind::AgedBasmati, Soak::of(30, 20));
    }
}

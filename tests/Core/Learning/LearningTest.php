<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use LogicException;
use Orbek\Core\Learning\BoilForecast;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Normal;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** What cooks teach, over simulated lots with fixed seeds; the figures stand in docs/model.md. */
final class LearningTest extends TestCase
{
    private const LOTS = 500;

    private const TARGET = 0.70;

    private const CARRY_OVER_S = 32.0;

    public function test_two_touched_stages_narrow_the_forecast(): void
    {
        $result =
            self::simulate(11, static function (Randomizer $random, BoilForecast $forecast, float $truth, float $seconds): Observation {
                $seen = $forecast->boil->donenessAfter($seconds, $truth) + 0.06 * self::normal($random);

                return Observation::touched($seconds, Stage::at(max(0.0, min(1.0, $seen))));
            });

        self::assertLessThanOrEqual(0.65, $result['spread']);
        self::assertGreaterThanOrEqual(0.75, $result['held']);
        self::assertLessThanOrEqual(0.85, $result['held']);
        self::assertGreaterThanOrEqual(0.75, $result['heldBefore']);
        self::assertLessThanOrEqual(0.85, $result['heldBefore']);
    }

    public function test_two_weighings_narrow_it_more(): void
    {
        $result =
            self::simulate(12, static function (Randomizer $random, BoilForecast $forecast, float $truth, float $seconds): Observation {
                $seen = $forecast->boil->donenessAfter($seconds, $truth) + 0.05 * self::normal($random);

                return Observation::weighed($seconds, max(1.0, min(3.5, $forecast->uptake->at($seen))));
            });

        self::assertLessThanOrEqual(0.55, $result['spread']);
        self::assertGreaterThanOrEqual(0.75, $result['held']);
        self::assertLessThanOrEqual(0.85, $result['held']);
    }

    public function test_after_three_cooks_the_first_forecast_of_the_fourth_is_a_third_better(): void
    {
        $random = new Randomizer(new Mt19937(13));
        $byKind = [];
        $byBag = [];
        for ($bag = 0; $bag < self::LOTS; $bag++) {
            $lnLot = FactorBelief::PRIOR_SD * self::normal($random);
            $taught = [];
            for ($cook = 0; $cook < 3; $cook++) {
                $truth = exp($lnLot + FactorBelief::DAY_SD * self::normal($random));
                $forecast = self::forecast(Knowledge::fold($taught)->bag('bag')->today());
                $seenToday = [];
                foreach ([0.1, 0.4] as $share) {
                    $seconds = $forecast->liftAt($share);
                    $seen = $forecast->boil->donenessAfter($seconds, $truth) + 0.06 * self::normal($random);
                    $seenToday[] = Observation::touched($seconds, Stage::at(max(0.0, min(1.0, $seen))));
                }
                $taught[] = ['taught' => ['lot' => 'bag', 'likelihood' => $forecast->seeing($seenToday)->taught]];
            }
            $truth = exp($lnLot + FactorBelief::DAY_SD * self::normal($random));
            $lift = self::forecast(FactorBelief::ofItsKind())->boil->secondsTo(self::TARGET, $truth);
            $byKind[] = abs(self::forecast(FactorBelief::ofItsKind()->today())->liftAt() - $lift);
            $byBag[] = abs(self::forecast(Knowledge::fold($taught)->bag('bag')->today())->liftAt() - $lift);
        }
        sort($byKind);
        sort($byBag);

        self::assertLessThanOrEqual(2 / 3, $byBag[intdiv(self::LOTS, 2)] / $byKind[intdiv(self::LOTS, 2)]);
    }

    public function test_a_grain_ahead_of_the_forecast_brings_the_lift_forward_and_one_behind_puts_it_off(): void
    {
        $forecast = self::forecast(FactorBelief::ofItsKind()->today());
        $at = $forecast->liftAt(0.1);

        self::assertLessThan(
            $forecast->liftAt(),
            $forecast->seeing([Observation::touched($at, Stage::Thread)])->liftAt(),
        );
        self::assertGreaterThan(
            $forecast->liftAt(),
            $forecast->seeing([Observation::touched($at, Stage::Snaps)])->liftAt(),
        );
        self::assertEqualsWithDelta($forecast->liftAt(), $forecast->seeing([])->liftAt(), 1e-9);
    }

    public function test_a_boil_that_comes_back_late_puts_the_lift_off(): void
    {
        $forecast = self::forecast(FactorBelief::ofItsKind()->today());
        $late = $forecast->seeing([], 240.0);

        self::assertSame(240.0, $late->boil->backAtBoilS);
        self::assertGreaterThan($forecast->liftAt() + 10, $late->liftAt());
        self::assertEqualsWithDelta(
            $forecast->liftAt(),
            $forecast->seeing([], $forecast->boil->backAtBoilS)->liftAt(),
            1e-9,
        );
    }

    public function test_in_the_pot_it_stands_at_the_target_when_lifted_at_the_likely_second(): void
    {
        $forecast = self::forecast(FactorBelief::ofItsKind()->today());

        // The fingers feel the target at the lift; in the pot it is further (section A).
        self::assertEqualsWithDelta(self::TARGET, $forecast->donenessAfter($forecast->liftAt()), 1e-6);
        self::assertGreaterThan(self::TARGET, $forecast->donenessInPot($forecast->liftAt()));
        self::assertLessThan($forecast->donenessInPot(400), $forecast->donenessInPot(400, 5.0));
    }

    public function test_beliefs_are_kept_and_read_again(): void
    {
        $belief = FactorBelief::ofItsKind()->given(
            array_map(static fn (float $ln): float => Normal::bell(($ln - 0.1) / 0.05), FactorBelief::grid()),
        );

        $knowledge = Knowledge::fold([
            ['used' => ['lot' => 'bag', 'g' => 450.0]],
            [
                'taught' => ['lot' => 'bag', 'likelihood' => $belief->weights],
                'used' => ['lot' => 'bag', 'g' => 300.0],
            ],
        ]);
        $again = Knowledge::fromArray(json_decode((string) json_encode($knowledge->toArray()), true));
        self::assertEqualsWithDelta($knowledge->bag('bag')->likely(), $again->bag('bag')->likely(), 1e-4);
        self::assertSame([750.0, 750.0, 0.0], [$knowledge->usedG('bag'), $again->usedG('bag'), $again->usedG('other')]);
        self::assertStringContainsString('% slower than its kind', Sample::say($belief->words()));
        self::assertSame(
            'nothing learned of this bag yet, so it counts as its kind',
            Sample::say(FactorBelief::ofItsKind()->words()),
        );
        self::assertEqualsWithDelta(0.19, FactorBelief::ofItsKind()->sd(), 0.002);
        self::assertEqualsWithDelta(hypot(0.19, 0.05), FactorBelief::ofItsKind()->today()->sd(), 0.003);
        self::assertEqualsWithDelta(1.0, array_sum($belief->weights), 1e-4);
        self::assertEquals(
            $belief,
            $belief->given(array_fill(0, FactorBelief::POINTS, 0.0)),
            'what cannot be teaches nothing',
        );
    }

    public function test_the_normal_distribution(): void
    {
        self::assertEqualsWithDelta(0.5, Normal::below(0), 1e-7);
        self::assertEqualsWithDelta(0.9, Normal::below(1.2815515655), 1e-6);
        self::assertEqualsWithDelta(0.0227501, Normal::below(-2), 1e-6);
        self::assertSame([0.0, 1.0], [Normal::below(-INF), Normal::below(INF)]);
    }

    public function test_weights_no_rice_can_have_are_bugs_and_broken_knowledge_is_refused(): void
    {
        $bugs = 0;
        foreach ([[60.0, 0.9], [60.0, 6.0], [0.0, 2.0]] as [$seconds, $ratio]) {
            try {
                Observation::weighed($seconds, $ratio);
            } catch (LogicException) {
                $bugs++;
            }
        }

        self::assertSame(3, $bugs);
        self::assertSame(
            'lots/0/evidence: 3 numbers will not do; give 101.',
            Sample::refused(
                static fn () => Knowledge::fromArray(['lots' => [['lot' => 'bag', 'evidence' => [1, 2, 3]]]])
            ),
        );
    }

    /**
     * Errors of "likely" over simulated lots before and after two tests.
     *
     * @param  callable(Randomizer, BoilForecast, float, float): Observation  $test
     * @return array{
     *     spread: float, held: float, heldBefore: float
     * } 5–95 % spread after over before, and how often the window held the truth
     */
    private static function simulate(int $seed, callable $test): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $before = self::forecast(FactorBelief::ofItsKind()->today());
        $errors = ['before' => [], 'after' => []];
        $held = $heldBefore = 0;
        for ($bag = 0; $bag < self::LOTS; $bag++) {
            $truth = exp(FactorBelief::PRIOR_SD * self::normal($random) + FactorBelief::DAY_SD * self::normal($random));
            $lift = $before->boil->secondsTo(self::TARGET, $truth);
            // As a cook does: a first grain when the window opens, a second on the way to the lift.
            $first = $test($random, $before, $truth, $before->liftAt(0.1));
            $after = $before->seeing([$first]);
            $after = $before->seeing([
                $first,
                $test($random, $before, $truth, max($first->seconds + 15, $after->liftAt(0.25))),
            ]);
            $errors['before'][] = $before->liftAt() - $lift;
            $errors['after'][] = $after->liftAt() - $lift;
            $held += $lift >= $after->liftAt(0.1) && $lift <= $after->liftAt(0.9) ? 1 : 0;
            $heldBefore += $lift >= $before->liftAt(0.1) && $lift <= $before->liftAt(0.9) ? 1 : 0;
        }

        return [
            'spread' => self::spread($errors['after']) / self::spread($errors['before']),
            'held' => $held / self::LOTS,
            'heldBefore' => $heldBefore / self::LOTS,
        ];
    }

    public function test_the_hill_of_the_lift_has_its_top_at_one_and_its_sides_where_the_belief_ends(): void
    {
        $forecast = self::forecast(FactorBelief::ofItsKind()->today());
        $hill = $forecast->hill();
        [$at, $high] = [array_column($hill, 0), array_column($hill, 1)];
        self::assertSame(1.0, max(0.0, ...$high));
        self::assertGreaterThan(array_sum($high) / count($high), $high[30], 'its top is in its middle');
        $sorted = $at;
        sort($sorted);
        self::assertSame($sorted, $at);
        self::assertEqualsWithDelta($forecast->liftAt(Normal::below(-2.75)), $at[0], 1e-6);
        self::assertEqualsWithDelta($forecast->liftAt(Normal::below(2.75)), $at[60], 1e-6);
        self::assertLessThan(0.25, max($high[0], $high[60]));
    }

    private static function forecast(FactorBelief $today): BoilForecast
    {
        $soak = Soak::of(30, 20);
        $kind = RiceKind::AgedBasmati;
        $boil = Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked(Mass::grams(500), $kind, $soak), Mass::grams(3500), 1000, 100,
            20,
        );

        return BoilForecast::of($boil, Uptake::of($kind, $soak), self::TARGET, self::CARRY_OVER_S, $today);
    }

    /** @param  list<float>  $errors */
    private static function spread(array $errors): float
    {
        sort($errors);

        return $errors[(int) (0.95 * self::LOTS)] - $errors[(int) (0.05 * self::LOTS)];
    }

    private static function normal(Randomizer $random): float
    {
        $uniform = static fn (): float => $random->getInt(1, 1_000_000) / 1_000_001;

        return sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());
    }
}

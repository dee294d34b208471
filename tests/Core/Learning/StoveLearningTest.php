<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Learning\BoilTest;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\StoveReport;
use Orbek\Core\Learning\StoveTable;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Measure\OutOfRange;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** A pot on its ring learns how much heat it really gets. */
final class StoveLearningTest extends TestCase
{
    public function test_three_reported_cooks_take_a_third_off_the_error_of_the_crust(): void
    {
        $random = new Randomizer(new Mt19937(41));
        $normal = static fn (): float => sqrt(-2 * log(max(1e-12, $random->getInt(1, 1_000_000) / 1e6))) * cos(2 * M_PI * $random->getInt(0, 1_000_000) / 1e6);
        $tables = [];
        foreach (['lentil-date-walnut-polo', 'sour-cherry-polo', 'trout-fenugreek-polo', 'turkey-plum-biryani'] as $name) {
            $plan = Sample::plan(Dish::fromArray(Sample::json($name)));
            $tables[] = StoveTable::of($plan->sealedPot ?? self::fail('it goes in'), $plan->heat->blocks);
        }

        $before = $after = [];
        for ($kitchen = 0; $kitchen < 200; $kitchen++) {
            $hidden = 0.15 * $normal();
            $belief = FactorBelief::ofItsKind();
            for ($cook = 0; $cook < 3; $cook++) {
                $factor = exp(max(-0.45, min(0.45, $hidden + 0.05 * $normal())));
                $table = $tables[$cook];
                $steam = $table->steamAtLid($factor);
                $seen = new StoveReport(
                    CrustColour::of($table->browning($factor) * exp(0.2 * $normal())),
                    $steam === null ? null : max(1.0, $steam + $normal()),
                );
                $belief = $belief->afterDay($table->likelihood($seen));
            }
            $truth = log($tables[0]->browning(exp(max(-0.45, min(0.45, $hidden)))));
            $before[] = abs(log($tables[0]->browning(1.0)) - $truth);
            $after[] = abs(log($tables[0]->browning($belief->likely())) - $truth);
        }
        sort($before);
        sort($after);

        // docs/model.md tells the figures: a median of 0.88 in ln browning comes down to 0.23.
        self::assertLessThanOrEqual(2 / 3 * $before[100], $after[100], sprintf('before %.3f, after %.3f', $before[100], $after[100]));
        self::assertGreaterThan(0.2, $before[100], 'there was something to learn');
    }

    public function test_each_thing_seen_pulls_the_way_it_should(): void
    {
        $plan = Sample::plan(Dish::fromArray(Sample::json('lentil-date-walnut-polo')));
        $table = StoveTable::of($plan->sealedPot ?? self::fail('it goes in'), $plan->heat->blocks);
        $likely = static fn (StoveReport $seen): float => FactorBelief::ofItsKind()->given($table->likelihood($seen))->likely();
        $steam = $table->steamAtLid(1.0) ?? self::fail('it steams');

        self::assertGreaterThan(1.02, $likely(new StoveReport(CrustColour::Burnt)));
        self::assertLessThan(0.98, $likely(new StoveReport(CrustColour::Straw)));
        self::assertGreaterThan(1.02, $likely(new StoveReport(steamAtLidMin: $steam - 1.5)));
        self::assertLessThan(0.98, $likely(new StoveReport(steamAtLidMin: $steam + 2)));
        self::assertLessThan(0.98, $likely(new StoveReport(noSteamByMin: $steam + 2)));
        self::assertGreaterThan(1.0, $likely(new StoveReport(toastedAtMin: 12)));
        $short = StoveTable::of($plan->sealedPot, [new HeatBlock(8, 0.45, false, null, 0.45), new HeatBlock(6, 0.1, false, null, 0.1)]);
        self::assertLessThan(1.0, FactorBelief::ofItsKind()->given($short->likelihood(new StoveReport(riceHard: true)))->likely());
        self::assertTrue((new StoveReport)->isEmpty());
    }

    public function test_a_boil_test_tells_net_power_directly(): void
    {
        $kitchen = Sample::kitchen();
        $pot = $kitchen->pot('steel-24', 'pot');
        $burner = $kitchen->burner('ring-2', 'burner');
        // Two litres from 20 to 90 °C at 1000 W net: (4186·2 + 650)·70 / (1000 − 2.2·33) s.
        $test = BoilTest::of($pot, $burner, 2, 20, 90, (4186 * 2 + 650) * 70 / (1000 - 2.2 * 33) / 60, 1.0);
        self::assertEqualsWithDelta(1000, $test->netW, 1.0);

        $belief = FactorBelief::ofItsKind()->afterDay($test->likelihood());
        self::assertLessThan(1.0, $belief->likely());
        self::assertEqualsWithDelta(1000 / $burner->netW(), $belief->likely(), 0.03);
        $knowledge = Knowledge::fold([['stove' => ['pot' => 'steel-24', 'burner' => 'ring-2', 'likelihood' => $test->likelihood()]]]);
        self::assertStringContainsString('less heat than its kind', $knowledge->stove('steel-24', 'ring-2')->stoveWords());
        self::assertStringContainsString('nothing learned', $knowledge->stove('steel-24', 'ring-1')->stoveWords());
        self::assertEqualsWithDelta($belief->likely(), Knowledge::fromArray($knowledge->toArray())->stove('steel-24', 'ring-2')->likely(), 1e-4);
    }

    public function test_a_boil_test_that_cannot_have_been_is_refused(): void
    {
        $kitchen = Sample::kitchen();
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage('to_c: 100 is out of range; give 30 to 97 °C, short of the boil');
        BoilTest::of($kitchen->pot('steel-24', 'pot'), $kitchen->burner('ring-2', 'burner'), 2, 20, 100, 10, 1.0);
    }

    public function test_what_a_stove_has_taught_moves_the_plan(): void
    {
        $plain = Sample::plan(Sample::polo());
        $hot = FactorBelief::ofItsKind()->given(array_map(static fn (float $ln): float => exp(-(($ln - 0.2) / 0.02) ** 2), FactorBelief::grid()))->toArray();
        $knowledge = Knowledge::fromArray(['lots' => [], 'stoves' => [['stove' => 'aluminium-28@ring-2', 'belief' => $hot]]]);
        $learned = \Orbek\Core\Plan\Planner::in(Sample::kitchen(), $knowledge, new \DateTimeImmutable(Sample::NOW))->plan(Sample::polo());

        self::assertGreaterThan($plain->course()?->end()->browning ?? INF, $learned->course()?->end()->browning ?? 0);
    }
}

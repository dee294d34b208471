<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Orbek\Core\Learning\BoilTest;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\HeatLine;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** A pot on its ring learns how much heat it really gets. */
final class StoveLearningTest extends TestCase
{
    public function test_a_boil_test_tells_net_power_directly(): void
    {
        $kitchen = Sample::kitchen();
        $pot = $kitchen->pot('steel-24', 'pot');
        $ring = $kitchen->ring('ring-2', 'burner');
        // Two litres from 20 to 90 °C at 1000 W net: (4186·2 + 650)·70 / (1000 − 2.2·33) s.
        $test = BoilTest::of($pot, $ring, 2, 20, 90, (4186 * 2 + 650) * 70 / (1000 - 2.2 * 33) / 60, 1.0, 22);
        self::assertEqualsWithDelta(1000, $test->netW, 1.0);

        $belief = FactorBelief::after(FactorBelief::lesson($test->likelihood()), $ring->kind->priorSd());
        self::assertLessThan(1.0, $belief->likely());
        self::assertEqualsWithDelta(1000 / $ring->netW(), $belief->likely(), 0.03);
        $knowledge = Knowledge::fold([
            ['stove' => ['pot' => 'steel-24', 'burner' => 'ring-2', 'likelihood' => $test->likelihood()]],
        ]);
        self::assertStringContainsString(
            'less heat than its kind',
            Sample::say($knowledge->stove('steel-24', $kitchen->ring('ring-2', 'burner'))->stoveWords()),
        );
        self::assertStringContainsString(
            'nothing learned',
            Sample::say($knowledge->stove('steel-24', $kitchen->ring('ring-1', 'burner'))->stoveWords()),
        );
        self::assertEqualsWithDelta(
            $belief->likely(),
            Knowledge::fromArray($knowledge->toArray())->stove(
                'steel-24', $kitchen->ring('ring-2', 'burner'),
            )->likely(),
            1e-4,
        );
    }

    public function test_a_boil_test_that_cannot_have_been_is_refused(): void
    {
        $kitchen = Sample::kitchen();
        self::assertStringContainsString(
            'to_c: 100 is out of range; give 30 to 97 °C, short of the boil',
            Sample::refused(
                static fn () => BoilTest::of(
                    $kitchen->pot('steel-24', 'pot'), $kitchen->ring('ring-2', 'burner'), 2, 20, 100, 10, 1.0, 22,
                ),
            ),
        );
    }

    public function test_what_a_stove_has_taught_moves_the_plan(): void
    {
        $plain = Sample::plan(Sample::polo());
        $hot = array_map(static fn (float $ln): float => exp(-(($ln - 0.2) / 0.02) ** 2), FactorBelief::grid());
        $knowledge = Knowledge::fold(
            [['stove' => ['pot' => 'aluminium-28', 'burner' => 'ring-2', 'likelihood' => $hot]]]
        );
        $learned = \Orbek\Core\Plan\Planner::in(
            Sample::kitchen(),
            $knowledge,
            new \DateTimeImmutable(Sample::NOW),
        )->plan(Sample::polo());

        // The ring is known better: less of its heat is wanted, it comes out right on more stoves, and the colour is
        // surer.
        self::assertNotEquals(
            HeatLine::toArray($plain->heating()?->line() ?? []), HeatLine::toArray($learned->heating()?->line() ?? []),
        );
        self::assertGreaterThan($plain->howSure()->right ?? 24, $learned->howSure()->right ?? 0);
        self::assertLessThan(
            count($plain->heating()?->colours()->all() ?? []),
            count($learned->heating()?->colours()->all() ?? range(1, 9)),
        );
    }
}

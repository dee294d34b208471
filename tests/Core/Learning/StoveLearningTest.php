<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Orbek\Core\Learning\BoilTest;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\SeenCue;
use Orbek\Core\Learning\StoveReport;
use Orbek\Core\Learning\StoveTable;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Stretch;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** A pot on its ring learns how much heat it really gets. */
final class StoveLearningTest extends TestCase
{
    private const KITCHENS = 800;

    public function test_three_reported_cooks_halve_the_error_of_colour_and_steam_and_windows_hold(): void
    {
        $random = new Randomizer(new Mt19937(41));
        $normal = static fn (): float => sqrt(-2 * log(max(1e-12, $random->getInt(1, 1_000_000) / 1e6)))
            * cos(2 * M_PI * $random->getInt(0, 1_000_000) / 1e6);
        $tables = [];
        foreach (['sour-cherry-polo', 'plain-chelow', 'trout-fenugreek-polo'] as $name) {
            $plan = Sample::plan(Sample::dish($name));
            $tables[] = StoveTable::of($plan->sealedPot() ?? self::fail('it goes in'), $plan->potted->first()->heat());
        }
        $ring = Sample::kitchen()->ring('ring-2', 'burner');
        $sd = $ring->kind->priorSd();
        $within = static fn (float $factor): float => exp(max(-0.55, min(0.55, $factor)));
        $errors = ['colour' => [[], []], 'steam' => [[], []]];
        $held = [0, 0];
        for ($kitchen = 0; $kitchen < self::KITCHENS; $kitchen++) {
            $hidden = $sd * $normal();
            $lessons = Knowledge::none();
            for ($cook = 0; $cook < 3; $cook++) {
                // Each day has its own heat; colours are misjudged by a shade, and steam is seen late.
                $factor = $within($hidden + FactorBelief::DAY_SD * $normal());
                $steam = $tables[$cook]->minuteOf(self::cue('steam'), $factor);
                $seen = new StoveReport(
                    CrustColour::of($tables[$cook]->browning($factor) * exp(0.2 * $normal())),
                    $steam === null
                        ? [] : [new SeenCue(self::cue('steam'), max(1.0, $steam + 0.5 + 0.5 * $normal()))],
                );
                $lessons = $lessons->with(
                    [
                        'stove' => [
                            'pot' => 'pot', 'burner' => $ring->id, 'likelihood' => $tables[$cook]->likelihood($seen),
                        ],
                    ]
                );
            }
            $today = $within($hidden + FactorBelief::DAY_SD * $normal());
            foreach ([FactorBelief::ofItsKind($sd), $lessons->stove('pot', $ring)] as $when => $belief) {
                $table = $tables[0];
                $errors['colour'][$when][] = abs(
                    log($table->browning($belief->likely()) / $table->browning($within($hidden)))
                );
                $errors['steam'][$when][] = abs(
                    ($table->minuteOf(self::cue('steam'), $belief->likely()) ?? INF) - ($table->minuteOf(self::cue('steam'), $within($hidden)) ?? INF)
                );
                $held[$when] += (int) (
                    $today >= $belief->today()->quantile(0.1) && $today <= $belief->today()->quantile(0.9)
                );
            }
        }
        foreach ($errors as $what => [$before, $after]) {
            sort($before);
            sort($after);
            $middle = intdiv(self::KITCHENS, 2);
            self::assertGreaterThan(0.1, $before[$middle], "there was something to learn of {$what}");
            self::assertLessThanOrEqual(0.5 * $before[$middle], $after[$middle], $what);
        }
        foreach ($held as $when => $times) {
            self::assertEqualsWithDelta(
                0.80, $times / self::KITCHENS, 0.06, $when === 0 ? 'before' : 'after three cooks',
            );
        }
    }

    public function test_each_thing_seen_pulls_the_way_it_should(): void
    {
        $plan = Sample::plan(Sample::dish('plain-chelow'));
        $table = StoveTable::of($plan->sealedPot() ?? self::fail('it goes in'), $plan->potted->first()->heat());
        $likely = static fn (StoveReport $seen): float => FactorBelief::ofItsKind()->given(
            $table->likelihood($seen),
        )->likely();
        $steam = $table->minuteOf(self::cue('steam'), 1.0) ?? self::fail('it steams');

        self::assertGreaterThan(1.02, $likely(new StoveReport(CrustColour::Burnt)));
        self::assertLessThan(0.995, $likely(new StoveReport(CrustColour::Straw)));
        self::assertGreaterThan(1.02, $likely(new StoveReport(cues: [new SeenCue(self::cue('steam'), $steam - 1.5)])));
        self::assertLessThan(0.98, $likely(new StoveReport(cues: [new SeenCue(self::cue('steam'), $steam + 2)])));
        self::assertLessThan(0.98, $likely(new StoveReport(cues: [new SeenCue(self::cue('steam'), $steam + 2, false)])));
        self::assertGreaterThan(1.0, $likely(new StoveReport(cues: [new SeenCue(self::cue('toasted'), 12)])));
        $short = StoveTable::of(
            $plan->sealedPot(),
            [new Stretch(4, Flame::on('', 0.45)), new Stretch(3, Flame::on('', 0.1))],
        );
        self::assertLessThan(
            1.0,
            FactorBelief::ofItsKind()->given($short->likelihood(new StoveReport(riceHard: true)))->likely(),
        );
        self::assertTrue((new StoveReport)->isEmpty());
    }

    private static function cue(string $id): Cue
    {
        return Sample::craft()->cues->get($id, 'cue');
    }

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

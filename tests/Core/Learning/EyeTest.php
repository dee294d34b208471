<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Orbek\Core\Learning\Eye;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Stage;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** How far a cook's own readings scatter and lean, and windows that go by it. */
final class EyeTest extends TestCase
{
    private Randomizer $random;

    protected function setUp(): void
    {
        $this->random = new Randomizer(new Mt19937(14));
    }

    /** @return array<string, array{float}> */
    public static function scatters(): array
    {
        return ['practised' => [0.04], 'usual' => [0.08], 'beginner' => [0.14]];
    }

    #[DataProvider('scatters')]
    public function test_an_eye_is_found_and_windows_hold_four_times_in_five_once_it_is_known(float $scatter): void
    {
        $soak = Soak::of(30, 20);
        $kind = RiceKind::AgedBasmati;
        $boil = Boil::of(
            CookingFront::of($kind, $soak), Boil::soaked(Mass::kilograms(0.5), $kind, $soak), Mass::kilograms(3.5),
            1000, 100, 20,
        );
        $uptake = Uptake::of($kind, $soak);
        $widths = $held = ['known' => [], 'unknown' => []];
        $found = [];
        for ($cook = 0; $cook < 240; $cook++) {
            $lean = 0.04 * $this->normal();
            $knowledge = Knowledge::none();
            for ($i = 0; $i < 60; $i++) {
                $true = 0.25 + 0.72 * $this->even();
                $felt = max(0.0, min(1.0, $true + $lean + $scatter * $this->normal()));
                $knowledge = $knowledge->with(['eye' => [
                    'who' => '', 'readings' => 1,
                    'evidence' => $i % 3 === 0 ? Eye::told($true, $felt) : Eye::named($true, Stage::at($felt)),
                ]]);
            }
            $eye = $knowledge->eye();
            $found[] = [$eye->scatter, abs($eye->lean - $lean)];
            $factor = exp(hypot(FactorBelief::PRIOR_SD, FactorBelief::DAY_SD) * $this->normal());
            $tests = ['known' => [], 'unknown' => []];
            foreach ([200.0, 300.0, 380.0] as $second) {
                $said = Stage::at(
                    max(0.0, min(1.0, $boil->donenessAfter($second, $factor) + $lean + $scatter * $this->normal()))
                );
                $tests['known'][] = Observation::touched($second, $said, $eye);
                $tests['unknown'][] = Observation::touched($second, $said);
            }
            foreach ($tests as $how => $seen) {
                $belief = FactorBelief::ofItsKind()->today()->given(Observation::together($seen, $boil, $uptake));
                $held[$how][] = (int) ($factor >= $belief->quantile(0.1) && $factor <= $belief->quantile(0.9));
                $widths[$how][] = log($belief->quantile(0.9) / $belief->quantile(0.1));
            }
        }
        $mean = static fn (array $values): float => array_sum($values) / count($values);
        self::assertEqualsWithDelta($scatter, $mean(array_column($found, 0)), 0.02, 'the scatter is found');
        self::assertLessThan(0.03, $mean(array_column($found, 1)), 'and the lean');
        self::assertEqualsWithDelta(0.80, $mean($held['known']), 0.055, 'windows hold');
        if ($scatter < Eye::USUAL) {
            self::assertLessThan(
                $mean($widths['unknown']), $mean($widths['known']), 'a practised cook gets a closer window',
            );
        }
        if ($scatter > 0.1) {
            self::assertLessThan($mean($held['known']), $mean($held['unknown']), 'a beginner’s were too close before');
        }
    }

    public function test_lessons_add_up_in_any_order_are_taken_back_and_kept(): void
    {
        $one = ['eye' => ['who' => 'ada', 'evidence' => Eye::told(0.7, 0.8), 'readings' => 1]];
        $two = ['eye' => ['who' => 'ada', 'evidence' => Eye::named(0.6, Stage::Thread), 'readings' => 1]];
        $both = Knowledge::none()->with($one)->with($two)->readBy('ada');
        self::assertEquals($both->eye(), Knowledge::none()->with($two)->with($one)->readBy('ada')->eye());
        self::assertGreaterThan(0, $both->eye()->lean, 'both called it too far');
        self::assertSame(0, $both->readBy('ben')->eye()->readings);
        self::assertEquals(Eye::unknown(), $both->without($one)->without($two)->eye());
        $kept = Knowledge::fromArray((array) json_decode(json_encode($both->toArray(), JSON_THROW_ON_ERROR), true));
        self::assertEqualsWithDelta($both->eye()->lean, $kept->eye()->lean, 1e-6);
        self::assertSame([], $both->eye()->words(), 'two readings say little');
        $many = Knowledge::none();
        for ($i = 0; $i < 20; $i++) {
            $many = $many->with(['eye' => ['who' => '', 'evidence' => Eye::told(0.6, 0.7), 'readings' => 1]]);
        }
        self::assertStringContainsString('a little early', Sample::wording()->sentences($many->eye()->words()));
    }

    private function even(): float
    {
        return $this->random->getInt(0, 1_000_000) / 1_000_000;
    }

    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->even()))) * cos(2 * M_PI * $this->even());
    }
}

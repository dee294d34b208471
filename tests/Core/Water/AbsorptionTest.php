<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use LogicException;
use Orbek\Core\Measure\Cup;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Water\Absorption;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class AbsorptionTest extends TestCase
{
    public function test_water_for_the_grain_lies_where_cooks_say(): void
    {
        // Cooked rice is 68 to 70 % water: 1.75 parts by weight are taken by unsoaked grain, before anything boils off.
        self::assertEqualsWithDelta(1.75, self::add(soakMin: 0)->water->amount / 400, 0.001);
        self::assertEqualsWithDelta(1.75 - 0.28 * 0.811, self::add(soakMin: 30)->water->amount / 400, 0.001);
        self::assertEqualsWithDelta(1.9, self::add(RiceKind::SellaBasmati, soakMin: 0)->water->amount / 400, 0.001);
        self::assertEqualsWithDelta(1.55, self::add(soakMin: 0, folded: true)->water->amount / 400, 0.001);
    }

    public function test_what_boils_off_is_heat_and_not_a_constant(): void
    {
        $closed = self::add()->water->amount;
        // 1 kW of gas at half: 250 W for ten minutes over 2257 J a gram.
        self::assertEqualsWithDelta(250 * 600 / 2257, self::add(openMin: 10)->water->amount - $closed, 0.01);
        self::assertGreaterThan(
            self::add(coveredMin: 20, seal: 'dough')->water->amount,
            self::add(coveredMin: 20, seal: 'loose-lid')->water->amount,
        );
    }

    public function test_broth_and_filling_are_counted(): void
    {
        $plain = self::add();
        self::assertEqualsWithDelta($plain->water->amount - 120, self::add(fillingG: 120)->water->amount, 1e-9);
        $broth = self::add(brothG: 300);
        self::assertSame($plain->water->amount, $broth->water->amount);
        self::assertEqualsWithDelta($plain->water->amount - 300, $broth->beside->amount, 1e-9);
        self::assertTrue(self::add(fillingG: 2000)->isTooWet);
        self::assertSame(0.0, self::add(fillingG: 2000)->water->amount);
        self::assertFalse($plain->isTooWet);
    }

    public function test_cups_of_any_size_hold_the_same_water_and_the_cookers_line_counts_its_own(): void
    {
        foreach (Cup::cases() as $cup) {
            $add = self::add(cup: $cup);
            self::assertEqualsWithDelta($add->beside->amount, $add->inCups->amount * $cup->millilitres(), 1e-6);
        }
        // Two cooker cups of plain unsoaked rice: over line two, which is drawn for firmer rice.
        $two = self::add(soakMin: 0, rawG: 2 * 180 * 0.85, kind: RiceKind::WhiteLongGrain, fillingG: 0);
        self::assertEqualsWithDelta((2 * 180 * 0.85 * 1.75 - 30) / (180 * 0.85 * 1.35), $two->cookerMark->amount, 1e-6);
    }

    /** A dough seal lets nothing by; of a loose lid's steam at the lowest flame (a tenth) its share is lost. */
    public function test_what_gets_past_the_lid_is_a_tenth_of_the_ring(): void
    {
        self::assertEqualsWithDelta(
            500 * 0.1 * Sample::seal('loose-lid')->leakShare * 1200 / 2257,
            self::add(coveredMin: 20, seal: 'loose-lid')->water->amount - self::add(seal: 'loose-lid')->water->amount,
            0.01,
        );
    }

    public function test_what_it_takes_just_up_is_not_too_wet(): void
    {
        $takes = self::add()->water->amount;
        self::assertFalse(self::add(fillingG: $takes)->isTooWet);
        self::assertTrue(self::add(fillingG: $takes + 0.01)->isTooWet);
        self::assertSame(50000.0 * 1.75, self::add(soakMin: 0, rawG: 50000)->water->amount);
        $much = [
            static fn (): Absorption => self::add(rawG: 50001), static fn (): Absorption => self::add(fillingG: 1e6 + 1),
            static fn (): Absorption => self::add(brothG: 1e6 + 1), static fn (): Absorption => self::add(openMin: 120.1),
        ];
        foreach ($much as $which => $call) {
            try {
                $call();
                self::fail("{$which} was taken");
            } catch (LogicException $wrong) {
                self::assertStringContainsString('is not between', $wrong->getMessage());
            }
        }
    }

    public function test_no_rice_is_refused(): void
    {
        $this->expectException(LogicException::class);
        self::add(rawG: 0);
    }

    private static function add(
        RiceKind $kind = RiceKind::AgedBasmati, float $soakMin = 30, float $rawG = 400, float $openMin = 0,
        string $seal = 'tight-lid', float $coveredMin = 0, bool $folded = false, float $fillingG = 0,
        float $brothG = 0, Cup $cup = Cup::Metric,
    ): Absorption {
        $ring = Ring::fromFields(Fields::of(['id' => 'r', 'name' => 'Ring', 'kind' => 'gas', 'watts' => 1000]));

        return Absorption::of(
            $kind, Soak::of($soakMin, 20), Mass::grams($rawG), $ring->netW(), $openMin, 0.5, Sample::seal($seal)->leakShare,
            $coveredMin, $folded, $fillingG, $brothG, $cup,
        );
    }
}

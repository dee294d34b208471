<?php

declare(strict_types=1);

namespace Tests\Core\Lid;

use Orbek\Core\Dish\BaseKind;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Lid\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\Limit;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use PHPUnit\Framework\TestCase;

/** Colours, limits, and what is done to a pot on its way. */
final class AimTest extends TestCase
{
    public function test_colours_follow_one_another_without_a_gap(): void
    {
        $cases = CrustColour::cases();
        foreach ($cases as $index => $colour) {
            self::assertSame($colour, CrustColour::of($colour->begins()));
            self::assertSame($colour, CrustColour::of($colour->middle()));
            if (isset($cases[$index + 1])) {
                self::assertSame($cases[$index + 1]->begins(), $colour->ends());
            } else {
                self::assertSame(INF, $colour->ends());
            }
        }
    }

    public function test_a_limit_is_met_or_costs_by_how_far_it_is_missed(): void
    {
        $limit = static fn (float $value): Limit => new Limit('core', $value, 77, INF, '°C', 0, 0.2);
        self::assertTrue($limit(77)->isMet());
        self::assertSame(0.0, $limit(90)->miss());
        self::assertEqualsWithDelta(1.4, $limit(70)->miss(), 1e-9);
        self::assertSame('core 70 °C, at least 77 °C', $limit(70)->words());

        $browning = static fn (float $value): float => (new Limit('crust browned', $value, 0.5, 1.2, '', 2, 2.0, byFactor: true))->miss();
        self::assertEqualsWithDelta($browning(0.25), $browning(2.4), 1e-9, 'half and twice are as far off');
        $tender = new Limit('filling', 3.5, 1.0, 2.5, 'times tender', 1, 2.0, pastWeight: 0.2);
        self::assertEqualsWithDelta(0.2, $tender->miss(), 1e-9);
    }

    public function test_a_clean_base_may_take_a_little_colour(): void
    {
        $course = Course::of(self::pot(), [new HeatBlock(10, 0.6, false, null, 0.6), new HeatBlock(25, 0.2, true, null, 0.2)]);
        $names = array_map(static fn (Limit $limit): string => $limit->name, Aim::crust(CrustColour::Pale)->limits($course->end(), $course->pot->layers));

        self::assertSame(['core', 'filling', 'rice done to', 'rice at', 'free water', 'crust browned'], $names);
        self::assertSame(CrustColour::Straw->ends(), Aim::crust(CrustColour::Pale)->mostBrowning());
        self::assertSame(CrustColour::Golden->ends(), Aim::crust(CrustColour::Golden)->mostBrowning());
    }

    public function test_is_cooked_holds_from_some_minute_on(): void
    {
        $aim = Aim::crust(CrustColour::Pale);
        $steaming = new Steaming(self::pot());
        $cooked = $nearly = null;
        for ($minute = 1; $minute <= 90; $minute++) {
            $steaming->advance(new HeatBlock(1, 0.5, false, null, 0.5), 60);
            $nearly ??= $aim->isCooked($steaming, 0.06) ? $minute : null;
            $cooked ??= $aim->isCooked($steaming) ? $minute : null;
            self::assertTrue($cooked === null || $aim->isCooked($steaming), 'what is cooked stays cooked');
        }
        self::assertNotNull($cooked);
        self::assertNotNull($nearly);
        self::assertLessThanOrEqual($cooked, $nearly);
    }

    public function test_a_clone_goes_on_from_where_it_was_made(): void
    {
        $heat = new HeatBlock(10, 0.5, false, null, 0.5);
        $one = new Steaming(self::pot());
        $one->advance($heat, 600);
        $two = clone $one;
        $one->advance($heat, 600);
        self::assertGreaterThan($two->seconds, $one->seconds);
        $two->advance($heat, 600);
        self::assertEqualsWithDelta($one->browning, $two->browning, 1e-12);
        self::assertSame($one->celsius, $two->celsius);
    }

    public function test_what_is_done_to_a_pot_on_its_way_closes_too(): void
    {
        $steaming = new Steaming(self::pot());
        $heat = new HeatBlock(10, 0.6, false, null, 0.6);
        $steaming->advance($heat, 900);
        $tight = clone $steaming;
        $loose = clone $steaming;
        $loose->reseal(Seal::LooseLid);
        $steaming->open();
        $steaming->sprinkle(0.08, 90);
        $steaming->reseal(Seal::LooseLid);
        $low = new HeatBlock(10, 0.16, false, null, 0.16);
        foreach ([$steaming, $tight, $loose] as $pot) {
            $pot->advance($low, 600);
        }

        self::assertEqualsWithDelta(0.0, $steaming->waterOffG(), 0.1);
        self::assertEqualsWithDelta(0.0, $steaming->energyOff(), 0.005);
        self::assertGreaterThan($tight->leakKg, $loose->leakKg, 'a loose lid loses more');
    }

    public function test_layers_are_varied_without_water_made_or_lost(): void
    {
        foreach (self::pot()->layers as $layer) {
            foreach ([0.05, -0.02, 5.0, -5.0] as $kg) {
                $other = $layer->wetter($kg);
                self::assertEqualsWithDelta($layer->freeKg + $layer->boundKg, $other->freeKg + $other->boundKg, 1e-12);
                self::assertGreaterThanOrEqual(0, $other->freeKg);
                self::assertGreaterThanOrEqual(0, $other->boundKg);
            }
            self::assertEqualsWithDelta(1.2 * $layer->tauS, $layer->slower(1.2)->tauS, 1e-9);
        }
    }

    public function test_each_base_has_its_own_readiness_to_brown(): void
    {
        $brown = static fn (BaseKind $kind): float => Course::of(SealedPot::of(24, 14, 650, 735, 100, Seal::Cloth, [
            SealedLayer::crust($kind, 0.2, 0.6, 0.03, 60), SealedLayer::rice(RiceKind::AgedBasmati, Soak::of(60, 20), 0.4, 0.65, 60),
        ], 140), [new HeatBlock(10, 0.7, false, null, 0.7)])->end()->browning;

        self::assertGreaterThan($brown(BaseKind::Rice), $brown(BaseKind::YogurtRice));
        self::assertGreaterThan($brown(BaseKind::YogurtRice), $brown(BaseKind::FlatBread));
    }

    private static function pot(): SealedPot
    {
        return SealedPot::of(24, 14, 650, 1100, 98, Seal::Foil, [
            SealedLayer::filling(FillingKind::ChickenThigh, 0.8, 1.0, 0.1, 18, 18, 0.0),
            SealedLayer::rice(RiceKind::AgedBasmati, Soak::of(30, 20), 0.4, 0.65, 70),
        ]);
    }
}

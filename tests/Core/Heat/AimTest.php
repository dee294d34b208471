<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Orbek\Core\Heat\Aim;
use Orbek\Core\Heat\Fault;
use Orbek\Core\Heat\Limit;
use Orbek\Core\Heat\Wanted;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Pieces;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Colours, limits, and what a pot is to end with. */
final class AimTest extends TestCase
{
    public function test_colours_follow_one_another_without_a_gap(): void
    {
        $cases = CrustColour::cases();
        foreach ($cases as $index => $colour) {
            self::assertSame($colour, CrustColour::of($colour->begins()));
            self::assertSame($colour, CrustColour::of($colour->middle()));
            self::assertSame(isset($cases[$index + 1]) ? $cases[$index + 1]->begins() : INF, $colour->ends());
        }
    }

    public function test_a_limit_tells_how_far_inside_or_past_it_a_pot_ends_and_what_that_is_called(): void
    {
        $core = static fn (float $value): Limit => new Limit(Wanted::SafeCore, $value, 77, INF);
        self::assertTrue($core(77)->isMet());
        self::assertSame(0.0, $core(77)->margin());
        self::assertEqualsWithDelta(-7 / Wanted::SafeCore->step(), $core(70)->margin(), 1e-9);
        self::assertSame([Fault::UnsafeCore, null], [$core(70)->fault(), $core(90)->fault()]);
        self::assertSame('core 70 °C, at least 77 °C', Sample::say($core(70)->words()));

        $crust = static fn (float $value): Limit => new Limit(Wanted::Crust, $value, 0.5, 1.2);
        self::assertEqualsWithDelta(
            $crust(0.25)->margin(), $crust(2.4)->margin(), 1e-9, 'half and twice are as far off',
        );
        self::assertSame(
            [Fault::Pale, null, Fault::Dark, Fault::Burns],
            array_map(static fn (float $value): ?Fault => $crust($value)->fault(), [0.3, 0.8, 1.5, 4.0]),
        );

        $weight = static fn (float $value): Limit => new Limit(Wanted::RiceWeight, $value, 2.15, 2.8);
        self::assertSame([Fault::DryRice, Fault::WetRice], [$weight(2.0)->fault(), $weight(2.9)->fault()]);
        self::assertEqualsWithDelta(2.5, $weight(2.2)->towards($weight(2.4), 1.5)->value, 1e-9);
        self::assertEqualsWithDelta(
            1.6, $crust(0.4)->towards($crust(0.8), 2.0)->value, 1e-9, 'a colour goes by factors',
        );
    }

    public function test_a_clean_base_may_take_a_little_colour_and_a_laid_one_must_be_set(): void
    {
        $course = Course::of(
            self::pot(), [new Stretch(10, Flame::on('', 0.6)), new Stretch(25, Flame::on('', 0.2))],
        );
        $wanted = static fn (Aim $aim): array => array_map(
            static fn (Limit $limit): Wanted => $limit->wanted, $aim->limits(
                $course->pot, $course->end(), $course->crustMm(),
            ),
        );
        $clean = [
            Wanted::SafeCore, Wanted::Tender, Wanted::RiceDone, Wanted::RiceWeight, Wanted::FreeWater, Wanted::Crust,
        ];
        self::assertSame($clean, $wanted(Aim::of(CrustColour::Pale)));
        self::assertSame([...$clean, Wanted::CrustSet], $wanted(Aim::of(CrustColour::Golden, set: true)));
        self::assertSame(CrustColour::Straw->ends(), Aim::of(CrustColour::Pale)->mostBrowning());
        self::assertSame(CrustColour::Golden->ends(), Aim::of(CrustColour::Golden)->mostBrowning());
        self::assertSame(0.0, Aim::of(CrustColour::Pale)->offBy(0.0), 'a clean base is never too light');
    }

    public function test_falling_apart_is_a_fault_only_where_pieces_are_to_stay_whole(): void
    {
        $course = Course::of(self::pot(), [new Stretch(90, Flame::on('', 0.4))]);
        $fault = static fn (bool $whole): array => array_filter(array_map(
            static fn (Limit $limit): ?Fault => $limit->wanted === Wanted::Tender ? $limit->fault() : null,
            Aim::of(CrustColour::Pale, $whole)->limits($course->pot, $course->end(), 0.0),
        ));
        self::assertGreaterThan(3.5, $course->end()->layers[0]->tenderness);
        self::assertSame([], $fault(false));
        self::assertSame([Fault::FallsApart], array_values($fault(true)));
    }

    public function test_is_cooked_holds_from_some_minute_on(): void
    {
        $aim = Aim::of(CrustColour::Pale);
        $steaming = new Steaming(self::pot());
        $cooked = null;
        for ($minute = 1; $minute <= 90; $minute++) {
            $steaming->advance(Flame::on('', 0.5), 60);
            $cooked ??= $aim->isCooked($steaming) ? $minute : null;
            self::assertTrue($cooked === null || $aim->isCooked($steaming), 'what is cooked stays cooked');
        }
        self::assertGreaterThan(10, $cooked ?? 0);
        self::assertFalse(Aim::of(CrustColour::Golden, set: true)->isCooked(new Steaming(self::pot())));
    }

    private static function pot(): SealedPot
    {
        return SealedPot::of(24, 14, 650, 1100.0, 98, Sample::seal('foil'), [
            SealedFilling::of(
                'chicken', 0.8, 0.1, 1.0, 18, Pieces::of(Sample::filling('chicken-thigh'), 18, 18, 1.0, 0.0),
            ),
            SealedRice::boiled(RiceKind::AgedBasmati, Soak::of(30, 20), 0.4, 0.65, 70),
        ]);
    }
}

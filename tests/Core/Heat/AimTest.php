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
use Orbek\Core\Lid\Moment;
use Orbek\Core\Lid\Pieces;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Lid\Texture;
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

        self::assertEqualsWithDelta(
            (log(1e-3) - log(0.5)) / Wanted::Crust->step(), $crust(0.0)->margin(), 1e-9, 'less than any eye sees',
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

    /** What is cooked, and when, is what the limits say: rice, meat or crust may be the last. */
    public function test_a_pot_is_cooked_when_all_that_takes_time_is_as_wanted(): void
    {
        $last = [];
        foreach ([
            [self::pot(), Aim::of(CrustColour::Pale)], [self::pot(), Aim::of(CrustColour::Golden, set: true)],
            [self::rice(0.95), Aim::of(CrustColour::Golden, set: true)],
            [self::rice(0.97), Aim::of(CrustColour::Pale, steams: true)],
            [self::pot(0.9, tender: 1.0), Aim::of(CrustColour::Pale)],
            [self::pot(0.3, tender: 1.0), Aim::of(CrustColour::Pale)],
        ] as [$pot, $aim]) {
            $steaming = new Steaming($pot);
            $waits = [];
            for ($minute = 1; $minute <= 60; $minute++) {
                $steaming->advance(Flame::on('', 0.5), 60);
                $short = array_map(static fn (Limit $one): string => $one->wanted->name, array_filter(
                    $aim->limits($pot, Moment::of($steaming), 1000 * $steaming->skinM),
                    static fn (Limit $one): bool => $one->value < $one->from && in_array($one->wanted, [
                        Wanted::RiceDone, Wanted::SafeCore, Wanted::Tender, Wanted::CrustSet,
                        Wanted::Steamed,
                    ], true),
                ));
                self::assertSame($short === [], $aim->isCooked($steaming), "{$minute} min: ".implode(', ', $short));
                $waits = $short !== [] ? $short : $waits;
            }
            $last = [...$last, ...$waits];
        }
        sort($last);
        self::assertSame(['CrustSet', 'RiceDone', 'SafeCore', 'Steamed', 'Tender'], array_values(array_unique($last)));
    }

    public function test_edges_of_what_is_wanted(): void
    {
        $course = Course::of(self::pot(), [new Stretch(30, Flame::on('', 0.4))]);
        $edges = array_map(
            static fn (Limit $one): array => [$one->wanted, $one->from, $one->to],
            Aim::of(CrustColour::Golden, true, true, true)->limits($course->pot, $course->end(), 2.0),
        );
        self::assertSame([
            [Wanted::SafeCore, Sample::filling('chicken-thigh')->safeCoreC + 3.0, INF],
            [Wanted::Tender, 1.0, 3.5],
            [Wanted::RiceDone, 96.0, INF],
            [Wanted::RiceWeight, 2.15, 2.9],
            [Wanted::FreeWater, -INF, Texture::FREE],
            [Wanted::Steamed, 5.0, INF],
            [Wanted::Crust, CrustColour::Golden->begins(), CrustColour::Golden->ends()],
            [Wanted::CrustSet, 0.9, INF],
        ], $edges, 'three and a half times tender falls apart; a crust thinner than 0.9 mm tears');

        // What is soft already when it is layered has as far to go again.
        $soft = self::pot(tender: 3.0);
        $limits = Aim::of(CrustColour::Pale, true)->limits($soft, Course::of($soft, [
            new Stretch(1, Flame::on('', 0.4)),
        ])->end(), 0.0);
        self::assertSame([4.8], array_values(array_map(
            static fn (Limit $one): float => round($one->to, 6),
            array_filter($limits, static fn (Limit $one): bool => $one->wanted === Wanted::Tender),
        )));
    }

    public function test_how_far_off_a_colour_is_and_what_a_pot_misses(): void
    {
        $golden = Aim::of(CrustColour::Golden);
        $middle = CrustColour::Golden->middle();
        self::assertSame(0.0, $golden->offBy($middle));
        self::assertEqualsWithDelta(log(2), $golden->offBy($middle / 2), 1e-12);
        self::assertEqualsWithDelta(log($middle / 1e-3), $golden->offBy(0.0), 1e-12, 'no browning is less than any eye sees');
        self::assertGreaterThan(0.0, Aim::of(CrustColour::Pale)->offBy(CrustColour::Golden->middle()));

        $steaming = new Steaming(self::pot());
        $miss = $golden->missOf($steaming);
        $steaming->advance(Flame::on('', 0.5), 1500);
        self::assertLessThan($miss, $golden->missOf($steaming));
        $missed = array_filter(
            $golden->limits($steaming->pot, Moment::of($steaming), 1000 * $steaming->skinM),
            static fn (Limit $one): bool => ! $one->isMet(),
        );
        self::assertEqualsWithDelta(
            -array_sum(array_map(static fn (Limit $one): float => $one->margin(), $missed)),
            $golden->missOf($steaming), 1e-9,
        );
    }

    public function test_a_limit_at_its_edges(): void
    {
        $weight = static fn (float $value): Limit => new Limit(Wanted::RiceWeight, $value, 2.0, 3.0);
        self::assertTrue($weight(3.0)->isMet());
        self::assertTrue($weight(2.0)->isMet());
        self::assertNull($weight(3.0)->fault());
        self::assertSame(Fault::DryRice, $weight(1.999)->fault());
        $crust = static fn (float $value): Limit => new Limit(Wanted::Crust, $value, 0.5, 1.2);
        self::assertSame($crust(0.0)->margin(), $crust(1e-3)->margin());
        self::assertLessThan($crust(2e-3)->margin(), $crust(1e-3)->margin());
        self::assertSame(
            ['least' => false, 'most' => true],
            array_intersect_key((new Limit(Wanted::FreeWater, 0.2, 0.0, 0.3))->words()->args, ['least' => 1, 'most' => 1]),
        );
    }

    private static function pot(float $riceDone = 0.65, float $tender = 0.0): SealedPot
    {
        return SealedPot::of(24, 14, 650, 1100.0, 98, Sample::seal('foil'), [
            SealedFilling::of(
                'chicken', 0.8, 0.1, 1.0, 18, Pieces::of(Sample::filling('chicken-thigh'), 18, 18, 1.0, $tender),
            ),
            SealedRice::boiled(RiceKind::AgedBasmati, Soak::of(30, 20), 0.4, $riceDone, 70),
        ]);
    }

    private static function rice(float $done): SealedPot
    {
        return SealedPot::of(24, 14, 650, 1100.0, 98, Sample::seal('foil'), [
            SealedRice::boiled(RiceKind::AgedBasmati, Soak::of(30, 20), 0.4, $done, 95),
        ]);
    }
}

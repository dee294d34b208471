<?php

declare(strict_types=1);

namespace Tests\Core\Lid;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Heating;
use Orbek\Core\Lid\Aim;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\HeatPlan;
use Orbek\Core\Lid\HeatSearch;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Lid\Versus;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Heat lines found, foretold, weighed and changed. */
final class HeatSearchTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function dishes(): iterable
    {
        foreach (['sour-cherry-polo', 'turkey-plum-biryani', 'lentil-date-walnut-polo', 'trout-fenugreek-polo', 'jackfruit-cashew-biryani', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice', 'yesterdays-squash-curry'] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('dishes')]
    public function test_what_is_found_is_never_worse_than_the_schools_own_line(string $name): void
    {
        $plan = self::plan($name);
        $found = $plan->heatPlans();
        self::assertNotNull($found);

        self::assertLessThanOrEqual($found['stock']->miss + 0.01, $found['best']->miss);
        if (abs($found['stock']->miss - $found['best']->miss) < 0.005) {
            self::assertLessThanOrEqual($found['stock']->minutes() + 8, $found['best']->minutes());
        }
        // As the application would run it: followed again from the start, it ends the same.
        $again = HeatSearch::judged($plan->sealedPot ?? self::fail('it goes in'), $plan->aim(), $found['best']->blocks);
        self::assertEqualsWithDelta($found['best']->browning, $again->browning, 0.02 * $again->browning + 1e-3);
        self::assertEqualsWithDelta($found['best']->miss, $again->miss, 0.05);
        foreach (['quicker', 'safer'] as $other) {
            $alternative = $found[$other];
            if ($alternative !== null && $other === 'quicker') {
                self::assertLessThan($found['best']->minutes(), $alternative->minutes());
            } elseif ($alternative !== null) {
                self::assertLessThan($found['best']->browning, $alternative->browning);
            }
        }
    }

    public function test_each_wanted_colour_is_found(): void
    {
        foreach ([CrustColour::Straw, CrustColour::Golden, CrustColour::Amber] as $colour) {
            $plan = Sample::plan(Dish::fromArray(Sample::json('lentil-date-walnut-polo'))->changed('base/crust', $colour->value));
            $best = $plan->heatPlans()['best'] ?? self::fail('it goes in');
            self::assertSame($colour, CrustColour::of($best->browning), $colour->value);
            self::assertTrue($best->isMet(), $best->words());
        }
    }

    public function test_taken_into_the_dish_it_is_the_dishs_own_line(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $best = $plan->heatPlans()['best'] ?? self::fail('it goes in');
        $taken = Sample::plan($plan->changed('heat:take', $best->toArray()));

        self::assertFalse($taken->heat->isStock);
        self::assertSame([], $taken->foretold());
        self::assertSame(CrustColour::Golden, $taken->course()?->colour());
        self::assertTrue(Sample::plan($taken->changed('heat:stock', null))->heat->isStock);
    }

    public function test_what_goes_wrong_is_said_where_it_does_and_its_mend_leads_away_from_it(): void
    {
        $plan = Sample::plan(self::plan('lentil-date-walnut-polo')->changed('heat:take', [['minutes' => 25, 'setting' => 0.7, 'plate' => false]]));
        $burns = $plan->foretold()[0];
        self::assertMatchesRegularExpression('/^The base burns from minute \d+\.$/', $burns->says);
        self::assertEqualsWithDelta($burns->minute, $plan->course()?->firstMinute(static fn ($moment): bool => $moment->browning >= 3.5) ?? INF, 1e-6);
        $mended = Sample::plan($plan->changed('heat:take', (new HeatPlan($burns->mend ?? self::fail('there is a mend'), 0, 0, []))->toArray()));
        self::assertLessThan($plan->course()?->end()->browning, $mended->course()?->end()->browning);

        $low = Sample::plan(self::plan('sour-cherry-polo')->changed('heat:take', [['minutes' => 20, 'setting' => 0.1, 'plate' => false]]));
        $says = implode(' ', array_map(static fn ($fault): string => $fault->says, $low->foretold()));
        foreach (['The crust stays pale; golden is wanted.', 'The middle never reaches steam', 'keeps a hard heart', 'its core comes to'] as $expected) {
            self::assertStringContainsString($expected, $says);
        }
    }

    public function test_rice_that_goes_in_cooked_is_not_told_to_steam(): void
    {
        foreach (['yesterdays-squash-curry', 'mushroom-chestnut-rice'] as $name) {
            self::assertSame([], array_filter(self::plan($name)->foretold(), static fn ($fault): bool => str_contains($fault->says, 'never reaches steam')), $name);
        }
    }

    public function test_the_same_dish_always_tells_the_same_risk_and_a_wilder_stove_a_wider_one(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        self::assertEquals($plan->howSure(), self::plan('lentil-date-walnut-polo')->howSure());
        $sure = $plan->howSure() ?? self::fail('it goes in');
        $pot = $plan->sealedPot ?? self::fail('it goes in');
        $known = \Orbek\Core\Lid\HowSure::of($pot, $plan->heat->blocks, $plan->aim(), 0.02, 0.02);

        self::assertLessThan($sure->browningTo - $sure->browningFrom, $known->browningTo - $known->browningFrom);
        self::assertLessThan($plan->course()?->end()->browning ?? 0, $sure->browningFrom);
        self::assertGreaterThan($plan->course()?->end()->browning ?? INF, $sure->browningTo);
        self::assertMatchesRegularExpression('/The crust is darker than wanted: .* \(\d+ of 20\)\./', implode(' ', $sure->words()));
    }

    public function test_two_pots_side_by_side_name_their_differences(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $pot = $plan->sealedPot ?? self::fail('it goes in');
        $rows = Versus::of(Course::of($pot, $plan->heat->blocks), Course::of($pot->with(seal: Seal::LooseLid), $plan->heat->blocks));
        $byWhat = array_column($rows, null, 'what');

        self::assertTrue($byWhat['steam lost']['differs']);
        self::assertGreaterThan((int) $byWhat['steam lost']['one'], (int) $byWhat['steam lost']['other']);
        self::assertFalse($byWhat['minutes']['differs']);
    }

    public function test_a_stretch_is_changed_parted_and_removed(): void
    {
        $plan = self::plan('sour-cherry-polo');
        $changed = Sample::plan($plan->changed('heat:minutes:0', 12));
        self::assertSame(12.0, $changed->heat->blocks[0]->minutes);
        self::assertSame($plan->heat->blocks[1]->minutes, $changed->heat->blocks[1]->minutes);
        self::assertEqualsWithDelta(0.35, Sample::plan($plan->changed('heat:setting:1', 35))->heat->blocks[1]->setting, 1e-9);
        self::assertFalse(Sample::plan($plan->changed('heat:plate:1', false))->heat->blocks[1]->plate);
        self::assertCount(4, Sample::plan($plan->changed('heat:part:1', null))->heat->blocks);
        self::assertCount(2, Sample::plan($plan->changed('heat:remove:1', null))->heat->blocks);
    }

    #[DataProvider('bad')]
    public function test_heats_that_cannot_be_are_refused(string $path, mixed $value, string $says): void
    {
        $plan = self::plan('sour-cherry-polo');
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches($says);
        Heating::changed($plan->dish, $plan->heat->blocks, $path, $value);
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function bad(): iterable
    {
        yield 'no minutes' => ['heat:minutes:0', 0, '/^heat:minutes:0: 0 is out of range; give 0.5 to 240 min/'];
        yield '20 hours' => ['heat:minutes:0', 1200, '/1200 is out of range/'];
        yield '400 %' => ['heat:setting:0', 400, '/400 is out of range; give 0 to 100 %/'];
        yield 'not a number' => ['heat:setting:0', 'high', '/is out of range; give 0 to 100 %/'];
        yield 'no such stretch' => ['heat:setting:9', 20, '/there is no stretch 9; give 0 to 2/'];
        yield 'an empty line' => ['heat:take', [['minutes' => 0, 'setting' => 1]], '#lid/heat/0/minutes: 0 is out of range#'];
    }

    public function test_a_heat_plan_is_kept_as_the_dish_keeps_it(): void
    {
        $plan = new HeatPlan([new HeatBlock(9, 0.5, false, 'steam shows at the lid', 0.5), new HeatBlock(20, 0, false, null, 0, 100)], 0, 0, []);

        self::assertSame([['minutes' => 9.0, 'setting' => 0.5, 'plate' => false, 'until' => 'steam shows at the lid'], ['minutes' => 20.0, 'setting' => 0.0, 'plate' => false, 'oven_c' => 100.0]], $plan->toArray());
        self::assertSame(0.0, Aim::crust(CrustColour::Pale)->mostBrowning() - CrustColour::Straw->ends());
    }

    private static function plan(string $name): Plan
    {
        return Sample::plan(Dish::fromArray(Sample::json($name)));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Orbek\Core\Edit\HeatWord;
use Orbek\Core\Heat\Bounds;
use Orbek\Core\Heat\Fault;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Heat\HeatSearch;
use Orbek\Core\Heat\HowSure;
use Orbek\Core\Heat\KitchenEnd;
use Orbek\Core\Heat\Limit;
use Orbek\Core\Heat\LowHeats;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Heat\Origin;
use Orbek\Core\Heat\Robust;
use Orbek\Core\Heat\Steerable;
use Orbek\Core\Heat\SteeredKitchens;
use Orbek\Core\Heat\Stove;
use Orbek\Core\Heat\Versus;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Pot\PotFault;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Heat lines found, foretold, weighed and changed. */
final class HeatSearchTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function dishes(): iterable
    {
        foreach (
            [
                'sour-cherry-polo', 'turkey-plum-biryani', 'lentil-date-walnut-polo', 'trout-fenugreek-polo',
                'jackfruit-cashew-biryani', 'chickpea-spinach-one-pot', 'mushroom-chestnut-rice',
                'yesterdays-squash-curry',
            ] as $name
        ) {
            yield $name => [$name];
        }
    }

    public function test_a_bread_base_gets_three_to_five_strong_minutes_where_that_comes_out_right(): void
    {
        foreach ([['steel-24', 3], ['steel-24', 4], ['aluminium-28', 4]] as [$id, $eaters]) {
            $plan = Sample::plan(
                Sample::dish('lentil-date-walnut-polo')->changed('usual/eaters', $eaters)->changed('lid/pot', $id),
            );
            $first = ($plan->heating() ?? self::fail('it goes in'))->line()[0];
            self::assertEqualsWithDelta(4, $first->length(), 1.1, "{$id} for {$eaters}");
            $pot = $plan->sealedPot() ?? self::fail('it goes in');
            $wPerCm2 = $pot->netW($first->flame->ring) * $first->flame->setting / ($pot->areaM2() * 1e4);
            self::assertGreaterThan(1.0, $wPerCm2, 'it is strong');
            self::assertTrue($plan->isRight());
        }
    }

    #[DataProvider('dishes')]
    public function test_as_shipped_every_dish_has_a_heat_that_comes_out_right(string $name): void
    {
        $plan = self::plan($name);
        $heating = $plan->heating() ?? self::fail('it goes in');

        self::assertSame(
            [], array_map(static fn (PotFault $one): string => Sample::say($one->says()), $plan->faults()),
        );
        self::assertSame(Origin::Found, $heating->origin);
        self::assertGreaterThanOrEqual($plan->dish->bounds()->restMin, self::restMin($plan));
        // The same input gives the same plan.
        self::assertEquals(
            HeatLine::toArray($heating->line()), HeatLine::toArray(self::plan($name)->heating()?->line() ?? []),
        );
        // Nothing that the stove cannot do: each setting is one of its ring's knob, each plate the kitchen's.
        foreach ($heating->flames() as $flame) {
            $ring = $plan->kitchen->equipment->rings[$flame->ring] ?? null;
            self::assertTrue(
                $flame->isOff() || $flame->ovenC !== null
                    || in_array($flame->setting, $ring?->knob->shares() ?? [], true)
            );
            self::assertTrue($flame->plate === null || isset($plan->kitchen->equipment->plates[$flame->plate->id]));
        }
    }

    public function test_of_what_comes_out_right_the_best_is_right_on_most_rings_and_the_others_differ_as_they_say(): void
    {
        $plan = self::plan('jackfruit-cashew-biryani');
        $found = $plan->otherHeats() ?? self::fail('it was looked for');
        $best = $found->best();
        foreach ($found->plans as $other) {
            if ($other->plan->isRight() && $other->plan->minutes() <= $best->plan->minutes()) {
                self::assertGreaterThanOrEqual($other->share() - 0.05, $best->share());
            }
        }
        $quicker = $found->quicker();
        self::assertTrue(
            $quicker === null || ($quicker->plan->isRight() && $quicker->plan->minutes() < $best->plan->minutes())
        );
        $safer = $found->safer();
        self::assertTrue(
            $safer === null || $safer->more->course->end()->browning < $best->more->course->end()->browning
        );
    }

    public function test_what_is_called_safer_does_not_burn_on_a_ring_that_gives_more(): void
    {
        $offered = $lighterButTooDark = 0;
        foreach (['plain-chelow', 'bean-dill-polo', ...array_column([...self::dishes()], 0)] as $name) {
            foreach ([[2, 'golden'], [4, 'golden'], [2, 'amber'], [4, 'amber']] as [$eaters, $crust]) {
                $dish = Sample::dish($name)->changed('usual/eaters', $eaters)->changed('base/crust', $crust);
                $found = Sample::plan($dish)->otherHeats();
                $safer = $found?->safer();
                $offered += (int) ($safer !== null);
                foreach ($safer->more->limits ?? [] as $limit) {
                    self::assertNotContains($limit->fault(), [Fault::Dark, Fault::Burns], "{$name} for {$eaters}, {$crust}");
                }
                $best = $found?->best()->more->course->end()->browning ?? 0.0;
                foreach ($found->plans ?? [] as $other) {
                    $faults = array_map(static fn (Limit $limit): ?Fault => $limit->fault(), $other->more->limits);
                    $isLighter = $other->plan->isRight() && $other->more->course->end()->browning < 0.9 * $best;
                    $lighterButTooDark += (int) ($isLighter && array_intersect(
                        array_map(static fn (Fault $fault): string => $fault->value, array_filter($faults)),
                        ['dark', 'burns'],
                    ) !== []);
                }
            }
        }
        self::assertGreaterThan(0, $offered);
        self::assertGreaterThan(0, $lighterButTooDark, 'some are lighter and still too dark, and are not offered');
    }

    public function test_lines_that_are_found_have_the_low_heat_that_the_school_asks_and_few_dishes_are_given_up(): void
    {
        $right = $looked = 0;
        foreach (['plain-chelow', 'bean-dill-polo', ...array_column([...self::dishes()], 0)] as $name) {
            foreach ([2, 4, 6] as $eaters) {
                foreach (['steel-24', 'aluminium-28'] as $pot) {
                    $plan = Sample::plan(
                        Sample::dish($name)->changed('usual/eaters', $eaters)->changed('lid/pot', $pot),
                    );
                    $line = $plan->heating()?->line() ?? [];
                    $heats = array_values(
                        array_filter($line, static fn (Stretch $stretch): bool => ! $stretch->isRest()),
                    );
                    if ($heats === [] || $plan->potted->tooFull() !== null) {
                        continue;
                    }
                    self::assertGreaterThanOrEqual(
                        $plan->dish->bounds()->lowLeastMin, $heats[count($heats) - 1]->length(),
                        "{$name} for {$eaters} in {$pot}",
                    );
                    $looked++;
                    $right += (int) $plan->isRight();
                }
            }
        }
        // Most of what is left has no heat that makes it right (docs/model.md: against brute force).
        self::assertGreaterThan(30, $looked);
        self::assertGreaterThan(0.8 * $looked, $right);
    }

    public function test_each_wanted_colour_is_found(): void
    {
        $most = 0;
        foreach ([CrustColour::Straw, CrustColour::Golden, CrustColour::Amber] as $colour) {
            $plan = Sample::plan(Sample::dish('sour-cherry-polo')->changed('base/crust', $colour->value));
            self::assertSame($colour, $plan->course()?->colour(), $colour->value);
            self::assertTrue($plan->isRight());
            $colours = $plan->heating()?->colours() ?? self::fail('it goes in');
            self::assertContains($colour, $colours->all());
            $most = max($most, count($colours->all()));
        }
        self::assertGreaterThan(1, $most, 'an untaught ring tells a range');
    }

    public function test_where_nothing_comes_out_right_nothing_is_called_the_best_and_what_is_missed_is_said(): void
    {
        $plan = Sample::plan(
            Sample::dish('turkey-plum-biryani')->changed('lid/pot', 'steel-24')->changed('usual/eaters', 9)
        );

        self::assertFalse($plan->isRight());
        self::assertNotSame([], $plan->faults());
        foreach ($plan->mends() as $mend) {
            self::assertTrue(
                Sample::plan($plan->dish->changed($mend->path, $mend->value))->isRight()
                    || str_contains(Sample::say($mend->label), 'less goes wrong'),
                Sample::say($mend->label),
            );
        }
    }

    public function test_where_little_room_is_left_a_slower_low_heat_is_taken_that_is_steered_right_more_often(): void
    {
        $plan = Sample::plan(Sample::dish('sour-cherry-polo')->changed('usual/eaters', 4));
        $lines = $plan->otherHeats() ?? self::fail('it goes in');
        $best = $lines->best();
        $quicker = $lines->quicker() ?? self::fail('a quicker one is right on the stove as thought');
        self::assertGreaterThan($quicker->plan->minutes() + 10, $best->plan->minutes());
        self::assertGreaterThan($quicker->prospect, $best->prospect);
        $what = $plan->steerable() ?? self::fail('it is steered');
        $right = static fn (Robust $one): int => KitchenEnd::right(SteeredKitchens::of(new Steerable(
            pot: $what->pot, line: $one->plan->line, aim: $what->aim, odds: $what->odds, lotSd: $what->lotSd,
            stove: $what->stove, bounds: $what->bounds, edges: $what->edges,
        ), true)['again']);
        self::assertGreaterThan($right($quicker) + 3, $right($best));
        // Where there is room no longer heat than the school asks is taken.
        $chelow = Sample::plan(Sample::dish('plain-chelow')->changed('usual/eaters', 4));
        self::assertLessThan(30, array_sum(array_map(
            static fn (Stretch $one): float => $one->till === null && ! $one->isRest() ? $one->minutes : 0.0,
            $chelow->heating()?->line() ?? self::fail('it goes in'),
        )));
    }

    public function test_what_is_right_as_thought_and_often_not_elsewhere_is_made_surer_by_what_is_told(): void
    {
        $plan = Sample::plan(Sample::dish('sour-cherry-polo')->changed('usual/eaters', 2));
        $mends = $plan->surer();
        self::assertNotSame([], $mends);
        $says = Sample::say($mends[0]->label);
        self::assertMatchesRegularExpression('/: right in \d+ of 24 kitchens, not in \d+$/', $says);
        self::assertSame(1, preg_match('/in (\d+) of 24 kitchens, not in (\d+)/', $says, $told));
        $right = static fn (Plan $of): int => KitchenEnd::right($of->steered()['again']);
        self::assertSame((int) $told[2], $right($plan));
        self::assertSame(
            (int) $told[1], $right(Sample::plan($plan->dish->changed($mends[0]->path, $mends[0]->value))),
        );
        self::assertGreaterThanOrEqual((int) $told[2] + 3, (int) $told[1]);
        // Poured once it is poured more the next time, not twice.
        $after = ['name' => 'hot water', 'ml_per_kg' => 20.0, 'after' => true];
        $wet = Sample::plan(
            $plan->dish->changed('poured', [['name' => 'hot water', 'ml_per_kg' => 30.0], $after]),
        );
        $pours = array_values(array_filter($wet->surer(), static fn (Mend $mend): bool => $mend->path === 'poured'));
        self::assertNotSame([], $pours);
        foreach ($pours as $mend) {
            self::assertContains($mend->value, [
                [$after, ['name' => 'hot water', 'ml_per_kg' => 150.0]],
                [$after, ['name' => 'hot water', 'ml_per_kg' => 230.0]],
            ]);
        }
        // Sure enough, or not right at all: nothing to be made surer.
        self::assertSame([], self::plan('trout-fenugreek-polo')->surer());
        self::assertSame([], Sample::plan(Sample::edited($plan, 'heat:take', [['minutes' => 40, 'setting' => 1]]))->surer());
    }

    public function test_a_fault_of_ones_own_line_is_said_where_it_happens_and_its_first_mend_ends_it(): void
    {
        $plan = Sample::plan(
            Sample::edited(self::plan('lentil-date-walnut-polo'), 'heat:take', [['minutes' => 40, 'setting' => 1]]),
        );
        $burns = $plan->faults()[0]->foretold;
        self::assertSame(Fault::Burns, $burns->fault);
        self::assertMatchesRegularExpression('/^The base burns from minute \d+\.$/', Sample::say($burns->says));
        self::assertEqualsWithDelta(
            $burns->minute,
            $plan->course()?->firstMinute(static fn (Moment $moment): bool => $moment->browning >= 3.5) ?? INF, 1e-6,
        );
        $mend = $plan->mends()[0] ?? self::fail('there is a mend');
        self::assertSame(['lid/heat', null], [$mend->path, $mend->value]);
        self::assertTrue(Sample::plan($plan->dish->changed($mend->path, $mend->value))->isRight());

        $low = Sample::plan(
            Sample::edited(self::plan('turkey-plum-biryani'), 'heat:take', [['minutes' => 10, 'setting' => 0.25]]),
        );
        $says = Sample::say(array_map(static fn (PotFault $fault): Note => $fault->says(), $low->faults()));
        foreach (['its core comes to', 'never reaches steam', 'keeps a hard heart'] as $expected) {
            self::assertStringContainsString($expected, $says);
        }
    }

    public function test_the_low_heat_is_one_root_what_just_holds_steam(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $pot = $plan->sealedPot() ?? self::fail('it goes in');
        $ring = $plan->potted->first()->place->ring;
        $holding = LowHeats::holdingW($pot, $ring->id, null) / $pot->netW($ring->id);
        foreach (LowHeats::of($pot, new Stove($ring, Sample::craft()->cues->get('steam', 'until')), 1, 0) as $flame) {
            self::assertGreaterThanOrEqual($holding, $flame->setting);
            $lower = array_filter($ring->knob->shares(), static fn (float $share): bool => $share < $flame->setting);
            self::assertLessThan($holding, $lower === [] ? 0.0 : max($lower));
        }
        self::assertGreaterThan(
            LowHeats::holdingW($pot, $ring->id, null),
            LowHeats::holdingW($pot, $ring->id, array_values($plan->kitchen->equipment->plates)[0]),
        );
    }

    public function test_no_low_heat_is_shorter_than_the_school_asks(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $pot = $plan->sealedPot() ?? self::fail('it goes in');
        $find = static fn (float $least): HeatPlan => HeatSearch::find(
            $pot, $plan->dish->aim(), $plan->potted->first()->stove ?? self::fail('it was looked for'),
            new Bounds($least, 5.0), 0.2,
        )->best()->plan;
        self::assertGreaterThanOrEqual(45.0 + 5.0 - 1e-6, $find(45.0)->minutes());
        self::assertLessThan($find(45.0)->minutes(), $find(10.0)->minutes());
    }

    public function test_the_same_dish_always_tells_the_same_risk_and_a_stove_better_known_a_smaller_one(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $sure = $plan->howSure() ?? self::fail('it goes in');
        self::assertEquals($sure, self::plan('lentil-date-walnut-polo')->howSure());
        $pot = $plan->sealedPot() ?? self::fail('it goes in');
        $known = HowSure::of($pot, $plan->potted->first()->line(), $plan->dish->aim(), Odds::of(0.02, 0.02), 0.02);
        self::assertGreaterThan($sure->right, $known->right);
        self::assertLessThanOrEqual(count($sure->colours->all()), count($known->colours->all()));
        self::assertContains($plan->course()?->colour(), $sure->colours->all());
        self::assertMatchesRegularExpression('/ \(\d+ of 24\)\./', Sample::say($sure->words()));
    }

    public function test_cues_beat_minutes(): void
    {
        $plan = self::plan('jackfruit-cashew-biryani');
        $pot = $plan->sealedPot() ?? self::fail('it goes in');
        $right = fn (Stretch ...$line): int => $line === [] ? 0 : HowSure::of(
            $pot, array_values($line), $plan->dish->aim(), $plan->odds(), $plan->bag()->today()->sd(),
        )->right;
        self::assertGreaterThanOrEqual(
            $right(...$plan->potted->first()->heat()), $right(...$plan->potted->first()->line()),
        );
    }

    public function test_two_pots_side_by_side_name_their_differences(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        [$pot, $heat] = [$plan->sealedPot() ?? self::fail('it goes in'), $plan->potted->first()->heat()];
        $rows = Versus::of(Course::of($pot, $heat), Course::of($pot->under(Sample::seal('loose-lid')), $heat));
        $byWhat = array_combine(array_map(static fn (array $row): string => Sample::say($row['what']), $rows), $rows);
        self::assertTrue($byWhat['steam lost']['differs']);
        self::assertGreaterThan(
            (int) Sample::say($byWhat['steam lost']['one']), (int) Sample::say($byWhat['steam lost']['other']),
        );
        self::assertFalse($byWhat['minutes']['differs']);
    }

    public function test_a_stretch_is_changed_parted_and_removed(): void
    {
        $plan = self::plan('sour-cherry-polo');
        $line = static fn (Plan $plan): array => $plan->heating()?->line() ?? [];
        $edited = static fn (string $path, mixed $value): array => $line(
            Sample::plan(Sample::edited($plan, $path, $value))
        );
        $was = $line($plan);

        $changed = $edited('heat:minutes:0', 12);
        self::assertSame([12.0, null], [$changed[0]->minutes, $changed[0]->till], 'minutes take the place of its cue');
        self::assertEqualsWithDelta($was[1]->minutes, $changed[1]->minutes, 0.05);
        self::assertSame(Origin::Own, Sample::plan(Sample::edited($plan, 'heat:minutes:0', 12))->heating()?->origin);
        self::assertEqualsWithDelta(0.35, $edited('heat:setting:1', 35)[1]->flame->setting, 1e-9);
        self::assertSame('ring-1', $edited('heat:ring:1', 'ring-1')[1]->flame->ring);
        self::assertNull($edited('heat:plate:1', null)[1]->flame->plate);
        self::assertSame(
            array_key_first($plan->kitchen->equipment->plates),
            $edited('heat:plate:1', array_key_first($plan->kitchen->equipment->plates))[1]->flame->plate?->id,
        );
        self::assertSame('lid-hot', $edited('heat:until:0', 'lid-hot')[0]->till?->id);
        self::assertSame(4.0, $edited('heat:after:0', 4)[0]->afterMin);
        self::assertCount(count($was) + 1, $edited('heat:part:1', null));
        self::assertCount(count($was) - 1, $edited('heat:remove:1', null));
        self::assertSame(HeatWord::Stock, HeatWord::tryFrom('stock'));
    }

    /** @return iterable<string, array{string, mixed, string}> */
    public static function bad(): iterable
    {
        yield 'no minutes' => ['heat:minutes:0', 0, '/^heat:minutes:0: 0 is out of range; give 0.5 to 240 min/'];
        yield '20 hours' => ['heat:minutes:0', 1200, '/1200 is out of range/'];
        yield '400 %' => ['heat:setting:0', 400, '/400 is out of range; give 0 to 100 %/'];
        yield 'not a number' => ['heat:setting:0', 'high', '/"high" will not do; give a number from 0 to 100 %/'];
        yield 'no such stretch' => ['heat:setting:9', 20, '/there is no stretch 9; give 0 to 2/'];
        yield 'an empty line' => [
            'heat:take', [['minutes' => 0, 'setting' => 1]], '#lid/heat/0/minutes: 0 is out of range#',
        ];
    }

    #[DataProvider('bad')]
    public function test_heats_that_cannot_be_are_refused(string $path, mixed $value, string $says): void
    {
        $plan = self::plan('sour-cherry-polo');
        self::assertMatchesRegularExpression(
            $says, Sample::refused(static fn () => Sample::edited($plan, $path, $value)),
        );
    }

    private static function restMin(Plan $plan): float
    {
        $last = $plan->heating()?->line() ?? [];

        return $last === [] ? 0.0 : ($last[count($last) - 1]->isRest() ? $last[count($last) - 1]->minutes : 0.0);
    }

    private static function plan(string $name): Plan
    {
        return Sample::plan(Sample::dish($name));
    }
}

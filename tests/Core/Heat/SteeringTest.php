<?php

declare(strict_types=1);

namespace Tests\Core\Heat;

use Orbek\Core\Heat\Followed;
use Orbek\Core\Heat\KitchenEnd;
use Orbek\Core\Heat\Likely;
use Orbek\Core\Heat\LineTillLow;
use Orbek\Core\Heat\MaybePots;
use Orbek\Core\Heat\Odds;
use Orbek\Core\Heat\OverPots;
use Orbek\Core\Heat\SampledKitchen;
use Orbek\Core\Heat\Steerable;
use Orbek\Core\Heat\SteeredKitchens;
use Orbek\Core\Heat\Steering;
use Orbek\Core\Heat\Turn;
use Orbek\Core\Heat\Way;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** A closed pot steered by what is believed of its stove. */
final class SteeringTest extends TestCase
{
    private const KITCHENS = 100;

    public function test_a_belief_is_what_was_seen_of_it(): void
    {
        $odds = Odds::of(0.2);
        self::assertEqualsWithDelta(1.0, array_sum(array_map(array_sum(...), $odds->weights)), 1e-9);
        self::assertEqualsWithDelta([0.0, 0.0, 0.0], $odds->means(), 1e-9);
        // A boil off by .08 against a ring off by .2: the mean goes .2²/(.2² + .08²) of the way.
        [$ring, $mark] = $odds->knowingRing(0.2, 0.08)->means();
        self::assertEqualsWithDelta(0.2 * 0.04 / (0.04 + 0.0064), $ring, 0.01);
        self::assertEqualsWithDelta(0.0, $mark, 1e-6, 'a boil at full says nothing of low marks');
        // What cannot be teaches nothing.
        self::assertSame($odds, $odds->given(array_fill(0, count($odds->weights), 0.0)));
    }

    public function test_between_the_pots_that_are_followed_a_parabola_is_read_off_as_it_is(): void
    {
        $odds = Odds::of(0.2);
        $of = static fn (float $ring, float $mark): float => 3 + 2 * $ring - $mark + 5 * $ring ** 2 + 4 * $mark ** 2;
        $there = static fn (int $i, int $count, float $reach): float => $reach * (2 * $i / ($count - 1) - 1);
        $values = [];
        for ($r = 0; $r < $odds->nodes; $r++) {
            for ($m = 0; $m < Odds::MARK_NODES; $m++) {
                $values[$r][$m] = $of($there($r, $odds->nodes, 0.48), $there($m, Odds::MARK_NODES, 0.48));
            }
        }
        $all = Odds::between(array_map(array_values(...), array_values($values)));
        foreach ($odds->rings() as $i => $ring) {
            foreach ($odds->marks() as $j => $mark) {
                self::assertEqualsWithDelta($of($ring, $mark), $all[$i * Odds::MARKS + $j], 1e-9);
            }
        }
    }

    public function test_what_is_seen_pulls_the_way_it_should(): void
    {
        $odds = Odds::of(0.2);
        // Steam comes the sooner the more the ring gives; a wetter filling holds it up.
        $minutes = [
            ...array_merge(...array_map(
                static fn (int $ring): array => array_fill(0, Odds::MARK_NODES, 11.0 - $ring), range(0, $odds->nodes - 1),
            )),
            8.0, 8.0, ...array_map(static fn (int $ring): float => 10.5 - $ring, range(0, $odds->nodes - 1)),
            ...array_map(static fn (int $ring): float => 11.5 - $ring, range(0, $odds->nodes - 1)),
        ];
        self::assertGreaterThan(0.1, $odds->given(Likely::minute($minutes, 6.5, 0.5))->means()[0], 'steam sooner: more heat');
        self::assertLessThan(-0.1, $odds->given(Likely::minute($minutes, 9.5, 0.5))->means()[0]);
        self::assertLessThan(-0.1, $odds->given(Likely::later($minutes, 9.0))->means()[0], 'none yet: less heat');
        // A crust darker than thought is the ring's doing or the browning's.
        $ln = array_map(static fn (float $one): float => log(0.8) + 2 * $one, array_merge(...array_map(
            static fn (float $one): array => array_fill(0, Odds::MARKS, $one), $odds->rings(),
        )));
        $ln = new OverPots(array_fill(0, Odds::WETS, $ln));
        [$more, , $browns] = $odds->given(Likely::colour($odds, $ln, CrustColour::Dark))->means();
        self::assertGreaterThan(0.05, $more);
        self::assertGreaterThan(0.02, $browns);
        // What the law had not thought possible is believed all the same, however far off.
        $pale = new OverPots(array_fill(0, Odds::WETS, array_fill(0, count($odds->weights), log(0.3))));
        $seen = $odds->looking(static fn (Odds $by): array => Likely::colour($by, $pale, CrustColour::Burnt));
        self::assertTrue($seen->isDoubted);
        self::assertGreaterThan(log(CrustColour::Burnt->begins() / 0.3) - 0.3, $seen->means()[2]);
    }

    public function test_a_crust_paler_than_thought_may_be_a_wetter_fillings_doing(): void
    {
        $odds = Odds::of(0.2);
        $sum = static fn (Odds $of, int $wet): float => array_sum($of->wet($wet));
        self::assertEqualsWithDelta([1 / 6, 2 / 3, 1 / 6], [$sum($odds, 0), $sum($odds, 1), $sum($odds, 2)], 1e-9);
        $same = array_fill(0, count($odds->weights), log(0.8));
        $wetter = static fn (float $adds): array => array_map(static fn (float $ln): float => $ln + $adds, $same);
        $ln = new OverPots([$wetter(0.6), $same, $wetter(-0.6)]);
        $pale = $odds->given(Likely::colour($odds, $ln, CrustColour::Straw));
        self::assertGreaterThan(1.3 / 6, $sum($pale, 2));
        self::assertLessThan(0.8 / 6, $sum($pale, 0));
        // Where wetness does nothing to the crust, nothing is learned of it.
        $none = $odds->given(Likely::colour($odds, new OverPots([$same, $same, $same]), CrustColour::Straw));
        self::assertEqualsWithDelta(1 / 6, $sum($none, 2), 1e-9);
    }

    public function test_a_ring_whose_boil_was_timed_is_laid_closer_and_stays_as_it_is_known(): void
    {
        $told = Odds::of(0.2, 0.15, 0.3)->knowingRing(0.25, 0.08);
        $closer = $told->closer();
        self::assertEqualsWithDelta($told->means(), $closer->means(), 1e-6);
        $apart = static fn (Odds $of): float => $of->rings()[1] - $of->rings()[0];
        self::assertLessThan($apart($told), $apart($closer));
        self::assertEqualsWithDelta([0.15, 0.074], [$closer->markSd, $closer->ringSd], 0.005);
        // Rings that are next to impossible are not followed on: the nearest that is not stands for them.
        $what = self::steerable(self::plan('plain-chelow', 4));
        $followed = 0;
        $pots = MaybePots::of($what->pot, $told, $what->lotSd, static function (SealedPot $pot) use (&$followed): Steaming {
            $followed++;

            return new Steaming($pot);
        });
        self::assertSame($followed, count($pots->all));
        [$first, $last] = $told->rangeOfRings();
        self::assertGreaterThan(0, $first);
        self::assertLessThan($told->nodes, $last);
        $few = $pots->within([$first, $last])->all;
        self::assertCount($followed, $few);
        self::assertLessThan($followed, count(array_unique(array_map(spl_object_id(...), $few))));
        self::assertSame($pots->all[$told->likeliest()], $few[$told->likeliest()]);
    }

    public function test_steam_that_is_late_is_waited_for_and_decided_by_when_it_shows(): void
    {
        $what = self::steerable(self::plan('lentil-date-walnut-polo', 4));
        $rows = SteeredKitchens::of($what, true, self::drawn($what, self::KITCHENS));
        self::assertGreaterThan(70, KitchenEnd::right($rows['steam']), 'its strong heat is too short for steam on many rings');
        self::assertGreaterThan(2 * KitchenEnd::right($rows['planned']), KitchenEnd::right($rows['steam']));
        self::assertGreaterThan(75, KitchenEnd::right($rows['look']));
    }

    /** Golden and dry in a wide pot: what the stove cannot mend, water can while the lid is up. */
    public function test_what_would_come_out_dry_is_sprinkled_at_a_look(): void
    {
        $what = self::steerable(self::plan('sour-cherry-polo', 4));
        $rows = SteeredKitchens::of($what, true, self::drawn($what, self::KITCHENS));
        self::assertGreaterThan(KitchenEnd::right($rows['steam']) + 15, KitchenEnd::right($rows['look']));
        self::assertGreaterThan(85, KitchenEnd::right($rows['again']));
        self::assertGreaterThan(87, KitchenEnd::good($rows['again']));

        // Only with its lid up, only where it is dry.
        $line = LineTillLow::of($what->line) ?? self::fail('there is a low heat');
        $best = static function (bool $isOpen, float $wetter, bool $isSprinkled = false) use ($what, $line): Turn {
            $pots = MaybePots::of(
                MaybePots::varied($what->pot, 1.0, $wetter), $what->odds, $what->lotSd,
                static fn (SealedPot $pot): Steaming => $line->follow($pot)[0],
            );

            return Steering::from(
                pots: $pots, on: null, stayMin: 0.0, flames: Steering::flames($line->low->flame, $what->stove),
                bounds: $what->bounds, spentMin: 5.0, plannedMin: 35.0, restMin: $line->restMin, aim: $what->aim,
                isOpen: $isOpen, isSprinkled: $isSprinkled,
            )->best($what->odds->knowingRing(0.1, 0.05));
        };
        $dry = $best(true, -0.06);
        self::assertEqualsWithDelta(0.25, $dry->sprinkledKg / $what->pot->riceKg(), 0.02);
        self::assertGreaterThan($best(false, -0.06)->share + 0.03, $dry->share);
        self::assertSame([0.0, 0.0, 0.0], [
            $best(false, -0.06)->sprinkledKg, $best(true, 0.06)->sprinkledKg, $best(true, -0.06, true)->sprinkledKg,
        ], 'closed; wet; sprinkled already');
    }

    public function test_on_a_ring_that_is_known_to_give_more_less_is_done(): void
    {
        $plan = self::plan('plain-chelow', 4);
        $what = self::steerable($plan);
        $line = LineTillLow::of($what->line) ?? self::fail('there is a low heat');
        $pots = MaybePots::of(
            $what->pot, $what->odds, $what->lotSd, static fn (SealedPot $pot): Steaming => $line->follow($pot)[0],
        );
        $steering = Steering::from(
            pots: $pots, on: $line->on, stayMin: $line->pastMin,
            flames: Steering::flames($line->low->flame, $what->stove), bounds: $what->bounds, spentMin: 0.0,
            plannedMin: $line->low->minutes, restMin: $line->restMin, aim: $what->aim,
        );
        $heat = static function (float $ln) use ($steering, $what, $line): float {
            $turn = $steering->best($what->odds->knowingRing($ln, 0.05));
            self::assertGreaterThanOrEqual($turn->asPlanned, $turn->share);

            return $what->pot->wattsInto($turn->flame) * $turn->minutes
                + ($line->on === null ? 0.0 : $what->pot->wattsInto($line->on) * $turn->stayMin);
        };
        self::assertLessThan($heat(-0.3), $heat(0.3));
        // Less low heat than the school's least is told where the pot would dry with it, and only there.
        $minutes = static fn (float $ln): float => $steering->best($what->odds->knowingRing($ln, 0.05))->minutes;
        self::assertLessThan($what->bounds->lowLeastMin, $minutes(0.4));
        self::assertGreaterThanOrEqual($what->bounds->leastSteered(0.0), $minutes(0.4));
        self::assertGreaterThanOrEqual($what->bounds->lowLeastMin, $minutes(-0.2));
        // A look tells something where the ring is not known.
        $turn = $steering->best($what->odds);
        self::assertGreaterThan(0.03, $steering->look($what->odds, $turn)[1]);
    }

    public function test_an_edge_is_held_against_halves_of_colours_that_leave_nothing_out(): void
    {
        $what = self::steerable(self::plan('plain-chelow', 4));
        $from = [];
        foreach ([CrustColour::Pale, CrustColour::Straw, CrustColour::Golden, CrustColour::Amber] as $colour) {
            array_push($from, $colour->begins(), $colour->middle());
        }
        $from[] = CrustColour::Dark->begins();
        self::assertEqualsWithDelta($from, array_column($what->edges, 'from'), 1e-5);
        self::assertEquals([...array_slice(array_column($what->edges, 'from'), 1), INF], array_column($what->edges, 'to'));
        self::assertSame(
            ['edge-pale-light', 'edge-straw-light', 'edge-straw-deep', 'edge-golden-deep', 'edge-dark'],
            array_map(static fn (float $browning): string => $what->edgeAt($browning)->id, [0.0, 0.21, 0.4, 1.19, 9.0]),
        );
        // A half tells more of how fast a pot browns than the whole colour that older cooks told, which tells still.
        $ln = new OverPots(array_fill(0, Odds::WETS, array_fill(0, count($what->odds->weights), log(0.32))));
        $sd = static function (string $cue) use ($what, $ln): float {
            $odds = $what->odds->given(Likely::browning($what->odds, Sample::craft()->cues->get($cue, 'cue'), $ln));
            $mean = $odds->means()[2];

            return sqrt(array_sum(array_map(
                static fn (float $weight, float $brown): float => $weight * ($brown - $mean) ** 2, $odds->each()[2],
                $odds->browns(),
            )));
        };
        self::assertLessThan(0.95 * $sd('edge-straw'), $sd('edge-straw-light'));
        self::assertLessThan(0.95 * $sd('edge-straw'), $sd('edge-straw-deep'));
        self::assertFalse(Sample::craft()->cues->get('edge-straw', 'cue')->isOffered);
    }

    public function test_a_page_alone_is_told_what_to_do_by_steam_and_by_a_look(): void
    {
        $what = self::steerable(self::plan('plain-chelow', 4));
        $rows = SteeredKitchens::bySteam($what);
        self::assertGreaterThan(4, count($rows));
        $looking = array_filter($rows, static fn (array $row): bool => $row['look'] !== null);
        self::assertNotSame([], $looking, 'at some minute of steam a look tells');
        foreach ($looking as ['turn' => $turn, 'look' => [$after, $turns]]) {
            self::assertGreaterThanOrEqual(0.0, $after);
            self::assertSame(array_column($what->edges, 'id'), array_keys($turns));
            // The darker it is, the less is done from there.
            $watts = static fn (string $seen): float => $turns[$seen]->minutes * $turns[$seen]->flame->setting;
            self::assertLessThanOrEqual($watts('edge-straw-light'), $watts('edge-dark'));
            self::assertLessThanOrEqual($turn->flame->setting, $turns['edge-dark']->flame->setting);
            self::assertLessThan(0.05, $turns['edge-dark']->share, 'a crust that is dark comes golden no more');
        }
    }

    public function test_a_crust_is_good_a_shade_to_either_side(): void
    {
        $aim = self::plan('sour-cherry-polo', 9)->dish->aim();
        self::assertSame(
            [false, true, true, true, false],
            array_map($aim->isGood(...), [0.39, 0.41, 0.8, 1.59, 1.61]),
        );
        $end = KitchenEnd::judged(1.4, [], $aim);
        self::assertTrue($end->isGood);
        self::assertSame(CrustColour::Amber, $end->colour());
    }

    public function test_a_cook_who_looks_is_right_more_often_in_the_sample(): void
    {
        $wins = 0;
        $dishes = [
            'plain-chelow' => 4, 'bean-dill-polo' => 4, 'sour-cherry-polo' => 9, 'jackfruit-cashew-biryani' => 4,
        ];
        foreach ($dishes as $name => $eaters) {
            $plan = self::plan($name, $eaters);
            $sure = $plan->howSure() ?? self::fail('nothing clashes');
            $steered = $plan->steered();
            self::assertSame(['boil', 'steam', 'look', 'again'], array_keys($steered));
            self::assertCount(SampledKitchen::COUNT, $steered['again']);
            self::assertGreaterThanOrEqual($sure->right, KitchenEnd::right($steered['again']), $name);
            $wins += KitchenEnd::right($steered['again']) - $sure->right;
        }
        self::assertGreaterThan(20, $wins);
        self::assertSame([], self::plan('mushroom-chestnut-rice', 3)->steered(), 'an oven is not steered');
    }

    public function test_a_look_that_would_cost_the_rice_its_steam_is_not_asked_for(): void
    {
        $what = self::steerable(self::plan('lentil-date-walnut-polo', 2));
        $rows = SteeredKitchens::of($what, true, self::drawn($what, self::KITCHENS));
        self::assertGreaterThanOrEqual(KitchenEnd::right($rows['steam']) - 3, KitchenEnd::right($rows['look']));
        // Lifted as steam shows it is lifted too early; a pot long in steam may be looked at.
        $line = LineTillLow::of($what->line) ?? self::fail('there is a low heat');
        $pots = MaybePots::of(
            $what->pot, $what->odds, $what->lotSd, static fn (SealedPot $pot): Steaming => $line->follow($pot)[0],
        );
        $way = Way::of(
            pots: $pots, on: $line->on, stayMin: $line->pastMin, flame: $line->low->flame, leastMin: 15.0,
            plannedMin: 25.0, mostMin: 40.0,
            restMin: $line->restMin, aim: $what->aim, followed: new Followed,
        );
        $likeliest = $what->odds->likeliest();
        $lost = static fn (int $look): ?array => $way->lostBy(
            look: $look, which: $likeliest, itself: $pots->all[$likeliest], on: $line->on, restMin: $line->restMin,
            aim: $what->aim,
        );
        self::assertNull($lost(0), 'its rice has not been steamed yet');
        self::assertNotNull($lost(count($way->looks) - 1));
    }

    /** Kitchens drawn by seeds, their browning scattered too: twice as many are told in docs/model.md. */
    public function test_over_a_hundred_kitchens_steering_doubles_what_comes_right(): void
    {
        $planned = $once = $looked = $good = $all = 0;
        foreach (['sour-cherry-polo' => 9, 'plain-chelow' => 4, 'bean-dill-polo' => 4] as $name => $eaters) {
            $plan = self::plan($name, $eaters);
            $what = self::steerable($plan);
            $kitchens = self::drawn($what, self::KITCHENS);
            $rows = SteeredKitchens::of($what, true, $kitchens);
            $planned += KitchenEnd::right($rows['planned']);
            $once += KitchenEnd::right($rows['look']);
            $looked += KitchenEnd::right($rows['again']);
            $good += KitchenEnd::good($rows['again']);
            $all += self::KITCHENS;
        }
        self::assertLessThan(0.6 * $all, $planned);
        self::assertGreaterThan(0.80 * $all, $once);
        self::assertGreaterThan(0.85 * $all, $looked);
        self::assertGreaterThanOrEqual($once, $looked, 'a second look is had where it tells');
        self::assertGreaterThan(0.93 * $all, $good);
    }

    /** @return list<SampledKitchen> */
    private static function drawn(Steerable $what, int $count): array
    {
        $random = new Randomizer(new Mt19937(27));
        $share = static fn (): float => $random->getInt(1, 999_999) / 1e6;
        $kitchens = [];
        for ($i = 0; $i < $count; $i++) {
            $kitchens[] = SampledKitchen::drawn($what->pot, $what->odds, $what->lotSd, $share, 0.2);
        }

        return $kitchens;
    }

    private static function steerable(Plan $plan): Steerable
    {
        return $plan->steerable() ?? self::fail('it can be steered');
    }

    private static function plan(string $name, int $eaters): Plan
    {
        return Sample::plan(Sample::dish($name)->changed('usual/eaters', $eaters));
    }
}

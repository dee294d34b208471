<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\BoilSays;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Events\CueSeen;
use Orbek\Core\Cook\Events\Steered;
use Orbek\Core\Cook\LidChange;
use Orbek\Core\Cook\LidLooks;
use Orbek\Core\Cook\LidSteer;
use Orbek\Core\Cook\LidTeaches;
use Orbek\Core\Cook\TurnedHeat;
use Orbek\Core\Heat\MaybePots;
use Orbek\Core\Heat\Turn;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Lifted;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

/** A closed pot steered at the stove, and what that teaches. */
final class LidSteerTest extends TestCase
{
    private const CLOSED_AT = '2026-11-28 18:00';

    private int $made = 0;

    /** @var list<Event> */
    private array $events = [];

    private Plan $plan;

    public function test_on_a_ring_and_a_mark_a_quarter_too_hot_the_pot_ends_golden_steered_and_not_as_planned(): void
    {
        $this->closed(Sample::plan(self::dish('bean-dill-polo')));
        $truth = ($this->plan->sealedPot() ?? self::fail('it goes in'))->heated(1.25)->turning(1.1);
        $line = $this->plan->potted->first()->line();
        self::assertFalse($this->plan->dish->aim()->isGood(Course::of($truth, $line)->end()->browning));

        $steam = Course::of($truth, $line)->steamAtLidMin() ?? self::fail('it steams');
        $task = 'heat-'.(1 + (Steered::low($line) ?? self::fail('there is a low heat')));
        $this->happens($steam, 'cue', ['subject' => 'steam']);
        $steer = $this->steer($steam + 0.2) ?? self::fail('it can be steered');
        self::assertNotNull($steer->turn);
        self::assertGreaterThan($steer->rightAsPlanned(), $steer->right());
        self::assertStringContainsString('min', Sample::say($steer->was()));
        self::assertStringContainsString('of 24 ways', Sample::say($steer->more()));
        $this->happens($steam + 0.2, 'steered', $steer->event());
        $after = $this->steer($steam + 0.5) ?? self::fail('it is steered on');
        self::assertNull($after->turn, 'what was offered is done');

        $this->walked($truth, ceil($steam) + 1, $task);
        $end = $this->turned(60)->course($truth);
        self::assertTrue($this->plan->dish->aim()->isGood($end->end()->browning), "B {$end->end()->browning}");
    }

    /** Golden and dry: what is dry is seen to while the lid is up. */
    public function test_rice_over_a_filling_that_is_drier_than_thought_is_sprinkled_at_a_look(): void
    {
        $this->closed(Sample::plan(self::dish('sour-cherry-polo')));
        $line = $this->plan->potted->first()->line();
        $truth = MaybePots::varied($this->plan->sealedPot() ?? self::fail('it goes in'), 1.0, -0.05)->heated(1.15);
        $steam = Course::of($truth, $line)->steamAtLidMin() ?? self::fail('it steams');
        $this->happens($steam, 'cue', ['subject' => 'steam']);
        $before = $this->steer($steam + 0.2) ?? self::fail('it can be steered');
        self::assertSame(0.0, $before->turn->sprinkledKg ?? 0.0, 'its lid is not up');

        $told = $this->walked($truth, ceil($steam) + 1, 'heat-'.(1 + (Steered::low($line) ?? 0)));
        self::assertStringContainsString('Sprinkle 80 ml of hot water over the rice and close it.', implode(' ', $told));
        $this->happens(80.0, 'started', ['subject' => 'open']);
        $this->happens(81.0, 'served', []);
        $turned = $this->turned(70);
        self::assertSame([0.08], array_values(array_filter(array_map(
            static fn (Lifted $one): float => $one->sprinkledKg, $turned->lifted,
        ))));
        self::assertCount(count(array_filter(
            $this->events, static fn (Event $one): bool => $one instanceof CueSeen
                && str_starts_with($one->cue, 'edge-'),
        )), $turned->lifted, 'it was sprinkled while the lid was up for the look');
        self::assertStringContainsString('80 ml of hot water over the rice', Sample::say(LidLooks::of($this->cook(82))));
        $event = array_values(array_filter($this->events, static fn (Event $one): bool => $one instanceof Steered
            && $one->sprinkledMl > 0))[0] ?? self::fail('it was tapped');
        $what = LidChange::what($this->cook(70), $event) ?? self::fail('it is something of the pot');
        self::assertStringStartsWith('Sprinkled with 80 ml of hot water, turned to', Sample::say([$what]));
        // It is in the rice, and the books of water still close.
        $course = $turned->course($truth);
        self::assertEqualsWithDelta(0.0, $course->toArray(false)['balance']['water_g'], 0.5);
        $driest = static fn (Course $of): float => min([9.0, ...array_map(
            static fn (LayerState $rice): float => $rice->uptake, $of->riceLayers(),
        )]);
        self::assertGreaterThan(2.15, $driest($course));
        self::assertLessThan(2.15, $driest(Course::of($truth, $course->heat)));
        // Sent and kept as it was told.
        self::assertSame(80.0, $event->toArray()['sprinkled'] ?? null);
    }

    public function test_rice_is_not_taken_off_before_steam_has_shown(): void
    {
        $this->closed(Sample::plan(self::dish('lentil-date-walnut-polo')));
        $this->happens(4.0, 'done', ['subject' => 'heat-1']);
        $this->happens(4.0, 'started', ['subject' => 'heat-2']);
        $this->happens(25.0, 'cue', ['subject' => 'no-steam']);
        self::assertFalse($this->steer(25.5)?->turn->isWaiting ?? false, 'there are minutes left');
        foreach ([28.5, 29.1] as $minute) {
            $this->happens($minute, 'cue', ['subject' => 'no-steam']);
            $steer = $this->steer($minute + 0.1) ?? self::fail('it can be steered');
            self::assertGreaterThanOrEqual(2.5, $steer->turn->minutes ?? 0.0);
        }
        $this->happens(29.2, 'steered', $steer->event());
        self::assertGreaterThan($this->at(31.0), $this->cook(29.3)->endsAt('heat-2'));
        $this->happens(29.5, 'cue', ['subject' => 'steam']);
        self::assertFalse($this->steer(29.6)?->turn->isWaiting ?? false, 'it has shown');
        // Where nothing better is to be done than to take it off, it is waited for as it is.
        $over = new Turn(0.0, $steer->turn->flame ?? Flame::off(), 0.0, 0.3, 0.3);
        self::assertSame([true, false], [$over->isOver(), $over->isWorthIt()]);
        $waiting = $over->waiting();
        self::assertSame([true, true, 2.5], [$waiting->isWaiting, $waiting->isWorthIt(), $waiting->minutes]);
        self::assertStringContainsString(
            'Leave it on: no steam has shown yet. 3 minutes more at',
            Sample::say([LidSteer::told($this->plan, $waiting, null, true)]),
        );
    }

    public function test_what_was_told_and_left_alone_changes_nothing(): void
    {
        $this->closed(self::chelow());
        self::assertNull($this->steer(1.0), 'nothing is offered before its cue');
        $this->happens(4.0, 'cue', ['subject' => 'steam']);
        $planned = $this->turned(4.1)->line;
        $steer = $this->steer(4.2) ?? self::fail('it can be steered');
        self::assertEquals($planned, $this->turned(4.1)->line);
        $this->happens(4.2, 'steered', [
            'setting' => 60, 'ring' => 'ring-1', 'stay' => 2, 'minutes' => 31,
        ]);
        $line = $this->turned(4.3)->line;
        $low = $line[count($line) - 2];
        self::assertEqualsWithDelta(31.0, $low->minutes, 0.6);
        self::assertSame(['ring-1', 0.6, null], [$low->flame->ring, $low->flame->setting, $low->flame->plate]);
        self::assertGreaterThan(0, $steer->odds->means()[0] <=> -1.0);
    }

    public function test_where_a_look_does_not_fit_another_is_asked_for_and_counts_for_more_than_the_law(): void
    {
        $this->closed(self::chelow());
        $this->happens(4.0, 'cue', ['subject' => 'steam']);
        $this->happens(6.0, 'done', ['subject' => 'heat-1']);
        $this->happens(6.0, 'started', ['subject' => 'heat-2']);
        $this->happens(9.0, 'cue', ['subject' => 'edge-pale']);
        $fits = $this->steer(9.1) ?? self::fail('it can be steered');
        self::assertFalse($fits->odds->isDoubted);
        array_pop($this->events);
        $this->happens(9.0, 'cue', ['subject' => 'edge-straw']);
        $steer = $this->steer(9.1) ?? self::fail('it can be steered');
        self::assertTrue($steer->odds->isDoubted);
        self::assertGreaterThan($fits->odds->means()[2] + 0.2, $steer->odds->means()[2]);
        // Another look is asked for, in a while and not at once; after that none.
        self::assertNull($steer->lookAtMin, 'not at once');
        self::assertNotNull($this->steer(13.5)?->lookAtMin);
        $again = 13.5;
        while ($again < 45 && $this->steer($again)?->asksForALook() !== true) {
            $again++;
        }
        self::assertGreaterThan(14.0, $again, 'near the end');
        self::assertLessThan(40.0, $again);
        $this->happens($again, 'cue', ['subject' => 'edge-straw']);
        self::assertNull($this->steer($again + 6)?->lookAtMin);
        // Doubted twice it is no less sure than doubted once.
        self::assertEqualsWithDelta(
            $steer->odds->browns()[0], $this->steer($again + 0.1)?->odds->browns()[0] ?? 0.0, 1e-9,
        );
    }

    public function test_the_minutes_to_the_boil_tell_the_ring_and_a_kettle_does_not(): void
    {
        $plan = self::chelow();
        $boil = $plan->boil() ?? self::fail('it is boiled');
        foreach ([0.8, 1.0, 1.25] as $factor) {
            $this->closed($plan, boilMin: $boil->boilsAfterMin($factor));
            $said = BoilSays::of($this->cook(1.0)) ?? self::fail('it was timed');
            self::assertSame([$boil->pot->id, $boil->ring->id], [$said['pot'], $said['burner']]);
            $likely = FactorBelief::ofItsKind(0.2)->given($said['likelihood'])->likely();
            self::assertEqualsWithDelta(log($factor), log($likely), 0.06);
        }
        // Said long after it boiled it says little.
        $this->closed($plan, boilMin: $boil->boilsAfterMin(1.0) + 25);
        $late = FactorBelief::ofItsKind(0.2)->given(BoilSays::of($this->cook(1.0))['likelihood'] ?? [])->likely();
        self::assertEqualsWithDelta(0.0, log($late), 0.1);
        $this->closed($plan, boilMin: 2.0, how: 'from-kettle');
        self::assertNull(BoilSays::of($this->cook(1.0)));
    }

    /** What the boil says goes into the day's plan: the heat under the lid is found again, once. */
    public function test_after_the_boil_the_heat_under_the_lid_is_found_for_the_ring_as_it_is(): void
    {
        $plan = self::chelow();
        $boil = $plan->boil() ?? self::fail('it is boiled');
        $told = function (float $factor) use ($plan, $boil): \Orbek\Core\Cook\MealCook {
            $this->plan = $plan;
            $this->events = [];
            $this->happens(-40.0 - $boil->boilsAfterMin($factor), 'started', ['subject' => 'heat-water']);
            $this->happens(-40.0, 'done', ['subject' => 'heat-water']);

            return Sample::alone($plan, $this->events, $this->at(-39.0));
        };
        $same = $told(1.02);
        self::assertSame([], $same->changes, 'nothing to tell');
        self::assertEquals($plan->potted->first()->line(), $same->dishes[0]->plan()->potted->first()->line());

        $hot = $told(1.4);
        $found = $hot->dishes[0]->plan();
        self::assertStringContainsString('gives more than was thought', Sample::say($hot->changes));
        self::assertStringContainsString('Under the lid it is', Sample::say($hot->changes));
        self::assertEqualsWithDelta(log(1.4), log($found->stove()->likely()), 0.1);
        self::assertTrue($found->isRight());
        $truth = ($plan->sealedPot() ?? self::fail('it goes in'))->heated(1.4);
        $off = static fn (Plan $one): float => $one->dish->aim()->offBy(
            Course::of($truth, $one->potted->first()->line())->end()->browning,
        );
        self::assertLessThan($off($plan), $off($found));
        // It is known in the plan, and not counted again under the lid.
        self::assertEquals($found->odds(), $found->odds(BoilSays::of($hot->dishes[0])));
        self::assertLessThan(0.12, $found->odds()->ringSd);
        self::assertStringContainsString('gives less than was thought', Sample::say($told(0.7)->changes));
    }

    public function test_what_one_pot_taught_of_a_ring_counts_for_the_others_less_surely(): void
    {
        $hot = array_map(static fn (float $ln): float => exp(-(($ln - 0.3) / 0.05) ** 2 / 2), FactorBelief::grid());
        $knowledge = Knowledge::fold([['boiled' => ['pot' => 'steel-24', 'burner' => 'ring-2', 'likelihood' => $hot]]]);
        $ring = Sample::kitchen()->ring('ring-2', 'burner');
        [$own, $other] = [$knowledge->stove('steel-24', $ring), $knowledge->stove('iron-20', $ring)];
        self::assertGreaterThan($other->likely(), $own->likely());
        self::assertGreaterThan(1.12, $other->likely());
        self::assertGreaterThan($own->sd(), $other->sd());
        self::assertLessThan(0.18, $other->sd());
        self::assertEqualsWithDelta(1.0, $knowledge->stove('steel-24', Sample::kitchen()->ring('ring-1', 'b'))->likely(), 1e-9);
        $again = Knowledge::fromArray($knowledge->toArray());
        self::assertEqualsWithDelta($other->likely(), $again->stove('iron-20', $ring)->likely(), 1e-6);
    }

    /** Three noted cooks on one ring: its heat, its low mark and the pot's browning are known better together. */
    public function test_three_cooks_teach_ring_mark_and_browning(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $normal = static fn (): float => sqrt(-2 * log($random->getInt(1, 999_999) / 1e6))
            * cos(2 * M_PI * $random->getInt(0, 1_000_000) / 1e6);
        $off = ['before' => [], 'after' => []];
        for ($kitchen = 0; $kitchen < 12; $kitchen++) {
            [$ring, $mark, $brown] = [0.2 * $normal(), 0.2 * $normal(), 0.2 * $normal()];
            $knowledge = Knowledge::none();
            for ($cook = 0; $cook < 3; $cook++) {
                $this->closed($this->planned($knowledge));
                $pot = $this->planned(Knowledge::none())->sealedPot() ?? self::fail('it goes in');
                $truth = $pot->heated(exp($ring))->turning(exp($mark), exp($brown));
                $course = Course::of($truth, $this->plan->potted->first()->line());
                $steam = $course->steamAtLidMin();
                if ($steam !== null) {
                    $this->happens(max(0.5, $steam + 0.3 * $normal()), 'cue', ['subject' => 'steam']);
                }
                $end = $this->ends($course);
                $crust = \Orbek\Core\Lid\CrustColour::of($course->end()->browning * exp(0.2 * $normal()));
                $this->happens($end + 10, 'noted', ['outcome' => [
                    'rice' => 'right', 'crust' => $crust->value, 'filling' => 'right',
                ]]);
                $taught = LidTeaches::of($this->cook($end + 11)) ?? self::fail('it teaches');
                $knowledge = $knowledge->with([
                    'stove' => ['pot' => 'steel-24', 'burner' => 'ring-2', 'likelihood' => $taught['stove']],
                    'heats' => $taught['heats'],
                ]);
            }
            // What a quarter of an hour at the low mark does, by what is believed and as it is.
            $low = fn (Plan $plan): float => $plan->sealedPot()?->wattsAt('ring-2', 0.25) * ($plan->sealedPot()->browns ?? 1.0);
            $true = $low($this->planned(Knowledge::none())) * exp($ring + $mark + $brown);
            $off['before'][] = abs($ring + $mark + $brown);
            $off['after'][] = abs(log($low($this->planned($knowledge)) / $true));
        }
        $mean = array_map(static fn (array $each): float => array_sum($each) / count($each), $off);
        self::assertLessThan(0.8 * $mean['before'], $mean['after'], json_encode($mean, JSON_THROW_ON_ERROR));
    }

    private function planned(Knowledge $knowledge): Plan
    {
        return Planner::in(Sample::kitchen(), $knowledge, new DateTimeImmutable(Sample::NOW))->plan(self::dish());
    }

    private static function dish(string $name = 'plain-chelow'): \Orbek\Core\Dish\Dish
    {
        return Sample::dish($name)->changed('usual/eaters', 4);
    }

    private static function chelow(): Plan
    {
        return Sample::plan(self::dish());
    }

    /** Walks a plan to the closed lid, its first heat on. */
    private function closed(Plan $plan, ?float $boilMin = null, string $how = 'in-time'): void
    {
        $this->plan = $plan;
        $this->events = [];
        foreach (array_keys($plan->day->schedule->tasks) as $id) {
            $ends = $id === 'layer' ? 0.0 : -20.0;
            $long = $id === 'heat-water' && $boilMin !== null ? $boilMin : 0.5;
            $this->happens($ends - $long, 'started', ['subject' => $id]);
            $this->happens($ends, 'done', ['subject' => $id] + (
                $id === 'heat-water' && $how !== 'in-time' ? ['how' => $how] : []
            ));
            if ($id === 'layer') {
                break;
            }
        }
        $this->happens(0.0, 'started', ['subject' => 'heat-1']);
    }

    /** Ends each heat as a course did, and serves; the minute at which the lid comes off. */
    private function ends(Course $course): float
    {
        $minute = 0.0;
        foreach ($course->heat as $index => $stretch) {
            $minute += $stretch->minutes;
            $this->happens($minute, 'done', ['subject' => 'heat-'.($index + 1)]);
        }
        $this->happens($minute, 'started', ['subject' => 'open']);
        $this->happens($minute + 1, 'done', ['subject' => 'open']);
        $this->happens($minute + 2, 'served', []);

        return $minute;
    }

    /**
     * Goes on as told, looking when that is asked for, till it is off the heat.
     *
     * @return list<string> what was told
     */
    private function walked(SealedPot $truth, float $from, string $low): array
    {
        $told = [];
        for ($minute = $from; $minute < 70; $minute++) {
            $steer = $this->steer($minute);
            if ($steer === null) {
                break;
            }
            if ($steer->asksForALook()) {
                $edge = $this->plan->steerable()?->edgeAt($this->pot($truth, $minute)->browning);
                $this->happens($minute, 'cue', ['subject' => $edge?->id]);
                $steer = $this->steer($minute + 0.1);
                self::assertFalse($steer?->asksForALook() ?? false, 'not again at once');
            }
            if ($steer?->turn !== null) {
                $told[] = Sample::say([$steer->says() ?? self::fail('it is told')]);
                $this->happens($minute + 0.2, 'steered', $steer->event());
            }
            $ends = $this->cook($minute + 1)->endsAt($low);
            if ($ends !== null && $ends <= $this->at($minute + 1)) {
                $this->happens($minute + 1, 'done', ['subject' => $low]);
            }
        }

        return $told;
    }

    /** The pot as it really is by now. */
    private function pot(SealedPot $truth, float $minute): \Orbek\Core\Lid\Moment
    {
        return $this->turned($minute)->course($truth)->at($minute);
    }

    private function turned(float $minute): TurnedHeat
    {
        return TurnedHeat::of($this->cook($minute), $this->at(0.0), $this->at($minute));
    }

    private function steer(float $minute): ?LidSteer
    {
        $cook = $this->cook($minute);
        $lid = $cook->underTheLid();

        return $lid === null ? null : LidSteer::of($cook, $lid, $this->at($minute));
    }

    private function cook(float $minute): Cook
    {
        return Sample::alone($this->plan, $this->events, $this->at($minute))->dishes[0];
    }

    private function at(float $minute): DateTimeImmutable
    {
        return (new DateTimeImmutable(self::CLOSED_AT, $this->plan->kitchen->site->timezone))
            ->modify(sprintf('%+d seconds', (int) round(60 * $minute)));
    }

    /** @param  array<string, mixed>  $more */
    private function happens(float $minute, string $type, array $more): void
    {
        $this->events[] = Event::fromFields(Fields::of([
            'id' => sprintf('01JD%022d', ++$this->made), 'type' => $type, 'at' => $this->at($minute)->getTimestamp(),
        ] + $more));
    }
}

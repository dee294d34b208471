<?php

declare(strict_types=1);

namespace Tests\Core\Drill;

use DateTimeImmutable;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Drill\Debrief;
use Orbek\Core\Drill\Supper;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** A practice supper: what the simulated kitchen hides, what it lets one feel, and what is told at the end. */
final class SupperTest extends TestCase
{
    private Plan $plan;

    /** @var list<Event> of the last that was cooked to its end */
    private array $events = [];

    private int $ids = 0;

    protected function setUp(): void
    {
        $this->plan = Sample::plan(Sample::polo());
    }

    public function test_it_hides_a_ring_a_bag_a_filling_and_guests_and_is_kept_as_it_is(): void
    {
        $hidden = [];
        for ($i = 0; $i < 20; $i++) {
            $supper = Supper::of([$i / 20, 1 - ($i + 1) / 20, ($i * 7 % 20) / 20, ($i * 3 % 20) / 20]);
            self::assertEquals($supper, Supper::fromFields(Fields::of($supper->toArray())));
            $hidden[] = $supper->ring;
        }
        self::assertCount(5, array_unique($hidden));
    }

    public function test_the_grain_is_felt_as_it_really_is(): void
    {
        $slow = Supper::fromFields(Fields::of(['ring' => 1.0, 'bag' => 1.18, 'wetter' => 0.0, 'late_min' => 0]));
        $fast = Supper::fromFields(Fields::of(['ring' => 1.0, 'bag' => 0.84, 'wetter' => 0.0, 'late_min' => 0]));
        $cook = $this->cook(['boil' => null], 0, upTo: 'boil');
        $now = $this->plan->day->at($this->plan->day->schedule->start('boil'))->modify('+240 seconds');
        self::assertLessThan($fast->doneness($cook, $now), $slow->doneness($cook, $now));
        self::assertGreaterThan($fast->rightLiftS($cook), $slow->rightLiftS($cook));
        self::assertNull($slow->doneness($this->cook([], 0), $now), 'nothing boils any more');
        $hot = Supper::fromFields(Fields::of(['ring' => 1.22, 'bag' => 1.0, 'wetter' => 0.0, 'late_min' => 0]));
        $back = (int) round($cook->lift()->forecast->boil->backAtBoilS ?? 0.0);
        $early = $this->plan->day->at($this->plan->day->schedule->start('boil'))->modify('+'.($back - 10).' seconds');
        self::assertSame(
            [true, false], [$hot->boilsAgain($cook, $early), $slow->boilsAgain($cook, $early)],
            'a hotter ring boils sooner',
        );
        self::assertFalse($hot->boilsAgain($this->cook([], 0), $now));
        // Under the lid it is steam and then the smell that are noticed.
        $closed = $this->cook([], 0, upTo: 'open');
        $sealed = $this->plan->day->at($this->plan->day->schedule->end('layer'));
        self::assertSame(
            [
                'steam' => false, 'lid-hot' => false, 'smell-nothing' => true, 'smell-bread' => false, 'toasted' => false,
                'smell-bitter' => false, 'edge-pale-light' => true, 'edge-pale-deep' => false, 'edge-straw-light' => false,
                'edge-straw-deep' => false, 'edge-golden-light' => false, 'edge-golden-deep' => false,
                'edge-amber-light' => false, 'edge-amber-deep' => false, 'edge-dark' => false,
            ],
            $slow->atTheLid($closed, $sealed->modify('+30 seconds')),
        );
        self::assertTrue($hot->atTheLid($closed, $sealed->modify('+15 minutes'))['steam'] ?? false);
        self::assertNull($slow->atTheLid($cook, $now), 'no lid is on');
    }

    public function test_a_supper_as_planned_in_a_kitchen_as_thought_costs_nothing(): void
    {
        $debrief = Debrief::of(
            $this->cook([], 0),
            Supper::fromFields(Fields::of(['ring' => 1.0, 'bag' => 1.0, 'wetter' => 0.0, 'late_min' => 0])),
        );
        self::assertNotNull($debrief);
        self::assertSame([], $debrief->faults);
        foreach ($debrief->decisions as $one) {
            self::assertLessThan(0.06, $one['cost'], Sample::say($one['what']));
        }
    }

    public function test_each_decision_is_told_with_what_it_cost_and_what_was_best_from_there(): void
    {
        $hot = Supper::fromFields(Fields::of(['ring' => 1.22, 'bag' => 0.84, 'wetter' => 0.06, 'late_min' => 20]));
        // By the plan's own minutes, in a kitchen that gives more and a bag that is quicker.
        $debrief = Debrief::of($this->cook([], 0), $hot);
        self::assertNotNull($debrief);
        self::assertNotSame([], $debrief->faults, 'the crust is too dark there');
        [$lift, $heat] = $debrief->decisions;
        self::assertStringContainsString('it was right at', Sample::say($lift['what']));
        self::assertStringContainsString('late', Sample::say($lift['what']));
        self::assertGreaterThan(0.05, $heat['cost'], 'another heat was better for that pot');
        self::assertStringContainsString('otherwise the crust would have come out', Sample::say($heat['so']));
        self::assertNotNull($debrief->bestFrom);
        self::assertStringContainsString('would have been best', Sample::say($debrief->bestFrom));
        $table = $debrief->decisions[count($debrief->decisions) - 1];
        self::assertStringContainsString('20 min later', Sample::say($table['what']));
        $closed = $this->plan->day->at($this->plan->day->schedule->end('layer'));
        $this->cook([], 0);
        $meal = Sample::alone($this->plan, $this->events, $this->plan->day->tableAt);
        self::assertSame(20, $hot->callsAt($meal, $closed->modify('+9 minutes')));
        self::assertSame(0, $hot->callsAt($meal, $closed));
        self::assertNull(Debrief::of($this->cook([], 0, upTo: 'boil'), $hot), 'the lid was never on');
    }

    /** @param  array<string, int|null>  $seconds a task takes other than planned */
    private function cook(array $seconds, int $late, ?string $upTo = null): Cook
    {
        $events = [];
        $day = $this->plan->day;
        $tasks = array_keys($day->schedule->tasks);
        usort($tasks, static fn (string $a, string $b): int => $day->schedule->start($a) <=> $day->schedule->start($b));
        foreach ($tasks as $id) {
            $start = $day->at($day->schedule->start($id));
            $events[] = $this->event($start, 'started', ['subject' => $id]);
            if ($id === $upTo) {
                return Cook::fold($this->plan, $events, $start->modify('+1 hour'));
            }
            $lasts = $id === 'boil'
                ? (int) round($this->plan->boil()->liftAt->amount ?? 0.0)
                : 60 * ($day->schedule->end($id) - $day->schedule->start($id));
            $events[] = $this->event(
                $start->modify('+'.($seconds[$id] ?? $lasts).' seconds'), 'done', ['subject' => $id],
            );
        }
        $served = $day->tableAt->modify("+{$late} minutes");
        $this->events = [...$events, $this->event($served, 'served', [])];

        return Cook::fold($this->plan, $this->events, $served);
    }

    /** @param  array<string, mixed>  $fields */
    private function event(DateTimeImmutable $at, string $type, array $fields): Event
    {
        $this->ids++;

        return Event::fromFields(
            Fields::of(
                [
                    'id' => '01'.str_pad((string) $this->ids, 24, '0', STR_PAD_LEFT), 'type' => $type,
                    'at' => $at->getTimestamp(),
                ] + $fields
            )
        );
    }
}

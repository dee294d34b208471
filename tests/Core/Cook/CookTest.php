<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Care\Caution;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Situation;
use Orbek\Core\Learning\FactorBelief;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Sample;

final class CookTest extends TestCase
{
    private Plan $plan;

    private int $made = 0;

    protected function setUp(): void
    {
        $this->plan = Sample::plan();
    }

    public function test_it_begins_with_the_first_task_of_the_plan(): void
    {
        $situation = $this->situation('16:00');

        self::assertSame('d1/rinse', $situation->nowFor(null));
        self::assertSame('d1/filling-1', $situation->nextFor(null)[0]);
        self::assertSame('19:30', $situation->tableAt->format('H:i'));
        self::assertSame([], $situation->besideFor(null));
    }

    public function test_what_follows_at_once_begins_by_itself_and_what_needs_no_hand_ends_by_itself(): void
    {
        $events = [$this->event('started', '16:00', 'rinse'), $this->event('done', '16:06', 'rinse')];

        self::assertTrue($this->at('16:07', $events)->state->progress['soak']->isRunning());
        self::assertSame(['d1/soak'], $this->situation('16:07', $events)->running);
        self::assertTrue($this->at('18:07', $events)->state->progress['soak']->isDone());
    }

    public function test_between_two_tasks_the_pot_that_calls_first_is_shown(): void
    {
        $events = $this->upTo('heat-water');

        $situation = $this->situation('17:41', $events);
        self::assertSame('d1/extra-1', $situation->nowFor(null), 'saffron comes before the water boils');

        $events[] = $this->event('started', '18:03', 'extra-1');
        $events[] = $this->event('done', '18:04', 'extra-1');
        self::assertSame('d1/heat-water', $this->situation('18:05', $events)->nowFor(null), 'then the water calls');
    }

    public function test_hands_in_the_boil_are_not_called_away(): void
    {
        $events = $this->upTo('boil');
        $cook = $this->at('18:20', $events);

        self::assertSame('boil', $cook->boiling());
        self::assertSame('d1/boil', $this->situation('18:20', $events)->nowFor(null), 'though the simmer is over its time');
        self::assertTrue($this->situation('18:20', $events)->followsAtOnce('d1/drain'));
    }

    public function test_events_sent_twice_or_late_or_in_disorder_end_the_same(): void
    {
        $events = [...$this->upTo('heat-water'), $this->event('lengthened', '17:50', 'filling-2', ['minutes' => 5])];
        $once = $this->at('18:00', $events);
        $random = new Randomizer(new Mt19937(3));
        for ($i = 0; $i < 20; $i++) {
            /** @var list<Event> $shuffled */
            $shuffled = $random->shuffleArray([...$events, ...array_slice($events, 2, 3)]);
            self::assertEquals($once, $this->at('18:00', $shuffled));
        }
    }

    public function test_an_undo_takes_its_event_back_and_can_come_first(): void
    {
        $done = $this->event('done', '16:06', 'rinse');
        $events = [$this->event('started', '16:00', 'rinse'), $done];
        $cook = $this->at('16:07', $events);
        self::assertSame($done->id, $cook->last?->id);

        $undo = $this->event('undone', '16:07', $done->id);
        $undone = $this->at('16:07', [$undo, ...$events]);
        self::assertTrue($undone->state->progress['rinse']->isRunning());
        self::assertNull($undone->state->progress['soak']->startedAt);
        self::assertSame($events[0]->id, $undone->last?->id);
    }

    public function test_a_task_done_twice_keeps_its_first_end(): void
    {
        $events = [
            $this->event('started', '16:00', 'rinse'),
            $this->event('done', '16:05', 'rinse'),
            $this->event('done', '16:09', 'rinse'),
        ];

        self::assertSame('16:05', $this->at('16:10', $events)->state->progress['rinse']->doneAt?->format('H:i'));
    }

    public function test_being_late_moves_the_table_and_only_as_far_as_it_must(): void
    {
        self::assertSame('19:40', $this->situation('16:25')->tableAt->format('H:i'));

        $events = [$this->event('started', '16:00', 'rinse'), $this->event('done', '16:06', 'rinse')];
        // The soak has slack of its own: browning ten minutes late is what counts.
        self::assertSame('19:40', $this->situation('17:49', $events)->tableAt->format('H:i'));
        self::assertSame('19:30', $this->situation('17:39', $events)->tableAt->format('H:i'));
    }

    public function test_drained_rice_does_not_wait_because_the_rest_has_time(): void
    {
        $events = [
            ...$this->upTo('boil'),
            $this->event('done', '18:31', 'boil'),
            $this->event('done', '18:32', 'drain'),
        ];
        $events[] = $this->event('started', '18:32', 'hot-fat');
        $events[] = $this->event('done', '18:34', 'hot-fat');
        $events[] = $this->event('done', '18:34', 'filling-2');
        $situation = $this->situation('18:34', $events);

        self::assertSame('d1/layer', $situation->nowFor(null));
        self::assertSame('18:34', $situation->startsAt('d1/layer')->format('H:i'), 'at once');
    }

    public function test_a_cook_is_walked_to_the_table_and_remembered(): void
    {
        $events = [];
        foreach ($this->plan->day->schedule->tasks as $id => $task) {
            $start = $this->plan->day->at($this->plan->day->schedule->start($id));
            $events[] = $this->event('started', $start->format('H:i'), $id);
            $events[] = $this->event('done', $start->modify("+{$task->minutes} minutes")->format('H:i'), $id);
        }
        $events[] = $this->event('caution-read', '18:00', 'core');
        $served = $this->situation('19:31', $events);
        self::assertNull($served->nowFor(null));
        self::assertSame([], $served->nextFor(null));

        $events[] = $this->event('served', '19:33');
        $events[] = $this->event(
            'noted', '21:00', null,
            ['outcome' => ['rice' => 'right', 'crust' => 'dark', 'filling' => 'right', 'line' => ' Again. ']],
        );
        $cook = $this->at('21:00', $events);

        self::assertSame(CrustColour::Dark, $cook->state->outcome?->crust);
        self::assertSame(['core'], $cook->state->cautionsRead);
        $stove = $cook->summary()['stove'] ?? self::fail('the crust teaches the stove');
        self::assertSame(['aluminium-28', 'ring-2'], [$stove['pot'], $stove['burner']]);
        self::assertGreaterThan(
            1.0,
            FactorBelief::ofItsKind()->given($stove['likelihood'])->likely(),
            'dark where golden was foretold',
        );
        self::assertSame(
            [
                'pot' => 'aluminium-28', 'burner' => 'ring-2', 'lifted_s' => 420, 'lift_forecast_s' => 364,
                'lift_from_s' => 294, 'lift_by_s' => 454, 'used' => ['lot' => 'september-bag', 'g' => 796.5],
                'late_min' => 3, 'people' => 9, 'rice' => 'right', 'filling' => 'right', 'line' => 'Again.', 'crust' => 'dark',
            ],
            array_diff_key($cook->summary(), ['stove' => true, 'heats' => true, 'boiled' => true, 'notes' => true]),
        );
    }

    public function test_taps_within_one_second_keep_their_order(): void
    {
        $at = (new DateTimeImmutable('2026-11-28 16:00'))->getTimestamp();
        $tap = static fn (float $after, string $id, string $type): Event => Event::fromFields(
            Fields::of(['id' => $id, 'type' => $type, 'at' => $at + $after, 'subject' => 'rinse']),
        );
        $cook = $this->at(
            '16:01',
            [$tap(0.7, '01JDJ7K0000000000000000001', 'done'), $tap(0.2, '01JDJ7K0000000000000000002', 'started')],
        );

        self::assertSame('01JDJ7K0000000000000000001', $cook->last?->id);
        self::assertTrue($cook->state->progress['rinse']->isDone());
    }

    public function test_a_first_scoop_moves_the_stove_to_the_rest_and_no_further(): void
    {
        $this->plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        $events = [$this->event('started', '17:30', 'boil')];
        $cook = $this->at('17:31', $events);
        self::assertTrue($cook->isScoopNext());
        self::assertSame(0.20, $cook->forecast()?->target);

        $events[] = $this->event('scooped', '17:31', 'boil');
        $events[] = $this->event('scooped', '17:32', 'boil');
        $cook = $this->at('17:33', $events);
        self::assertFalse($cook->isScoopNext());
        self::assertSame(0.60, $cook->forecast()?->target);
        self::assertSame(1, $cook->state->scoops);
    }

    public function test_cautions_stand_at_their_step_until_they_are_read(): void
    {
        $cook = $this->at('17:24');
        self::assertSame([Caution::RawPoultry, Caution::Core], $cook->cautions('filling-1'));
        self::assertSame([Caution::HotFat], $cook->cautions('hot-fat'));
        self::assertSame([Caution::Cloth], $cook->cautions('layer'));
        self::assertSame([Caution::Steam, Caution::CookedRice], $cook->cautions('open'));
        self::assertSame([], [...$cook->cautions('heat-water'), ...$cook->cautions('boil'), ...$cook->cautions(null)]);

        $read = $this->at('17:25', [$this->event('caution-read', '17:24', 'raw-poultry')]);
        self::assertSame([Caution::Core], $read->cautions('filling-1'));

        $this->plan = Sample::plan(Sample::polo()->changed('school', 'long-seal'));
        self::assertSame([Caution::LongFlame], $this->at('17:24')->cautions('heat-2'));
    }

    public function test_minutes_are_added_and_never_fall_below_none(): void
    {
        $events = [
            $this->event('started', '16:00', 'rinse'),
            $this->event('lengthened', '16:01', 'rinse', ['minutes' => 4]),
        ];
        self::assertSame('16:10', $this->at('16:02', $events)->endsAt('rinse')?->format('H:i'));

        $events[] = $this->event('lengthened', '16:02', 'rinse', ['minutes' => -60]);
        self::assertSame(0, $this->at('16:03', $events)->minutes('rinse'));
    }

    public function test_what_no_stove_can_tell_is_refused(): void
    {
        $messages = [];
        $id = '01JDJ7K0000000000000000001';
        foreach ([
            ['id' => 'one', 'type' => 'served', 'at' => 1],
            ['id' => $id, 'type' => 'exploded', 'at' => 1],
            ['id' => $id, 'type' => 'done', 'at' => 1],
            ['id' => $id, 'type' => 'served', 'at' => -5],
            ['id' => $id, 'type' => 'lengthened', 'at' => 1, 'subject' => 'boil', 'minutes' => 900],
            ['id' => $id, 'type' => 'noted', 'at' => 1, 'outcome' => ['rice' => 'fine']],
        ] as $sent) {
            try {
                Event::fromFields(Fields::of($sent));
            } catch (Refused $wrong) {
                $messages[] = Sample::wording()->refusal($wrong);
            }
        }

        self::assertSame([
            'id: "one" is no ULID; give 26 characters of Crockford\'s base 32.',
            'type: "exploded" is not known; give one of started, done, lengthened, tested, weighed, glassed, back-at-boil, scooped, tasted, heat-set, steered, opened, cue, late, sooner, caution-read, served, taken, eaters, left-out, ring-failed, hands, noted, crust-measured, remarked, chilled, leftovers, undone.',
            'subject: is missing; give a text of 1 to 200 characters.',
            'at: -5 is out of range; give 0 to 4000000000 s since 1970.',
            'minutes: 900 is out of range; give -60 to 60.',
            'outcome/rice: "fine" is not known; give one of hard, firm, right, soft, wet.',
        ], $messages);
    }

    /** @param  list<Event>  $events */
    private function situation(string $time, array $events = []): Situation
    {
        return Sample::alone($this->plan, $events, new DateTimeImmutable("2026-11-28 {$time}"))->situation();
    }

    /** @param  list<Event>  $events */
    private function at(string $time, array $events = []): Cook
    {
        return Cook::fold($this->plan, $events, new DateTimeImmutable("2026-11-28 {$time}"));
    }

    /** @param  array<string, mixed>  $more */
    private function event(string $type, string $time, ?string $subject = null, array $more = []): Event
    {
        $at = (new DateTimeImmutable("2026-11-28 {$time}"))->getTimestamp();

        return Event::fromFields(
            Fields::of(
                [
                    'id' => sprintf('01JDJ7K%019d', ++$this->made),
                    'type' => $type,
                    'at' => $at,
                ] + ($subject === null ? [] : ['subject' => $subject]) + $more,
            ),
        );
    }

    /**
     * The plan kept to the minute, up to a task that has just begun.
     *
     * @return list<Event>
     */
    private function upTo(string $last): array
    {
        $events = [];
        $until = $this->plan->day->schedule->start($last);
        foreach ($this->plan->day->schedule->tasks as $id => $task) {
            if ($this->plan->day->schedule->start($id) > $until) {
                break;
            }
            $events[] = $this->event(
                'started',
                $this->plan->day->at($this->plan->day->schedule->start($id))->format('H:i'),
                $id,
            );
            if ($this->plan->day->schedule->end($id) <= $until) {
                $events[] = $this->event(
                    'done',
                    $this->plan->day->at($this->plan->day->schedule->end($id))->format('H:i'),
                    $id,
                );
            }
        }

        return $events;
    }
}

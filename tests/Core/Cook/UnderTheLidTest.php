<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Causes;
use Orbek\Core\Cook\Complaint;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\LidTeaches;
use Orbek\Core\Cook\Mishap;
use Orbek\Core\Cook\NextTime;
use Orbek\Core\Cook\Proposal;
use Orbek\Core\Cook\Rescue;
use Orbek\Core\Cook\UnderTheLid;
use Orbek\Core\Learning\Knowledge;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Plan\Planner;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** The closed pot at the stove: heats turned, cues, lateness, rescues, and causes looked for afterwards. */
final class UnderTheLidTest extends TestCase
{
    /** A line of a cook's own, by minutes. */
    private const LINE = [
        ['minutes' => 10, 'setting' => 0.25, 'ring' => 'ring-2'],
        ['minutes' => 45, 'setting' => 0.25, 'ring' => 'ring-1', 'plate' => 'tava'],
        ['minutes' => 8, 'setting' => 0],
    ];

    private Plan $plan;

    /** @var list<Event> of the last cook */
    private array $events = [];

    private int $made = 0;

    protected function setUp(): void
    {
        $this->plan = Sample::plan(Sample::dish('lentil-date-walnut-polo')->changed('lid/heat', self::LINE));
    }

    public function test_before_the_lid_is_on_and_after_it_is_off_there_is_nothing(): void
    {
        self::assertNull($this->cook([], -5)->underTheLid());
        $opened = $this->cook([[62, 'done', 'heat-2'], [71, 'started', 'open'], [72, 'done', 'open']], 75);
        self::assertNull($opened->underTheLid());
    }

    public function test_as_planned_it_is_the_plans_own_course(): void
    {
        $lid = $this->lid([], 20);

        self::assertEqualsWithDelta(20, $lid->nowMin, 0.01);
        // Its water boiled on the minute, a part of one late: that is taken for a little less heat.
        $planned = $this->plan->course()?->end()->browning ?? 0.0;
        self::assertEqualsWithDelta($planned, $lid->course->end()->browning, 0.1 * $planned);
        self::assertSame([], $lid->changes);
        // The pot as it is now is the course at this minute.
        self::assertEqualsWithDelta($lid->course->at(20)->browning, $lid->asItIs()->browning, 0.01);
        self::assertEqualsWithDelta(
            $lid->course->end()->minute - 20,
            array_sum(array_map(static fn ($stretch): float => $stretch->minutes, $lid->left())),
            0.1,
        );
    }

    public function test_a_forgotten_pot_is_followed_for_six_hours_past_its_minutes(): void
    {
        $planned = $this->lid([], 20)->course->end()->minute;
        self::assertNull($this->lid([], $planned + 30)->followedToMin);
        $week = $this->lid([], 60 * 24 * 7);

        self::assertEqualsWithDelta($week->nowMin, $week->followedToMin, 1e-6);
        self::assertLessThanOrEqual($planned + 360 + 1, $week->followedToMin);
        self::assertGreaterThan($planned + 300, $week->followedToMin);
        self::assertLessThan(400, count($week->course->moments) - $planned, 'by the minute, no longer than that');
    }

    public function test_a_heat_that_was_turned_changes_what_follows_and_says_so(): void
    {
        $asPlanned = $this->lid([], 12);
        $up = $this->lid([[10, 'heat-set', 'heat-2', ['setting' => 70]]], 12);

        self::assertGreaterThan($asPlanned->course->end()->browning, $up->course->end()->browning);
        self::assertEqualsWithDelta(70, 100 * $up->flame()->setting, 0.1);
        self::assertStringStartsWith(
            'Turned to 70 %: the crust comes out burnt, not amber',
            Sample::say($up->changes[0]),
        );
        self::assertStringContainsString(
            'burns from minute',
            Sample::say(array_map(static fn ($fault): Note => $fault->says, $up->ahead())),
        );
        // Undone, it is as it was.
        $undone = $this->lid([[10, 'heat-set', 'heat-2', ['setting' => 70]], [11, 'undone', '@0']], 12);
        self::assertEqualsWithDelta($asPlanned->course->end()->browning, $undone->course->end()->browning, 1e-9);
    }

    public function test_an_opened_pot_loses_steam(): void
    {
        $open = $this->lid([[15, 'opened', 'lid'], [18, 'opened', 'lid']], 20);

        self::assertSame(2, count($open->lifted));
        $closed = $this->lid([], 20)->course;
        // Steam that has gone does not warm the lid again.
        self::assertLessThan($closed->at(15.5)->lidC - 5, $open->course->at(15.5)->lidC);
        self::assertGreaterThan($closed->at(16)->leakG, $open->course->at(16)->leakG);
        self::assertEqualsWithDelta(0.0, $open->course->toArray(false)['balance']['water_g'], 0.1);
        self::assertEqualsWithDelta(0.0, $open->course->toArray(false)['balance']['energy_share'], 0.005);
    }

    public function test_a_first_heat_that_runs_on_is_reckoned_with(): void
    {
        // Nobody turned it down at minute nine.
        $late = $this->lid([], 16, turnsDown: false);

        self::assertEqualsWithDelta(16.0, $late->course->heat[0]->minutes, 0.1);
        self::assertGreaterThan($this->lid([], 16)->course->at(16)->browning, $late->course->at(16)->browning);
    }

    public function test_cues_are_asked_for_when_they_matter_and_move_the_forecast(): void
    {
        self::assertSame([], $this->lid([], 1)->asks);
        $steam = $this->plan->course()?->steamAtLidMin() ?? self::fail('it steams');
        self::assertContains('steam', array_column($this->lid([], $steam)->asks, 'id'));

        $early = $this->lid([[$steam - 2, 'cue', 'steam']], $steam);
        $never = $this->lid([[$steam + 3, 'cue', 'no-steam']], $steam + 4);
        self::assertGreaterThan($never->odds->means()[0] + 0.02, $early->odds->means()[0]);
        self::assertNotContains('steam', array_column($early->asks, 'id'));
        self::assertLessThan($early->course->end()->browning, $never->course->end()->browning);
        self::assertStringStartsWith('Steam meets the lid:', Sample::say($early->changes[0]));
    }

    public function test_ten_minutes_late_hold_the_heat_and_move_the_table(): void
    {
        $late = $this->cook([[20, 'late', 'table', ['minutes' => 10]]], 21);

        self::assertSame(10, $late->state->lateMin);
        self::assertEqualsWithDelta(
            $this->plan->day->tableAt->getTimestamp() + 600,
            Sample::alone($this->plan, $this->events, $late->now)->situation()->tableAt->getTimestamp(),
            60,
        );
        self::assertEqualsWithDelta(55, $late->minutes('heat-2'), 0.1);
        self::assertStringStartsWith(
            '10 min late, the low heat runs on',
            Sample::say($late->underTheLid()->changes[0] ?? ''),
        );
    }

    public function test_each_rescue_is_computed_from_where_the_pot_is(): void
    {
        $early = $this->lid([], 6);
        $later = $this->lid([], 30);
        foreach (Complaint::cases() as $complaint) {
            $says = Rescue::of($later, $complaint);
            self::assertNotSame([], $says, $complaint->value);
            self::assertMatchesRegularExpression('/[a-z].*\.$/s', Sample::say($says[0]), $complaint->value);
        }
        self::assertNotSame(Rescue::of($early, Complaint::Burning), Rescue::of($later, Complaint::Burning));
        self::assertStringContainsString('brings it to golden', Sample::say(Rescue::of($early, Complaint::Pale)[0]));
        self::assertStringContainsString('already', Sample::say(Rescue::of($later, Complaint::Pale)[0]));
        self::assertStringContainsString('hot water', Sample::say(Rescue::of($later, Complaint::TopHard)));
    }

    public function test_tough_meat_gets_the_minutes_it_lacks(): void
    {
        $this->plan = Sample::plan(Sample::dish('turkey-plum-biryani'));
        $lid = $this->lid([], 25);
        self::assertMatchesRegularExpression(
            '/^(\d+) min more at \w+ make it tender/',
            Sample::say(Rescue::of($lid, Complaint::Tough)[0]),
        );
    }

    #[DataProvider('faults')]
    public function test_the_cause_that_made_it_is_found_again(
        string $cause, float $first, float $low, string $rice, string $crust,
    ): void {
        $this->plan = Sample::plan(
            Sample::dish('lentil-date-walnut-polo')->changed(
                'lid/heat',
                [
                    ['minutes' => 6, 'setting' => $first, 'ring' => 'ring-2'],
                    ['minutes' => 30, 'setting' => $low, 'ring' => 'ring-1', 'plate' => 'tava'],
                    ['minutes' => 8, 'setting' => 0],
                ],
            ),
        );
        $cook = $this->cook(
            [
                [6, 'done', 'heat-1'], [36, 'done', 'heat-2'], [44, 'started', 'open'], [46, 'done', 'open'],
                [47, 'served', null],
                [90, 'noted', null, ['outcome' => ['rice' => $rice, 'crust' => $crust, 'filling' => 'right']]],
            ],
            91,
        );
        $causes = array_map(static fn (array $one): string => Sample::say($one['cause']), Causes::of($cook));

        self::assertContains($cause, $causes, implode('; ', $causes));
    }

    /** @return iterable<string, array{string, float, float, string, string}> */
    public static function faults(): iterable
    {
        yield 'burnt where golden was foretold' => [
            'the ring gave more heat than reckoned', 0.4, 0.25, 'right', 'burnt',
        ];
        yield 'pale where golden was foretold' => [
            'the ring gave less heat than reckoned', 0.4, 0.25, 'right', 'pale',
        ];
        yield 'soft' => ['the filling was wetter than planned', 0.4, 0.25, 'soft', 'golden'];
    }

    public function test_a_change_for_next_time_mends_what_its_cause_would_spoil_again(): void
    {
        $planner = Planner::in(Sample::kitchen(), Knowledge::none(), new DateTimeImmutable(Sample::NOW));
        $dish = Sample::dish('lentil-date-walnut-polo')->changed('lid/heat', [
            ['minutes' => 9, 'setting' => 0.6, 'ring' => 'ring-2'],
            ['minutes' => 30, 'setting' => 0.25, 'ring' => 'ring-1', 'plate' => 'tava'],
            ['minutes' => 8, 'setting' => 0],
        ]);
        $this->plan = $planner->plan($dish);
        $cook = $this->cook([
            [9, 'done', 'heat-1'], [39, 'done', 'heat-2'], [47, 'started', 'open'], [49, 'done', 'open'],
            [50, 'served', null],
            [90, 'noted', null, ['outcome' => ['rice' => 'right', 'crust' => 'burnt', 'filling' => 'right']]],
        ], 91);
        $causes = Causes::of($cook);
        $proposals = NextTime::of($this->plan, $planner, $causes);
        self::assertNotSame([], $proposals);
        foreach ($proposals as $one) {
            self::assertGreaterThan(0, $one->before->miss(), 'unchanged it would be off again');
            self::assertLessThan(0.7 * $one->before->miss() + 1e-9, $one->after->miss());
            self::assertNotSame('', Sample::say($one->change));
            self::assertGreaterThanOrEqual(0, $one->right);
        }
        $heat = array_values(array_filter($proposals, static fn (Proposal $one): bool => $one->path === 'lid/heat'));
        self::assertNotSame([], $heat);
        // Taken, the dish is what was foretold: followed with its cause it gives the crust that was told.
        $otherwise = array_values(
            array_filter($causes, static fn (array $one): bool => $one['cause'] === $heat[0]->cause)
        )[0]['otherwise'];
        $taken = $planner->plan($dish->changed('lid/heat', $heat[0]->value));
        $course = Course::of(
            $otherwise->pot($taken->sealedPot() ?? self::fail('it goes in')), $taken->potted->first()->line(), 8.0,
        );
        self::assertSame($heat[0]->course()->colour(), $course->colour());
        self::assertSame([], NextTime::of($this->plan, $planner, []));
    }

    public function test_a_first_heat_that_ran_on_is_told_as_the_cause(): void
    {
        $planned = $this->plan->potted->first()->heat()[0]->minutes;
        $asItWas = Course::of(
            $this->plan->sealedPot() ?? self::fail('it goes in'), [
                $this->plan->potted->first()->heat()[0]->lasting($planned + 12),
                ...array_slice($this->plan->potted->first()->heat(), 1),
            ],
        );
        $low = $planned + 12 + $this->plan->potted->first()->heat()[1]->minutes;
        $cook = $this->cook([
            [$planned + 12, 'done', 'heat-1'], [$planned + 12, 'started', 'heat-2'], [$low, 'done', 'heat-2'],
            [$low + 8, 'started', 'open'], [$low + 10, 'done', 'open'], [$low + 11, 'served', null],
            [$low + 30, 'noted', null, ['outcome' => [
                'rice' => 'right', 'crust' => $asItWas->colour()->value, 'filling' => 'right',
            ]]],
        ], $low + 31, turnsDown: false);
        self::assertNotSame('golden', $asItWas->colour()->value);
        $causes = Causes::of($cook);
        self::assertNotSame([], $causes);
        self::assertSame('causes.longer-first-heat', $causes[0]['cause']->key);
    }

    public function test_where_nothing_was_off_no_cause_is_looked_for(): void
    {
        $cook = $this->cook(
            [
                [62, 'done', 'heat-2'], [70, 'started', 'open'], [72, 'done', 'open'], [73, 'served', null],
                [90, 'noted', null, ['outcome' => ['rice' => 'right', 'crust' => 'golden', 'filling' => 'right']]],
            ],
            91,
        );

        self::assertSame([], Causes::of($cook));
        self::assertNotNull(UnderTheLid::heatOf($cook));
        self::assertNotNull(LidTeaches::of($cook));
    }

    public function test_what_a_closed_pot_cannot_tell_is_refused(): void
    {
        foreach (
            [
                ['heat-set', ['setting' => 400], 'setting: 400 is out of range; give 0 to 100 %.'],
                ['late', ['minutes' => 0], 'minutes: 0 is out of range; give 1 to 120.'],
                ['cue', ['subject' => 'whistle'], 'subject: "whistle" is not known'],
            ] as [$type, $more, $says]
        ) {
            try {
                Event::fromFields(
                    Fields::of(
                        $more + [
                            'id' => '01'.str_pad('1', 24, '0', STR_PAD_LEFT), 'type' => $type, 'at' => 1000,
                            'subject' => 'lid',
                        ],
                    ),
                )->knownTo(Sample::craft(), 'subject');
                self::fail("{$type} was taken");
            } catch (Refused $wrong) {
                self::assertStringContainsString($says, Sample::wording()->refusal($wrong));
            }
        }
    }

    public function test_what_broke_the_grains_or_held_the_rice_is_told_with_what_mends_it(): void
    {
        $of = function (array $changes, array $outcome): array {
            $dish = Sample::dish('lentil-date-walnut-polo')->changed('lid/heat', self::LINE);
            foreach ($changes as $path => $value) {
                $dish = $dish->changed($path, $value);
            }
            $this->plan = Sample::plan($dish);
            $came = $outcome + ['rice' => 'right', 'crust' => 'golden', 'filling' => 'right'];

            return array_map(
                static fn (Mishap $one): array => [$one->cause->key, $one->path, $one->value],
                Mishap::of($this->cook([
                    [62, 'done', 'heat-2'], [71, 'started', 'open'], [72, 'done', 'open'], [75, 'served', null],
                    [90, 'noted', null, ['outcome' => $came]],
                ], 100)),
            );
        };

        self::assertSame([], $of([], []), 'of what was not noted nothing is told');
        $broke = $of(['rice/soak/minutes' => 240], ['also' => ['broke']]);
        self::assertContains(['mishap.soaked-long', 'rice/soak/minutes', 45], $broke);
        self::assertSame('mishap.handled', $broke[array_key_last($broke)][0], 'the hand is never left out');
        self::assertContains(
            ['mishap.lifted-soft', 'water/stage', 'thread'],
            $of(['water/stage' => 'point', 'rice/soak/minutes' => 30], ['also' => ['broke']]),
        );
        self::assertSame(
            [['mishap.little-fat', 'base/fat_ml_per_cm2', 0.09]],
            $of(['base/fat_ml_per_cm2' => 0.03], ['also' => ['stuck']]),
        );
        self::assertSame('mishap.burnt-on', $of([], ['also' => ['stuck'], 'crust' => 'burnt'])[0][0]);
        self::assertSame('mishap.not-set', $of([], ['also' => ['stuck'], 'crust' => 'pale'])[0][0]);
        self::assertSame(
            [['mishap.held-on', null, null]], $of(['base/fat_ml_per_cm2' => 0.09], ['also' => ['stuck']]),
        );
    }

    public function test_a_note_of_salt_and_of_tough_meat_teaches_the_household(): void
    {
        $this->plan = Sample::plan(Sample::dish('sour-cherry-polo')->changed('lid/heat', [
            ['minutes' => 10, 'setting' => 0.25, 'ring' => 'ring-2'],
            ['minutes' => 8, 'setting' => 0.25, 'ring' => 'ring-1', 'plate' => 'tava'],
            ['minutes' => 5, 'setting' => 0],
        ]));
        $known = function (array $outcome): Knowledge {
            $came = $outcome + ['rice' => 'right', 'crust' => 'golden', 'filling' => 'right'];

            return Knowledge::none()->with(['notes' => $this->cook([
                [18, 'done', 'heat-2'], [24, 'started', 'open'], [25, 'done', 'open'], [26, 'served', null],
                [90, 'noted', null, ['outcome' => $came]],
            ], 100)->summary()['notes'] ?? []]);
        };
        $kind = $this->plan->dish->fillings->inPot()->main()?->toughest()->id ?? self::fail('it has a filling');

        self::assertGreaterThan(1.05, $known(['filling' => 'tough'])->tender($kind)->likely(), 'it takes longer here');
        self::assertGreaterThan(
            $known(['filling' => 'right'])->tender($kind)->likely(), $known(['filling' => 'tough'])->tender($kind)->likely(),
        );
        self::assertEqualsWithDelta(1.0, $known(['filling' => 'dry'])->tender($kind)->likely(), 1e-9, 'dry says nothing of it');
        self::assertEqualsWithDelta(1.0, $known([])->salt()->likely(), 1e-9, 'what was not asked teaches nothing');
        self::assertLessThan($known(['salt' => 'flat'])->salt()->likely(), $known(['salt' => 'salty'])->salt()->likely());
        $tough = $known(['filling' => 'tough']);
        $planned = Planner::in(Sample::kitchen(), $tough, $this->plan->day->tableAt)->plan($this->plan->dish);
        $tenderness = static fn (Plan $plan): float => max(0.0, ...array_map(
            static fn (SealedLayer $layer): float => $layer->pieces->tenderness ?? 0.0, $plan->sealedPot()->layers ?? [],
        ));
        self::assertLessThan($tenderness($this->plan), $tenderness($planned), 'the same minutes make it less tender');
    }

    /** @param  list<array{0: float, 1: string, 2: string|null, 3?: array<string, mixed>}>  $events */
    private function lid(array $events, float $nowMin, bool $turnsDown = true): UnderTheLid
    {
        return $this->cook($events, $nowMin, $turnsDown)->underTheLid() ?? self::fail('the lid is on');
    }

    /**
     * A cook closed on time, then what happened by the minute since.
     *
     * @param  list<array{0: float, 1: string, 2: string|null, 3?: array<string, mixed>}>  $events
     */
    private function cook(array $events, float $nowMin, bool $turnsDown = true): Cook
    {
        $sealedAt = $this->plan->day->at($this->plan->day->schedule->end('layer'));
        $made = [];
        foreach ($this->plan->day->schedule->tasks as $id => $task) {
            if ($this->plan->day->schedule->end($id) > $this->plan->day->schedule->end('layer') || $nowMin < 0) {
                continue;
            }
            $made[] = $this->event($this->plan->day->at($this->plan->day->schedule->start($id)), 'started', $id);
            $made[] = $this->event($this->plan->day->at($this->plan->day->schedule->end($id)), 'done', $id);
        }
        $first = $this->plan->potted->first()->heat()[0]->minutes;
        if (
            $turnsDown
                && $nowMin >= $first
                && array_filter($events, static fn (array $event): bool => $event[2] === 'heat-1') === []
        ) {
            $made[] = $this->event($this->at($sealedAt, $first), 'done', 'heat-1');
            $made[] = $this->event($this->at($sealedAt, $first), 'started', 'heat-2');
        }
        $mine = [];
        foreach ($events as $event) {
            $subject = $event[2] === '@0' ? $mine[0]->id : $event[2];
            $mine[] = $this->event($this->at($sealedAt, $event[0]), $event[1], $subject, $event[3] ?? []);
        }

        $this->events = [...$made, ...$mine];

        return Cook::fold($this->plan, $this->events, $this->at($sealedAt, $nowMin));
    }

    private function at(DateTimeImmutable $sealedAt, float $minute): DateTimeImmutable
    {
        return $sealedAt->setTimestamp($sealedAt->getTimestamp() + (int) round(60 * $minute));
    }

    /** @param  array<string, mixed>  $more */
    private function event(DateTimeImmutable $at, string $type, ?string $subject, array $more = []): Event
    {
        return Event::fromFields(
            Fields::of(
                $more + [
                    'id' => '01'.str_pad((string) ++$this->made, 24, '0', STR_PAD_LEFT),
                    'type' => $type,
                    'at' => $at->getTimestamp(),
                ] + ($subject === null ? [] : ['subject' => $subject]),
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use DateTimeImmutable;
use Orbek\Core\Cook\Cook;
use Orbek\Core\Cook\Event;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Rice that is not drained is cooked to the table and remembered as well. */
final class MeasuredCookTest extends TestCase
{
    private int $made = 0;

    /** @return iterable<string, array{string}> */
    public static function dishes(): iterable
    {
        foreach (['chickpea-spinach-one-pot', 'mushroom-chestnut-rice', 'yesterdays-squash-curry'] as $name) {
            yield $name => [$name];
        }
    }

    #[DataProvider('dishes')]
    public function test_it_is_walked_to_the_table_without_a_boil(string $name): void
    {
        $plan = Sample::plan(Sample::dish($name));
        $events = [];
        foreach ($plan->day->schedule->tasks as $id => $task) {
            $start = $plan->day->at($plan->day->schedule->start($id));
            $before = Cook::fold($plan, $events, $start);
            self::assertNull($before->boiling());
            self::assertNull($before->forecast());
            self::assertNull($before->lift());
            self::assertFalse($before->isScoopNext());
            $events[] = $this->event($start, 'started', $id);
            $events[] = $this->event($start->modify("+{$task->minutes} minutes"), 'done', $id);
        }
        $served = $plan->day->tableAt->modify('+1 minute');
        $events[] = $this->event($served, 'served', null);
        $events[] = $this->event(
            $served, 'noted', null, ['outcome' => ['rice' => 'right', 'crust' => 'pale', 'filling' => 'right']],
        );
        $cook = Cook::fold($plan, $events, $served->modify('+1 hour'));

        self::assertNull(Sample::alone($plan, $events, $served->modify('+1 hour'))->situation()->nowFor(null));
        $summary = $cook->summary();
        self::assertSame(
            ['lot' => $plan->dish->grain->rice->bag, 'g' => round($plan->totals->rice()->amount, 1)],
            $summary['used'] ?? null,
        );
        self::assertArrayNotHasKey('lifted_s', $summary);
        self::assertArrayNotHasKey('taught', $summary, 'nothing was tested');
        self::assertArrayNotHasKey('stove', $summary, 'a base without a crust tells nothing of its ring');
    }

    public function test_under_its_lid_it_is_followed_too(): void
    {
        $plan = Sample::plan(Sample::dish('chickpea-spinach-one-pot'));
        $lid = $this->closed($plan)->underTheLid();
        self::assertNotNull($lid);

        self::assertEqualsWithDelta(12, $lid->nowMin, 0.01);
        self::assertSame(
            [],
            array_filter(
                $lid->ahead(),
                static fn ($fault): bool => str_contains(Sample::say($fault->says), 'hard heart'),
            ),
        );
        self::assertGreaterThan(0.9, $lid->course->riceLayers()[0]->doneness);
    }

    public function test_a_closed_pot_survives_being_folded_without_its_last_event(): void
    {
        $plan = Sample::plan(Sample::dish('chickpea-spinach-one-pot'));
        $cook = $this->closed($plan);
        $last = $cook->last ?? self::fail('something happened');
        $without = $cook->without($last);

        self::assertNotSame($last->id, $without->last?->id);
        self::assertEquals($cook->plan(), $without->plan());
    }

    private function closed(Plan $plan): Cook
    {
        $events = [];
        foreach ($plan->day->schedule->tasks as $id => $task) {
            if ($plan->day->schedule->end($id) > $plan->day->schedule->end('layer')) {
                continue;
            }
            $events[] = $this->event($plan->day->at($plan->day->schedule->start($id)), 'started', $id);
            $events[] = $this->event($plan->day->at($plan->day->schedule->end($id)), 'done', $id);
        }

        return Cook::fold($plan, $events, $plan->day->at($plan->day->schedule->end('layer'))->modify('+12 minutes'));
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

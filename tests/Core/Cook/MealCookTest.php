<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use Orbek\Core\Clock\Hold;
use Orbek\Core\Cook\MealCook;
use Orbek\Core\Plan\Work\WorkKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** One cook for all dishes of a meal. */
final class MealCookTest extends TestCase
{
    #[DataProvider('hands')]
    public function test_done_as_it_is_told_all_is_done_at_the_table(int $hands): void
    {
        $walk = MealWalk::supper($hands);
        self::assertTrue($walk->plan->holds);
        $cook = $walk->till('19:31');

        self::assertSame([], $cook->left());
        foreach ($cook->tasks as $id => $task) {
            self::assertLessThanOrEqual($walk->plan->tableAt, $cook->progress($id)->doneAt, $id);
        }
        // Never more in hand than there are hands, so never two boils for one pair.
        self::assertLessThanOrEqual($hands, $walk->mostInHand);
        self::assertContains('side/1', $walk->begun);
        foreach ($cook->tasks as $id => $task) {
            foreach ($task->job->after as $gap) {
                self::assertGreaterThanOrEqual(
                    $cook->progress($gap->task)->doneAt, $cook->progress($id)->startedAt, $id,
                );
            }
        }
    }

    /** @return iterable<string, array{int}> */
    public static function hands(): iterable
    {
        yield 'two pairs' => [2];
        yield 'one pair' => [1];
    }

    public function test_a_dish_begun_late_moves_what_hangs_on_it_and_the_rest_stands(): void
    {
        $walk = MealWalk::supper();
        $walk->till('17:30');
        self::assertSame('19:30', $walk->cook()->situation()->tableAt->format('H:i'));
        $cook = $walk->till('21:00', ['d1/heat-water' => 12]);

        self::assertSame([], $cook->left());
        $late = ($walk->clock->getTimestamp() - $walk->plan->tableAt->getTimestamp()) / 60;
        self::assertGreaterThan(0, $late);
        self::assertLessThanOrEqual(16, $late);
        self::assertLessThanOrEqual(2, $walk->mostInHand);
        // Drained rice did not wait longer than it may.
        $drained = $cook->progress('d1/drain')->doneAt;
        $layered = $cook->progress('d1/layer')->startedAt;
        self::assertLessThanOrEqual(8 * 60, $layered?->getTimestamp() - $drained?->getTimestamp());
    }

    public function test_what_is_laid_anew_minds_hands_rings_and_gaps(): void
    {
        $walk = MealWalk::supper();
        foreach (['17:40', '18:20', '18:50', '19:05'] as $time) {
            $cook = $walk->till($time, ['d1/filling-2' => 7, 'd2/boil' => 3]);
            $situation = $cook->situation();
            $held = [];
            foreach ($cook->left() as $id) {
                $start = $situation->starts[$id];
                $isRunning = $cook->progress($id)->isRunning();
                $minutes = $isRunning
                    ? max(0, (int) ceil(($cook->endsAt($id)?->getTimestamp() - $cook->now->getTimestamp()) / 60))
                    : $cook->minutes($id);
                self::assertGreaterThanOrEqual($cook->now->modify('-1 minute'), $situation->startsAt($id), $id);
                self::assertLessThanOrEqual(0, $start + $minutes, "{$id} at {$time}");
                foreach ($cook->tasks[$id]->job->claims as [$thing, $from, $to]) {
                    for ($m = $from; ! $isRunning && $m < $to; $m++) {
                        $held[$thing][$start + $m] = ($held[$thing][$start + $m] ?? 0) + 1;
                    }
                }
            }
            foreach ($held as $thing => $minutes) {
                self::assertLessThanOrEqual(
                    $thing === Hold::hands()->key() ? 2 : 1, max($minutes), "{$thing} at {$time}",
                );
            }
        }
    }

    public function test_the_same_events_in_any_order_and_twice_leave_the_same_cook(): void
    {
        $walk = MealWalk::supper();
        $walk->till('18:25');
        $walk->happens('late', null, ['minutes' => 10]);
        $before = self::told($walk->cook());
        $walk->own = array_reverse([...$walk->own, ...$walk->own]);
        $walk->ofDishes = array_map(array_reverse(...), $walk->ofDishes);

        self::assertEquals($before, self::told($walk->cook()));
        self::assertSame('19:40', $walk->cook()->situation()->tableAt->format('H:i'));
    }

    /** @return list<mixed> */
    private static function told(MealCook $cook): array
    {
        $situation = $cook->situation();

        return [
            $situation->inHand, $situation->ready, $situation->running, $situation->starts, $situation->tableAt,
            $cook->left(), $cook->last?->id,
        ];
    }

    public function test_late_guests_keep_the_pots_on_low_heat_longer(): void
    {
        $walk = MealWalk::supper();
        $cook = $walk->till('18:50');
        $before = $cook->dishes[0]->minutes('heat-2');
        $late = $walk->happens('late', null, ['minutes' => 15]);
        $cook = $walk->cook();

        self::assertSame($before + 15, $cook->dishes[0]->minutes('heat-2'));
        self::assertSame('19:45', $cook->situation()->tableAt->format('H:i'));
        self::assertSame($late->id, $cook->last?->id);
        $walk->happens('undone', null, ['subject' => $late->id]);
        self::assertSame('19:30', $walk->cook()->situation()->tableAt->format('H:i'));
    }

    public function test_a_dish_given_up_frees_what_it_held(): void
    {
        $walk = MealWalk::supper();
        $walk->till('18:00');
        $out = $walk->happens('left-out', null, ['of' => 1]);
        $cook = $walk->cook();

        self::assertSame([1], $cook->leftOut);
        self::assertSame([], array_filter($cook->left(), static fn (string $id): bool => str_starts_with($id, 'd2/')));
        self::assertStringContainsString('Jackfruit and cashew biryani is left out', Sample::say($cook->changes));
        $cook = $walk->till('19:31');
        self::assertSame([], $cook->left());
        $walk->happens('undone', null, ['subject' => $out->id]);
        self::assertNotSame([], $walk->cook()->left());
    }

    public function test_a_guest_more_is_cooked_for_while_the_rice_is_dry_and_shared_with_afterwards(): void
    {
        $walk = MealWalk::supper();
        $walk->till('16:30');
        $walk->happens('eaters', null, ['eaters' => 11]);
        $cook = $walk->cook();
        // The polo's rice soaks: its plates get smaller. The biryani is for its three, as before.
        self::assertSame(6, $cook->dishes[0]->plan()->dish->table->eaters);
        self::assertStringContainsString('a plate is 75 % of what it was', Sample::say($cook->changes));
        self::assertSame(11, $cook->eaters);

        $early = MealWalk::supper();
        $early->happens('eaters', null, ['eaters' => 8]);
        $cook = $early->cook();
        self::assertSame([5, 3], array_map(static fn ($one): int => $one->plan()->dish->table->eaters, $cook->dishes));
        self::assertLessThan(
            $early->plan->plans[0]->potted->raw->inGrams(), $cook->dishes[0]->plan()->potted->raw->inGrams(),
        );
        self::assertSame([], $early->till('19:40')->left());
    }

    public function test_a_ring_that_fails_sends_what_is_not_closed_to_another_and_lets_a_closed_pot_cool_till_it_is_moved(): void
    {
        $walk = MealWalk::supper();
        $ring = $walk->plan->plans[0]->dish->lid->ring;
        $other = $ring === 'ring-1' ? 'ring-2' : 'ring-1';
        $walk->till('17:00');
        $walk->happens('ring-failed', null, ['ring' => $ring]);
        self::assertSame($other, $walk->cook()->dishes[0]->plan()->dish->lid->ring);

        $walk = MealWalk::supper();
        $walk->till($walk->plan->at($walk->plan->end('d1/layer') + 5)->format('H:i'));
        $cook = $walk->cook();
        self::assertTrue($cook->dishes[0]->state->isSealed());
        $on = $cook->dishes[0]->underTheLid()?->course->end()->browning;
        $walk->happens('ring-failed', null, ['ring' => $ring]);
        $walk->clock = $walk->clock->modify('+1 minute');
        $cook = $walk->cook();
        $cools = $cook->dishes[0]->underTheLid() ?? self::fail('the lid is on');
        self::assertTrue($cools->flame()->isOff());
        self::assertLessThan($on, $cools->course->end()->browning);
        self::assertStringContainsString('set it on another', Sample::say($cook->changes));

        $setting = $walk->plan->plans[0]->potted->first()->line()[0]->flame->setting;
        $walk->happens('heat-set', 'd1/heat-1', ['setting' => 100 * $setting, 'ring' => $other]);
        $walk->clock = $walk->clock->modify('+1 minute');
        $moved = $walk->cook()->dishes[0]->underTheLid() ?? self::fail('the lid is on');
        self::assertSame($other, $moved->flame()->ring);
        self::assertGreaterThan($cools->course->end()->browning, $moved->course->end()->browning);
    }

    public function test_a_task_that_one_took_is_not_asked_of_the_other(): void
    {
        $walk = MealWalk::supper();
        $walk->till('17:08');
        $situation = $walk->cook()->situation();
        $next = $situation->ready[0];
        $walk->happens('taken', $next, ['who' => 2]);
        $situation = $walk->cook()->situation();

        self::assertSame(2, $walk->cook()->takenBy($next));
        self::assertSame($next, $situation->nowFor(2));
        self::assertNotSame($next, $situation->nowFor(1));
        self::assertNotContains($next, $situation->nextFor(1));
        self::assertContains($next, [$situation->nowFor(null), ...$situation->nextFor(null)]);
        // Both tap at once: it ends as one.
        $walk->happens('started', $next, ['who' => 2]);
        $walk->happens('started', $next, ['who' => 1]);
        self::assertSame(2, $walk->cook()->takenBy($next));
    }

    public function test_the_boil_presses_before_anything_else(): void
    {
        $walk = MealWalk::supper(1);
        while ($walk->cook()->dishes[0]->boiling() === null && $walk->clock < $walk->plan->tableAt) {
            $walk->till($walk->clock->modify('+1 minute')->format('H:i'));
        }
        $cook = $walk->cook();
        $now = $cook->situation()->nowFor(1);

        self::assertSame(WorkKind::Boil, $cook->tasks[(string) $now]->kind);
        self::assertSame(0, $cook->tasks[(string) $now]->dish);
    }
}

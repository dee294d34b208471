<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use Orbek\Core\Cook\DayStands;
use Orbek\Core\Cook\Early;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** How the day stands, in one line that is true: on time, or what pushes the table, by how much, and what wins it back. */
final class DayStandsTest extends TestCase
{
    public function test_as_planned_it_is_on_time_and_so_it_is_begun_hours_early(): void
    {
        $walk = MealWalk::supper();
        self::assertSame('on time', $this->says($walk));
        $walk->till('-70 minutes');
        self::assertSame('on time', $this->says($walk));

        $early = MealWalk::supper();
        $early->clock = $early->plan->at($early->plan->firstStart() - 180);
        $first = $early->cook()->situation()->nowFor(null) ?? self::fail('something is first');
        $early->happens('started', $first);
        $early->clock = $early->clock->modify('+10 minutes');
        $early->happens('done', $first);
        self::assertSame('on time', $this->says($early));
    }

    public function test_begun_late_it_says_what_pushes_the_table_and_by_how_much(): void
    {
        $walk = MealWalk::supper();
        $walk->clock = $walk->plan->at($walk->plan->firstStart() + 90);
        $stands = $this->stands($walk);
        $situation = $walk->cook()->situation();

        self::assertGreaterThan(0, $stands->laterMin);
        self::assertSame(
            60 * $stands->laterMin, $situation->tableAt->getTimestamp() - $walk->plan->tableAt->getTimestamp(),
        );
        self::assertNotNull($stands->task);
        $says = Sample::say($stands->says);
        self::assertStringStartsWith("{$stands->laterMin} min later than planned: “", $says);
        self::assertStringContainsString('is not begun yet', $says);
    }

    public function test_what_runs_over_is_named_and_a_pressure_cooker_would_win_it_back(): void
    {
        $walk = MealWalk::of([['dish' => 'sour-cherry-polo']], 6, 1);
        $simmer = $walk->tillItSimmers(50) ?? self::fail('the thighs simmer');
        $stands = $this->stands($walk);

        self::assertSame($simmer, $stands->task);
        self::assertStringContainsString('runs till', Sample::say($stands->says));
        self::assertStringNotContainsString(' of ', explode('”', Sample::say($stands->says))[1], 'of one dish it is not said');
        $pressure = array_values(array_filter($stands->wins, static fn (array $one): bool => $one['event'] === 'lengthened'));
        self::assertGreaterThan(0, $pressure[0]['min'] ?? 0);
        self::assertSame(0, $pressure[0]['dish'], 'the tap is of the pot that pushes, whatever is in hand');
        $walk->happens('lengthened', $simmer, $pressure[0]['more']);
        self::assertSame($stands->laterMin - $pressure[0]['min'], $this->stands($walk)->laterMin, 'the tap wins what it said');
    }

    public function test_another_pair_of_hands_wins_what_it_says(): void
    {
        $walk = MealWalk::of([
            ['dish' => 'sour-cherry-polo'], ['dish' => 'trout-fenugreek-polo'], ['dish' => 'jackfruit-cashew-biryani'],
        ], 6, 1);
        $walk->till('-90 minutes');
        $walk->clock = $walk->clock->modify('+30 minutes');
        $stands = $this->stands($walk);
        $hands = array_values(array_filter($stands->wins, static fn (array $one): bool => $one['event'] === 'hands'));
        self::assertSame(['hands' => 2], $hands[0]['more'] ?? null);
        self::assertGreaterThan(0, $hands[0]['min']);
        $walk->happens('hands', null, $hands[0]['more']);

        self::assertSame($stands->laterMin - $hands[0]['min'], $this->stands($walk)->laterMin);
    }

    public function test_guests_that_are_late_make_no_table_late_and_a_sooner_one_is_taken_at_its_word(): void
    {
        $walk = MealWalk::supper();
        $walk->happens('late', null, ['minutes' => 20]);
        self::assertSame('on time for those who come 20 min late', $this->says($walk));

        $early = MealWalk::supper();
        $early->clock = $early->plan->at($early->plan->firstStart() - 180);
        $cook = $early->cook();
        $sooner = Early::tableAt($cook, $cook->situation()) ?? self::fail('three hours early it can be sooner');
        self::assertSame(0, (int) $sooner->format('i') % 5);
        $minutes = intdiv($early->plan->tableAt->getTimestamp() - $sooner->getTimestamp(), 60);
        self::assertGreaterThan(150, $minutes);
        $early->happens('sooner', null, ['minutes' => $minutes]);
        self::assertSame($sooner->getTimestamp(), $early->cook()->situation()->tableAt->getTimestamp());
        self::assertSame('on time', $this->says($early));
        self::assertNull(Early::tableAt($early->cook(), $early->cook()->situation()), 'once taken it is not offered again');
    }

    private function stands(MealWalk $walk): DayStands
    {
        return DayStands::of($walk->cook(), $walk->cook()->situation());
    }

    private function says(MealWalk $walk): string
    {
        return Sample::say($this->stands($walk)->says);
    }
}

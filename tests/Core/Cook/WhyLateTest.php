<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use Orbek\Core\Cook\WhyLate;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** What was late, with its cause, in one sentence. */
final class WhyLateTest extends TestCase
{
    public function test_in_time_there_is_nothing_to_tell(): void
    {
        self::assertNull($this->why(MealWalk::of([['dish' => 'sour-cherry-polo']], 6, 1), []));
    }

    public function test_a_step_that_was_begun_late_is_the_cause(): void
    {
        $says = $this->why(MealWalk::of([['dish' => 'sour-cherry-polo']], 6, 1), ['d1/heat-water' => 40]);

        self::assertMatchesRegularExpression(
            '/^On the table \d\d min late, most of it for “.+ to the boil”: it was begun \d\d min later than it could have been/',
            $says ?? '',
        );
    }

    public function test_a_step_that_took_longer_is_the_cause(): void
    {
        $walk = MealWalk::of([['dish' => 'sour-cherry-polo']], 6, 1);
        $simmer = $walk->tillItSimmers(50) ?? self::fail('the thighs simmer');
        $says = $this->why($walk, []);

        self::assertStringContainsString('it took 50 min longer than the', $says ?? '');
        self::assertStringContainsString(Sample::say($walk->plan->tasks[$simmer]->name), $says ?? '');
    }

    public function test_ready_in_time_and_sat_down_to_late_it_says_that(): void
    {
        $walk = MealWalk::of([['dish' => 'sour-cherry-polo']], 6, 1);
        $walk->till('+3 hours');
        $walk->clock = $walk->plan->tableAt->modify('+25 minutes');
        $walk->happens('served');

        self::assertStringContainsString('it was ready, and sat down to', Sample::say(WhyLate::of($walk->cook()) ?? ''));
    }

    /** @param  array<string, int>  $lateMin */
    private function why(MealWalk $walk, array $lateMin): ?string
    {
        $walk->till('+4 hours', $lateMin);
        $walk->happens('served');
        $why = WhyLate::of($walk->cook());

        return $why === null ? null : Sample::say($why);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Cook;

use Orbek\Core\Cook\Early;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Before its time: said small, and never called late. */
final class EarlyTest extends TestCase
{
    public function test_a_task_hours_off_says_since_when_and_what_comes_of_it_now(): void
    {
        $walk = MealWalk::supper();
        $walk->clock = $walk->plan->at($walk->plan->firstStart() - 180);
        $cook = $walk->cook();
        $situation = $cook->situation();
        $id = $situation->nowFor(null) ?? self::fail('something is next');
        $starts = $situation->startsAt($id);
        $at = static fn (int $minutes): ?Early => Early::of($cook->tasks[$id], $starts, $starts->modify("-{$minutes} minutes"));
        self::assertStringContainsString('the rice soaks longer', Sample::say($at(180)->says ?? ''));
        self::assertSame($starts->modify('-15 minutes')->format('H:i'), $at(180)?->till->format('H:i'));
        self::assertNotNull($at(16));
        self::assertNull($at(15), 'soon is not early');
        foreach ($cook->tasks as $one) {
            self::assertNotSame('', Sample::say(Early::of($one, $starts, $starts->modify('-2 hours'))->says ?? ''));
        }

        // Begun all the same, the table stays and nothing is late.
        $walk->happens('started', $id);
        $walk->clock = $walk->clock->modify('+6 minutes');
        $walk->happens('done', $id);
        self::assertSame('19:30', $walk->cook()->situation()->tableAt->format('H:i'));
        self::assertSame(0, $walk->cook()->lateMin());
    }
}

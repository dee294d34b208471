<?php

declare(strict_types=1);

namespace Tests\Core\Lid;

use Orbek\Core\Measure\OutOfRange;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class HeatLineTest extends TestCase
{
    public function test_the_same_word_is_the_same_heat_on_any_pot_and_ring(): void
    {
        foreach (['steel-24', 'aluminium-28'] as $pot) {
            $plan = Sample::plan(Sample::polo()->changed('lid/pot', $pot));
            $first = $plan->heat->blocks[0];
            // Medium-high: 1.14 W net for each cm² of the base.
            self::assertEqualsWithDelta(1.14, $first->setting * 2700 * 0.42 / $plan->pot()->baseCm2(), 1e-9);
            self::assertNull($plan->heat->short());
        }
    }

    public function test_a_ring_too_weak_runs_full_and_says_by_how_much_it_falls_short(): void
    {
        $heat = Sample::plan(Sample::polo()->changed('lid/burner', 'ring-1'))->heat;

        self::assertSame(1.0, $heat->blocks[0]->setting);
        self::assertEqualsWithDelta(1.14 * M_PI * 196 / 420, $heat->short()->wanted ?? 0.0, 1e-9);
    }

    public function test_the_cooks_own_line_goes_before_the_schools(): void
    {
        $own = [['minutes' => 12, 'setting' => 0.8, 'until' => 'it smells toasted'], ['minutes' => 40, 'setting' => 0.2, 'plate' => true], ['minutes' => 6, 'setting' => 0]];
        $plan = Sample::plan(Sample::polo()->changed('lid/heat', $own));

        self::assertFalse($plan->heat->isStock);
        self::assertSame(58.0, $plan->heat->minutes());
        self::assertSame(['80 %', '20 % on the plate', 'rest'], array_map(static fn ($block): string => $block->words(), $plan->heat->blocks));
        self::assertSame('It smells toasted', $plan->schedule->tasks['heat-1']->finish);
        self::assertSame('Heat off, resting', $plan->schedule->tasks['heat-2']->finish);
        self::assertSame(12, $plan->schedule->tasks['heat-1']->minutes);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        yield 'four times full' => [['minutes' => 10, 'setting' => 4], 'lid/heat/0/setting: 4 is out of range; give 0 to 1.'];
        yield 'no time at all' => [['minutes' => 0, 'setting' => 0.5], 'lid/heat/0/minutes: 0 is out of range; give 0.5 to 240 min.'];
        yield 'a day' => [['minutes' => 1440, 'setting' => 0.5], 'lid/heat/0/minutes: 1440 is out of range; give 0.5 to 240 min.'];
        yield 'no setting' => [['minutes' => 10], 'lid/heat/0/setting: is missing; give a number from 0 to 1.'];
    }

    /** @param  array<string, mixed>  $block */
    #[DataProvider('refusals')]
    public function test_a_heat_no_ring_has_is_refused(array $block, string $message): void
    {
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessage($message);
        Sample::plan(Sample::polo()->changed('lid/heat', [$block]));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Lid;

use Orbek\Core\Heat\Origin;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\HeatLine;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class HeatLineTest extends TestCase
{
    public function test_a_schools_word_is_the_same_heat_on_any_pot_and_ring_as_near_as_its_knob_comes(): void
    {
        $stock = Sample::polo()->school->heats;
        $kitchen = Sample::kitchen();
        foreach (['steel-24', 'aluminium-28'] as $id) {
            [$pot, $ring] = [$kitchen->pot($id, 'pot'), $kitchen->ring('ring-2', 'burner')];
            $setting = HeatLine::ofStock($stock, $pot, $ring, null)[0]->flame->setting;
            $wanted = $stock[0]->wattsPerCm2 * $pot->baseCm2() / $ring->netW();
            self::assertSame($ring->knob->nearest(min(1.0, $wanted)), $setting);
            foreach ($ring->knob->shares() as $share) {
                self::assertGreaterThanOrEqual(
                    abs(log($setting / min(1.0, $wanted))), abs(log($share / min(1.0, $wanted))) + 1e-9,
                );
            }
        }
        self::assertSame(
            1.0,
            HeatLine::ofStock(
                $stock, $kitchen->pot('aluminium-28', 'pot'), $kitchen->ring('ring-1', 'burner'), null,
            )[0]->flame->setting,
            'a ring too weak runs full',
        );
    }

    public function test_the_cooks_own_line_goes_before_what_is_found_and_is_kept_as_given(): void
    {
        $own = [
            ['minutes' => 12.0, 'setting' => 0.8, 'ring' => 'ring-2', 'until' => 'sizzle'],
            ['minutes' => 40.0, 'setting' => 0.22, 'ring' => 'ring-2', 'plate' => 'tava'],
            ['minutes' => 6.0, 'setting' => 0.0],
        ];
        $plan = Sample::plan(Sample::polo()->changed('lid/heat', $own));
        $heating = $plan->heating() ?? self::fail('it goes in');

        self::assertSame(Origin::Own, $heating->origin);
        self::assertSame($own, HeatLine::toArray($heating->line()));
        self::assertSame('The base sizzles', Sample::say($plan->day->task('heat-1')->finish));
        self::assertSame(
            ['80 %', '22 % on the tava', 'rest'],
            array_map(
                static fn (Stretch $stretch): string => Sample::say($plan->kitchen->says($stretch->flame, 'ring-2')),
                $heating->line(),
            ),
        );
        // The clock has the minute that the cue comes out at, not the one that was written down.
        $came = $heating->course()->heat[0]->minutes;
        self::assertSame((int) max(1, round($came)), $plan->day->schedule->tasks['heat-1']->minutes);
        $window = $heating->window(0) ?? self::fail('it has a cue');
        self::assertEqualsWithDelta($came, max($window[0], min($came, $window[1])), 0.05);
    }

    public function test_a_line_is_kept_and_read_again_and_older_words_are_understood(): void
    {
        $line = [
            new Stretch(9.0, Flame::on('ring-1', 0.5), Sample::craft()->cues->get('steam', 'until'), 2.0), new Stretch(20.0, Flame::oven(100.0)),
            Stretch::rest(5.0),
        ];
        $kept = HeatLine::toArray($line);
        self::assertEquals($line, HeatLine::fromFields(Fields::of(['heat' => $kept])->each('heat'), Sample::craft()->cues));
        self::assertSame(31.0 + 5.0, HeatLine::minutes($line));

        $old = HeatLine::fromFields(Fields::of(['heat' => [
            ['minutes' => 9, 'setting' => 0.5, 'plate' => true, 'until' => 'it smells toasted'],
            ['minutes' => 5, 'setting' => 0],
        ]])->each('heat'), Sample::craft()->cues, 'ring-2');
        self::assertSame(['sizzle', 'ring-2'], [$old[0]->till?->id, $old[0]->flame->ring]);
        self::assertNotNull($old[0]->flame->plate);
        self::assertTrue($old[1]->isRest());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function refusals(): iterable
    {
        yield 'four times full' => [
            ['minutes' => 10, 'setting' => 4], 'lid/heat/0/setting: 4 is out of range; give 0 to 1.',
        ];
        yield 'no time at all' => [
            ['minutes' => 0, 'setting' => 0.5], 'lid/heat/0/minutes: 0 is out of range; give 0.5 to 240 min.',
        ];
        yield 'a day' => [
            ['minutes' => 1440, 'setting' => 0.5], 'lid/heat/0/minutes: 1440 is out of range; give 0.5 to 240 min.',
        ];
        yield 'no setting' => [['minutes' => 10], 'lid/heat/0/setting: is missing; give a number from 0 to 1.'];
    }

    /** @param  array<string, mixed>  $stretch */
    #[DataProvider('refusals')]
    public function test_a_heat_no_ring_has_is_refused(array $stretch, string $message): void
    {
        self::assertStringContainsString(
            $message,
            Sample::refused(static fn () => Sample::plan(Sample::polo()->changed('lid/heat', [$stretch]))),
        );
    }
}

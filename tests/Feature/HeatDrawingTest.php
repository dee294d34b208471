<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\ClockDrawing;
use App\Drawings\HeatDrawing;
use App\Drawings\PotDrawing;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Plan\Plan;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** The heat line's picture says what the course says. */
final class HeatDrawingTest extends TestCase
{
    public function test_blocks_are_as_wide_as_their_minutes_and_as_high_as_their_heat(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $drawing = self::drawing($plan);
        $stretches = $drawing->stretches();

        self::assertCount(3, $stretches);
        self::assertEqualsWithDelta(
            $drawing->x($drawing->minutes()) - $drawing->x(0),
            array_sum(array_column($stretches, 'width')),
            0.3,
        );
        foreach ($stretches as $drawn) {
            self::assertEqualsWithDelta($drawn['stretch']->minutes * $drawing->pxPerMin(), $drawn['width'], 0.2);
            if (! $drawn['stretch']->isRest()) {
                self::assertEqualsWithDelta($drawing->high() * $drawn['stretch']->flame->setting, $drawn['height'], 0.1);
                self::assertEqualsWithDelta($drawing->floor(), $drawn['y'] + $drawn['height'], 0.1);
            }
        }
        self::assertSame(0.0, $stretches[0]['from']);
        self::assertSame($plan->potted->first()->heat()[0]->minutes, $stretches[1]['from']);
    }

    public function test_curves_go_through_the_moments_of_the_course(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $course = $plan->course() ?? self::fail('it goes in');
        $drawing = self::drawing($plan);
        preg_match_all('/[ML](-?[\d.]+),(-?[\d.]+)/', $drawing->base(), $points);

        self::assertCount(count($course->moments), $points[1]);
        foreach ($course->moments as $index => $moment) {
            self::assertEqualsWithDelta($drawing->x($moment->minute), (float) $points[1][$index], 0.11);
            self::assertEqualsWithDelta($drawing->y($moment->faceC), (float) $points[2][$index], 0.11);
        }
        self::assertNotSame('', $drawing->core());
        self::assertNotSame($drawing->top(), $drawing->base());
        // Hotter is higher, and all of it between the edges.
        self::assertLessThan($drawing->y(60), $drawing->y(100));
        foreach (array_map(floatval(...), $points[2]) as $y) {
            self::assertGreaterThanOrEqual($drawing->plotTop() - 6, $y);
            self::assertLessThanOrEqual($drawing->plotBottom(), $y);
        }
    }

    public function test_the_strip_ends_in_the_crusts_own_colour_and_names_what_lasts(): void
    {
        $plan = self::plan('lentil-date-walnut-polo');
        $course = $plan->course() ?? self::fail('it goes in');
        $drawing = self::drawing($plan);
        $stops = $drawing->stops();

        self::assertSame(CrustColour::looks($course->end()->browning)->hex(), $stops[count($stops) - 1]['colour']);
        self::assertSame(0.0, $stops[0]['at']);
        self::assertSame(100.0, $stops[count($stops) - 1]['at']);
        self::assertContains('golden', array_column($drawing->colours(), 'label'));
        self::assertNotContains('burnt', array_column($drawing->colours(), 'label'));
    }

    public function test_no_name_lies_under_the_line_of_now(): void
    {
        $drawing = self::drawing(self::plan('lentil-date-walnut-polo'));
        $named = 0;
        for ($now = 0.0; $now <= $drawing->minutes(); $now += 0.5) {
            $line = $drawing->x($now);
            $names = [
                ['x' => $drawing->steamNameX(8.0, 'steam at the lid 8 min', $now), 'label' => 'steam at the lid 8 min'],
                ...$drawing->colours($now),
            ];
            foreach ($names as ['x' => $x, 'label' => $label]) {
                self::assertFalse($x < $line && $line < $x + 4.5 * strlen($label), "{$label} at {$now}");
                self::assertGreaterThanOrEqual(HeatDrawing::LEFT, $x);
                $named++;
            }
        }
        self::assertGreaterThan(200, $named);
    }

    public function test_without_a_course_the_blocks_are_drawn_alone(): void
    {
        $drawing = new HeatDrawing(
            null,
            [
                new Stretch(45, Flame::oven(100)), Stretch::rest(5),
                new Stretch(30, Flame::on('ring-1', 0.25, Sample::kitchen()->equipment->plates['tava'])),
            ],
            Sample::wording(), Sample::kitchen(), 'ring-2',
        );

        self::assertSame(['', '', '', []], [$drawing->base(), $drawing->top(), $drawing->core(), $drawing->stops()]);
        self::assertSame('the oven’s 100 °C', $drawing->stretches()[0]['full']);
        self::assertSame('rest', $drawing->stretches()[1]['label']);
        self::assertSame('pearl on the tava, on Ring 1', $drawing->stretches()[2]['full'], 'in the words of the knob');
        self::assertSame([0, 25, 40, 60, 100], $drawing->settings($drawing->stretches()[2]['stretch']));
    }

    private static function drawing(Plan $plan): HeatDrawing
    {
        $load = $plan->potted->first();

        return new HeatDrawing(
            $plan->course(), $load->heat(), Sample::wording(), $plan->kitchen, $load->place->ring->id,
        );
    }

    public function test_more_browning_is_never_lighter(): void
    {
        $before = 800;
        foreach ([0.0, 0.05, 0.1, 0.2, 0.35, 0.5, 0.8, 1.2, 1.7, 2.2, 3.0, 4.0, 6.0, 200.0] as $browning) {
            $tint = CrustColour::looks($browning)->hex();
            self::assertMatchesRegularExpression('/^#[0-9a-f]{6}$/', $tint);
            $light = array_sum(array_map(hexdec(...), str_split(substr($tint, 1), 2)));
            self::assertLessThanOrEqual($before, $light, (string) $browning);
            $before = $light;
        }
        // What is tapped on the page, and drawn by the stylesheet, is the same colour.
        $files = glob(dirname(__DIR__, 2).'/resources/css/*.scss') ?: [];
        $scss = implode("\n", array_map(file_get_contents(...), $files));
        $styles = (string) preg_replace('/\s+/', ' ', $scss);
        foreach (CrustColour::cases() as $colour) {
            $hex = CrustColour::looks($colour->middle())->hex();
            self::assertSame($colour->swatch()->hex(), $hex);
            self::assertStringContainsString(".crust-{$colour->value} { background: {$hex}; }", $styles);
        }
    }

    public function test_the_pot_is_drawn_as_it_is_at_a_minute(): void
    {
        $plan = self::plan('turkey-plum-biryani');
        $course = $plan->course() ?? self::fail('it goes in');
        $first = new PotDrawing($plan, 12.2, $course->moments[0]);
        $last = new PotDrawing($plan, 12.2, $course->end());

        self::assertNull((new PotDrawing($plan, 12.2))->crust());
        self::assertNotSame($first->crust(), $last->crust());
        self::assertSame(
            array_column($first->layers(), 'outline'),
            array_column($last->layers(), 'outline'),
            'it is the same pot',
        );
        self::assertNotSame(
            $first->layers()[1]['hatch']->id(),
            $last->layers()[1]['hatch']->id(),
            'its grains have cooked on',
        );
    }

    public function test_folded_rice_and_filling_are_drawn_together(): void
    {
        $plan = self::plan('chickpea-spinach-one-pot');
        $layers = (new PotDrawing($plan, 12.2, $plan->course()?->end()))->layers();

        self::assertCount(1, $layers);
        self::assertSame(['strokes', 'dots'], array_keys(array_filter($layers[0]['hatch']->paths())));
    }

    public function test_an_oven_hangs_in_a_column_of_its_own(): void
    {
        $columns = array_column(
            (new ClockDrawing(self::plan('mushroom-chestnut-rice'), Sample::wording()))->columns(),
            null,
            'key',
        );
        self::assertSame('Small oven', $columns['oven']['title']);
        self::assertCount(1, $columns['oven']['ropes']);
        self::assertNotContains(
            '100 °C in the oven',
            array_map(static fn (array $rope): string => Sample::say($rope['work']->name), $columns['own']['ropes']),
        );

        self::assertArrayNotHasKey(
            'oven',
            array_column(
                (new ClockDrawing(self::plan('trout-fenugreek-polo'), Sample::wording()))->columns(),
                null,
                'key',
            ),
        );
    }

    private static function plan(string $name): Plan
    {
        return Sample::plan(Sample::dish($name));
    }
}

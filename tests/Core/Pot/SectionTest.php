<?php

declare(strict_types=1);

namespace Tests\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Layer;
use Orbek\Core\Pot\Matter;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\Section;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class SectionTest extends TestCase
{
    public function test_a_level_fill_stands_as_high_as_volume_over_area(): void
    {
        $section = Section::of(self::pot(24, 5.5), [self::layer(1.0, 1.0), self::layer(0.63, 0.63)], false);

        self::assertEqualsWithDelta(1000 / (M_PI * 144), $section->topsCm[0], 1e-9);
        self::assertEqualsWithDelta(2000 / (M_PI * 144), $section->topCm(), 1e-9);
        self::assertEqualsWithDelta(5500 / (M_PI * 144) - $section->topCm(), $section->freeCm(), 1e-9);
    }

    public function test_a_mound_keeps_its_volume_its_slope_and_the_free_height(): void
    {
        foreach ([[28, 9.0, 2.2], [28, 9.0, 4.2], [24, 5.5, 2.9], [36, 20.0, 3.0]] as [$diameter, $litres, $kg]) {
            $section = Section::of(
                self::pot($diameter, $litres),
                [self::layer($kg * 0.4, 1.0), self::layer($kg * 0.6, 1.0)],
                true,
            );

            self::assertEqualsWithDelta($kg, self::volumeL($section), 0.01, "{$diameter} cm");
            self::assertGreaterThanOrEqual(Section::FREE_CM - 1e-6, $section->freeCm());
            self::assertFalse($section->isTooFull());
            self::assertEqualsWithDelta(0.8 * $diameter / 2, $section->footRadiusCm, 1e-9);
            self::assertGreaterThan($section->shoulderCm, $section->topCm());
        }
    }

    public function test_where_room_is_short_the_mound_is_as_high_as_it_may_be(): void
    {
        $section = Section::of(self::pot(24, 5.5), [self::layer(2.9, 1.0)], true);
        $free = Section::of(self::pot(24, 9.5), [self::layer(2.9, 1.0)], true);
        self::assertLessThan($free->topCm() - $free->shoulderCm, $section->topCm() - $section->shoulderCm);
        self::assertEqualsWithDelta(Section::FREE_CM, $section->freeCm(), 1e-6, 'not a millimetre is given away');
    }

    public function test_where_there_is_no_room_the_mound_lies_down_and_the_pot_is_too_full(): void
    {
        $section = Section::of(self::pot(20, 3.2), [self::layer(2.5, 1.0)], true);

        self::assertEqualsWithDelta(2500 / (M_PI * 100), $section->topCm(), 1e-3);
        self::assertTrue($section->isTooFull());
        self::assertLessThan(0, Section::of(self::pot(20, 3.2), [self::layer(4.0, 1.0)], false)->freeCm());
    }

    public function test_layers_never_lie_below_one_another(): void
    {
        $section = Section::of(
            self::pot(28, 9),
            [self::layer(0.3, 0.8), self::layer(0.7, 0.63), self::layer(1.1, 0.9), self::layer(0.9, 0.63)],
            true,
        );
        $below = 0.0;
        foreach ($section->topsCm as $top) {
            self::assertGreaterThan($below, $top);
            $below = $top;
        }
    }

    public function test_a_dough_rope_goes_round_the_rim(): void
    {
        self::assertEqualsWithDelta(M_PI * 26, Sample::seal('dough')->doughRopeCm(24), 1e-9);
        self::assertNull(Sample::seal('cloth')->doughRopeCm(24));
        self::assertLessThan(Sample::seal('tight-lid')->leakShare, Sample::seal('dough')->leakShare);
    }

    private static function volumeL(Section $section): float
    {
        $litres = 0.0;
        $step = 0.001;
        for ($z = $step / 2; $z < $section->topCm(); $z += $step) {
            $litres += M_PI * $section->halfWidthCm($z) ** 2 * $step / 1000;
        }

        return $litres;
    }

    private static function pot(float $diameterCm, float $litres): Pot
    {
        return Pot::fromFields(
            Fields::of([
                'id' => 'p', 'name' => 'pot', 'material' => 'steel', 'diameter_cm' => $diameterCm, 'litres' => $litres,
            ]),
        );
    }

    private static function layer(float $kg, float $kgPerLitre): Layer
    {
        return new Layer(Matter::Rice, Note::name('rice'), Mass::kilograms($kg), $kgPerLitre);
    }

    public function test_rice_that_goes_in_hardly_boiled_is_given_the_room_it_will_want(): void
    {
        $turkey = Sample::dish('turkey-plum-biryani');
        $plan = Sample::plan($turkey);
        $further = Sample::plan($turkey->changed('layers/1/stage', 'thread'));

        self::assertLessThan($plan->potted->first()->section->topCm(), $plan->potted->first()->section->layeredCm());
        // Hardly boiled or nearly done: steamed, the same raw rice takes up the same room.
        self::assertEqualsWithDelta(
            $further->potted->first()->section->topCm(), $plan->potted->first()->section->topCm(), 0.3,
        );
        self::assertGreaterThan(
            $plan->potted->first()->section->layeredCm() + 0.3, $further->potted->first()->section->layeredCm(),
        );
    }
}

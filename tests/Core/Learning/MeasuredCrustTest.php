<?php

declare(strict_types=1);

namespace Tests\Core\Learning;

use Orbek\Core\Learning\MeasuredCrust;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Lab;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A crust's browning, read from a photograph of it beside something white. */
final class MeasuredCrustTest extends TestCase
{
    private Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(2026));
    }

    public function test_colours_agree_with_published_ones_and_go_back_and_forth(): void
    {
        // sRGB's own primaries in CIELAB under D65, as every table of them has it.
        foreach ([
            [[1.0, 1.0, 1.0], [100, 0, 0]], [[0.0, 0.0, 0.0], [0, 0, 0]], [[1.0, 0.0, 0.0], [53.24, 80.09, 67.20]],
            [[0.0, 1.0, 0.0], [87.73, -86.18, 83.18]], [[0.0, 0.0, 1.0], [32.30, 79.19, -107.86]],
        ] as [$light, $lab]) {
            $colour = Lab::ofLight($light);
            self::assertEqualsWithDelta($lab, [$colour->l, $colour->a, $colour->b], 0.05);
            self::assertEqualsWithDelta($light, $colour->light(), 0.001);
        }
        self::assertEqualsWithDelta(0.2140, Lab::linear(0.5), 0.0001);
        self::assertSame('#ffffff', (new Lab(100, 0, 0))->hex());
    }

    public function test_every_swatch_is_read_as_its_colour_in_white_and_in_coloured_light(): void
    {
        foreach (CrustColour::cases() as $colour) {
            foreach ([[0.8, 0.8, 0.8], [0.85, 0.7, 0.51], [0.5, 0.6, 0.8]] as $lamp) {
                $read = MeasuredCrust::of(...$this->photographed($colour->swatch(), $lamp));
                self::assertNull($read->tooOdd, $colour->value);
                self::assertEqualsWithDelta(log($colour->middle()), $read->lnBrowning, 0.3, $colour->value);
                self::assertContains($colour, $read->between(), $colour->value);
                self::assertLessThan(0.5, $read->sd);
            }
        }
    }

    /** @return array<string, array{float, float}> cast, shade */
    public static function lights(): array
    {
        return ['plain' => [0.0, 0.0], 'cast' => [0.4, 0.0], 'shade' => [0.0, 0.25], 'cast and shade' => [0.4, 0.2]];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('lights')]
    public function test_made_pictures_with_casts_shadows_and_noise_are_read_to_a_quarter_and_the_band_holds(
        float $cast, float $shade,
    ): void {
        $errors = [];
        $held = 0;
        for ($picture = 0; $picture < 300; $picture++) {
            $ln = -1.9 + 3.3 * $this->even();
            $line = CrustColour::onTheLine($ln);
            $seen = new Lab(
                $line->l + 2 * $this->normal(), $line->a + 1.5 * $this->normal(), $line->b + 2 * $this->normal(),
            );
            $lamp = [
                0.75 * (1 - $cast * $this->even()), 0.75 * (1 - $cast * $this->even()),
                0.75 * (1 - $cast * $this->even()),
            ];
            $read = MeasuredCrust::of(...$this->photographed($seen, $lamp, exp($shade * $this->normal()), 3));
            if ($read->tooOdd === null) {
                $errors[] = abs($read->lnBrowning - $ln);
                $held += (int) (abs($read->lnBrowning - $ln) <= 1.28 * $read->sd);
            }
        }
        sort($errors);
        self::assertGreaterThan(280, count($errors), 'few are too odd to tell');
        self::assertLessThan(0.25, $errors[intdiv(count($errors), 2)]);
        self::assertGreaterThan(0.74, $held / count($errors), 'its four in five are four in five or more');
    }

    public function test_more_browning_never_reads_paler(): void
    {
        $before = -INF;
        for ($ln = -2.3; $ln <= 1.6; $ln += 0.1) {
            $read = MeasuredCrust::of(
                ...$this->photographed(CrustColour::onTheLine($ln), [0.7, 0.7, 0.7])
            )->lnBrowning;
            self::assertGreaterThan($before - 0.02, $read);
            $before = $read;
        }
    }

    public function test_light_that_hides_the_colour_is_said(): void
    {
        $golden = CrustColour::Golden->swatch();
        foreach ([
            'measured-crust.blown-out' => [[150.0, 110.0, 60.0], [255.0, 254.0, 250.0]],
            'measured-crust.white-is-too-dark' => [[20.0, 15.0, 8.0], [40.0, 38.0, 36.0]],
            'measured-crust.light-is-too-coloured' => $this->photographed($golden, [0.9, 0.4, 0.08]),
            'measured-crust.no-such-crust' => [[40.0, 90.0, 200.0], [200.0, 200.0, 200.0]],
        ] as $why => [$crust, $white]) {
            self::assertSame($why, MeasuredCrust::of($crust, $white)->tooOdd?->key);
        }
        $this->expectException(Refused::class);
        MeasuredCrust::fromFields(
            Fields::of(['crust' => ['r' => 300, 'g' => 0, 'b' => 0], 'white' => ['r' => 1, 'g' => 1, 'b' => 1]])
        );
    }

    /**
     * @param  array{float, float, float}  $lamp
     * @return array{array{float, float, float}, array{float, float, float}} crust and white, sRGB 0 … 255
     */
    private function photographed(Lab $crust, array $lamp, float $shade = 1.0, float $noise = 0.0): array
    {
        $channel = fn (float $light): float => max(0.0, min(255.0, $noise * $this->normal() + 255 * (
            $light <= 0.0031308 ? 12.92 * $light : 1.055 * min(1.0, $light) ** (1 / 2.4) - 0.055
        )));
        $light = $crust->light();

        return [
            [
                $channel($light[0] * $lamp[0] * $shade), $channel($light[1] * $lamp[1] * $shade),
                $channel($light[2] * $lamp[2] * $shade),
            ],
            [$channel($lamp[0] * 0.95), $channel($lamp[1] * 0.95), $channel($lamp[2] * 0.95)],
        ];
    }

    private function even(): float
    {
        return $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }

    private function normal(): float
    {
        return sqrt(-2 * log(max(1e-12, $this->even()))) * cos(2 * M_PI * $this->even());
    }
}

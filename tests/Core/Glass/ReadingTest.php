<?php

declare(strict_types=1);

namespace Tests\Core\Glass;

use Orbek\Core\Glass\Pixels;
use Orbek\Core\Glass\Reading;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\Boil;
use Orbek\Core\Rice\CookingFront;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Rice\Uptake;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Grains drawn pixel by pixel, whose hearts take up a share that is known. */
final class ReadingTest extends TestCase
{
    private const WIDTH = 480;

    private const HEIGHT = 360;

    private const GROUND = 20;

    private const RIM = 110;

    private const WHITE = 220;

    /** Long and wide, px. */
    private const GRAIN = [70, 26];

    #[DataProvider('shares')]
    public function test_a_heart_of_a_known_share_is_read_as_what_is_left(float $share): void
    {
        $reading = Reading::of($this->pixels(self::laidOut(12), $share));
        self::assertCount(12, $reading->grains);
        self::assertSame(12, $reading->used());
        // A thin heart that is quite sharp is taken for a blurred one: thinner.
        self::assertEqualsWithDelta(1 - $share, $reading->doneness, $share < 0.2 ? 0.05 : 0.025);
        self::assertLessThan(0.03, $reading->scatter, 'all are alike');
        self::assertGreaterThan(0.015, $reading->sd, 'no picture is quite sure');
        self::assertLessThan($share < 0.2 ? 6 : 1, $reading->withoutHeart(), 'thin ones may be told as none');
        self::assertFalse($reading->isDone());
    }

    /** @return list<array{float}> */
    public static function shares(): array
    {
        return [[0.15], [0.3], [0.45], [0.6]];
    }

    public function test_without_a_heart_it_is_done_by_the_plain_way_of_the_book(): void
    {
        $reading = Reading::of($this->pixels(self::laidOut(12), 0.0));
        self::assertSame([12, 12, true], [$reading->used(), $reading->withoutHeart(), $reading->isDone()]);
        self::assertGreaterThan(0.95, $reading->doneness);
    }

    public function test_light_from_one_side_colour_and_noise_change_little(): void
    {
        mt_srand(7);
        foreach ([
            'from the left' => static fn (float $v, int $x, int $c): float => $v * (1 - 0.4 * $x / self::WIDTH),
            'from a warm lamp' => static fn (float $v, int $x, int $c): float => $v * [1.0, 0.8, 0.6][$c],
            'noisy' => static fn (float $v, int $x, int $c): float => $v + mt_rand(-10, 10),
            'hazy' => static fn (float $v, int $x, int $c): float => 60 + 0.7 * $v,
        ] as $how => $light) {
            $reading = Reading::of($this->pixels(self::laidOut(12), 0.35, $light));
            self::assertEqualsWithDelta(0.65, $reading->doneness, 0.035, $how);
            self::assertSame(12, $reading->used(), $how);
        }
    }

    public function test_grains_that_touch_are_cut_apart(): void
    {
        $grains = self::laidOut(8);
        // One across the end of another: they hang together.
        [$x, $y] = $grains[0];
        $grains[] = [$x + (self::GRAIN[0] + self::GRAIN[1]) / 2 - 2, $y, M_PI / 2];
        $reading = Reading::of($this->pixels($grains, 0.4));
        self::assertCount(9, $reading->grains);
        self::assertEqualsWithDelta(0.6, $reading->doneness, 0.03);
    }

    public function test_outlines_lie_around_their_grains(): void
    {
        $reading = Reading::of($this->pixels(self::laidOut(6), 0.4));
        foreach ($reading->grains as $grain) {
            [$left, $right] = self::ends(array_map(
                static fn (array $point): float => self::WIDTH * $point[0], $grain['outline'],
            ));
            [$top, $bottom] = self::ends(array_map(
                static fn (array $point): float => self::HEIGHT * $point[1], $grain['outline'],
            ));
            self::assertEqualsWithDelta(self::GRAIN[0], $right - $left, 6);
            self::assertEqualsWithDelta(self::GRAIN[1], $bottom - $top, 6);
            $middle = [($left + $right) / 2, ($top + $bottom) / 2];
            self::assertNotSame([], array_filter(self::laidOut(6), static fn (array $one): bool => hypot(
                $one[0] - $middle[0], $one[1] - $middle[1],
            ) < 3));
        }
    }

    public function test_a_grain_left_out_is_reckoned_without_and_all_of_it_is_read_back(): void
    {
        $reading = Reading::of($this->pixels(self::laidOut(7), 0.4));
        $without = $reading->counting(2, false);
        self::assertSame([6, 7], [$without->used(), count($without->grains)]);
        self::assertEquals($reading, $without->counting(2, true));
        $kept = Reading::fromFields(Fields::of($without->toArray()));
        self::assertEquals($without->grains, $kept->grains);
        self::assertEqualsWithDelta([$without->doneness, $without->sd], [$kept->doneness, $kept->sd], 1e-4);
        $two = $without->counting(3, false);
        self::assertStringContainsString('only 4 grains', Sample::refused(static fn () => $two->counting(4, false)));
        self::assertStringContainsString('no grain 71', Sample::refused(static fn () => $two->counting(70, false)));
    }

    public function test_what_is_not_whole_or_cannot_be_read_is_refused(): void
    {
        $dark = static fn (): Reading => Reading::of(Pixels::of(200, 200, str_repeat("\x10", 3 * 200 * 200)));
        foreach ([
            'no grain of rice' => $dark, '20 × 400' => static fn () => Pixels::of(20, 400, ''),
            'it is no picture' => static fn () => Pixels::of(200, 200, 'short'),
            'only 3 grains' => fn () => Reading::of($this->pixels(self::laidOut(3), 0.4)),
        ] as $why => $broken) {
            self::assertStringContainsString($why, Sample::refused($broken));
        }
    }

    public function test_as_evidence_it_weighs_by_its_own_noise_and_no_heart_is_done_or_raw(): void
    {
        $soak = Soak::of(30, 20);
        $boil = Boil::of(
            CookingFront::of(RiceKind::AgedBasmati, $soak), Boil::soaked(Mass::grams(500), RiceKind::AgedBasmati,
                $soak),
            Mass::grams(3500), 1500, 98, 20,
        );
        $uptake = Uptake::of(RiceKind::AgedBasmati, $soak);
        $seconds = $boil->secondsTo(0.6, 1.0);
        $wide = static function (float $sd) use ($boil, $uptake, $seconds): float {
            $likelihood = Observation::glass($seconds, 'x', 0.6, $sd, true)->likelihood($boil, $uptake);

            return array_sum($likelihood) / self::ends($likelihood)[1];
        };
        self::assertGreaterThan(1.5 * $wide(0.02), $wide(0.06));

        $none = static fn (float $at): array => Observation::glass($at, 'x', 0.975, 0.04, false)->likelihood($boil,
            $uptake);
        $late = $none($boil->secondsTo(0.95, 1.0));
        self::assertGreaterThan(5 * $late[80], $late[30], 'late in the boil fast rice has none, slow rice has');
        $early = $none(20.0);
        self::assertGreaterThan(0.5, $early[50] / self::ends($early)[1],
            'at once it is raw: that tells nothing against the usual bag');
    }

    /**
     * @param  list<float>  $values
     * @return array{float, float} the least and the most
     */
    private static function ends(array $values): array
    {
        sort($values);

        return [$values[0] ?? 0.0, $values[count($values) - 1] ?? 0.0];
    }

    /**
     * Grains side by side, none touching.
     *
     * @return list<array{float, float, float}> middle and turn
     */
    private static function laidOut(int $grains): array
    {
        $laid = [];
        for ($one = 0; $one < $grains; $one++) {
            // No two lie alike on the grid of pixels.
            $laid[] = [70 + 110 * ($one % 4) + fmod(0.37 * $one, 1), 60 + 70 * intdiv($one, 4) + fmod(0.61 * $one, 1),
                0.0];
        }

        return $laid;
    }

    /**
     * @param  list<array{float, float, float}>  $grains
     * @param  float  $share of each section that is heart
     * @param  (callable(float, int, int): float)|null  $light of a value at a place across, in a channel
     */
    private function pixels(array $grains, float $share, ?callable $light = null): Pixels
    {
        $value = array_fill(0, self::WIDTH * self::HEIGHT, (float) self::GROUND);
        [$long, $wide] = self::GRAIN;
        foreach ($grains as [$midX, $midY, $turn]) {
            $reach = (int) ceil($long / 2) + 2;
            for ($y = (int) $midY - $reach; $y <= $midY + $reach; $y++) {
                for ($x = (int) $midX - $reach; $x <= $midX + $reach; $x++) {
                    $along = ($x - $midX) * cos($turn) + ($y - $midY) * sin($turn);
                    $across = abs(($y - $midY) * cos($turn) - ($x - $midX) * sin($turn));
                    $half = $wide / 2 * sqrt(max(0.0, 1 - abs(2 * $along / $long) ** 4));
                    if ($x >= 0 && $y >= 0 && $x < self::WIDTH && $y < self::HEIGHT && $across < $half) {
                        // The pixel on the heart's edge is white in part.
                        $white = $share > 0 ? max(0.0, min(1.0, $share * $half - $across + 0.5)) : 0.0;
                        $value[$y * self::WIDTH + $x] = self::RIM + $white * (self::WHITE - self::RIM);
                    }
                }
            }
        }
        $rgb = '';
        foreach ($value as $at => $one) {
            for ($channel = 0; $channel < 3; $channel++) {
                $rgb .= chr(max(0, min(255, (int) round($light === null ? $one : $light($one, $at % self::WIDTH,
                    $channel)))));
            }
        }

        return Pixels::of(self::WIDTH, self::HEIGHT, $rgb);
    }
}

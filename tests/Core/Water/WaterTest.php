<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use LogicException;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Rice\RiceKind;
use Orbek\Core\Rice\Soak;
use Orbek\Core\Water\BoilingPoint;
use Orbek\Core\Water\SaltKept;
use Orbek\Core\Water\Taste;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class WaterTest extends TestCase
{
    public function test_water_boils_at_95_degrees_at_1500_metres(): void
    {
        self::assertEqualsWithDelta(100.0, BoilingPoint::at(0), 0.05);
        self::assertEqualsWithDelta(95.0, BoilingPoint::at(1500), 0.1);
        self::assertEqualsWithDelta(97.9, BoilingPoint::at(640), 0.05);
    }

    public function test_no_kitchen_is_higher_than_the_highest_town(): void
    {
        $this->expectException(LogicException::class);
        BoilingPoint::at(9000);
    }

    /** Boiling points of water in the standard atmosphere, from the steam tables. */
    #[TestWith([-430.0, 101.4])]
    #[TestWith([1000.0, 96.7])]
    #[TestWith([2500.0, 91.7])]
    #[TestWith([5500.0, 81.7])]
    public function test_it_boils_as_the_tables_say_and_a_boil_tells_how_high(float $altitude, float $celsius): void
    {
        self::assertEqualsWithDelta($celsius, BoilingPoint::at($altitude), 0.25);
        self::assertEqualsWithDelta($altitude, BoilingPoint::altitudeOf(BoilingPoint::at($altitude)), 0.1);
    }

    public function test_a_boil_past_all_heights_is_the_nearest(): void
    {
        self::assertSame(-430.0, BoilingPoint::altitudeOf(103));
        self::assertSame(5500.0, BoilingPoint::altitudeOf(78));
        foreach ([-430.1, 5500.1] as $nowhere) {
            try {
                BoilingPoint::at($nowhere);
                self::fail("{$nowhere} m was taken");
            } catch (LogicException $wrong) {
                self::assertStringContainsString('altitude', $wrong->getMessage());
            }
        }
    }

    /** By hand: 1 kg, fully soaked with 10 g/L, done in 20 g/L. */
    public function test_a_rinse_takes_most_of_the_surface_and_a_tenth_of_the_rest(): void
    {
        $kept = SaltKept::in(Mass::grams(1000), RiceKind::AgedBasmati, Soak::of(2000, 20, 10), 1.0, 20, true);
        $inside = 20 * (2.65 - 1.28) * 0.85;
        $surface = 20 * 0.11 * 0.85;
        $soak = 10 * 0.28 * 0.85;

        self::assertEqualsWithDelta($soak, $kept->soakG, 1e-6);
        self::assertEqualsWithDelta($inside + $surface, $kept->boilG, 1e-6);
        self::assertEqualsWithDelta(0.85 * $surface + 0.10 * ($inside + $soak), $kept->rinsedOffG, 1e-6);
        $twice = $kept->plus($kept);
        self::assertEqualsWithDelta(2 * $kept->grams(), $twice->grams(), 1e-9);
        foreach (['soakG', 'boilG', 'rinsedOffG', 'keptWaterL'] as $share) {
            self::assertEqualsWithDelta(2 * $kept->$share, $twice->$share, 1e-9);
        }
    }

    public function test_each_taste_begins_at_its_edge(): void
    {
        self::assertSame(
            [Taste::Flat, Taste::Mild, Taste::Mild, Taste::Usual, Taste::Usual, Taste::Full, Taste::Full, Taste::Salty],
            array_map(Taste::of(...), [0.599, 0.6, 0.699, 0.7, 1.0, 1.001, 1.2, 1.201]),
        );
        self::assertSame(
            [0.5, 0.65, 0.85, 1.1, 1.3], array_map(static fn (Taste $taste): float => $taste->percent(), Taste::cases()),
        );
    }

    public function test_the_example_of_kept_salt(): void
    {
        // 500 g aged, 30 min plain soak, 70 % done, 17 g/L, 0.06 kg of surface water: 8.1 g.
        $kept = SaltKept::in(Mass::grams(500), RiceKind::AgedBasmati, Soak::of(30, 20), 0.70, 17, false, 0.12);

        self::assertEqualsWithDelta(8.1, $kept->grams(), 0.08);
        self::assertEqualsWithDelta(0.558, $kept->keptWaterL, 0.001);
    }

    public function test_tastes_are_bands_of_the_whole_dish(): void
    {
        self::assertSame(
            [Taste::Flat, Taste::Mild, Taste::Usual, Taste::Usual, Taste::Full, Taste::Salty],
            array_map(Taste::of(...), [0.5, 0.65, 0.7, 1.0, 1.2, 1.25]),
        );
        foreach (Taste::cases() as $taste) {
            self::assertSame($taste, Taste::of($taste->percent()), $taste->value);
        }
    }

    public function test_salt_is_neither_made_nor_lost(): void
    {
        foreach ([[0.2, 0.0], [0.7, 15.0], [1.0, 40.0]] as [$doneness, $soakSalt]) {
            $soak = Soak::of(120, 20, $soakSalt);
            $plain = SaltKept::in(Mass::grams(800), RiceKind::Persian, $soak, $doneness, 17, false);
            $rinsed = SaltKept::in(Mass::grams(800), RiceKind::Persian, $soak, $doneness, 17, true);

            self::assertEqualsWithDelta($plain->grams(), $rinsed->grams() + $rinsed->rinsedOffG, 1e-9);
            self::assertGreaterThan(0, $rinsed->grams());
            self::assertLessThan($plain->grams(), $rinsed->grams());
            self::assertLessThanOrEqual(17 * $plain->keptWaterL + $soakSalt * 0.8 * 0.28, $plain->grams());
        }
        self::assertSame(
            0.0,
            SaltKept::in(Mass::grams(800), RiceKind::Persian, Soak::of(30, 20), 0.7, 0, false)->grams(),
        );
    }
}

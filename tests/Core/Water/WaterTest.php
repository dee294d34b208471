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

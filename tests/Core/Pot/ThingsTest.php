<?php

declare(strict_types=1);

namespace Tests\Core\Pot;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\BaseKind;
use Orbek\Core\Pot\Cooker;
use Orbek\Core\Pot\Knob;
use Orbek\Core\Pot\Oven;
use Orbek\Core\Pot\Plate;
use Orbek\Core\Pot\Pot;
use Orbek\Core\Pot\PotMaterial;
use Orbek\Core\Pot\Ring;
use Orbek\Core\Pot\RingKind;
use Orbek\Core\Pot\Seal;
use Orbek\Core\Pot\Standing;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Pots, rings, plates and seals by their figures (docs/model.md, sections A, E and F), at the edges of what can be. */
final class ThingsTest extends TestCase
{
    public function test_a_pot_is_reckoned_from_one_of_24_cm(): void
    {
        $pot = self::pot(['diameter_cm' => 24, 'litres' => 5]);
        self::assertEqualsWithDelta(452.39, $pot->baseCm2(), 0.01);
        self::assertEqualsWithDelta(11.052, $pot->heightCm(), 1e-3);
        self::assertEqualsWithDelta(650.0, $pot->baseJPerK(), 1e-6);
        self::assertEqualsWithDelta(2.2, $pot->liddedLossWPerK(), 1e-9);
        self::assertEqualsWithDelta(316.67, $pot->openLossW(), 0.01);
        self::assertEqualsWithDelta(2.738, $pot->usableLitres(), 1e-3);
        $wide = self::pot(['diameter_cm' => 48, 'litres' => 20]);
        self::assertEqualsWithDelta(4 * 650.0, $wide->baseJPerK(), 1e-6);
        self::assertEqualsWithDelta(8.8, $wide->liddedLossWPerK(), 1e-9);
        // Lower than the free height: next to nothing goes in.
        self::assertEqualsWithDelta(0.0452, self::pot(['diameter_cm' => 24, 'litres' => 2])->usableLitres(), 1e-4);
    }

    public function test_a_pot_is_neither_lower_nor_higher_than_pots_are(): void
    {
        foreach ([[24, 1.37, true], [24, 1.35, false], [30, 42.3, true], [30, 42.5, false]] as [$cm, $litres, $can]) {
            self::assertSame($can, self::canBe(static fn () => self::pot(['diameter_cm' => $cm, 'litres' => $litres])));
        }
        foreach (['diameter_cm' => [9.9, 60.1], 'litres' => [0.4, 60.1], 'handles' => [0, 3]] as $field => $wrong) {
            foreach ($wrong as $value) {
                self::assertFalse(self::canBe(static fn () => self::pot([$field => $value])), "{$field} {$value}");
            }
        }
    }

    public function test_what_a_pot_is_made_of_says_how_it_holds_heat(): void
    {
        $told = [];
        foreach (PotMaterial::cases() as $one) {
            $told[$one->value] = [
                $one->baseHeat(), $one->wallMm(), $one->wantsPlate(), $one->isMagnetic(), $one->letsGo()->value,
            ];
        }
        self::assertSame([
            'steel' => [1.0, 2.5, false, true, 'after-rest-or-cold-water'],
            'cast-iron' => [1.9, 4.5, false, true, 'after-rest'],
            'aluminium' => [0.9, 3.0, false, false, 'after-rest-or-cold-water'],
            'coated' => [0.9, 3.0, false, false, 'at-once'], 'enamel' => [0.73, 2.0, false, true, 'after-rest'],
            'copper' => [0.7, 2.0, false, false, 'after-rest-or-cold-water'],
            'clay' => [1.05, 8.0, true, false, 'after-rest'], 'glass' => [0.75, 5.0, true, false, 'after-rest'],
        ], $told);
    }

    public function test_a_ring_gives_what_its_kind_lets_reach_the_pot(): void
    {
        $told = [];
        foreach (RingKind::cases() as $one) {
            $told[$one->value] = [
                $one->efficiency(), $one->least(), $one->priorSd(), $one->mostW(), round($one->acrossCm(1500), 2),
                $one->isFlame(),
            ];
        }
        self::assertSame([
            'gas' => [0.5, 0.22, 0.2, 15000.0, 14.0, true], 'coil' => [0.65, 0.0, 0.12, 3500.0, 16.5, false],
            'ceramic' => [0.68, 0.0, 0.12, 3500.0, 16.5, false],
            'induction' => [0.84, 0.1, 0.12, 5500.0, 16.5, false], 'camping' => [0.45, 0.22, 0.2, 2500.0, 14.0, true],
        ], $told);
        self::assertSame(['gas' => 8.0, 'coil' => 9.0], [
            'gas' => RingKind::Gas->acrossCm(0), 'coil' => RingKind::Coil->acrossCm(0),
        ]);
        $ring = self::ring(['watts' => 2000]);
        self::assertEqualsWithDelta(1000.0, $ring->netW(), 1e-9);
        self::assertEqualsWithDelta(540.0, $ring->throughPlate()->netW(), 1e-9, 'of a flame a part goes past');
        self::assertEqualsWithDelta(
            0.75, self::ring(['kind' => 'coil'])->throughPlate()->netW() / self::ring(['kind' => 'coil'])->netW(), 1e-9,
        );
        self::assertSame('the ring, 2.0 kW', $ring->label());
        self::assertSame([16.0, 40.0], [$ring->acrossCm, self::ring(['watts' => 15000])->acrossCm]);
        foreach ([[199, false], [200, true], [15000, true], [15001, false]] as [$watts, $can]) {
            self::assertSame($can, self::canBe(static fn () => self::ring(['watts' => $watts])), "{$watts} W");
        }
        foreach ([[3.9, false], [4, true], [40, true], [40.1, false]] as [$cm, $can]) {
            self::assertSame($can, self::canBe(static fn () => self::ring(['across_cm' => $cm])), "{$cm} cm");
        }
    }

    public function test_a_pot_stands_well_between_its_ring_and_twice_its_ring(): void
    {
        $says = static fn (float $cm, array $ring, array $pot = []): array => array_column(
            Standing::of(self::pot(['diameter_cm' => $cm, 'litres' => 6] + $pot), self::ring($ring)), 'value',
        );
        $flame = ['across_cm' => 14];
        self::assertSame(['wastes-heat'], $says(13.9, $flame));
        self::assertSame([], $says(14, $flame));
        self::assertSame([], $says(28, $flame));
        self::assertSame(['heats-its-middle'], $says(28.1, $flame));
        $field = ['kind' => 'induction', 'across_cm' => 20];
        self::assertSame([], $says(30, $field));
        self::assertSame(['heats-its-middle'], $says(30.1, $field));
        self::assertSame(['not-found'], $says(24, $field, ['material' => 'copper']));
        self::assertSame(['cracks-without-plate'], $says(20, $flame, ['material' => 'clay']));
        self::assertSame([], $says(20, ['kind' => 'ceramic', 'across_cm' => 16], ['material' => 'clay']));
        $wants = static fn (string $material, array $ring): bool => Standing::wantsPlate(
            self::pot(['material' => $material]), self::ring($ring),
        );
        self::assertSame([true, false, true], [
            $wants('glass', $flame), $wants('steel', $flame), $wants('copper', $field),
        ]);
        $reaches = static fn (float $cm, array $ring): bool => Standing::flameReachesCloth(
            self::pot(['diameter_cm' => $cm, 'litres' => 6]), self::ring($ring),
        );
        self::assertSame([true, false, false], [
            $reaches(17.9, $flame), $reaches(18, $flame), $reaches(17.9, $field),
        ]);
    }

    public function test_a_seal_lets_out_takes_up_and_is_measured(): void
    {
        $told = [];
        foreach (Sample::craft()->seals->all as $one) {
            $told[$one->id] = [$one->leakShare, $one->clothTakes, $one->clothHoldsKg];
        }
        self::assertSame([
            'dough' => [0.05, 0.0, 0.0], 'foil-dough' => [0.03, 0.0, 0.0], 'dough-sheet' => [0.07, 0.0, 0.0],
            'foil' => [0.12, 0.0, 0.0], 'cloth' => [0.2, 0.7, 0.2],
            'cloth-later' => [0.2, 0.7, 0.2], 'damp-cloth' => [0.15, 0.2, 0.06],
            'paper' => [0.25, 0.35, 0.03], 'tight-lid' => [0.4, 0.0, 0.0], 'loose-lid' => [0.6, 0.0, 0.0],
            'vented-lid' => [0.8, 0.0, 0.0],
        ], $told);
        // Dough of 1.24 g a cm³, 1.5 cm thick.
        self::assertEqualsWithDelta(M_PI * 0.75 ** 2 * 1.24, Seal::DOUGH_G_PER_CM, 0.02);
        self::assertEqualsWithDelta(81.68, (float) Sample::seal('dough')->doughRopeCm(24), 0.01);
        self::assertNull(Sample::seal('foil')->doughRopeCm(24));
        self::assertEqualsWithDelta(350.6, (float) Sample::seal('dough-sheet')->doughSheetG(24), 0.1);
        self::assertNull(Sample::seal('dough')->doughSheetG(24));
        foreach (['leaks' => [0.95, 0.96], 'drips_taken' => [1, 1.01], 'holds_g' => [1000, 1001]] as $field => $edge) {
            foreach ($edge as $past => $value) {
                self::assertSame($past === 0, self::canBe(static fn () => Seal::fromFields(Fields::of(
                    [$field => $value] + ['id' => 'wool', 'name' => 'a woollen lid', 'leaks' => 0.3],
                ))), "{$field} {$value}");
            }
        }
    }

    public function test_a_knob_has_marks_in_order_and_steps_where_it_has_none(): void
    {
        $knob = static fn (array $marks, float $least = 0.22): Knob => Knob::fromFields(Fields::of([
            'least' => $least, 'marks' => array_map(
                static fn (int $one): array => ['mark' => "at {$one}", 'share' => $one / 100], $marks,
            ),
        ]), $least);
        self::assertSame(0.25, $knob([25, 60])->lowest());
        self::assertSame([0.25, 0.6], $knob([25, 60])->shares());
        self::assertSame('at 25', $knob([25, 60])->mark(0.2549)?->name);
        self::assertNull($knob([25, 60])->mark(0.2551));
        self::assertSame('at 60', $knob([25, 60])->named(' AT 60 ')?->name);
        self::assertTrue(self::canBe(static fn () => $knob([22, 60])));
        self::assertTrue(self::canBe(static fn () => $knob([30, 60], 0.1 + 0.2)), 'as little as the least, by a hair');
        self::assertFalse(self::canBe(static fn () => $knob([21, 60])), 'less than it gives without going out');
        self::assertFalse(self::canBe(static fn () => $knob([25])), 'one mark is none');
        self::assertFalse(self::canBe(static fn () => $knob([60, 60])), 'out of order');
        self::assertTrue(self::canBe(static fn () => $knob([60, 100], 0.6)));
        self::assertFalse(self::canBe(static fn () => $knob([70, 100], 0.61)));
        $plain = Knob::plain(0.22);
        self::assertSame([0.22, 0.25], [$plain->lowest(), $plain->shares()[0]]);
        self::assertSame(1.0, array_slice($plain->shares(), -1)[0]);
        // By factors: 0.3 lies nearer to 0.2 than to 0.5, and nothing at all is as little as can be set.
        self::assertSame([0.2, 0.5], [$knob([20, 50], 0.2)->nearest(0.3), $knob([20, 50], 0.2)->nearest(0.33)]);
        self::assertSame(0.2, $knob([20, 50], 0.2)->nearest(0.0));
        self::assertFalse(self::canBe(static fn () => $knob([1, 50], 0.01)), 'a mark of next to nothing');
        self::assertTrue(self::canBe(static fn () => $knob([2, 50], 0.02)));
        self::assertSame(
            [['mark' => 'pearl', 'share' => 0.25], ['mark' => 'full', 'share' => 1.0]],
            Knob::readMarks('pearl 25, full: 100 %,', 'marks', 0.2),
        );
        self::assertSame('pearl 25, full 100', Knob::fromFields(Fields::of([
            'least' => 0.2, 'marks' => Knob::readMarks('pearl 25, full 100', 'marks', 0.2),
        ]), 0.2)->written());
    }

    public function test_a_cookers_scale_goes_straight_between_its_lines(): void
    {
        $cooker = static fn (array $lines, array $more = []): Cooker => Cooker::fromFields(Fields::of(
            $more + ['watts' => 500, 'lines' => $lines],
        ));
        $scale = $cooker([['cups' => 2, 'line' => 3.0], ['cups' => 4, 'line' => 5.0]]);
        self::assertEqualsWithDelta(
            [1.5, 3.0, 4.0, 5.0, 7.5], array_map($scale->line(...), [1.0, 2.0, 3.0, 4.0, 6.0]), 1e-9,
        );
        self::assertSame(3.0, $cooker([])->line(3.0));
        self::assertSame(
            [['cups' => 2, 'line' => 3.0], ['cups' => 4, 'line' => 5.5]],
            Cooker::readLines('2 cups: 3, 4 5.5, ', 'lines'), 'a comma more says nothing more',
        );
        self::assertStringContainsString('two 3', Sample::refused(static fn () => Cooker::readLines('two 3', 'lines')));
        self::assertFalse(self::canBe(static fn () => $cooker([['cups' => 2, 'line' => 3], ['cups' => 4, 'line' => 3]])));
        foreach ([['watts', 100, 5000], ['cup_ml', 50, 400]] as [$field, $least, $most]) {
            foreach ([[$least - 1, false], [$least, true], [$most, true], [$most + 1, false]] as [$value, $can]) {
                self::assertSame($can, self::canBe(static fn () => $cooker([], [$field => $value])));
            }
        }
        foreach ([[0.4, false], [0.5, true], [40, true], [40.5, false]] as [$line, $can]) {
            self::assertSame($can, self::canBe(static fn () => $cooker([['cups' => 2, 'line' => $line]])));
        }
        foreach ([[0, false], [30, true], [31, false]] as [$cups, $can]) {
            self::assertSame($can, self::canBe(static fn () => $cooker([['cups' => $cups, 'line' => 4]])));
        }
    }

    public function test_plates_ovens_and_bases_are_what_they_can_be(): void
    {
        self::assertSame([1.3, 1.3], [
            Plate::usual()->kg, Plate::fromFields(Fields::of(['id' => 'tava', 'name' => 'tava']))->kg,
        ]);
        $plate = static fn (float $kg): Plate => Plate::fromFields(Fields::of(['id' => 'a', 'name' => 'a', 'kg' => $kg]));
        foreach ([[0.09, false], [0.1, true], [10, true], [10.1, false]] as [$kg, $can]) {
            self::assertSame($can, self::canBe(static fn () => $plate($kg)), "{$kg} kg");
        }
        $oven = static fn (array $of): Oven => Oven::fromFields(Fields::of(['name' => 'oven'] + $of));
        self::assertSame([50.0, 250.0], [$oven([])->leastC, $oven([])->mostC]);
        foreach ([['least_c', 29, 30, 200, 201], ['most_c', 79, 80, 300, 301]] as [$field, $low, $least, $most, $high]) {
            foreach ([[$low, false], [$least, true], [$most, true], [$high, false]] as [$value, $can]) {
                self::assertSame($can, self::canBe(static fn () => $oven([$field => $value])), "{$field} {$value}");
            }
        }
        self::assertFalse(self::canBe(static fn () => $oven(['least_c' => 120, 'most_c' => 110])));
        $row = ['id' => 'a', 'name' => 'a', 'browns' => 1, 'water_share' => 0.4, 'kg_per_l' => 0.8, 'aisle' => 'bakery'];
        self::assertTrue(BaseKind::fromFields(Fields::of($row))->isBaked);
        self::assertFalse(BaseKind::fromFields(Fields::of(['aisle' => 'greens'] + $row))->isBaked);
        foreach ([
            ['browns', 0.1, 4.0], ['water_share', 0.0, 1.0], ['kg_per_l', 0.1, 1.5], ['g_per_cm2', 0.0, 3.0],
            ['yogurt_share', 0.0, 2.0], ['slice_cm2', 0.0, 400.0],
        ] as [$field, $least, $most]) {
            foreach ([[$least - 0.01, false], [$least, true], [$most, true], [$most * 1.01, false]] as [$value, $can]) {
                self::assertSame(
                    $can, self::canBe(static fn () => BaseKind::fromFields(Fields::of([$field => $value] + $row))),
                    "{$field} {$value}",
                );
            }
        }
        foreach ([[30, true], [30.5, false]] as [$to, $can]) {
            $strong = ['strong_min' => ['from' => 1, 'to' => $to]];
            self::assertSame($can, self::canBe(static fn () => BaseKind::fromFields(Fields::of($strong + $row))));
        }
        foreach ([[0.05, true], [0.04, false], [4, true], [4.1, false]] as [$yield, $can]) {
            $bought = ['bought' => ['name' => 'a', 'yield' => $yield]];
            self::assertSame($can, self::canBe(static fn () => BaseKind::fromFields(Fields::of($bought + $row))));
        }
    }

    /** @param  array<string, mixed>  $changes */
    private static function pot(array $changes = []): Pot
    {
        return Pot::fromFields(Fields::of(
            $changes + ['id' => 'pot', 'name' => 'the pot', 'material' => 'steel', 'diameter_cm' => 24, 'litres' => 5],
        ));
    }

    /** @param  array<string, mixed>  $changes */
    private static function ring(array $changes = []): Ring
    {
        return Ring::fromFields(Fields::of(
            $changes + ['id' => 'ring', 'name' => 'the ring', 'kind' => 'gas', 'watts' => 2000],
        ));
    }

    /** @param  callable(): object  $made */
    private static function canBe(callable $made): bool
    {
        try {
            $made();
        } catch (Refused $wrong) {
            self::assertNotSame('', Sample::wording()->refusal($wrong));

            return false;
        }

        return true;
    }
}

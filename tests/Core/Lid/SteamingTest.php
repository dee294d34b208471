<?php

declare(strict_types=1);

namespace Tests\Core\Lid;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\HeatBlock;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\OutOfRange;
use Orbek\Core\Pot\Matter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Under the lid: the worked cases, what must close, and what must hold of any pot. */
final class SteamingTest extends TestCase
{
    private const BAND = 0.15;

    /** Reference values are given rounded: to whole grams, degrees and minutes past ten. */
    private const ROUNDED = 0.5;

    /**
     * Steam at the lid in min, browning, colour, leak, cloth, rice (doneness, uptake by layer), filling (core, tenderness).
     *
     * @return iterable<string, array{string, ?float, ?float, string, float, float, list<array{float, float}>, ?array{float, float}}>
     */
    public static function cases(): iterable
    {
        yield 'potato crust, cloth' => ['potato-crust-cloth', 7.8, 0.67, 'golden', 27, 35, [[1.00, 2.34]], null];
        yield 'potato crust, big burner' => ['potato-crust-big-burner', 7.1, 1.02, 'golden', 34, 33, [[1.00, 2.33]], null];
        yield 'potato crust, diffuser' => ['potato-crust-diffuser', 6.0, 0.39, 'straw', 19, 15, [[1.00, 2.75]], null];
        yield 'raw chicken, plate' => ['raw-chicken-plate', null, 0.02, 'pale', 0, 0, [[1.00, 2.49]], [92, 1.1]];
        yield 'raw mutton, two-stage' => ['raw-mutton-two-stage', 20, 0.37, 'straw', 43, 0, [[1.00, 2.54], [1.00, 2.19]], [100, 1.4]];
        yield 'two hours on the plate' => ['two-hours-on-plate', 55, 0.59, 'golden', 4, 0, [[1.00, 2.63]], [100, 3.3]];
        yield 'full power burns' => ['full-power-burns', 4.9, null, 'burnt', 163, 25, [[1.00, 2.18]], null];
        yield 'low only is pale' => ['low-only-is-pale', null, 0.00, 'pale', 0, 0, [[0.68, 2.28]], null];
    }

    /**
     * @param  list<array{float, float}>  $rice
     * @param  ?array{float, float}  $filling
     */
    #[DataProvider('cases')]
    public function test_the_worked_cases_come_out(string $case, ?float $steamAt, ?float $browning, string $colour, float $leak, float $cloth, array $rice, ?array $filling): void
    {
        $course = Course::of(...self::case($case), stepS: 2.0);
        $end = $course->end();

        if ($steamAt === null) {
            self::assertNull($course->steamAtLidMin);
        } else {
            self::assertEqualsWithDelta($steamAt, $course->steamAtLidMin ?? INF, self::BAND * $steamAt);
        }
        if ($browning === null) {
            self::assertGreaterThan(100, $end->browning);
        } else {
            self::assertEqualsWithDelta($browning, $end->browning, self::BAND * $browning + 0.005);
        }
        self::assertSame($colour, $end->colour()->value);
        self::assertEqualsWithDelta($leak, $end->leakG, self::BAND * $leak + self::ROUNDED);
        self::assertEqualsWithDelta($cloth, $end->clothG, self::BAND * $cloth + self::ROUNDED);
        foreach ($course->riceLayers() as $index => $layer) {
            self::assertEqualsWithDelta($rice[$index][0], $layer->doneness, 0.02);
            self::assertEqualsWithDelta($rice[$index][1], $layer->uptake, 0.03 * $rice[$index][1]);
        }
        if ($filling !== null) {
            self::assertSame(Matter::Filling, $end->layers[0]->matter);
            self::assertEqualsWithDelta($filling[0], $end->layers[0]->coreC, 3.0);
            self::assertEqualsWithDelta($filling[1], $end->layers[0]->tenderness, self::BAND * $filling[1]);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach (self::cases() as $name => [$case]) {
            yield $name => [$case];
        }
    }

    #[DataProvider('names')]
    public function test_water_and_energy_close_and_half_the_step_changes_nothing(string $case): void
    {
        [$pot, $heat] = self::case($case);
        $course = Course::of($pot, $heat, 2.0);
        self::assertEqualsWithDelta(0.0, $course->waterOffG, 0.1);
        self::assertEqualsWithDelta(0.0, $course->energyOff, 0.005);

        $half = Course::of($pot, $heat, 1.0);
        $close = static fn (float $a, float $b, string $what) => self::assertEqualsWithDelta($b, $a, 0.02 * abs($b) + 0.1, $what);
        $close($course->steamAtLidMin ?? 0.0, $half->steamAtLidMin ?? 0.0, 'steam');
        self::assertEqualsWithDelta($half->end()->browning, $course->end()->browning, 0.02 * $half->end()->browning + 1e-4);
        $close($course->end()->leakG, $half->end()->leakG, 'leak');
        $close($course->end()->clothG, $half->end()->clothG, 'cloth');
        foreach ($half->end()->layers as $index => $layer) {
            self::assertEqualsWithDelta($layer->doneness, $course->end()->layers[$index]->doneness, 0.02 * $layer->doneness);
            self::assertEqualsWithDelta($layer->uptake, $course->end()->layers[$index]->uptake, 0.02 * $layer->uptake);
            self::assertEqualsWithDelta($layer->coreC, $course->end()->layers[$index]->coreC, 0.02 * $layer->coreC);
        }
    }

    public function test_more_heat_never_browns_less(): void
    {
        foreach (self::pots(30) as $which => [$document, $heat]) {
            $before = -1.0;
            foreach ([0.6, 0.8, 1.0, 1.3] as $factor) {
                $document['burner'] = ['kind' => 'gas', 'watts' => 2400, 'factor' => $factor];
                $browning = Course::of(self::read($document)[0], $heat)->end()->browning;
                self::assertGreaterThanOrEqual($before - 1e-9, $browning, "pot {$which} at {$factor}");
                $before = $browning;
            }
        }
    }

    public function test_a_tighter_seal_never_leaves_the_rice_drier(): void
    {
        foreach (self::pots(30) as $which => [$document, $heat]) {
            $before = -1.0;
            foreach (['loose-lid', 'tight-lid', 'foil', 'dough'] as $seal) {
                $document['seal'] = $seal;
                $water = 0.0;
                foreach (Course::of(self::read($document)[0], $heat)->riceLayers() as $layer) {
                    $water += $layer->uptake;
                }
                self::assertGreaterThanOrEqual($before - 1e-6, $water, "pot {$which} under {$seal}");
                $before = $water;
            }
        }
    }

    /** Of rice that holds water enough: dry rice waits for the steam's, of which a cold pot condenses more. */
    public function test_a_colder_start_never_finishes_earlier(): void
    {
        foreach (self::pots(30) as $which => [$document, $heat]) {
            $before = 0.0;
            foreach ($document['layers'] as $index => $layer) {
                if ($layer['matter'] === 'rice') {
                    $document['layers'][$index]['added_liquid_g'] = 0.4 * $layer['raw_g'];
                }
            }
            foreach ([0, -15, -30] as $colder) {
                $cold = $document;
                foreach ($cold['layers'] as $index => $layer) {
                    $cold['layers'][$index]['temperature_c'] = max(5, $layer['temperature_c'] + $colder);
                }
                $finished = Course::of(self::read($cold)[0], $heat)->firstMinute(static function ($moment): bool {
                    foreach ($moment->layers as $layer) {
                        if ($layer->doneness < 0.98 || ($layer->matter === Matter::Filling && $layer->coreC < 74)) {
                            return false;
                        }
                    }

                    return true;
                }) ?? INF;
                self::assertGreaterThanOrEqual($before, $finished, "pot {$which}, {$colder} °C");
                $before = $finished;
            }
        }
    }

    public function test_an_oven_warms_from_all_sides_and_closes_too(): void
    {
        [$pot] = self::case('two-hours-on-plate');
        $course = Course::of($pot, [new HeatBlock(90, 0, false, null, 0, 105)]);

        self::assertGreaterThan($course->moments[0]->topC, $course->end()->topC);
        self::assertEqualsWithDelta(0.0, $course->energyOff, 0.005);
        self::assertLessThan(0.5, $course->end()->browning, 'an oven at 105 °C gives no crust');
    }

    public function test_texture_is_read_from_uptake_free_water_and_heart(): void
    {
        self::assertSame(
            ['hard', 'firm', 'tender', 'soft', 'wet', 'wet', 'hard'],
            array_map(static fn (array $rice): string => Texture::of(...$rice)->value, [[2.0, 0], [2.2, 0], [2.5, 0.02], [2.7, 0.05], [3.0, 0], [2.5, 0.2], [2.5, 0, 0.7]]),
        );
    }

    /**
     * @param  array<string, mixed>  $change
     */
    #[DataProvider('bad')]
    public function test_what_cannot_be_is_refused_by_name(array $change, string $says): void
    {
        $document = self::json('potato-crust-cloth');
        $this->expectException(OutOfRange::class);
        $this->expectExceptionMessageMatches($says);
        self::read($change + $document);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        $pot = ['diameter_cm' => 24, 'height_cm' => 14];
        yield 'no heat' => [['heat' => []], '/^heat: 0 stretches of heat/'];
        yield 'heat of no minutes' => [['heat' => [['minutes' => 0, 'setting' => 0.5]]], '#^heat/0/minutes: 0 is out of range; give 0.5 to 240 min#'];
        yield '20 hours' => [['heat' => array_fill(0, 6, ['minutes' => 200, 'setting' => 0.2])], '/^heat: 1200 is out of range; give 0.5 to 720 min in all/'];
        yield 'setting of 400 %' => [['heat' => [['minutes' => 10, 'setting' => 4]]], '#^heat/0/setting: 4 is out of range; give 0 to 1#'];
        yield 'pot of 2 cm' => [['pot' => ['diameter_cm' => 2] + $pot], '#^pot/diameter_cm: 2 is out of range#'];
        yield 'layers higher than the pot' => [['pot' => ['height_cm' => 4] + $pot, 'layers' => [['matter' => 'rice', 'rice' => 'persian', 'raw_g' => 2000, 'doneness' => 0.6, 'soak_min' => 30, 'temperature_c' => 60]]], '/^layers: they stand .* cm high in a pot of 4.0 cm; give less/'];
        yield 'no seal' => [['seal' => null], '/^seal: is missing; give one of dough/'];
    }

    /**
     * Seeded random pots with a heat line each.
     *
     * @return list<array{array<string, mixed>, non-empty-list<HeatBlock>}>
     */
    private static function pots(int $count): array
    {
        $random = new Randomizer(new Mt19937(20261125));
        $between = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 1_000_000) / 1e6;
        $coin = static fn (): bool => $between(0, 1) > 0.5;
        $pots = [];
        for ($i = 0; $i < $count; $i++) {
            $rice = static fn (): array => ['matter' => 'rice', 'rice' => ['aged-basmati', 'persian', 'sella-basmati'][$random->getInt(0, 2)], 'raw_g' => $between(150, 350), 'doneness' => $between(0.3, 0.8), 'soak_min' => $between(0, 120), 'temperature_c' => $between(50, 85)];
            $layers = $coin()
                ? [['matter' => 'crust', 'kind' => ['rice', 'potato', 'flat-bread'][$random->getInt(0, 2)], 'mass_g' => $between(120, 300), 'water_share' => $between(0.4, 0.7), 'fat_g' => $between(10, 50), 'temperature_c' => 60], $rice(), $rice()]
                : [['matter' => 'filling', 'kind' => ['chicken-thigh', 'lamb-cubes', 'tender-vegetables'][$random->getInt(0, 2)], 'mass_g' => $between(500, 1200), 'raw' => $coin(), 'free_water_share' => $between(0.05, 0.25), 'temperature_c' => $between(35, 80), 'half_thickness_mm' => $between(8, 20), 'tenderness' => 0], $rice(), $rice()];
            $pots[] = [
                ['pot' => ['diameter_cm' => 24, 'height_cm' => 16], 'burner' => ['kind' => 'gas', 'watts' => 2400], 'altitude_m' => $between(0, 1500), 'seal' => 'foil', 'layers' => $layers],
                [new HeatBlock($between(5, 10), $between(0.4, 0.9), false, null, 0), new HeatBlock($between(20, 50), $between(0.1, 0.35), $coin(), null, 0), new HeatBlock(8, 0, false, null, 0)],
            ];
        }

        return $pots;
    }

    /** @return array<string, mixed> */
    private static function json(string $case): array
    {
        $document = json_decode((string) file_get_contents(__DIR__."/cases/{$case}.json"), true);

        return is_array($document) ? $document : [];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array{SealedPot, non-empty-list<HeatBlock>}
     */
    private static function read(array $document): array
    {
        return SealedPot::fromFields(Fields::of($document + ['heat' => [['minutes' => 10, 'setting' => 0.5]]]));
    }

    /** @return array{SealedPot, non-empty-list<HeatBlock>} */
    private static function case(string $case): array
    {
        return self::read(self::json($case));
    }
}

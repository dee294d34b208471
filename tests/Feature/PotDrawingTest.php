<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\ClockDrawing;
use App\Drawings\PotDrawing;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** Pictures say what the plan says. */
final class PotDrawingTest extends TestCase
{
    private const SCALE = 12.2;

    public function test_the_pot_is_drawn_to_scale(): void
    {
        $plan = Sample::plan();
        $drawing = new PotDrawing($plan, self::SCALE);

        self::assertEqualsWithDelta(28 * self::SCALE / 2, $drawing->half(), 0.051);
        self::assertEqualsWithDelta($plan->pot()->heightCm() * self::SCALE, $drawing->base() - $drawing->rim(), 0.051);
        self::assertEqualsWithDelta(
            $drawing->y($plan->potted->first()->section->topCm()), $drawing->layers()[3]['top'], 0.11,
        );
        self::assertCount(15, $drawing->rule());
    }

    public function test_layers_stay_inside_the_pot_and_their_labels_apart(): void
    {
        foreach ([2, 9, 24] as $eaters) {
            $drawing = new PotDrawing(Sample::plan(Sample::polo()->changed('usual/eaters', $eaters)), self::SCALE);
            $below = INF;
            foreach ($drawing->layers() as $drawn) {
                preg_match_all('/(-?[\d.]+),(-?[\d.]+)/', $drawn['outline'], $points);
                self::assertGreaterThanOrEqual(
                    $drawing->middle() - $drawing->half() - 0.2,
                    min(INF, ...array_map(floatval(...), $points[1])),
                );
                self::assertLessThanOrEqual(
                    $drawing->middle() + $drawing->half() + 0.2,
                    max(0.0, ...array_map(floatval(...), $points[1])),
                );
                self::assertLessThanOrEqual($drawing->base() + 0.2, max(0.0, ...array_map(floatval(...), $points[2])));
                self::assertNotSame('', implode('', $drawn['hatch']->paths()));
                self::assertLessThanOrEqual($below - 30, $drawn['labelY'], "{$eaters} eaters");
                $below = $drawn['labelY'];
            }
        }
    }

    public function test_food_past_the_rim_is_cut_off_with_a_torn_edge_and_told(): void
    {
        $fits = new PotDrawing(Sample::plan(), self::SCALE);
        self::assertSame([0.0, null], [$fits->pastRimCm(), $fits->torn()]);

        $plan = Sample::plan(Sample::polo()->changed('usual/eaters', 40));
        $drawing = new PotDrawing($plan, self::SCALE);
        self::assertEqualsWithDelta(-$plan->totals->free()->amount, $drawing->pastRimCm(), 0.06);
        self::assertGreaterThan(1, $drawing->pastRimCm());
        foreach ($drawing->layers() as $drawn) {
            preg_match_all('/-?[\d.]+,(-?[\d.]+)/', $drawn['outline'], $points);
            self::assertGreaterThanOrEqual($drawing->rim(), min(INF, ...array_map(floatval(...), $points[1])));
        }
        self::assertStringContainsString('l', (string) $drawing->torn());
    }

    public function test_the_same_plan_is_drawn_the_same_and_another_differs_where_it_changed(): void
    {
        $nine = new PotDrawing(Sample::plan(), self::SCALE);
        self::assertEquals($nine->layers(), (new PotDrawing(Sample::plan(), self::SCALE))->layers());

        $softer = new PotDrawing(Sample::plan(Sample::polo()->changed('water/stage', 'thread')), self::SCALE);
        self::assertNotSame($nine->layers()[1]['hatch']->paths(), $softer->layers()[1]['hatch']->paths());
    }

    public function test_steam_turns_only_where_there_is_room(): void
    {
        self::assertNotSame('', (new PotDrawing(Sample::plan(), self::SCALE))->steam());
        self::assertSame(
            '',
            (new PotDrawing(Sample::plan(Sample::polo()->changed('lid/pot', 'iron-20')), self::SCALE))->steam(),
        );
    }

    public function test_the_clocks_ropes_hang_where_their_tasks_are(): void
    {
        $plan = Sample::plan();
        $drawing = new ClockDrawing($plan, Sample::wording());
        $columns = array_column($drawing->columns(), null, 'key');

        self::assertSame(['hands', 'ring:ring-1', 'ring:ring-2', 'own'], array_keys($columns));
        self::assertTrue($drawing->isFolded());
        $boil = array_values(
            array_filter(
                $columns['ring:ring-2']['ropes'],
                static fn (array $rope): bool => $rope['work']->task->id === 'boil',
            ),
        )[0];
        self::assertSame($drawing->y($plan->day->schedule->start('boil')), $boil['y']);
        self::assertEqualsWithDelta($drawing->y($plan->day->schedule->end('boil')) - $boil['y'], $boil['height'], 0.11);
        self::assertSame('water', $boil['kind']);
        self::assertGreaterThan($drawing->y(-60), $drawing->tableY());
        foreach ($columns as $column) {
            $free = 0.0;
            foreach ($column['ropes'] as $rope) {
                self::assertGreaterThanOrEqual($free, $rope['labelY'], $rope['work']->task->id);
                $free = $rope['labelY'] + 15 * count($rope['lines']);
            }
        }
        self::assertSame(['18:00', '18:30', '19:00'], array_column($drawing->halfHours(), 'time'));
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Drill;

use LogicException;
use Orbek\Core\Drill\LiftIt;
use Orbek\Core\Drill\NameTheStage;
use Orbek\Core\Rice\Stage;
use PHPUnit\Framework\TestCase;

final class DrillTest extends TestCase
{
    public function test_every_stage_comes_and_its_grain_is_of_that_stage(): void
    {
        $seen = [];
        for ($i = 0; $i < 100; $i++) {
            $round = NameTheStage::ask([], $i / 100, ($i * 37 % 100) / 100);
            self::assertSame($round->stage, Stage::at($round->doneness));
            $seen[$round->stage->value] = ($seen[$round->stage->value] ?? 0) + 1;
        }

        self::assertCount(7, $seen);
        self::assertLessThanOrEqual(2, max($seen) - min($seen), 'with no history all alike');
    }

    public function test_what_is_missed_comes_more_often(): void
    {
        $history = [];
        for ($i = 0; $i < 8; $i++) {
            $history[] = ['asked' => Stage::Breaks, 'answered' => Stage::Thread];
            $history[] = ['asked' => Stage::Snaps, 'answered' => Stage::Snaps];
        }
        $asked = ['breaks' => 0, 'snaps' => 0];
        for ($i = 0; $i < 1000; $i++) {
            $stage = NameTheStage::ask($history, $i / 1000, 0.5)->stage->value;
            if (isset($asked[$stage])) {
                $asked[$stage]++;
            }
        }

        self::assertGreaterThan(2 * $asked['snaps'], $asked['breaks']);
        self::assertSame(Stage::Breaks, NameTheStage::weakest($history));
        self::assertNull(NameTheStage::weakest([]));
    }

    public function test_a_name_is_off_by_the_stages_between(): void
    {
        self::assertSame(0, NameTheStage::off(Stage::Breaks, Stage::Breaks));
        self::assertSame(1, NameTheStage::off(Stage::Breaks, Stage::Thread));
        self::assertSame(6, NameTheStage::off(Stage::Smears, Stage::Snaps));
    }

    public function test_a_lift_at_its_second_is_right_and_sooner_or_later_is_off(): void
    {
        foreach (
            [[0.0, 0.3, 0.7, 0.1], [0.3, 0.9, 0.2, 0.5], [0.6, 0.05, 0.5, 0.9], [0.99, 0.5, 0.25, 0.4]] as $chances
        ) {
            $lift = LiftIt::of($chances);

            self::assertEqualsWithDelta(0.0, $lift->off($lift->rightAt()), 1e-6);
            self::assertGreaterThan(0.02, $lift->off($lift->rightAt() + 60));
            self::assertLessThan(-0.02, $lift->off($lift->rightAt() - 60));
        }
        self::assertSame(
            [Stage::HardHeart, Stage::Rises, Stage::Breaks, Stage::Thread],
            array_map(
                static fn (float $which): Stage => LiftIt::of([$which, 0.5, 0.5, 0.5])->target,
                [0.0, 0.3, 0.6, 0.99],
            ),
        );
        self::assertLessThan(1.0, LiftIt::of([0.5, 0.1, 0.5, 0.5])->factor);
    }

    public function test_a_lift_after_the_rice_is_gone_is_refused(): void
    {
        $this->expectException(LogicException::class);
        LiftIt::of([0.5, 0.5, 0.5, 0.5])->off(99999);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\Drill;

use DateTimeImmutable;
use LogicException;
use Orbek\Core\Drill\Card;
use Orbek\Core\Drill\LiftIt;
use Orbek\Core\Drill\NameTheStage;
use Orbek\Core\Drill\Spacing;
use Orbek\Core\Drill\Spoonful;
use Orbek\Core\Rice\Stage;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DrillTest extends TestCase
{
    public function test_every_card_comes_and_its_grain_is_of_that_stage(): void
    {
        $history = [];
        $now = new DateTimeImmutable('2026-11-26 18:00');
        for ($i = 0; $i < 60; $i++) {
            $card = Spacing::next($history, $now->modify("+{$i} seconds"), ($i * 37 % 100) / 100);
            self::assertNotContains(
                $card->id(), array_column(array_slice($history, -2), 'card'), 'never the one just asked',
            );
            $history[] = ['card' => $card->id(), 'right' => true, 'at' => $now->modify("+{$i} seconds")];
        }
        self::assertCount(28, array_unique(array_column($history, 'card')));
        $first = array_map(static fn (int $i): string => Spacing::next([], $now, $i / 28)->stage->value, range(0, 27));
        self::assertCount(7, array_unique($first), 'the first grain may be any');
        foreach (Stage::cases() as $stage) {
            foreach ([0.0, 0.5, 1.0] as $where) {
                self::assertSame($stage, Stage::at(NameTheStage::within($stage, $where)));
            }
        }
    }

    public function test_what_is_missed_comes_again_soon_and_what_is_known_after_days_that_grow(): void
    {
        $now = new DateTimeImmutable('2026-11-26 18:00');
        $all = array_map(
            static fn (Card $card): array => ['card' => $card->id(), 'right' => true, 'at' => $now->modify('-2 hours')],
            Card::all(),
        );
        $missed = ['card' => 'breaks plates', 'right' => false, 'at' => $now->modify('-1 minute')];
        $others = [
            ['card' => 'snaps pot', 'right' => true, 'at' => $now],
            ['card' => 'done pot', 'right' => true, 'at' => $now],
        ];
        foreach ([0.0, 0.5, 0.99] as $chance) {
            self::assertSame('breaks plates', Spacing::next([...$all, $missed, ...$others], $now, $chance)->id());
            self::assertSame(
                'breaks plates', Spacing::next([$missed, ...$others], $now, $chance)->id(), 'before any new one',
            );
        }
        // Known four times in a row on four days, it rests for weeks while others come.
        $known = [];
        foreach ([9, 8, 5, 1] as $days) {
            $known[] = ['card' => 'thread pot', 'right' => true, 'at' => $now->modify("-{$days} days")];
        }
        $asked = [];
        for ($i = 0; $i < 20; $i++) {
            $asked[] = Spacing::next([...$known, ...$all, ...$others], $now->modify('+1 day'), $i / 20)->id();
        }
        self::assertNotContains('thread pot', $asked);
        self::assertSame(
            Stage::Breaks,
            NameTheStage::weakest(array_fill(0, 8, ['asked' => Stage::Breaks, 'answered' => Stage::Thread])),
        );
        self::assertNull(NameTheStage::weakest([]));
    }

    public function test_no_two_spoonfuls_are_alike_the_same_seed_is_and_hearts_differ_by_the_known_spread(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $chances = static fn (): array => array_map(
            static fn (): float => $random->getInt(0, 999_999) / 1e6, range(1, Spoonful::CHANCES),
        );
        $one = $chances();
        self::assertEquals(Spoonful::of(0.7, $one), Spoonful::of(0.7, $one));
        self::assertNotEquals(Spoonful::of(0.7, $one)->grains, Spoonful::of(0.7, $chances())->grains);
        $lns = [];
        for ($i = 0; $i < 20; $i++) {
            foreach (Spoonful::of(0.6, $chances())->grains as $grain) {
                if ($grain['heart'] > 0) {
                    $lns[] = log((1 - $grain['heart']) / (1 - sqrt(1 - 0.6)));
                }
                self::assertTrue($grain['x'] > 0 && $grain['x'] < 1 && $grain['y'] > 0 && $grain['y'] < 1.05);
            }
        }
        $mean = array_sum($lns) / count($lns);
        $sd = sqrt(array_sum(array_map(static fn (float $ln): float => ($ln - $mean) ** 2, $lns)) / count($lns));
        self::assertEqualsWithDelta(0.0, $mean, 0.02);
        self::assertEqualsWithDelta(Spoonful::SPREAD, $sd, 0.015);
        $raw = Spoonful::of(0.1, $one);
        $done = Spoonful::of(1.0, $one);
        self::assertSame(26, $raw->hearts());
        self::assertLessThan(4, $done->hearts());
        self::assertLessThan(4, $raw->ridingUp());
        self::assertGreaterThan(22, $done->ridingUp());
        self::assertGreaterThan($raw->grains[0]['long'], $done->grains[0]['long']);
        $dry = Spoonful::of(0.0, $one, 0.0);
        $over = Spoonful::of(1.0, $one, 1.0, 0.6);
        $count = static fn (Spoonful $of, string $what): int => count(
            array_filter($of->grains, static fn (array $grain): bool => $grain[$what] === true)
        );
        self::assertSame(
            [26, 0, 0], [$count($dry, 'glass'), $count(Spoonful::of(0.0, $one), 'glass'), $count($done, 'split')],
        );
        self::assertGreaterThan(18, $count($over, 'split'));
        self::assertGreaterThan($done->grains[0]['long'], $over->grains[0]['long']);
        self::assertLessThan(
            Spoonful::of(0.0, $one)->grains[0]['long'], $dry->grains[0]['long'], 'soaking lengthens it',
        );
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

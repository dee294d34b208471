<?php

declare(strict_types=1);

namespace Tests\Core\Filling;

use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Filling\Readying;
use Orbek\Core\Measure\Fields;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

/** How a kind of filling is readied: minutes that make it tender, and looks from and to. */
final class ReadyingTest extends TestCase
{
    private FillingKind $lamb;

    protected function setUp(): void
    {
        // An hour at 95 °C till it is tender.
        $this->lamb = Sample::filling('lamb-cubes');
        self::assertSame(60.0, $this->lamb->tenderMin);
    }

    public function test_what_tenders_lasts_as_long_as_it_is_to_be_ready_and_is_looked_at_around_that(): void
    {
        $simmer = self::readying(['tenders' => true, 'till' => 'a fork goes in']);
        $step = fn (float $ready, bool $isThrough): array => $simmer->step($this->lamb, 'lamb', 'ring-1', $ready, $isThrough);
        self::assertSame([48, 36, 72], self::minutes($step(0.8, false)));
        // Done through by itself it takes a tenth more.
        self::assertSame([66, 49, 99], self::minutes($step(0.8, true)));
        self::assertSame([1, 1, 2], self::minutes($step(0.001, false)), 'never nothing');
        // With nothing to look for its minutes end it.
        $blind = self::readying(['tenders' => true])->step($this->lamb, 'lamb', 'ring-1', 0.5, false);
        self::assertSame([30, null, null], self::minutes($blind));
    }

    public function test_what_has_its_own_minutes_keeps_them_and_its_own_looks(): void
    {
        $brown = self::readying([
            'minutes' => 10, 'till' => 'brown', 'least' => 7, 'most' => 16, 'fat_ml_per_kg' => 30, 'tastes' => 'gravy',
        ]);
        $step = $brown->step($this->lamb, 'lamb, cubed', 'ring-2', 0.8, true);
        self::assertSame([10, 7, 16], self::minutes($step));
        self::assertSame(
            ['Lamb, cubed: does', 'ring-2', 'brown', 30.0, 'lamb-cubes', 'gravy'],
            array_map(static fn (string $key): mixed => $step[$key], ['name', 'burner', 'till', 'fat_ml_per_kg', 'of', 'tastes']),
        );
        $cold = self::readying(['minutes' => 5, 'ring' => false])->step($this->lamb, 'lamb', 'ring-2', 0.8, false);
        self::assertArrayNotHasKey('burner', $cold);
        self::assertArrayNotHasKey('fat_ml_per_kg', $cold, 'none');
        $long = $brown->step($this->lamb, str_repeat('very long ', 12), 'ring-2', 0.8, true);
        self::assertSame(80, mb_strlen((string) $long['name']));
    }

    public function test_what_cannot_be_is_refused_at_its_edges(): void
    {
        foreach ([['minutes' => 240], ['minutes' => 1], ['least' => 240], ['most' => 480], ['fat_ml_per_kg' => 200]] as $can) {
            self::assertSame('does', self::readying($can + ['minutes' => 10])->does);
        }
        foreach ([
            ['minutes' => 241], ['minutes' => 0], ['least' => 241], ['least' => 0], ['most' => 481], ['fat_ml_per_kg' => 201],
        ] as $cannot) {
            $field = array_key_first($cannot);
            self::assertStringContainsString(
                "{$field}: {$cannot[$field]} is out of range", Sample::refused(static fn () => self::readying($cannot + ['minutes' => 10])),
            );
        }
    }

    public function test_onion_comes_before_tomato_and_both_before_what_they_are_the_gravy_of(): void
    {
        self::assertSame([1, 2, 3, 3], [
            Sample::filling('onion')->comes, Sample::filling('tomato')->comes, $this->lamb->comes, FillingKind::COMES_LAST,
        ]);
    }

    /** @param  array<string, mixed>  $more */
    private static function readying(array $more): Readying
    {
        return Readying::fromFields(Fields::of($more + ['does' => 'does', 'hands' => 'end']));
    }

    /**
     * @param  array<string, mixed>  $step
     * @return list<mixed>
     */
    private static function minutes(array $step): array
    {
        return [$step['minutes'], $step['least_min'] ?? null, $step['most_min'] ?? null];
    }
}

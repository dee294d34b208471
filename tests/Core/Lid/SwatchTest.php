<?php

declare(strict_types=1);

namespace Tests\Core\Lid;

use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Sense;
use Orbek\Core\Lid\Swatch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sample;

final class SwatchTest extends TestCase
{
    public function test_what_may_be_tapped_is_what_a_look_is_reckoned_with(): void
    {
        $tapped = array_values(array_filter(
            Sample::dish('sour-cherry-polo')->craft->cues->all,
            static fn (Cue $cue): bool => $cue->isOffered && $cue->sense === Sense::Look,
        ));
        self::assertSame(
            array_map(static fn (Swatch $one): string => "edge-{$one->value}", Swatch::cases()),
            array_map(static fn (Cue $cue): string => $cue->id, $tapped),
        );
        foreach (Swatch::cases() as $at => $swatch) {
            self::assertEqualsWithDelta($swatch->begins(), $tapped[$at]->from, 1e-5, $swatch->value);
            self::assertEqualsWithDelta($swatch->ends(), $tapped[$at]->to, 1e-5, $swatch->value);
            self::assertSame($tapped[$at]->id, 'edge-'.Swatch::of(1.01 * max(0.01, $swatch->begins()))->value);
        }
    }

    #[DataProvider('olderLooks')]
    public function test_what_older_cooks_said_of_an_edge_is_still_understood(string $id, float $from, float $to): void
    {
        $cue = Sample::dish('sour-cherry-polo')->craft->cues->all[$id];
        self::assertFalse($cue->isOffered);
        self::assertTrue($cue->opens && $cue->tells());
        self::assertSame([$from, $to], [$cue->from, $cue->to]);
        self::assertNotNull($cue->says);
    }

    /** @return array<string, array{string, float, float}> */
    public static function olderLooks(): array
    {
        return [
            'pale' => ['edge-pale', 0.0, 0.2], 'straw' => ['edge-straw', 0.2, 0.5],
            'golden' => ['edge-golden', 0.5, 1.2], 'amber' => ['edge-amber', 1.2, 2.2],
        ];
    }
}

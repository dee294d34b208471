<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Lid\CrustColour;

/** The true colour of so much browning: between the colours' middles, on the logarithm's scale. */
final class CrustTint
{
    private const RGB = [
        'pale' => [247, 238, 214], 'straw' => [238, 217, 160], 'golden' => [217, 164, 65],
        'amber' => [180, 114, 42], 'dark' => [110, 61, 24], 'burnt' => [42, 26, 16],
    ];

    public static function of(float $browning): string
    {
        $ln = log(max(0.02, $browning));
        $colours = CrustColour::cases();
        $below = $colours[0];
        foreach ($colours as $colour) {
            $at = log($colour->middle());
            if ($ln <= $at) {
                $from = log($below->middle());
                $share = $at > $from ? max(0.0, min(1.0, ($ln - $from) / ($at - $from))) : 1.0;

                return self::hex(self::RGB[$below->value], self::RGB[$colour->value], $share);
            }
            $below = $colour;
        }

        return self::hex(self::RGB['burnt'], self::RGB['burnt'], 1.0);
    }

    /**
     * @param  array{int, int, int}  $from
     * @param  array{int, int, int}  $to
     */
    private static function hex(array $from, array $to, float $share): string
    {
        return sprintf(
            '#%02x%02x%02x',
            ...array_map(static fn (int $a, int $b): int => (int) round($a + ($b - $a) * $share), $from, $to),
        );
    }
}

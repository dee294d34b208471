<?php

declare(strict_types=1);

namespace Orbek\Core\Learning;

/**
 * What the same spoonfuls came to under glass and on the scale: how the reading of photographs is checked where it is
 * used.
 */
final readonly class GlassBesideScale
{
    private function __construct(
        public int $pairs,
        /** Doneness that the glass says more than the scale, on average. */
        public float $more,
        /** To either side of that. */
        public float $scatter,
    ) {
    }

    /** @param  list<array{by_glass: float, by_scale: float}>  $pairs as summaries of cooks have them */
    public static function of(array $pairs): ?self
    {
        if ($pairs === []) {
            return null;
        }
        $apart = array_map(static fn (array $pair): float => $pair['by_glass'] - $pair['by_scale'], $pairs);
        $mean = array_sum($apart) / count($apart);
        $square = array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $apart));

        return new self(count($apart), $mean, sqrt($square / count($apart)));
    }
}

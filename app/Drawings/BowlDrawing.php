<?php

declare(strict_types=1);

namespace App\Drawings;

use Orbek\Core\Plan\Shopping\Ingredient;

/** A bowl in section as it is filled: a band for each thing, its height by what it weighs, none too thin to be seen. */
final readonly class BowlDrawing
{
    private const WIDE = 190.0;

    private const HIGH = 84.0;

    private const SIDE = 75.0;

    private const TOP = 8.0;

    private const LEAST = 9.0;

    private const STEPS = 10;

    /** @var list<float> tops of the bands over the bottom, px */
    private array $tops;

    /** @param  list<Ingredient>  $things in the order in which they go in */
    public function __construct(array $things)
    {
        $amounts = array_map(static fn (Ingredient $one): float => max(0.0, $one->amount->amount), $things);
        $spare = max(0.0, self::HIGH - 10 - self::LEAST * count($amounts));
        $tops = [];
        $top = 0.0;
        foreach ($amounts as $amount) {
            $top += self::LEAST + $spare * $amount / max(1e-9, array_sum($amounts));
            $tops[] = $top;
        }
        $this->tops = $tops;
    }

    public function width(): float
    {
        return 2 * self::SIDE + self::WIDE;
    }

    public function height(): float
    {
        return self::TOP + self::HIGH + 8;
    }

    public function wall(): string
    {
        return $this->outline(0.0, self::HIGH, false);
    }

    public function band(int $at): string
    {
        return $this->outline($this->tops[$at - 1] ?? 0.0, $this->tops[$at], true);
    }

    private function outline(float $from, float $to, bool $isClosed): string
    {
        $left = $right = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            // Closer together below, where the wall turns.
            $high = $from + ($to - $from) * ($step / self::STEPS) ** 2;
            $half = self::WIDE / 2 * sqrt($high / self::HIGH);
            $left[] = sprintf('%.1f %.1f', $this->width() / 2 - $half, $this->y($high));
            $right[] = sprintf('%.1f %.1f', $this->width() / 2 + $half, $this->y($high));
        }

        return $isClosed
            ? 'M'.implode('L', [...$left, ...array_reverse($right)]).'Z'
            : 'M'.implode('L', [...array_reverse($left), ...$right]);
    }

    private function y(float $high): float
    {
        return self::TOP + self::HIGH - $high;
    }
}

<?php

declare(strict_types=1);

namespace App\Drawings;

/** Places along a line of seconds. */
final readonly class TimeAxis
{
    public function __construct(public float $endS, public float $left, public float $width)
    {
    }

    public function x(float $seconds): float
    {
        return round($this->left + $this->width * max(0.0, min(1.0, $seconds / $this->endS)), 1);
    }

    /** @return list<int> whole minutes to mark */
    public function minutes(): array
    {
        return range(1, max(1, (int) floor($this->endS / 60)));
    }
}

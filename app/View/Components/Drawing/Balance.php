<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Rice\WaterBalance;

/** The pot's water: what is brought and what is needed on one scale of grams, and where the rice ends. */
final class Balance extends Component
{
    public readonly float $left;

    public readonly float $wide;

    private readonly float $most;

    public function __construct(public readonly WaterBalance $balance, private readonly Wording $say)
    {
        [$this->left, $this->wide] = [96.0, 430.0];
        $this->most = max(50.0, $balance->surfaceG + $balance->fillingG, $balance->needsToG);
    }

    /** @return list<array{from: float, grams: float}> one after the other: round the grains, from the filling */
    public function brought(): array
    {
        return [
            ['from' => 0.0, 'grams' => $this->balance->surfaceG],
            ['from' => $this->balance->surfaceG, 'grams' => $this->balance->fillingG],
        ];
    }

    public function x(float $grams): float
    {
        return round($this->left + $this->length($grams), 1);
    }

    public function length(float $grams): float
    {
        return round($this->wide * $grams / $this->most, 1);
    }

    /** Where a weight over the raw weight stands on the scale from dry to wet. */
    public function scale(float $uptake): float
    {
        return round($this->left + $this->wide * min(1, max(0, ($uptake - 1.9) / 1.2)), 1);
    }

    public function g(float $grams): string
    {
        return $this->say->amount(Quantity::grams(round($grams))->filling(1.0));
    }

    public function render(): View
    {
        return view('components.drawing.balance');
    }
}

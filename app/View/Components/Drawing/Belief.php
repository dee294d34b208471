<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Learning\FactorBelief;

/** How far a bag or a stove runs from its kind: what was believed before, and what it has taught. */
final class Belief extends Component
{
    private const LEAST = -0.45;

    private const MOST = 0.45;

    public readonly FactorBelief $kind;

    public readonly float $floor;

    /**
     * @param  FactorBelief|null  $before what its kind would say where none is given
     * @param  list<string>|null  $ends what stands at its left, its middle and its right; null of a bag or a stove
     */
    public function __construct(
        public readonly FactorBelief $belief, public readonly float $width = 300, public readonly bool $stove = false,
        ?FactorBelief $before = null, public readonly ?array $ends = null, public readonly ?string $says = null,
    ) {
        $this->kind = $before ?? FactorBelief::ofItsKind();
        $this->floor = 62.0;
    }

    public function x(float $ln): float
    {
        return round(8 + ($this->width - 16) * ($ln - self::LEAST) / (self::MOST - self::LEAST), 1);
    }

    /** @param  list<float>  $weights on the grid */
    public function hill(array $weights): string
    {
        $top = max([1e-9, ...$weights]);
        $path = "M{$this->x(self::LEAST)},{$this->floor}";
        foreach (FactorBelief::grid() as $at => $ln) {
            if ($ln >= self::LEAST && $ln <= self::MOST) {
                $path .= " L{$this->x($ln)},".round($this->floor - 46 * $weights[$at] / $top, 1);
            }
        }

        return "{$path} L{$this->x(self::MOST)},{$this->floor} Z";
    }

    public function render(): View
    {
        return view('components.drawing.belief');
    }
}

<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\Strewing;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Rice\CookingFront;

/** A grain cut across: the cooked ring round its raw core, core radius over grain radius √(1 − D). */
final class Grain extends Component
{
    public readonly float $core;

    /** @param  string|null  $dotsAs of several grains alike the first lends the others ($dotsOf) its dots */
    public function __construct(
        public readonly float $doneness, public readonly float $size = 104, public readonly bool $live = false,
        public readonly bool $told = true, public readonly ?string $dotsAs = null,
        public readonly ?string $dotsOf = null,
    ) {
        $this->core = CookingFront::coreRadius($doneness);
    }

    public function dots(): string
    {
        $random = new Strewing('grain');
        $dots = '';
        for ($i = 0; $i < ($this->size < 80 ? 14 : 34); $i++) {
            $angle = $random->between(0, 2 * M_PI);
            $far = 42 * sqrt($random->between(0, 1));
            $dots .= sprintf('M%.1f,%.1fh.01', $far * cos($angle), $far * sin($angle));
        }

        return $dots;
    }

    public function render(): View
    {
        return view('components.drawing.grain');
    }
}

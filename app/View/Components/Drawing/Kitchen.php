<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\KitchenDrawing;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Kitchen\Kitchen as Home;

/**
 * Pots to scale, and the stove from above.
 *
 * @phpstan-import-type Pots from KitchenDrawing
 * @phpstan-import-type Rings from KitchenDrawing
 */
final class Kitchen extends Component
{
    public readonly KitchenDrawing $drawing;

    /** @var Pots */
    public readonly array $pots;

    /** @var Rings */
    public readonly array $stove;

    public function __construct(public readonly Home $home)
    {
        $this->drawing = new KitchenDrawing($home);
        [$this->pots, $this->stove] = [$this->drawing->pots(), $this->drawing->rings()];
    }

    public function render(): View
    {
        return view('components.drawing.kitchen');
    }
}

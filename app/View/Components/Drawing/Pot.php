<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\Hatches;
use App\Drawings\PotDrawing;
use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Quantity;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Section;

/**
 * A plan's pot in section.
 *
 * @phpstan-import-type Drawn from PotDrawing
 */
final class Pot extends Component
{
    public readonly PotDrawing $drawing;

    public readonly float $wide;

    public readonly float $left;

    public readonly float $right;

    public readonly float $wall;

    public readonly float $rim;

    public readonly float $base;

    /** To be kept under the lid, cm. */
    public readonly int $free;

    /** @var list<array{int|null, Drawn}> from the base up, those that can be moved with their number among them */
    public readonly array $layers;

    /** @param  Moment|null  $moment under the lid that it shows; its end where none is given */
    public function __construct(
        public readonly Hatches $hatches, private readonly Wording $said, public readonly Plan $plan,
        public readonly float $scale = 12.2, public readonly bool $labels = true, public readonly bool $touch = false,
        ?Moment $moment = null,
    ) {
        $this->drawing = new PotDrawing($plan, $scale, $moment);
        $this->wide = $this->drawing->width + ($labels ? 56 : 0);
        $this->left = $this->drawing->middle() - $this->drawing->half();
        $this->right = $this->drawing->middle() + $this->drawing->half();
        [$this->wall, $this->rim] = [$this->drawing->wall(), $this->drawing->rim()];
        $this->base = $this->drawing->base();
        $this->layers = $this->numbered();
        $this->free = (int) Section::FREE_CM;
    }

    public function onPlate(): bool
    {
        return array_filter(
            $this->plan->potted->first()->line(), static fn (Stretch $one): bool => $one->flame->plate !== null,
        ) !== [];
    }

    /** Its layers in words, from the base up. */
    public function told(): string
    {
        return $this->said->list(array_map(
            fn (array $one): string => $this->said->text($one[1]['layer']->label).' '
                .$this->said->amount(Quantity::grams(round($one[1]['layer']->mass->inGrams()))), $this->layers,
        ));
    }

    /** @return list<array{int|null, Drawn}> */
    private function numbered(): array
    {
        $numbered = [];
        $next = 0;
        foreach ($this->drawing->layers() as $drawn) {
            $moves = $this->touch && in_array($drawn['layer']->matter->value, ['rice', 'filling'], true);
            $numbered[] = [$moves ? $next++ : null, $drawn];
        }

        return $numbered;
    }

    public function render(): View
    {
        return view('components.drawing.pot');
    }
}

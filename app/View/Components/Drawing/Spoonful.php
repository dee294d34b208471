<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Wording\Wording;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Drill\Form;
use Orbek\Core\Drill\Spoonful as Grains;
use Orbek\Core\Rice\Stage;

/** Grains as they are seen or felt; told to a screen reader by that, not by their name. */
final class Spoonful extends Component
{
    private readonly Stage $at;

    public function __construct(
        private readonly Wording $said, public readonly Grains $spoonful, public readonly Form $form,
        ?Stage $stage = null,
    ) {
        $this->at = $stage ?? Stage::at($spoonful->doneness);
    }

    public function isBitten(): bool
    {
        return $this->form === Form::Bitten;
    }

    public function told(): string
    {
        $count = count($this->spoonful->grains);
        $hearts = $this->spoonful->hearts();

        return match ($this->form) {
            Form::Plates => $this->said->say(
                'pages/drill.grains-between-glass', grains: $count, hearts: $hearts,
                wide: (int) round(100 * $this->spoonful->heartShare()),
            ),
            Form::Pot => $this->said->say(
                'pages/drill.boil-from-above', grains: $count, riding: $this->spoonful->ridingUp(),
            ),
            Form::Pressed => $this->said->say(
                'pages/drill.grain-pressed', felt: $this->said->label($this->at, 'pressed'),
            ),
            Form::Bitten => $this->said->label($this->at, 'bitten'),
        };
    }

    /** @return list<list<float|int>> each grain as the canvas draws it */
    public function drawn(): array
    {
        return array_map(static fn (array $grain): array => [
            $grain['x'], $grain['y'], $grain['turn'], $grain['long'], $grain['thick'], $grain['heart'],
            (int) $grain['up'], (int) $grain['glass'], (int) $grain['split'], $grain['parts'],
        ], $this->spoonful->grains);
    }

    public function render(): View
    {
        return view('components.drawing.spoonful');
    }
}

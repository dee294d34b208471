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
            Form::Plates => "{$count} grains between two glass plates; {$hearts} have a white heart".($hearts === 0
                ? '' : ', in the middle one '.round(100 * $this->spoonful->heartShare()).' % as wide as the grain'),
            Form::Pot => "The boil from above: {$this->spoonful->ridingUp()} of {$count} grains ride at the surface",
            Form::Pressed => 'One grain pressed between thumb and finger. '.match ($this->at) {
                Stage::Snaps => 'It cracks in two, dry.',
                Stage::HardHeart => 'It flattens a little and stops: the middle is hard.',
                Stage::Rises => 'It flattens, the middle stands against the finger.',
                Stage::Breaks => 'It parts in pieces.',
                Stage::Thread => 'It flattens, with a thread to feel along it.',
                Stage::PinPoint => 'It flattens, with one speck to feel.',
                Stage::Smears => 'It smears.',
            },
            Form::Bitten => $this->said->text($this->said->label($this->at, 'bitten')),
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

<?php

declare(strict_types=1);

namespace App\View\Components\Drawing;

use App\Drawings\HeatDrawing;
use App\Wording\Wording;
use DateTimeImmutable;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Orbek\Core\Heat\ColourRange;
use Orbek\Core\Kitchen\Kitchen as Home;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Instant;

/** The heat under a lid and what it does there. */
final class Heat extends Component
{
    public readonly HeatDrawing $drawing;

    public readonly float $end;

    public readonly ?float $steam;

    /**
     * @param  non-empty-list<Stretch>  $heat
     * @param  array<string, list<array{float, float}>>  $probes minute and °C, by the probe's name
     */
    public function __construct(
        private readonly Wording $said, array $heat, public readonly Home $kitchen, string $ring,
        public readonly ?Course $course = null, public readonly ?ColourRange $colours = null,
        private readonly ?DateTimeImmutable $starts = null, public readonly bool $touch = false,
        public readonly ?float $now = null, public readonly array $probes = [], public readonly float $width = 446,
    ) {
        $this->drawing = new HeatDrawing($course, $heat, $said, $kitchen, $ring, $width);
        $this->end = $this->drawing->minutes();
        $this->steam = $course?->steamAtLidMin();
    }

    /** The stretches in words. */
    public function told(): string
    {
        return $this->said->list(array_map(
            fn (array $one): string => $this->said->say(
                'pages/drawings.stretch', minutes: round($one['stretch']->minutes, 1), heat: $one['full'],
            ),
            $this->drawing->stretches(),
        ));
    }

    public function time(float $minute): string
    {
        return $this->starts === null
            ? $this->said->digits((int) round($minute))
            : $this->said->time(Instant::plusMinutes($this->starts, (int) round($minute)));
    }

    public function steamName(): string
    {
        return $this->said->say('pages/drawings.steam-at-the-lid', minutes: (int) round((float) $this->steam));
    }

    /** Name of the crust's shades, the same for the same shades. */
    public function shades(): string
    {
        return 'shades-'.crc32((string) json_encode($this->drawing->stops()));
    }

    /** Where the base's face is a third through. */
    public function faceC(): float
    {
        return $this->course?->at($this->end * 0.3)->faceC ?? 0.0;
    }

    public function render(): View
    {
        return view('components.drawing.heat');
    }
}

<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Wording\Wording;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Pot\Matter;

/**
 * The heat line under its pot: base face and top of the rice over the minutes, steam at the lid, the
 * crust in its own colour, and the blocks of flame below.
 */
final readonly class HeatDrawing
{
    public const LEFT = 44.0;

    /** What the words of the axis take, at its ends and between them, px. */
    private const FIRST_WIDE = 96.0;

    private const MINUTES_WIDE = 54.0;

    private const LAST_WIDE = 44.0;

    private const RIGHT = 12.0;

    private const PLOT_TOP = 20.0;

    private const PLOT_BOTTOM = 128.0;

    private const LEAST_C = 20.0;

    private const STRIP_TOP = 140.0;

    private const BLOCKS_FLOOR = 232.0;

    private const BLOCKS_HIGH = 48.0;

    /** A sign of a name is so wide. */
    private const SIGN = 4.8;

    private float $most;

    private float $minutes;

    /**
     * @param  non-empty-list<Stretch>  $heat as it comes out
     * @param  string  $ring that the pot was closed on
     */
    public function __construct(
        public ?Course $course, public array $heat, private Wording $say, private Kitchen $kitchen,
        private string $ring,
        public float $width = 446,
    ) {
        $minutes = array_map(static fn (Stretch $stretch): float => $stretch->minutes, $heat);
        $this->minutes = max(1.0, array_sum($minutes));
        $hottest = $course === null
            ? 140.0
            : max(array_map(static fn (Moment $moment): float => $moment->baseC, $course->moments));
        $this->most = min(420.0, max(140.0, 20 * ceil(($hottest + 5) / 20)));
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    /**
     * Which stretches' beginnings have room for their minute on the axis, between its two ends and each other.
     *
     * @return list<int> by index
     */
    public function ticked(): array
    {
        $ticked = [];
        $free = self::LEFT + self::FIRST_WIDE;
        foreach ($this->stretches() as $one) {
            $half = self::MINUTES_WIDE / 2;
            if ($free <= $one['x'] - $half && $this->x($this->minutes) - self::LAST_WIDE >= $one['x'] + $half) {
                $ticked[] = $one['index'];
                $free = $one['x'] + $half;
            }
        }

        return $ticked;
    }

    public function x(float $minute): float
    {
        return round(
            self::LEFT + ($this->width - self::LEFT - self::RIGHT) * max(0.0, min(1.0, $minute / $this->minutes)),
            1,
        );
    }

    /** Length of a minute, px. */
    public function pxPerMin(): float
    {
        return ($this->width - self::LEFT - self::RIGHT) / $this->minutes;
    }

    public function y(float $celsius): float
    {
        $share = max(0.0, min(1.05, ($celsius - self::LEAST_C) / ($this->most - self::LEAST_C)));

        return round(self::PLOT_BOTTOM - (self::PLOT_BOTTOM - self::PLOT_TOP) * $share, 1);
    }

    /** @return list<int> °C to draw a rule at */
    public function degrees(): array
    {
        $step = $this->most > 220 ? 80 : 40;

        return range(60, (int) $this->most, $step);
    }

    public function base(): string
    {
        return $this->curve(static fn (Moment $moment): float => $moment->faceC);
    }

    public function top(): string
    {
        return $this->curve(static fn (Moment $moment): float => $moment->topC);
    }

    /** The filling's core, where there is one. */
    public function core(): string
    {
        $index = null;
        foreach ($this->course->moments[0]->layers ?? [] as $at => $layer) {
            $index = $layer->matter === Matter::Filling ? $at : $index;
        }

        return $index === null ? '' : $this->curve(static fn (Moment $moment): float => $moment->layers[$index]->coreC);
    }

    /** @return list<array{at: float, colour: string}> stops of the browning strip, in per cent */
    public function stops(): array
    {
        $stops = [];
        foreach ($this->course->moments ?? [] as $moment) {
            $stop = [
                'at' => round(100 * min(1.0, $moment->minute / $this->minutes), 1),
                'colour' => CrustColour::looks($moment->browning)->hex(),
            ];
            // Where the colour stays, its first and last are enough.
            $last = count($stops) - 1;
            if (
                $last > 0
                    && $stops[$last]['colour'] === $stop['colour']
                    && $stops[$last - 1]['colour'] === $stop['colour']
            ) {
                array_pop($stops);
            }
            $stops[] = $stop;
        }

        return $stops;
    }

    /**
     * @param  float|null  $now the minute at which a line stands through it all, which no name lies under
     * @return list<array{x: float, label: string, dark: bool}> where each colour that lasts is named
     */
    public function colours(?float $now = null): array
    {
        $labels = [];
        $spans = [];
        foreach ($this->course->moments ?? [] as $moment) {
            $spans[$moment->colour()->value][] = $this->x($moment->minute);
        }
        foreach ($spans as $value => $xs) {
            // A colour that is there for too short a while to be named is left to the eye.
            $colour = CrustColour::from($value);
            $wide = max($xs) - min($xs);
            $needs = self::SIGN * strlen($value);
            $x = $wide < 8.0 * strlen($value) ? null
                : $this->clear(min($xs) + 4 + ($wide > 90 ? $wide / 4 : 0), $needs, min($xs) + 2, max($xs), $now);
            if ($x !== null) {
                $labels[] = [
                    'x' => $x,
                    'label' => $this->say->label($colour),
                    'dark' => in_array($colour, [CrustColour::Amber, CrustColour::Dark, CrustColour::Burnt], true),
                ];
            }
        }

        return $labels;
    }

    /** Where the name of steam's line stands: to its right, and not under the line of now. */
    public function steamNameX(float $steamMin, string $name, ?float $now = null): float
    {
        $needs = self::SIGN * mb_strlen($name);
        $x = min($this->x($steamMin) + 4, $this->width - $needs - 4);

        return $this->clear($x, $needs, self::LEFT, $this->width, $now) ?? $x;
    }

    /**
     * A place for a name so wide, as near as can be to where it would stand, clear of the line of now; null where
     * there is none.
     */
    private function clear(float $x, float $needs, float $from, float $to, ?float $now): ?float
    {
        $line = $now === null ? -INF : $this->x($now);

        return match (true) {
            $line < $x - 3 || $line > $x + $needs + 3 => $x,
            $line + 5 + $needs <= $to => $line + 5,
            $line - 5 - $needs >= $from => $line - 5 - $needs,
            default => null,
        };
    }

    public function stripTop(): float
    {
        return self::STRIP_TOP;
    }

    public function floor(): float
    {
        return self::BLOCKS_FLOOR;
    }

    public function plotTop(): float
    {
        return self::PLOT_TOP;
    }

    public function plotBottom(): float
    {
        return self::PLOT_BOTTOM;
    }

    /**
     * @return list<array{
     *     index: int, stretch: Stretch, x: float, y: float, width: float, height: float, label: string, full: string,
     *     from: float
     * }>
     */
    public function stretches(): array
    {
        $drawn = [];
        $from = 0.0;
        foreach ($this->heat as $index => $stretch) {
            $x = $this->x($from);
            $width = $this->x($from + $stretch->minutes) - $x;
            $height = $stretch->flame->ovenC !== null
                ? 22.0
                : ($stretch->isRest() ? 2.0 : max(5.0, self::BLOCKS_HIGH * $stretch->flame->setting));
            $full = $this->words($stretch);
            $drawn[] = [
                'index' => $index, 'stretch' => $stretch, 'x' => $x, 'y' => round(
                    self::BLOCKS_FLOOR - $height,
                    1,
                ), 'width' => round($width, 1), 'height' => round($height, 1),
                'label' => $width > 12 + 6.6 * mb_strlen($full) ? $full : $this->mark($stretch),
                'full' => $full, 'from' => $from,
            ];
            $from += $stretch->minutes;
        }

        return $drawn;
    }

    /** @return list<int> what its ring's knob can be set to, per cent */
    public function settings(Stretch $stretch): array
    {
        $on = $stretch->flame->ring === '' ? $this->ring : $stretch->flame->ring;
        $ring = $this->kitchen->equipment->rings[$on] ?? null;

        return array_map(
            static fn (float $share): int => (int) round(100 * $share), [0.0, ...$ring?->knob->shares() ?? []],
        );
    }

    /** A stretch in the words of its ring's knob. */
    private function words(Stretch $stretch): string
    {
        return $this->say->text($this->kitchen->says($stretch->flame, $this->ring));
    }

    /** The same by its mark alone, where there is no room for its ring and plate. */
    private function mark(Stretch $stretch): string
    {
        $flame = $stretch->flame;

        return $this->say->text($this->kitchen->says(
            $flame->plate === null ? $flame : $flame->with(null), $flame->ring === '' ? $this->ring : $flame->ring,
        ));
    }

    /** Height in px of a whole setting. */
    public function high(): float
    {
        return self::BLOCKS_HIGH;
    }

    /** @param  callable(Moment): float  $celsius */
    private function curve(callable $celsius): string
    {
        $path = '';
        foreach ($this->course->moments ?? [] as $moment) {
            $path .= sprintf(
                '%s%.1f,%.1f', $path === '' ? 'M' : 'L', $this->x($moment->minute), $this->y($celsius($moment)),
            );
        }

        return $path;
    }
}

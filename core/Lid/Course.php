<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Matter;

/** A sealed pot followed through its heat line: how it ends, and the way there by the minute. */
final readonly class Course
{
    /**
     * @param  non-empty-list<Stretch>  $heat as it came out: each stretch with the minutes that it really took
     * @param  list<float|null>  $cueMin the minute sealed at which each stretch's cue showed; null where it has none,
     *     or did not
     * @param  non-empty-list<Moment>  $moments the first at minute 0, the last at the end
     */
    private function __construct(
        public SealedPot $pot,
        public array $heat,
        public array $cueMin,
        public array $moments,
        private Steaming $steaming,
        /** The minute from which nothing changed any more, so that nothing was followed; null where all was. */
        public ?float $stillFromMin,
    ) {
    }

    /**
     * @param  non-empty-list<Stretch>  $line as planned
     * @param  float  $everyS seconds between two moments
     * @param  list<Lifted>  $lifted when its lid was
     */
    public static function of(
        SealedPot $pot, array $line, float $stepS = Steaming::STEP_S, float $everyS = 60.0, array $lifted = [],
    ): self {
        return Following::of($pot, $line, $stepS, $everyS, $lifted);
    }

    /**
     * What a following came to.
     *
     * @param  non-empty-list<Stretch>  $heat
     * @param  list<float|null>  $cueMin
     * @param  non-empty-list<Moment>  $moments
     */
    public static function followed(
        Steaming $steaming, array $heat, array $cueMin, array $moments, ?float $stillFromMin,
    ): self {
        return new self($steaming->pot, $heat, $cueMin, $moments, $steaming, $stillFromMin);
    }

    public function steamAtLidMin(): ?float
    {
        return $this->steaming->steamAtLidS === null ? null : $this->steaming->steamAtLidS / 60;
    }

    /** The minute at which the lid was too hot to touch; null where it never was. */
    public function lidHotMin(): ?float
    {
        return $this->steaming->lidHotS === null ? null : $this->steaming->lidHotS / 60;
    }

    /** Thickness of the dried crust at the end, mm. */
    public function crustMm(): float
    {
        return 1000 * $this->steaming->skinM;
    }

    public function end(): Moment
    {
        return $this->moments[count($this->moments) - 1];
    }

    public function colour(): CrustColour
    {
        return $this->end()->colour();
    }

    /** The moment at or just before a minute. */
    public function at(float $minute): Moment
    {
        $found = $this->moments[0];
        foreach ($this->moments as $moment) {
            if ($moment->minute > $minute + 1e-6) {
                break;
            }
            $found = $moment;
        }

        return $found;
    }

    /**
     * The first minute at which something holds; null where it never does.
     *
     * @param  callable(Moment): bool  $holds
     */
    public function firstMinute(callable $holds): ?float
    {
        foreach ($this->moments as $moment) {
            if ($holds($moment)) {
                return $moment->minute;
            }
        }

        return null;
    }

    /** A layer's number as the drawing counts it, from 1: what is laid on the base is none. */
    public function layerNumber(int $index): int
    {
        return $index + ($this->end()->layers[0]->matter === Matter::Crust ? 0 : 1);
    }

    /** @return list<LayerState> */
    public function riceLayers(): array
    {
        return array_values(
            array_filter($this->end()->layers, static fn (LayerState $state): bool => $state->matter === Matter::Rice),
        );
    }

    /** @return array<string, mixed> as `orbek:lid` prints it */
    public function toArray(bool $trace): array
    {
        $end = $this->end();
        $layers = array_map(static fn (LayerState $state): array => [
            'matter' => $state->matter->value,
        ] + match ($state->matter) {
            Matter::Rice => [
                'doneness_min' => round($state->doneness, 3), 'uptake' => round($state->uptake, 3),
                'free_water_share' => round($state->freeShare, 3), 'texture' => $state->texture()->value,
            ],
            Matter::Filling => ['core_c' => round($state->coreC, 1), 'tenderness' => round($state->tenderness, 2)],
            default => ['temperature_c' => round($state->celsius, 1)],
        }, $end->layers);

        return [
            'steam_at_lid_min' => $this->steamAtLidMin() === null ? null : round($this->steamAtLidMin(), 2),
            'browning' => round($end->browning, 4),
            'colour' => $end->colour()->value,
            'leak_g' => round($end->leakG, 2),
            'cloth_g' => round($end->clothG, 2),
            'layers' => $layers,
            'balance' => [
                'water_g' => round($this->steaming->waterOffG(), 6),
                'energy_share' => round($this->steaming->energyOff(), 8),
            ],
        ] + ($trace ? ['trace' => array_map(static fn (Moment $moment): array => [
            'minute' => round($moment->minute, 3),
            'base_c' => round($moment->baseC, 1),
            'face_c' => round($moment->faceC, 1),
            'top_c' => round($moment->topC, 1),
            'lid_c' => round($moment->lidC, 1),
            'browning' => round($moment->browning, 4),
            'leak_g' => round($moment->leakG, 2),
            'cloth_g' => round($moment->clothG, 2),
            'layers' => array_map(
                static fn (LayerState $state): array => [
                    'c' => round($state->celsius, 1), 'doneness' => round($state->doneness, 3),
                    'uptake' => round($state->uptake, 3), 'core_c' => round($state->coreC, 1),
                    'tenderness' => round($state->tenderness, 2),
                ],
                $moment->layers,
            ),
        ], $this->moments)] : []);
    }
}

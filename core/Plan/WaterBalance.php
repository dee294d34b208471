<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Seal;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Pot\Matter;

/** The layered pot's water, in grams: what the rice still needs, what brings it, what takes it, and how it ends. */
final readonly class WaterBalance
{
    /** Weight over raw weight at which rice eats separate and tender. */
    private const FROM = 2.30;

    private const TO = 2.65;

    /** @param  list<Mend>  $mends words to change, where it ends dry or wet */
    private function __construct(
        /** What the rice still takes to be tender, from and to. */
        public float $needsFromG,
        public float $needsToG,
        /** Free water round the grains and poured over them. */
        public float $surfaceG,
        /** Free water and coming juice of the filling. */
        public float $fillingG,
        public float $leakG,
        public float $clothG,
        /** Weight over raw weight that the rice ends with. */
        public float $uptake,
        public Texture $texture,
        public array $mends,
    ) {
    }

    public static function of(Dish $dish, Mass $raw, Course $course): self
    {
        $start = $course->moments[0]->layers;
        $end = $course->end();
        $layeredRaw = 0.0;
        $holds = 0.0;
        $surface = 0.0;
        foreach ($start as $index => $layer) {
            if ($layer->matter === Matter::Rice) {
                $rawKg = $course->pot->layers[$index]->rawKg;
                $layeredRaw += $rawKg;
                $holds += $rawKg * ($layer->uptake - $layer->freeShare);
                $surface += $rawKg * $layer->freeShare;
            }
        }
        $filling = 0.0;
        foreach ($course->pot->layers as $layer) {
            $filling += $layer->matter === Matter::Filling ? $layer->freeKg + $layer->juiceKg : 0.0;
        }
        $rice = array_values(array_filter($end->layers, static fn (LayerState $state): bool => $state->matter === Matter::Rice));
        $uptake = $free = 0.0;
        $done = 1.0;
        foreach ($course->pot->layers as $index => $layer) {
            if ($layer->matter === Matter::Rice && $layeredRaw > 0) {
                $uptake += $layer->rawKg / $layeredRaw * $end->layers[$index]->uptake;
                $free += $layer->rawKg / $layeredRaw * $end->layers[$index]->freeShare;
                $done = min($done, $end->layers[$index]->doneness);
            }
        }
        $texture = $rice === [] ? Texture::Tender : Texture::of($uptake, $free, $done);

        return new self(
            1000 * max(0.0, self::FROM * $layeredRaw - $holds), 1000 * max(0.0, self::TO * $layeredRaw - $holds),
            1000 * $surface, 1000 * $filling, $end->leakG, $end->clothG, $uptake, $texture, self::mends($dish, $texture, $done),
        );
    }

    public function isRight(): bool
    {
        return $this->texture === Texture::Tender || $this->texture === Texture::Firm;
    }

    /** Dry, right or wet, as the picture says it. */
    public function word(): string
    {
        return match ($this->texture) {
            Texture::Hard => 'too dry',
            Texture::Firm => 'right, on the firm side',
            Texture::Tender => 'right',
            Texture::Soft => 'on the wet side',
            Texture::Wet => 'too wet',
        };
    }

    /** @return list<Mend> */
    private static function mends(Dish $dish, Texture $texture, float $done): array
    {
        if ($texture === Texture::Tender || $texture === Texture::Firm || ($texture === Texture::Hard && $done < 0.9)) {
            return [];
        }
        $isDry = $texture === Texture::Hard;
        $mends = [];
        $wetness = Wetness::cases();
        $at = (int) array_search($dish->filling->wetness, $wetness, true) + ($isDry ? 1 : -1);
        if (isset($wetness[$at]) && ! $dish->school->isMeasured()) {
            $mends[] = new Mend('Layer the filling '.$wetness[$at]->label(), 'filling/wetness', $wetness[$at]->value);
        }
        if ($isDry) {
            $mends[] = new Mend('Sprinkle the top before the lid', 'lid/sprinkled_ml_per_kg', round($dish->lid->sprinkledMlPerKg + 100));
            if ($dish->lid->seal->leakShare() > Seal::Foil->leakShare()) {
                $mends[] = new Mend('Seal with '.Seal::Foil->label(), 'lid/seal', Seal::Foil->value);
            }
        } else {
            if ($dish->lid->sprinkledMlPerKg > 0) {
                $mends[] = new Mend('Sprinkle nothing', 'lid/sprinkled_ml_per_kg', 0);
            }
            if ($dish->lid->seal !== Seal::Cloth) {
                $mends[] = new Mend('Seal with '.Seal::Cloth->label(), 'lid/seal', Seal::Cloth->value);
            }
        }

        return $mends;
    }
}

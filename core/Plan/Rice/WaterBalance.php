<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Rice;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Filling\Wetness;
use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Mend\Mend;
use Orbek\Core\Pot\Seal;

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

    public static function of(Dish $dish, Course $course): self
    {
        $start = $course->moments[0]->layers;
        $end = $course->end()->layers;
        $raw = $holds = $surface = $filling = $uptake = $free = 0.0;
        $done = 1.0;
        foreach ($course->pot->layers as $index => $layer) {
            if ($layer instanceof SealedFilling) {
                $filling += $layer->stuff->freeKg + $layer->juiceKg();
            } elseif ($layer instanceof SealedRice) {
                $raw += $layer->rawKg;
                $holds += $layer->rawKg * ($start[$index]->uptake - $start[$index]->freeShare);
                $surface += $layer->rawKg * $start[$index]->freeShare;
                $uptake += $layer->rawKg * $end[$index]->uptake;
                $free += $layer->rawKg * $end[$index]->freeShare;
                $done = min($done, $end[$index]->doneness);
            }
        }
        $texture = $raw <= 0 ? Texture::Tender : Texture::of($uptake / $raw, $free / $raw, $done);

        return new self(
            needsFromG: 1000 * max(0.0, self::FROM * $raw - $holds),
            needsToG: 1000 * max(0.0, self::TO * $raw - $holds),
            surfaceG: 1000 * $surface,
            fillingG: 1000 * $filling,
            leakG: $course->end()->leakG,
            clothG: $course->end()->clothG,
            uptake: $raw <= 0
                ? 0.0
                : $uptake / $raw,
            texture: $texture,
            mends: self::mends($dish, $texture, $done),
        );
    }

    public function isRight(): bool
    {
        return $this->texture === Texture::Tender || $this->texture === Texture::Firm;
    }

    /** Dry, right or wet, as the picture says it. */
    public function word(): Note
    {
        return match ($this->texture) {
            Texture::Hard => Note::of('water-balance.too-dry'),
            Texture::Firm => Note::of('water-balance.right-on-the-firm-side'),
            Texture::Tender => Note::of('water-balance.right'),
            Texture::Soft => Note::of('water-balance.on-the-wet-side'),
            Texture::Wet => Note::of('water-balance.too-wet'),
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
        $place = $dish->fillings->inPot()->mainPlace();
        $at = $place === null ? -1
            : (int) array_search($dish->fillings->get($place)->wetness, $wetness, true) + ($isDry ? 1 : -1);
        if (isset($wetness[$at]) && ! $dish->grain->cooking->isMeasured()) {
            $mends[] = new Mend(
                Note::of('water-balance.layer-the-filling', wetness: $wetness[$at]),
                "fillings/{$place}/wetness",
                $wetness[$at]->value,
            );
        }
        if ($isDry) {
            $mends[] = new Mend(
                Note::of('water-balance.sprinkle'),
                'lid/sprinkled_ml_per_kg',
                round($dish->lid->sprinkledMlPerKg + 100),
            );
            $foil = $dish->craft->seals->get(Seal::FOIL, 'lid/seal');
            if ($dish->lid->seal->leakShare > $foil->leakShare) {
                $mends[] = new Mend(Note::of('water-balance.seal-with', seal: $foil->name), 'lid/seal', $foil->id);
            }
        } else {
            if ($dish->lid->sprinkledMlPerKg > 0) {
                $mends[] = new Mend(Note::of('water-balance.sprinkle-nothing'), 'lid/sprinkled_ml_per_kg', 0);
            }
            $cloth = $dish->craft->seals->get(Seal::CLOTH, 'lid/seal');
            if ($dish->lid->seal->id !== $cloth->id) {
                $mends[] = new Mend(Note::of('water-balance.seal-with', seal: $cloth->name), 'lid/seal', $cloth->id);
            }
        }

        return $mends;
    }
}

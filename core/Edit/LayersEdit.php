<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Matter;

/**
 * Layers moved, parted, added, removed and weighed anew, so that the shares of rice and of filling
 * always add up. They count from the base up, from 0.
 */
final readonly class LayersEdit implements Edit
{
    private const LEAST = 0.05;

    private const MOST_LAYERS = 12;

    private function __construct(private LayerWord $word, private int $at, private float $number, private string $path)
    {
    }

    /** @param  mixed  $value a place for "to", % of all its rice or filling for "share", g for "grams" */
    public static function read(string $word, int $at, string $path, mixed $value): self
    {
        $word = LayerWord::tryFrom($word)
            ?? throw Refused::unknown($path, $word, array_column(LayerWord::cases(), 'value'));
        $fields = Fields::of([$path => $value]);

        return new self($word, $at, match ($word) {
            LayerWord::To => (float) $fields->whole($path, 0, self::MOST_LAYERS),
            LayerWord::Share => $fields->number($path, 0, 100, '%'),
            LayerWord::Grams => $fields->number($path, 1, 50000, 'g'),
            default => 0.0,
        }, $path);
    }

    public function on(Plan $plan): Dish
    {
        $dish = $plan->dish;
        $layers = $dish->build->layers;
        if (! isset($layers[$this->at]) && $this->word !== LayerWord::AddFilling) {
            throw Refused::because(
                $this->path, 'refused.no-such-layer', at: $this->at, layers: count($layers) - 1,
            );
        }
        $changed = match ($this->word) {
            LayerWord::Up => self::moved($layers, $this->at, $this->at + 1),
            LayerWord::Down => self::moved($layers, $this->at, $this->at - 1),
            LayerWord::To => self::moved($layers, $this->at, (int) $this->number),
            LayerWord::Halve => self::parted($layers, $this->at, 2),
            LayerWord::Third => self::parted($layers, $this->at, 3),
            LayerWord::Remove => self::without($dish, $this->at),
            LayerWord::Share => $this->weighed($dish, $this->number / 100),
            LayerWord::Grams => $this->weighed($dish, $this->shareOf($plan)),
            LayerWord::AddRice => self::with($dish, LayerChoice::plain(Matter::Rice, 1.0)),
            LayerWord::AddFilling => self::with($dish, LayerChoice::plain(Matter::Filling, 1.0, $this->at)),
        };

        return $dish->changed(
            'layers',
            array_map(static fn (LayerChoice $layer): array => $layer->toArray(), $changed),
        );
    }

    /** The share that gives a layer so many grams. */
    private function shareOf(Plan $plan): float
    {
        $layer = $plan->layersInPot()[$this->at] ?? throw Refused::because($this->path, 'refused.folded-has-no-layers');

        return $this->number / $layer->mass->inGrams() * $plan->dish->build->layers[$this->at]->share;
    }

    /** The share of all rice or filling that lies in the layers: the crust may hold some of the rice. */
    private static function whole(Dish $dish, Matter $matter): float
    {
        return $matter === Matter::Rice ? 1 - $dish->build->base->riceShare : 1.0;
    }

    /**
     * @param  non-empty-list<LayerChoice>  $layers
     * @return list<LayerChoice> as they were where there is no such place
     */
    private static function moved(array $layers, int $at, int $to): array
    {
        if (isset($layers[$to])) {
            $moved = $layers[$at];
            array_splice($layers, $at, 1);
            array_splice($layers, $to, 0, [$moved]);
        }

        return $layers;
    }

    /**
     * @param  non-empty-list<LayerChoice>  $layers
     * @return list<LayerChoice>
     */
    private static function parted(array $layers, int $at, int $parts): array
    {
        self::hasRoom($layers, $parts - 1);
        array_splice($layers, $at, 1, array_fill(0, $parts, $layers[$at]->withShare($layers[$at]->share / $parts)));

        return $layers;
    }

    /** @return list<LayerChoice> */
    private static function without(Dish $dish, int $at): array
    {
        $layers = $dish->build->layers;
        array_splice($layers, $at, 1);

        return self::closed($dish, $layers, $dish->build->layers[$at]);
    }

    /** @return list<LayerChoice> */
    private static function with(Dish $dish, LayerChoice $one): array
    {
        self::hasRoom($dish->build->layers, 1);
        $same = count(self::of($dish->build->layers, $one));
        $one = $one->withShare(self::whole($dish, $one->matter) / max(1, $same));

        return self::closed($dish, [...$dish->build->layers, $one], $one);
    }

    /** @return list<LayerChoice> */
    private function weighed(Dish $dish, float $share): array
    {
        $layers = $dish->build->layers;
        $field = "layers/{$this->at}/share";
        $matter = $layers[$this->at]->matter;
        $others = self::of($layers, $layers[$this->at]);
        unset($others[$this->at]);
        if ($others === []) {
            throw Refused::because($field, 'refused.only-layer', matter: $matter->value);
        }
        $whole = self::whole($dish, $matter);
        $most = 100 * ($whole - self::LEAST * count($others));
        $share = Refused::unlessBetween($field, round(100 * $share, 6), 100 * self::LEAST, round($most, 1), '%') / 100;
        $sum = self::sum($others);
        foreach ($others as $index => $layer) {
            $layers[$index] = $layer->withShare(($whole - $share) * $layer->share / $sum);
        }
        $layers[$this->at] = $layers[$this->at]->withShare($share);

        return array_values($layers);
    }

    /**
     * The shares of one rice or filling scaled so that they add up again.
     *
     * @param  list<LayerChoice>  $layers
     * @return list<LayerChoice>
     */
    private static function closed(Dish $dish, array $layers, LayerChoice $like): array
    {
        $matter = $like->matter;
        $sum = self::sum(self::of($layers, $like));
        if ($sum <= 0) {
            throw Refused::because('layers', 'refused.last-layer', matter: $matter->value);
        }

        return array_map(static fn (LayerChoice $layer): LayerChoice => $layer->isLike($like)
            ? $layer->withShare($layer->share * self::whole($dish, $matter) / $sum)
            : $layer, $layers);
    }

    /**
     * @param  list<LayerChoice>  $layers
     * @return array<int, LayerChoice> those of one rice or filling, where they lie
     */
    private static function of(array $layers, LayerChoice $like): array
    {
        return array_filter($layers, static fn (LayerChoice $layer): bool => $layer->isLike($like));
    }

    /** @param  array<int, LayerChoice>  $layers */
    private static function sum(array $layers): float
    {
        return array_sum(array_map(static fn (LayerChoice $layer): float => $layer->share, $layers));
    }

    /** @param  list<LayerChoice>  $layers */
    private static function hasRoom(array $layers, int $more): void
    {
        if (count($layers) + $more > self::MOST_LAYERS) {
            throw Refused::because('layers', 'refused.most-layers', layers: count($layers));
        }
    }
}

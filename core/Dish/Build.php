<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Pot\Matter;

/** How a dish's pot is filled: base, layers, what lies among them and what is poured over. */
final readonly class Build
{
    private const SHARES_CLOSE = 0.005;

    /**
     * @param  non-empty-list<LayerChoice>  $layers from the base up
     * @param  list<Extra>  $extras
     * @param  list<Poured>  $poured over the rice as the lid is put on
     */
    private function __construct(
        public Base $base,
        public array $layers,
        public array $extras,
        public array $poured,
        public bool $mound,
        /** Rice and filling folded together instead of layered. */
        public bool $folded,
        public int $steamHoles,
    ) {
    }

    /**
     * @param  Fields  $fields the dish's
     * @param  string  $lidRing the ring of the sealed pot
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Craft $craft, Fillings $fillings, string $lidRing): self
    {
        $base = Base::fromFields($fields->object('base'), $craft->bases);

        return new self(
            base: $base,
            layers: self::layers($fields, $base, $fillings),
            extras: array_map(
                static fn (Fields $one): Extra => Extra::fromFields($one, $craft->preparations, $lidRing),
                $fields->each('extras'),
            ),
            poured: self::pouredOver($fields),
            mound: $fields->flag('mound', false),
            folded: $fields->flag('folded', false),
            steamHoles: $fields->whole('steam_holes', 0, 9, 0),
        );
    }

    /**
     * @return non-empty-list<LayerChoice> from the base up
     *
     * @throws Refused when there is none, shares do not add up, or one is of no filling
     */
    private static function layers(Fields $fields, Base $base, Fillings $fillings): array
    {
        $layers = array_map(LayerChoice::fromFields(...), $fields->each('layers'));
        if ($layers === []) {
            throw Refused::because('layers', 'refused.no-layer-of-each');
        }
        self::closes('layers', 'rice', $base->riceShare, $layers, Matter::Rice);
        self::layersOf($fillings, $layers);

        return $layers;
    }

    /** Whether a topping goes down the steam holes and not on each layer: fat, where there are holes. */
    public function goesIntoHoles(Extra $one): bool
    {
        return $this->steamHoles > 0 && $one->kind === ExtraKind::Fat && $one->split['layers'] > 0;
    }

    /** @return list<Poured> what is poured over before the lid is put on */
    public function underTheLid(): array
    {
        return array_values(array_filter($this->poured, static fn (Poured $one): bool => ! $one->isAfter));
    }

    /**
     * @return list<Poured>
     *
     * @throws Refused
     */
    private static function pouredOver(Fields $fields): array
    {
        $poured = array_map(Poured::fromFields(...), $fields->each('poured'));
        if (count($poured) > Poured::MOST) {
            throw Refused::because('poured', 'refused.too-many', count: count($poured), most: Poured::MOST);
        }

        return $poured;
    }

    /**
     * @param  list<LayerChoice>  $layers
     *
     * @throws Refused where a layer is of a filling that is not in the pot, or one in the pot has no layer
     */
    private static function layersOf(Fillings $fillings, array $layers): void
    {
        foreach ($layers as $index => $layer) {
            if ($layer->matter === Matter::Filling && ! isset($fillings->inPot()->all[$layer->of])) {
                throw Refused::because("layers/{$index}/of", 'refused.no-such-filling', place: $layer->of);
            }
        }
        foreach (array_keys($fillings->inPot()->all) as $place) {
            self::closes('layers', $fillings->get($place)->name, 0.0, $layers, Matter::Filling, $place);
        }
    }

    /** @param  list<LayerChoice>  $layers */
    private static function closes(
        string $field, string $what, float $sum, array $layers, Matter $matter, int $of = 0,
    ): void {
        foreach ($layers as $layer) {
            $sum += $layer->matter === $matter && $layer->of === $of ? $layer->share : 0.0;
        }
        if (abs($sum - 1) > self::SHARES_CLOSE) {
            throw Refused::because($field, 'refused.shares-of-layers', what: $what, sum: round($sum, 3));
        }
    }
}

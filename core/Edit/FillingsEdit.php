<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Fillings;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Matter;

/** A filling more or less, in the pot or beside it: the layers follow. */
final readonly class FillingsEdit implements Edit
{
    /** How far a new filling is cooked when it is layered. */
    private const READY = 0.8;

    private function __construct(private string $word, private int $place, private mixed $value, private string $path)
    {
    }

    /**
     * @param  string  $word add (with a name, a kind and how much of the rice), remove, or beside
     * @param  mixed  $value for beside whether it is cooked beside the pot
     */
    public static function read(string $word, int $place, string $path, mixed $value): self
    {
        return in_array($word, ['add', 'remove', 'beside'], true) ? new self($word, $place, $value, $path)
            : throw Refused::unknown($path, $word, ['add', 'remove', 'beside']);
    }

    public function on(Plan $plan): Dish
    {
        $dish = $plan->dish;
        if ($this->word !== 'add' && ! isset($dish->fillings->all[$this->place])) {
            throw Refused::because($this->path, 'refused.no-such-filling', place: $this->place);
        }

        return match ($this->word) {
            'add' => $this->added($dish),
            'remove' => $this->removed($dish),
            default => $this->beside($dish, $this->value === true),
        };
    }

    private function added(Dish $dish): Dish
    {
        $document = $dish->toArray();
        $fields = Fields::of(is_array($this->value) ? $this->value : []);
        $place = count($dish->fillings->all);
        if ($place >= Fillings::MOST) {
            throw Refused::because('fillings', 'refused.too-many', count: $place + 1, most: Fillings::MOST);
        }
        $isBeside = $fields->flag('beside', false);
        $list = is_array($document['fillings']) ? array_values($document['fillings']) : [];
        $list[] = [
            'name' => $fields->text('name'), 'ready' => $isBeside ? 1.0 : self::READY,
            'parts' => [[
                'name' => $fields->text('name'), 'kind' => $fields->text('kind'),
                'of_rice' => $fields->number('of_rice', 0.01, 4, 'times the rice'),
            ]],
        ] + ($isBeside ? ['beside' => true] : []);

        return $dish->withDocument(['fillings' => $list, 'layers' => $isBeside
            ? self::written($dish->build->layers) : self::withLayer($dish->build->layers, $place)] + $document);
    }

    private function removed(Dish $dish): Dish
    {
        $document = $dish->toArray();
        $list = is_array($document['fillings']) ? array_values($document['fillings']) : [];
        array_splice($list, $this->place, 1);
        $layers = [];
        foreach ($dish->build->layers as $layer) {
            if ($layer->matter !== Matter::Filling || $layer->of < $this->place) {
                $layers[] = $layer->toArray();
            } elseif ($layer->of > $this->place) {
                $layers[] = ['of' => $layer->of - 1] + $layer->toArray();
            }
        }

        return $dish->withDocument(['fillings' => $list, 'layers' => $layers] + $document);
    }

    private function beside(Dish $dish, bool $isBeside): Dish
    {
        if ($dish->fillings->get($this->place)->isBeside === $isBeside) {
            return $dish;
        }
        $document = $dish->toArray();
        $list = is_array($document['fillings']) ? array_values($document['fillings']) : [];
        $one = is_array($list[$this->place] ?? null) ? $list[$this->place] : [];
        unset($one['beside']);
        $list[$this->place] = $one + ($isBeside ? ['beside' => true] : []);
        $others = array_values(array_filter(
            $dish->build->layers,
            fn (LayerChoice $layer): bool => $layer->matter !== Matter::Filling || $layer->of !== $this->place,
        ));

        return $dish->withDocument(['fillings' => $list, 'layers' => $isBeside
            ? self::written($others) : self::withLayer($dish->build->layers, $this->place)] + $document);
    }

    /**
     * One layer of a filling, under the rice on top.
     *
     * @param  list<LayerChoice>  $layers
     * @return list<array<string, mixed>>
     */
    private static function withLayer(array $layers, int $place): array
    {
        $top = array_key_last($layers);
        $at = $top !== null && $layers[$top]->matter === Matter::Rice ? $top : count($layers);
        array_splice($layers, $at, 0, [LayerChoice::plain(Matter::Filling, 1.0, $place)]);

        return self::written($layers);
    }

    /**
     * @param  list<LayerChoice>  $layers
     * @return list<array<string, mixed>>
     */
    private static function written(array $layers): array
    {
        return array_map(static fn (LayerChoice $layer): array => $layer->toArray(), $layers);
    }
}

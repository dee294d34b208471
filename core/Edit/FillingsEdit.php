<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\FillingPart;
use Orbek\Core\Dish\Fillings;
use Orbek\Core\Dish\FillingWork;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Matter;

/** A filling more or less, in the pot or beside it: the layers follow. */
final readonly class FillingsEdit implements Edit
{
    private const WORDS = ['add', 'remove', 'beside', 'readied'];

    private function __construct(private string $word, private int $place, private mixed $value, private string $path)
    {
    }

    /**
     * @param  string  $word add (with a name, a kind and how much of the rice), remove, beside, or readied: by the
     *     work that its kinds bring
     * @param  mixed  $value for beside whether it is cooked beside the pot
     */
    public static function read(string $word, int $place, string $path, mixed $value): self
    {
        return in_array($word, self::WORDS, true) ? new self($word, $place, $value, $path)
            : throw Refused::unknown($path, $word, self::WORDS);
    }

    public function on(Plan $plan): Dish
    {
        $dish = $plan->dish;
        if ($this->word !== 'add' && ! isset($dish->fillings->all[$this->place])) {
            throw Refused::because($this->path, 'refused.no-such-filling', place: $this->place);
        }

        return match ($this->word) {
            'add' => $this->added($plan),
            'readied' => $this->readied($plan),
            'remove' => $this->removed($dish),
            default => $this->beside($plan, $this->value === true),
        };
    }

    private function added(Plan $plan): Dish
    {
        $dish = $plan->dish;
        $document = $dish->toArray();
        $fields = Fields::of(is_array($this->value) ? $this->value : []);
        $place = count($dish->fillings->all);
        if ($place >= Fillings::MOST) {
            throw Refused::because('fillings', 'refused.too-many', count: $place + 1, most: Fillings::MOST);
        }
        $isBeside = $fields->flag('beside', false);
        $list = is_array($document['fillings']) ? array_values($document['fillings']) : [];
        $list[] = self::work($plan)->afresh([
            'name' => $fields->text('name'), 'ready' => 1.0,
            'parts' => [[
                'name' => $fields->text('name'), 'kind' => $fields->text('kind'),
                'of_rice' => $fields->number('of_rice', 0.01, FillingPart::MOST_OF_RICE, 'times the rice'),
            ]],
        ] + ($isBeside ? ['beside' => true] : []));

        return $dish->withDocument(['fillings' => $list, 'layers' => $isBeside
            ? self::written($dish->build->layers) : self::withLayer($dish->build->layers, $place)] + $document);
    }

    /** On a ring that neither rice nor pot wants, where there is one. */
    public static function work(Plan $plan): FillingWork
    {
        $rings = $plan->kitchen->equipment->rings;
        $free = array_diff_key($rings, [$plan->dish->lid->ring => true, $plan->dish->grain->water->ring => true]);

        return new FillingWork($plan->dish->craft, (string) array_key_first($free === [] ? $rings : $free));
    }

    private function readied(Plan $plan): Dish
    {
        $filling = $plan->dish->toArray()['fillings'];
        $one = is_array($filling) && is_array($filling[$this->place] ?? null) ? $filling[$this->place] : [];

        // What is cooked before is not raw, whatever was said of it.
        return $plan->dish->changed("fillings/{$this->place}", self::work($plan)->afresh(['ready' => 1.0] + $one));
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

    private function beside(Plan $plan, bool $isBeside): Dish
    {
        $dish = $plan->dish;
        if ($dish->fillings->get($this->place)->isBeside === $isBeside) {
            return $dish;
        }
        $document = $dish->toArray();
        $list = is_array($document['fillings']) ? array_values($document['fillings']) : [];
        $one = is_array($list[$this->place] ?? null) ? $list[$this->place] : [];
        unset($one['beside']);
        $one += $isBeside ? ['beside' => true] : [];
        // What its kinds brought is done through where it is served by itself, and less where it is layered.
        $brought = array_column(is_array($one['steps'] ?? null) ? $one['steps'] : [], 'of');
        $isWithout = $isBeside && ($one['steps'] ?? []) === [];
        $list[$this->place] = $isWithout || $brought !== []
            ? self::work($plan)->afresh($isWithout ? ['ready' => 1.0] + $one : $one) : $one;
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

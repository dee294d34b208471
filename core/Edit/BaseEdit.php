<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\LayerChoice;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;
use Orbek\Core\Pot\Matter;

/** Another base, or more or less rice in it: the layers' rice makes room. */
final readonly class BaseEdit implements Edit
{
    private const USUAL_SHARE = 0.15;

    private function __construct(private ?string $kind, private ?float $riceShare)
    {
    }

    /** @param  mixed  $value a base kind's id, or for "base:rice_share" the share of all rice, % */
    public static function read(string $path, mixed $value): self
    {
        return $path === 'base:kind'
            ? new self(Fields::of(['base/kind' => $value])->text('base/kind'), null)
            : new self(null, Fields::of(['base/rice_share' => $value])->number('base/rice_share', 5, 60, '%') / 100);
    }

    public function on(Plan $plan): Dish
    {
        $dish = $plan->dish;
        $document = $dish->toArray();
        $base = is_array($document['base']) ? $document['base'] : [];
        $share = $this->riceShare ?? 0.0;
        if ($this->kind !== null) {
            $kind = $dish->craft->bases->get($this->kind, 'base/kind');
            $base['kind'] = $kind->id;
            $was = $dish->build->base->riceShare;
            $share = $kind->takesRice ? ($was > 0 ? $was : self::USUAL_SHARE) : 0.0;
        }
        // Another base is cut as its kind is.
        unset($base['rice_share']);
        $base = array_diff_key($base, $this->kind === null ? [] : ['slice_mm' => 0]);
        $document['base'] = $base + ($share > 0 ? ['rice_share' => $share] : []);
        $document['layers'] = array_map(
            static fn (LayerChoice $layer): array => $layer->matter === Matter::Rice
                ? ['share' => $layer->share * (1 - $share) / (1 - $dish->build->base->riceShare)] + $layer->toArray()
                : $layer->toArray(),
            $dish->build->layers,
        );

        return $dish->withDocument($document);
    }
}

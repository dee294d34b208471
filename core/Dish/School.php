<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Heat\Bounds;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\StockHeat;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;

/**
 * A school of the craft: how its rice is cooked, its own heats, and the dish that it begins with; a
 * file of schema/craft/schools.
 */
final readonly class School
{
    /**
     * @param  non-empty-list<StockHeat>  $heats
     * @param  array<
     *     string, mixed
     * >  $first a dish document without name and table, its pots and rings told by their part
     */
    private function __construct(
        public string $id,
        public string $label,
        /** What the word means, for its first use on a page. */
        public string $gloss,
        public Cooking $cooking,
        public array $heats,
        public array $first,
        /** What its low heat must not be shorter than, min: grains lengthen and dry in it, which is not computed. */
        private float $lowLeastMin,
    ) {
    }

    /** What it asks of a heat line beside its end: its least low heat, and a rest as long as its own. */
    public function bounds(): Bounds
    {
        $last = $this->heats[count($this->heats) - 1];

        return new Bounds($this->lowLeastMin, $last->isRest() ? $last->minutes : 0.0);
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  Known<Cue>  $cues
     *
     * @throws Refused naming the field
     */
    public static function fromArray(array $document, Known $cues): self
    {
        $fields = Fields::of($document);
        $heats = array_map(
            static fn (Fields $one): StockHeat => StockHeat::fromFields($one, $cues), $fields->each('heats'),
        );
        $first = $document['first'] ?? null;
        if ($heats === []) {
            throw Refused::because('heats', 'refused.no-stretch');
        }
        if (! is_array($first)) {
            throw Refused::because('first', 'refused.no-first-dish');
        }

        return new self(
            id: $fields->text('id'),
            label: $fields->text('label'),
            gloss: $fields->text('gloss'),
            cooking: $fields->one(
                'cooking',
                Cooking::class,
            ),
            heats: $heats,
            first: array_combine(array_map(strval(...), array_keys($first)), array_values($first)),
            lowLeastMin: $fields->number('low_least_min', 0, 240, 'min'),
        );
    }
}

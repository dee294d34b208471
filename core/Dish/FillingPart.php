<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Filling\FillingKind;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Refused;

/** One thing in the filling. */
final readonly class FillingPart
{
    /** Raw weight over the raw rice's, at most: eight thighs to a cup of rice. */
    public const MOST_OF_RICE = 8;

    /** @param  list<Allergen>  $holds */
    private function __construct(
        public string $name,
        public FillingKind $kind,
        /** Raw weight over the raw rice's. */
        public float $ofRice,
        public array $holds,
        /** What one weighs, g, where it comes whole. */
        public ?float $pieceG,
        /** Half the thickness of a piece as cut, mm; null for the usual of its kind. */
        public ?float $halfMm,
        public ?Bought $bought,
    ) {
    }

    /**
     * @param  Known<FillingKind>  $kinds
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $kinds): self
    {
        $kind = $fields->known('kind', $kinds);
        $holds = $fields->many('holds', Allergen::class);

        return new self(
            name: $fields->text('name'),
            kind: $kind,
            ofRice: $fields->number('of_rice', 0.01, self::MOST_OF_RICE, 'times the rice'),
            holds: [
                ...$holds,
                ...array_values(
                    array_filter($kind->holds, static fn (Allergen $own): bool => ! in_array($own, $holds, true)),
                ),
            ],
            pieceG: $fields->has('piece_g') ? $fields->number('piece_g', 5, 2000, 'g') : null,
            halfMm: $fields->has('half_mm') ? $fields->number('half_mm', 1, 80, 'mm') : null,
            bought: $fields->has('bought') ? Bought::fromFields($fields->object('bought')) : null,
        );
    }
}

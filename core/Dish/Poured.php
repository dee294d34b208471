<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Care\Allergen;
use Orbek\Core\Measure\Fat;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;

/** A liquid that goes over the rice, as the lid is put on or when it is opened: saffron, butter, milk, broth. */
final readonly class Poured
{
    public const MOST = 4;

    /** @param  list<Allergen>  $holds */
    private function __construct(
        public string $name,
        /** For each kg of raw rice. */
        public float $mlPerKg,
        /** Share of it that is fat, by volume. */
        public float $fatShare,
        public array $holds,
        /** Over the open rice once the heat is over: the rice under the lid has none of it. */
        public bool $isAfter,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self(
            $fields->text('name'), $fields->number('ml_per_kg', 1, 500, 'ml per kg of rice'),
            $fields->number('fat_share', 0, 1, '', 0.0), $fields->many('holds', Allergen::class),
            $fields->flag('after', false),
        );
    }

    public function ml(Mass $rice): float
    {
        return $this->mlPerKg * $rice->kg;
    }

    /** The water of it, which the rice takes up, kg. */
    public function waterKg(Mass $rice): float
    {
        return $this->ml($rice) / 1000 * (1 - $this->fatShare);
    }

    /** What a litre of it weighs. */
    public function kgPerLitre(): float
    {
        return 1 - $this->fatShare + $this->fatShare * Fat::KG_PER_L;
    }
}

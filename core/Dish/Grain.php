<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;

/** What a dish does with its rice: the bag and its soak, the water, what is boiled with it. */
final readonly class Grain
{
    /** @param  list<Boiled>  $boiled with the rice */
    private function __construct(
        public RiceChoice $rice,
        public WaterChoice $water,
        public array $boiled,
        /** The school's way, unless the dish has its own. */
        public Cooking $cooking,
    ) {
    }

    /**
     * @param  Fields  $fields the dish's
     * @param  Known<BoiledKind>  $kinds
     * @param  string  $lidRing the ring of the sealed pot
     *
     * @throws Refused
     */
    public static function fromFields(Fields $fields, Known $kinds, Cooking $cooking, string $lidRing): self
    {
        return new self(
            RiceChoice::fromFields($fields->object('rice')),
            WaterChoice::fromFields($fields->object('water'), $cooking, $lidRing),
            self::boiledWith($fields, $kinds, $cooking),
            $cooking,
        );
    }

    /** What is boiled with so much raw rice weighs so much when it is drained. */
    public function boiledMass(Mass $rice): Mass
    {
        return Mass::kilograms(array_sum(array_map(
            static fn (Boiled $one): float => $one->drained($rice)->kg, $this->boiled,
        )));
    }

    /** Its volume, litres. */
    public function boiledLitres(Mass $rice): float
    {
        return array_sum(array_map(
            static fn (Boiled $one): float => $one->drained($rice)->kg / $one->kind->kgPerL, $this->boiled,
        ));
    }

    /**
     * @param  Known<BoiledKind>  $kinds
     * @return list<Boiled>
     *
     * @throws Refused where the rice is not boiled and drained
     */
    private static function boiledWith(Fields $fields, Known $kinds, Cooking $cooking): array
    {
        $boiled = array_map(
            static fn (Fields $one): Boiled => Boiled::fromFields($one, $kinds), $fields->each('boiled'),
        );
        if ($boiled !== [] && $cooking !== Cooking::Drained) {
            throw Refused::because('boiled', 'refused.not-boiled');
        }
        if (count($boiled) > Boiled::MOST) {
            throw Refused::because('boiled', 'refused.too-many', count: count($boiled), most: Boiled::MOST);
        }

        return $boiled;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Refused;

/** How many eat, and how much: a dish's usual size, or its share of a meal. */
final readonly class Table
{
    public const MOST_EATERS = 60;

    public const LEAST_EACH_G = 20.0;

    public const MOST_EACH_G = 400.0;

    private const CHILD = 0.5;

    /** Past this many people each further one takes less: more side dishes, more is left. */
    private const FULL_SHARES = 8;

    private const FURTHER = 0.85;

    private const SIDE_DISH = 0.05;

    private function __construct(
        public int $eaters,
        public int $children,
        public Portion $portion,
        /** Raw rice for one adult, g, where the cook's own recipe says it; else the portion's. */
        public ?float $ownEachG,
        public int $leftovers,
        /** Side dishes that fill, beside salad and pickles: each takes 5 % off the rice. */
        public int $sideDishes,
        /** @var list<Step> made beside it */
        public array $sides,
        public Serving $serving,
    ) {
    }

    /** @throws Refused */
    public static function fromFields(Fields $dish): self
    {
        $fields = $dish->object('usual');
        $eaters = $fields->whole('eaters', 1, self::MOST_EATERS);

        return new self(
            eaters: $eaters,
            children: $fields->whole('children', 0, $eaters, 0),
            portion: $fields->one('plates', Portion::class, Portion::Usual),
            ownEachG: $fields->has('each_g')
                ? $fields->number('each_g', self::LEAST_EACH_G, self::MOST_EACH_G, 'g for one adult') : null,
            leftovers: $fields->whole('leftovers', 0, 20, 0),
            sideDishes: $fields->whole('side_dishes', 0, 4, 0),
            sides: array_map(Step::fromFields(...), $dish->each('sides')),
            serving: $dish->one('serve', Serving::class, Serving::Scooped),
        );
    }

    /** Adult shares of rice: children half, people past eight 85 %, leftovers in full. */
    public function shares(): float
    {
        $shares = (float) $this->leftovers;
        for ($person = 1; $person <= $this->eaters; $person++) {
            // Adults are counted first, so that the rule of eight falls on the children.
            $share = $person <= $this->eaters - $this->children ? 1.0 : self::CHILD;
            $shares += $person <= self::FULL_SHARES ? $share : $share * self::FURTHER;
        }

        return $shares * (1 - self::SIDE_DISH * $this->sideDishes);
    }

    public function rawRice(): Mass
    {
        return Mass::grams($this->shares() * $this->eachG());
    }

    /** Raw rice for one adult, g. */
    public function eachG(): float
    {
        return $this->ownEachG ?? $this->portion->gramsPerAdult();
    }

    /** How many adults on usual plates so much rice feeds. */
    public function feeds(): float
    {
        return $this->rawRice()->inGrams() / Portion::Usual->gramsPerAdult();
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;

/** Salt in spoons, which become grams a litre by the kitchen's salt and the water of the plan. */
final readonly class SaltEdit implements Edit
{
    private const LEAST_L = 0.05;

    private function __construct(private float $teaspoons)
    {
    }

    public static function read(string $path, mixed $value): self
    {
        return new self(Fields::of([$path => $value])->number($path, 0, 200, 'teaspoons'));
    }

    public function on(Plan $plan): Dish
    {
        $litres = max(self::LEAST_L, $plan->potted->rice->waterL());

        return $plan->dish->changed(
            'water/salt_g_per_l',
            round($plan->kitchen->pantry->salt->mass($this->teaspoons)->inGrams() / $litres, 2),
        );
    }
}

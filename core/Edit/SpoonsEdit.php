<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;

/** Salt by the teaspoon where the dish has it by weight: so many of the house's own salt. */
final readonly class SpoonsEdit implements Edit
{
    /** The field's path, with what it is told in behind it. */
    public const PATH = '#^(rice/soak/salt_g_per_l|water/salt_g_per_l|fillings/\d/salt_g_per_kg):spoons$#';

    private function __construct(private string $path, private float $teaspoons)
    {
    }

    public static function read(string $path, mixed $value): self
    {
        return new self(
            substr($path, 0, -strlen(':spoons')), Fields::of([$path => $value])->number($path, 0, 20, 'teaspoons'),
        );
    }

    public function on(Plan $plan): Dish
    {
        return $plan->dish->changed(
            $this->path, round($plan->kitchen->pantry->salt->mass($this->teaspoons)->inGrams(), 2),
        );
    }
}

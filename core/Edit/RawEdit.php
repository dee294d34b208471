<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\Table;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Plan;

/** Raw rice by its weight, which becomes so much for each who eats; by people again where none is given. */
final readonly class RawEdit implements Edit
{
    private const MOST_G = 20_000.0;

    private function __construct(private string $path, private ?float $grams)
    {
    }

    public static function read(string $path, mixed $value): self
    {
        $fields = Fields::of([$path => $value]);

        return new self($path, $value === null ? null : $fields->number($path, 1, self::MOST_G, 'g'));
    }

    /** @throws Refused where it is too little or too much for those who eat */
    public function on(Plan $plan): Dish
    {
        $shares = $plan->dish->table->shares();
        if ($this->grams === null) {
            return $plan->dish->changed('usual/each_g', null);
        }
        Refused::unlessBetween(
            $this->path, $this->grams, ceil($shares * Table::LEAST_EACH_G), floor($shares * Table::MOST_EACH_G), 'g',
        );

        return $plan->dish->changed('usual/each_g', round($this->grams / $shares, 4));
    }
}

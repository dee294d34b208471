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
    /** By cups of the kitchen; else "usual/raw_g", by weight. */
    public const CUPS = 'usual/raw_cups';

    private const MOST_G = 20_000.0;

    private const MOST_CUPS = 100.0;

    private function __construct(private string $path, private ?float $amount, private bool $isCups)
    {
    }

    public static function read(string $path, mixed $value): self
    {
        $fields = Fields::of([$path => $value]);

        $isCups = $path === self::CUPS;

        return new self($path, $value === null ? null : $fields->number(
            $path, $isCups ? 0.1 : 1.0, $isCups ? self::MOST_CUPS : self::MOST_G, $isCups ? 'cups' : 'g',
        ), $isCups);
    }

    /** @throws Refused where it is too little or too much for those who eat */
    public function on(Plan $plan): Dish
    {
        $shares = $plan->dish->table->shares();
        if ($this->amount === null) {
            return $plan->dish->changed('usual/each_g', null);
        }
        $bag = $plan->kitchen->bag($plan->dish->grain->rice->bag, 'rice/lot');
        $gramsACup = $plan->kitchen->equipment->cup->millilitres() * $bag->kind->bulkKgPerLitre();
        $grams = $this->isCups ? $this->amount * $gramsACup : $this->amount;
        Refused::unlessBetween(
            $this->path, $grams, ceil($shares * Table::LEAST_EACH_G), floor($shares * Table::MOST_EACH_G), 'g',
        );

        return $plan->dish->changed('usual/each_g', round($grams / $shares, 4));
    }
}

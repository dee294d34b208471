<?php

declare(strict_types=1);

namespace Orbek\Core\Edit;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Plan;

/** The cook's own minutes in the boil, kept beside the stage that is aimed for; none where none are given. */
final readonly class BoilMinutesEdit implements Edit
{
    public const PATH = 'told:boil_min';

    private function __construct(private ?float $minutes)
    {
    }

    public static function read(mixed $value): self
    {
        return new self($value === null ? null : Fields::of([self::PATH => $value])->number(self::PATH, 1, 90, 'min'));
    }

    public function on(Plan $plan): Dish
    {
        $document = $plan->dish->toArray();
        $told = is_array($document['told'] ?? null) ? $document['told'] : [];
        $told = array_filter(
            ['boil_min' => $this->minutes === null ? null : [$this->minutes, $this->minutes]] + $told,
            static fn (mixed $value): bool => $value !== null,
        );

        return $plan->dish->changed('told', $told === [] ? null : $told);
    }
}

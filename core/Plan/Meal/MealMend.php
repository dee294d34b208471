<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Meal;

use Orbek\Core\Measure\Note;

/**
 * A change of the meal, and by how many minutes it shortens the work; null where it makes it fit at all. Its path is
 * empty where a thing is short that no word of the meal can bring.
 */
final readonly class MealMend
{
    public function __construct(public Note $label, public string $path, public mixed $value, public ?int $gainMin)
    {
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Mass;
use Orbek\Core\Measure\Note;
use Orbek\Core\Measure\Refused;

/** What a thing is bought as, and how much of that is left when it is peeled, boned, fried or soaked. */
final readonly class Bought
{
    private function __construct(public string $name, public float $yield)
    {
    }

    /** @throws Refused */
    public static function fromFields(Fields $fields): self
    {
        return new self($fields->text('name'), $fields->number('yield', 0.05, 4, 'of what is bought'));
    }

    public static function as(string $name, float $yield): self
    {
        return new self($name, $yield);
    }

    public function mass(Mass $wanted): Mass
    {
        return $wanted->times(1 / $this->yield);
    }

    public function why(): Note
    {
        return $this->yield <= 1
            ? Note::of('bought.yield', food: Staple::named($this->name), yield: (int) round(100 * $this->yield))
            : Note::of('bought.swells', food: Staple::named($this->name), yield: round($this->yield, 2));
    }
}

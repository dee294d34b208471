<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Fields;

/** One dish of a meal is given up: what it holds is free for the rest. */
final readonly class LeftOut extends Event
{
    /** @param  int  $dish its place among the meal's dishes */
    protected function __construct(string $id, DateTimeImmutable $at, public int $dish)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('of', 0, Meal::MOST_DISHES - 1));
    }

    protected function details(): array
    {
        return ['of' => $this->dish];
    }

    /** Whose work is left out is the meal's to say (MealCook). */
    public function happenTo(State $state): bool
    {
        return true;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Fields;

/** More or fewer pairs of hands cook than was thought. */
final readonly class Hands extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public int $hands)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('hands', 1, Meal::MOST_HANDS));
    }

    protected function details(): array
    {
        return ['hands' => $this->hands];
    }

    /** When what is done is the whole meal's to say (MealCook). */
    public function happenTo(State $state): bool
    {
        return true;
    }
}

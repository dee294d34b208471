<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Dish\Table;
use Orbek\Core\Measure\Fields;

/** More or fewer come to the table than was thought. */
final readonly class Eaters extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public int $eaters)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('eaters', 1, Table::MOST_EATERS));
    }

    protected function details(): array
    {
        return ['eaters' => $this->eaters];
    }

    /** What a dish becomes by it is planned anew (MealCook); what has happened to it stays. */
    public function happenTo(State $state): bool
    {
        return true;
    }
}

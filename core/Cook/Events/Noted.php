<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Outcome;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** How it came out was written down; the last note counts. */
final readonly class Noted extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, private Outcome $outcome)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, Outcome::fromFields($fields->object('outcome')));
    }

    protected function details(): array
    {
        return ['outcome' => $this->outcome->toArray()];
    }

    public function happenTo(State $state): bool
    {
        $state->outcome = $this->outcome;

        return false;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** An event was taken back: the fold leaves it out. */
final readonly class Undone extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $event)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'));
    }

    protected function details(): array
    {
        return ['subject' => $this->event];
    }

    public function happenTo(State $state): bool
    {
        return false;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\WorkKind;

/** A task was begun. */
final readonly class Started extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $task)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'));
    }

    protected function details(): array
    {
        return ['subject' => $this->task];
    }

    public function happenTo(State $state): bool
    {
        if (! isset($state->progress[$this->task]) || $state->progress[$this->task]->startedAt !== null) {
            return false;
        }
        $state->start($this->task, $this->at);
        if ($state->plan->day->work($this->task)->kind === WorkKind::Boil) {
            $state->scoops = 0;
        }

        return true;
    }
}

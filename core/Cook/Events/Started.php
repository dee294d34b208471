<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\Tasks;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Work\WorkKind;

/** A task was begun. */
final readonly class Started extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $task, private ?int $who)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), Taken::reader($fields));
    }

    protected function details(): array
    {
        return ['subject' => $this->task] + ($this->who === null ? [] : ['who' => $this->who]);
    }

    public function happenTo(State $state): bool
    {
        if (! $this->happenToSides($state)) {
            return false;
        }
        if ($state->plan->day->task($this->task)->kind === WorkKind::Boil) {
            $state->scoops = 0;
        }

        return true;
    }

    public function happenToSides(Tasks $sides): bool
    {
        if (! isset($sides->progress[$this->task]) || $sides->progress[$this->task]->startedAt !== null) {
            return false;
        }
        $sides->start($this->task, $this->at);
        if ($this->who !== null) {
            $sides->takenBy[$this->task] = $this->who;
        }

        return true;
    }
}

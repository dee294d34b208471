<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\Tasks;
use Orbek\Core\Measure\Fields;

/** A task was given more minutes, or fewer. */
final readonly class Lengthened extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $task, private int $minutes)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), $fields->whole('minutes', -60, 60));
    }

    protected function details(): array
    {
        return ['subject' => $this->task, 'minutes' => $this->minutes];
    }

    public function happenTo(State $state): bool
    {
        return $this->happenToSides($state);
    }

    public function happenToSides(Tasks $sides): bool
    {
        $progress = $sides->progress[$this->task] ?? null;
        if ($progress === null || $progress->lengthenedMin + $this->minutes > Tasks::MOST_LONGER_MIN) {
            return false;
        }
        $sides->lengthen($this->task, $this->minutes);

        return true;
    }
}

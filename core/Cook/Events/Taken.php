<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\Tasks;
use Orbek\Core\Meal\Meal;
use Orbek\Core\Measure\Fields;

/** One of those who cook took a task: "I do it". */
final readonly class Taken extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, private string $task, private int $who)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), $fields->whole('who', 1, Meal::MOST_HANDS));
    }

    /** The pair of hands that did something, where it is told. */
    public static function reader(Fields $fields): ?int
    {
        return $fields->has('who') ? $fields->whole('who', 1, Meal::MOST_HANDS) : null;
    }

    protected function details(): array
    {
        return ['subject' => $this->task, 'who' => $this->who];
    }

    public function happenTo(State $state): bool
    {
        return $this->happenToSides($state);
    }

    public function happenToSides(Tasks $sides): bool
    {
        if (! isset($sides->progress[$this->task]) || $sides->progress[$this->task]->isDone()) {
            return false;
        }
        $sides->takenBy[$this->task] = $this->who;

        return true;
    }
}

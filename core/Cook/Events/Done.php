<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\HowDone;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\Tasks;
use Orbek\Core\Measure\Fields;

/** A task was finished; of one that ends by a look, in time or too late. */
final readonly class Done extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $task, public HowDone $how)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), $fields->one('how', HowDone::class, HowDone::InTime));
    }

    protected function details(): array
    {
        return ['subject' => $this->task] + ($this->how === HowDone::InTime ? [] : ['how' => $this->how->value]);
    }

    public function happenTo(State $state): bool
    {
        $counts = $this->happenToSides($state);
        if ($counts && $this->how === HowDone::TooFar) {
            $state->tooFar[] = $this->task;
        }
        if ($counts && $this->how === HowDone::FromKettle) {
            $state->fromKettle[] = $this->task;
        }

        return $counts;
    }

    public function happenToSides(Tasks $sides): bool
    {
        if (! isset($sides->progress[$this->task]) || $sides->progress[$this->task]->isDone()) {
            return false;
        }
        $sides->end($this->task, $this->at);

        return true;
    }
}

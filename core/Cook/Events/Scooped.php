<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Plan\Rice\BoilPlan;

/** A first scoop was lifted while the rest boils on. */
final readonly class Scooped extends Event
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
        $rice = $state->plan->potted->rice;
        $isRunning = ($state->progress[$this->task] ?? null)?->isRunning() === true;
        if (! $isRunning || ! $rice instanceof BoilPlan || $state->scoops >= count($rice->lifts) - 1) {
            return false;
        }
        $state->scoops++;

        return true;
    }
}

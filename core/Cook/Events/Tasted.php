<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\TasteSaid;
use Orbek\Core\Measure\Fields;

/** Something was tasted at a task. */
final readonly class Tasted extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $task, public TasteSaid $taste)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), $fields->one('taste', TasteSaid::class));
    }

    protected function details(): array
    {
        return ['subject' => $this->task, 'taste' => $this->taste->value];
    }

    public function happenTo(State $state): bool
    {
        $tasted = $state->plan->day->tasks[$this->task]->endsBy->tastes ?? null;
        if ($tasted === null) {
            return false;
        }
        $state->tasted[$this->task] = $this->taste;
        $state->tastings[] = [$tasted, $this->taste];

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** The water was seen to boil again. */
final readonly class BackAtBoil extends Event
{
    private const LATEST_S = 1800.0;

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
        $seconds = $state->secondsIn($this->task, $this->at);
        if ($seconds === null) {
            return false;
        }
        $state->backAtBoilS = min($seconds, self::LATEST_S);

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** Those who eat will be late. */
final readonly class Late extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public int $minutes)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('minutes', 1, 120));
    }

    protected function details(): array
    {
        return ['minutes' => $this->minutes];
    }

    public function happenTo(State $state): bool
    {
        $state->lateMin += $this->minutes;
        $held = $state->stretchThatHolds();
        if ($held !== null) {
            $state->lengthen($held, $this->minutes);
        }

        return true;
    }
}

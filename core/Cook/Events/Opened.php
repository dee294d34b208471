<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** The lid was lifted, and closed again. */
final readonly class Opened extends Event
{
    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at);
    }

    protected function details(): array
    {
        return [];
    }

    public function happenTo(State $state): bool
    {
        if (! $state->isSealed()) {
            return false;
        }
        $state->lidEvents[] = $this;

        return true;
    }
}

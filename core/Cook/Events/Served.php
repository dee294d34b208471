<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** It stands on the table. */
final readonly class Served extends Event
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
        $state->servedAt ??= $this->at;

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use DateTimeImmutable;

/** How far one task is: its true start and end where they have been, and by how much it was lengthened. */
final readonly class Progress
{
    public function __construct(
        public ?DateTimeImmutable $startedAt = null,
        public ?DateTimeImmutable $doneAt = null,
        public int $lengthenedMin = 0,
    ) {
    }

    public function started(DateTimeImmutable $at): self
    {
        return new self($at, null, $this->lengthenedMin);
    }

    public function done(DateTimeImmutable $at): self
    {
        return new self($this->startedAt ?? $at, $at, $this->lengthenedMin);
    }

    public function lengthened(int $minutes): self
    {
        return new self($this->startedAt, $this->doneAt, $this->lengthenedMin + $minutes);
    }

    public function isRunning(): bool
    {
        return $this->startedAt !== null && $this->doneAt === null;
    }

    public function isDone(): bool
    {
        return $this->doneAt !== null;
    }
}

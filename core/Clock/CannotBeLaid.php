<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

use RuntimeException;

/** The tasks cannot be laid so that every gap holds: one cannot follow another soon enough. */
final class CannotBeLaid extends RuntimeException
{
    private function __construct(
        public readonly string $task,
        public readonly string $after,
        public readonly int $mostMin,
    ) {
        parent::__construct("{$task} cannot follow {$after} within {$mostMin} min");
    }

    public static function gap(Task $task, Task $after, int $mostMin): self
    {
        return new self($task->id, $after->id, $mostMin);
    }
}

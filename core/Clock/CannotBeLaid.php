<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

use RuntimeException;

/** The tasks cannot be laid so that every gap holds: one cannot follow another soon enough. */
final class CannotBeLaid extends RuntimeException
{
    private function __construct(
        string $message,
        public readonly string $task = '',
        public readonly string $after = '',
        public readonly int $mostMin = 0,
    ) {
        parent::__construct($message);
    }

    public static function gap(Task $task, Task $after, int $mostMin): self
    {
        return new self(
            "{$task->id} cannot follow {$after->id} within {$mostMin} min", $task->id, $after->id, $mostMin,
        );
    }

    /** No plan was found that minds every gap with what there is. */
    public static function atAll(): self
    {
        return new self('No plan minds every gap with what there is.');
    }
}

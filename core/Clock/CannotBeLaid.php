<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

use RuntimeException;

/** The tasks cannot be laid so that every gap holds. */
final class CannotBeLaid extends RuntimeException
{
    private function __construct(public readonly string $task, public readonly string $after, string $message)
    {
        parent::__construct($message);
    }

    public static function gap(Task $task, Task $after, int $mostMin): self
    {
        return new self($task->id, $after->id, sprintf('"%s" cannot follow "%s" within %d min', $task->name, $after->name, $mostMin));
    }
}

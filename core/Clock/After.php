<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** What a task must come after, and how long may lie between. */
final readonly class After
{
    private function __construct(public string $task, public int $leastMin, public ?int $mostMin)
    {
    }

    public static function anyTime(string $task): self
    {
        return new self($task, 0, null);
    }

    public static function within(string $task, int $mostMin): self
    {
        return new self($task, 0, $mostMin);
    }

    public static function atOnce(string $task): self
    {
        return new self($task, 0, 0);
    }

    public static function gap(string $task, int $leastMin, ?int $mostMin): self
    {
        return new self($task, $leastMin, $mostMin);
    }

    /** Whether it begins by itself when what it follows is done. */
    public function isAtOnce(): bool
    {
        return $this->mostMin === 0;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** A thing that a task has to itself: there is one of each, or so many as are told. */
final readonly class Hold
{
    private function __construct(public HoldKind $kind, public string $id)
    {
    }

    public static function hands(): self
    {
        return new self(HoldKind::Hands, '');
    }

    public static function sink(): self
    {
        return new self(HoldKind::Sink, '');
    }

    public static function oven(): self
    {
        return new self(HoldKind::Oven, '');
    }

    public static function ring(string $id): self
    {
        return new self(HoldKind::Ring, $id);
    }

    public static function pot(string $id): self
    {
        return new self(HoldKind::Pot, $id);
    }

    public function is(self $other): bool
    {
        return $this->kind === $other->kind && $this->id === $other->id;
    }

    /** For a list by thing, and for those who read the plan from outside: "ring:2", "sink". */
    public function key(): string
    {
        return $this->id === '' ? $this->kind->value : "{$this->kind->value}:{$this->id}";
    }
}

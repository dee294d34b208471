<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** A stretch of time with a place on the clock: minutes, hands, what it holds and what it comes after. */
final readonly class Task
{
    /**
     * @param  list<Hold>  $holds things it has to itself throughout, hands aside
     * @param  list<After>  $after
     */
    public function __construct(
        public string $id,
        public int $minutes,
        public Attention $attention,
        public array $holds = [],
        public array $after = [],
    ) {
    }

    /** The same task with no greatest gap to what it follows. */
    public function withoutMost(): self
    {
        $after = array_map(static fn (After $gap): After => After::anyTime($gap->task), $this->after);

        return new self($this->id, $this->minutes, $this->attention, $this->holds, $after);
    }

    public function holds(Hold $thing): bool
    {
        foreach ($this->holds as $hold) {
            if ($hold->is($thing)) {
                return true;
            }
        }

        return false;
    }

    /** The ring it stands on, if it stands on one. */
    public function ring(): ?string
    {
        foreach ($this->holds as $hold) {
            if ($hold->kind === HoldKind::Ring) {
                return $hold->id;
            }
        }

        return null;
    }

    /**
     * Each thing it holds and when, in minutes from its start.
     *
     * @return list<array{string, int, int}> the thing's key, from, to
     */
    public function claims(): array
    {
        $claims = array_map(fn (Hold $hold): array => [$hold->key(), 0, $this->minutes], $this->holds);
        $hands = $this->attention->hands($this->minutes);
        if ($hands !== null) {
            $claims[] = [Hold::hands()->key(), $hands[0], $hands[1]];
        }

        return $claims;
    }
}

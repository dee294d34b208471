<?php

declare(strict_types=1);

namespace Orbek\Core\Clock;

/** A stretch of work: minutes, hands, what it holds and what it comes after. */
final readonly class Task
{
    public const HANDS = 'hands';

    /**
     * @param  list<string>  $holds things it has to itself throughout, hands aside: "sink", "ring:ID", "pot:ID"
     * @param  list<After>  $after
     */
    public function __construct(
        public string $id,
        public string $name,
        public int $minutes,
        public Attention $attention,
        public array $holds = [],
        public array $after = [],
        public ?string $detail = null,
        /** What the cook says when it begins, and when it is done. */
        public string $begin = 'Start',
        public string $finish = 'Done',
        /** How long ahead what it makes keeps, in words; null where it must be used at once. */
        public ?string $keeps = null,
    ) {
    }

    /** How long it takes from here, when some of it has passed. */
    public function shortenedTo(int $minutes): self
    {
        return new self($this->id, $this->name, $minutes, $this->attention === Attention::AtStart ? Attention::None : $this->attention, $this->holds, $this->after, $this->detail, $this->begin, $this->finish, $this->keeps);
    }

    /**
     * The same task, minding only tasks that are still to come.
     *
     * @param  list<string>  $ids
     */
    public function minding(array $ids): self
    {
        $after = array_values(array_filter($this->after, static fn (After $gap): bool => in_array($gap->task, $ids, true)));

        return new self($this->id, $this->name, $this->minutes, $this->attention, $this->holds, $after, $this->detail, $this->begin, $this->finish, $this->keeps);
    }

    /** The same task with no greatest gap to what it follows. */
    public function withoutMost(): self
    {
        return new self($this->id, $this->name, $this->minutes, $this->attention, $this->holds, array_map(static fn (After $gap): After => After::anyTime($gap->task), $this->after), $this->detail, $this->begin, $this->finish, $this->keeps);
    }

    /** The ring it stands on, if it stands on one. */
    public function burner(): ?string
    {
        foreach ($this->holds as $hold) {
            if (str_starts_with($hold, 'ring:')) {
                return substr($hold, 5);
            }
        }

        return null;
    }

    /**
     * Each thing it holds and when, in minutes from its start.
     *
     * @return list<array{string, int, int}>
     */
    public function claims(): array
    {
        $claims = array_map(fn (string $hold): array => [$hold, 0, $this->minutes], $this->holds);
        $hands = $this->attention->hands($this->minutes);
        if ($hands !== null) {
            $claims[] = [self::HANDS, $hands[0], $hands[1]];
        }

        return $claims;
    }
}

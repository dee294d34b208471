<?php

declare(strict_types=1);

namespace Orbek\Core\Plan;

use Orbek\Core\Clock\Job;
use Orbek\Core\Measure\Note;

/** A task of a meal: whose it is, what it is called, and what the clock sees of it. */
final readonly class MealTask
{
    /** @param  int|null  $dish its place among the meal's dishes; null for a side */
    public function __construct(
        public Job $job,
        public Note $name,
        public ?Note $detail,
        public ?int $dish,
        public ?WorkKind $kind,
        public ?Note $keeps,
    ) {
    }

    /** Whether it wants somebody's hands, from its start. */
    public function wantsHands(): bool
    {
        foreach ($this->job->claims as [$thing]) {
            if ($thing === 'hands') {
                return true;
            }
        }

        return false;
    }

    /** The ring it is on, by id; null where it is on none. */
    public function ring(): ?string
    {
        foreach ($this->job->claims as [$thing]) {
            if (str_starts_with($thing, 'ring:')) {
                return substr($thing, 5);
            }
        }

        return null;
    }

    public function isInOven(): bool
    {
        return in_array('oven', array_column($this->job->claims, 0), true);
    }

    /** The same at a fixed start: a pin of the cook's. */
    public function pinned(int $start): self
    {
        return new self(
            $this->job->pinned($start), $this->name, $this->detail, $this->dish, $this->kind, $this->keeps,
        );
    }
}

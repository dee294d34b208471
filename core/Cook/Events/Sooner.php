<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** The table is wanted sooner than it was to be. */
final readonly class Sooner extends Event
{
    /** Sooner than this in all it is another day's supper, min. */
    private const MOST_MIN = 7 * 24 * 60;

    protected function __construct(string $id, DateTimeImmutable $at, public int $minutes)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('minutes', 1, self::MOST_MIN));
    }

    protected function details(): array
    {
        return ['minutes' => $this->minutes];
    }

    public function happenTo(State $state): bool
    {
        $state->lateMin -= $this->minutes;

        return true;
    }
}

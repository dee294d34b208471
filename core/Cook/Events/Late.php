<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** Those who eat will be late. */
final readonly class Late extends Event
{
    /** Later than this in all it is another day's supper, min. */
    public const MOST_MIN = 12 * 60;

    protected function __construct(string $id, DateTimeImmutable $at, public int $minutes)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('minutes', 1, 120));
    }

    protected function details(): array
    {
        return ['minutes' => $this->minutes];
    }

    public function happenTo(State $state): bool
    {
        // One that would be another day does not count; the door says so before.
        if ($state->lateMin + $this->minutes > self::MOST_MIN) {
            return false;
        }
        $state->lateMin += $this->minutes;
        $held = $state->stretchThatHolds();
        if ($held !== null) {
            $state->lengthen($held, $this->minutes);
        }

        return true;
    }
}

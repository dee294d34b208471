<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Progress;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\Tasks;
use Orbek\Core\Measure\Fields;

/** A task was given more minutes, or fewer; or was told to end so many minutes from then. */
final readonly class Lengthened extends Event
{
    protected function __construct(
        string $id, DateTimeImmutable $at, public string $task, private int $minutes, private ?int $endsInMin,
    ) {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        $endsIn = $fields->has('ends_in') ? $fields->whole('ends_in', 1, 240) : null;
        $minutes = $fields->whole('minutes', -60, 60, $endsIn === null ? null : 0);

        return new self($id, $at, $fields->text('subject'), $minutes, $endsIn);
    }

    protected function details(): array
    {
        return ['subject' => $this->task] + ($this->endsInMin === null
            ? ['minutes' => $this->minutes] : ['ends_in' => $this->endsInMin]);
    }

    public function happenTo(State $state): bool
    {
        return $this->happenToSides($state);
    }

    public function happenToSides(Tasks $sides): bool
    {
        $progress = $sides->progress[$this->task] ?? null;
        $minutes = $progress === null ? null : $this->more($sides, $progress);
        if ($minutes === null || $progress->lengthenedMin + $minutes > Tasks::MOST_LONGER_MIN) {
            return false;
        }
        $sides->lengthen($this->task, $minutes);

        return true;
    }

    /** Minutes more than it has now; null where it is to end at a time and does not run. */
    private function more(Tasks $sides, Progress $progress): ?int
    {
        if ($this->endsInMin === null) {
            return $this->minutes;
        }
        $endsAt = $progress->isRunning() ? $sides->endsAt($this->task) : null;

        // Half a minute counts up, as in the page that goes on alone.
        return $endsAt === null ? null : $this->endsInMin - (int) floor(
            ($endsAt->getTimestamp() - $this->at->getTimestamp()) / 60 + 0.5,
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Rice\Stage;

/** A grain was pressed or bitten. */
final readonly class Tested extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $task, private Stage $stage)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), $fields->one('stage', Stage::class));
    }

    protected function details(): array
    {
        return ['subject' => $this->task, 'stage' => $this->stage->value];
    }

    public function happenTo(State $state): bool
    {
        $seconds = $state->secondsIn($this->task, $this->at);
        if ($seconds === null) {
            return false;
        }
        $state->observations[] = Observation::touched($seconds, $this->stage, $state->plan->eye());

        return true;
    }
}

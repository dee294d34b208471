<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Cue;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** The closed pot showed or told something. */
final readonly class CueSeen extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public Cue $cue)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->one('subject', Cue::class));
    }

    protected function details(): array
    {
        return ['subject' => $this->cue->value];
    }

    public function happenTo(State $state): bool
    {
        if (! $state->isSealed()) {
            return false;
        }
        $state->lidEvents[] = $this;

        return true;
    }
}

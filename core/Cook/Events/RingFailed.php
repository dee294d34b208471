<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Fields;

/** A ring gives no heat any more. */
final readonly class RingFailed extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $ring)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('ring'));
    }

    public function inKitchen(Kitchen $kitchen): static
    {
        $kitchen->ring($this->ring, 'ring');

        return $this;
    }

    protected function details(): array
    {
        return ['ring' => $this->ring];
    }

    public function happenTo(State $state): bool
    {
        if ($state->isSealed()) {
            $state->lidEvents[] = $this;
        }

        return true;
    }
}

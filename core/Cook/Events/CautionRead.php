<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** A caution was read; it need not be said again in this cook. */
final readonly class CautionRead extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, private string $caution)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'));
    }

    protected function details(): array
    {
        return ['subject' => $this->caution];
    }

    public function happenTo(State $state): bool
    {
        $state->cautionsRead[] = $this->caution;

        return false;
    }
}

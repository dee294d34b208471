<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\LeftoversGone;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** What was left is eaten, thrown away, or cooked on. */
final readonly class LeftoversWent extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, private LeftoversGone $how)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->one('how', LeftoversGone::class));
    }

    protected function details(): array
    {
        return ['how' => $this->how->value];
    }

    public function happenTo(State $state): bool
    {
        if ($state->leftovers === null) {
            return false;
        }
        $state->leftoversGone = $this->how;

        return true;
    }
}

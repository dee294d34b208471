<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\Leftovers;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** What was left went into the fridge; the last that was said counts. */
final readonly class Chilled extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, private int $portions)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->whole('portions', 1, Leftovers::MOST_PORTIONS));
    }

    protected function details(): array
    {
        return ['portions' => $this->portions];
    }

    public function happenTo(State $state): bool
    {
        if ($state->servedAt === null) {
            return false;
        }
        $state->leftovers = new Leftovers(
            $this->portions, $this->at, $state->servedAt, $state->plan->kitchen->site->roomC,
        );
        $state->leftoversGone = null;

        return true;
    }
}

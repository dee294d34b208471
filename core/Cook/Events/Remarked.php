<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Measure\Fields;

/** A line written later: "at breakfast it was dry". */
final readonly class Remarked extends Event
{
    private const LONGEST = 300;

    protected function __construct(string $id, DateTimeImmutable $at, public string $line)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, mb_substr(trim($fields->text('line')), 0, self::LONGEST));
    }

    protected function details(): array
    {
        return ['line' => $this->line];
    }

    public function happenTo(State $state): bool
    {
        $state->remarks[] = $this;

        return true;
    }
}

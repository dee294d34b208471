<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Learning\MeasuredCrust;
use Orbek\Core\Measure\Fields;

/** The crust and something white were touched in a photograph; the last that was measured counts. */
final readonly class CrustMeasured extends Event
{
    protected function __construct(
        string $id, DateTimeImmutable $at, private string $picture, private MeasuredCrust $crust,
    ) {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('picture'), MeasuredCrust::fromFields($fields));
    }

    protected function details(): array
    {
        return ['picture' => $this->picture] + $this->crust->toArray();
    }

    public function happenTo(State $state): bool
    {
        $state->measuredCrust = $this->crust;

        return false;
    }
}

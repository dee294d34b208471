<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Dish\Craft;
use Orbek\Core\Lid\Cue;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Known;

/** The closed pot showed or told something. */
final readonly class CueSeen extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, public string $cue)
    {
        parent::__construct($id, $at);
    }

    /**
     * @param  Known<Cue>  $cues of the craft
     * @return Cue|null null for one that the craft no longer has
     */
    public function of(Known $cues): ?Cue
    {
        return $cues->all[$this->cue] ?? null;
    }

    /** @param  Known<Cue>  $cues */
    public function says(Known $cues): string
    {
        return $this->of($cues)->says ?? $this->cue;
    }

    public function knownTo(Craft $craft, string $field): static
    {
        $craft->cues->get($this->cue, $field);

        return $this;
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'));
    }

    protected function details(): array
    {
        return ['subject' => $this->cue];
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

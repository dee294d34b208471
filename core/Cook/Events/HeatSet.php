<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Measure\Fields;

/** The ring under the closed pot was turned. */
final readonly class HeatSet extends Event
{
    /** @param  string|null  $ring where the pot was set on another */
    protected function __construct(
        string $id, DateTimeImmutable $at, private string $subject, public float $setting, public ?string $ring,
    ) {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self(
            $id, $at, $fields->text('subject'), $fields->number('setting', 0, 100, '%'),
            $fields->has('ring') ? $fields->text('ring') : null,
        );
    }

    protected function details(): array
    {
        return ['subject' => $this->subject, 'setting' => $this->setting]
            + ($this->ring === null ? [] : ['ring' => $this->ring]);
    }

    public function inKitchen(Kitchen $kitchen): static
    {
        if ($this->ring !== null) {
            $kitchen->ring($this->ring, 'ring');
        }

        return $this;
    }

    /**
     * What is under the pot from then on.
     *
     * @param  string  $ring where it stands when it was not set on another
     */
    public function flame(string $ring): Flame
    {
        return $this->setting <= 0.0 ? Flame::off() : Flame::on($this->ring ?? $ring, $this->setting / 100);
    }

    /** The flame before it, turned. */
    public function turned(Flame $before, string $ring): Flame
    {
        return $this->ring === null ? $before->at($this->setting / 100, $ring)
            : Flame::on($this->ring, $this->setting / 100, $before->plate);
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

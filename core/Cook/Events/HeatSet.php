<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Measure\Fields;

/** The ring under the closed pot was turned. */
final readonly class HeatSet extends Event
{
    protected function __construct(string $id, DateTimeImmutable $at, private string $subject, public float $setting)
    {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self($id, $at, $fields->text('subject'), $fields->number('setting', 0, 100, '%'));
    }

    protected function details(): array
    {
        return ['subject' => $this->subject, 'setting' => $this->setting];
    }

    /** What is under the pot from then on. */
    public function flame(string $ring): Flame
    {
        return $this->setting <= 0.0 ? Flame::off() : Flame::on($ring, $this->setting / 100);
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

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/** A spoonful was weighed, raw and drained. */
final readonly class Weighed extends Event
{
    /** A spoonful, not the dish. */
    public const MOST_RAW_G = 200;

    /** Rice weighs between itself and three and a half times itself. */
    private const MOST_RATIO = 3.5;

    protected function __construct(
        string $id, DateTimeImmutable $at, public string $task, private float $rawG, private float $drainedG,
    ) {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        $raw = $fields->number('raw_g', 1, self::MOST_RAW_G, 'g');
        $drained = $fields->number('drained_g', 0, 2000, 'g');
        Refused::unlessBetween($fields->at('drained_g').' over raw_g', $drained / $raw, 1.0, self::MOST_RATIO);

        return new self($id, $at, $fields->text('subject'), $raw, $drained);
    }

    protected function details(): array
    {
        return ['subject' => $this->task, 'raw_g' => $this->rawG, 'drained_g' => $this->drainedG];
    }

    public function happenTo(State $state): bool
    {
        $seconds = $state->secondsIn($this->task, $this->at);
        if ($seconds === null) {
            return false;
        }
        $state->observations[] = Observation::weighed($seconds, $this->drainedG / $this->rawG);

        return true;
    }
}

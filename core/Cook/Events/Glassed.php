<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Learning\Observation;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;

/**
 * Grains of a spoonful were read from a photograph, as they were when they left the water. Read again with other grains
 * of the same picture, only the last counts.
 */
final readonly class Glassed extends Event
{
    /** From the water to the picture: rinsed cold, pressed, photographed. They cook no more once they are rinsed. */
    public const RINSED_S = 20;

    protected function __construct(
        string $id, DateTimeImmutable $at, public string $task, public string $picture, public float $doneness,
        public float $sd, private bool $seesHearts,
    ) {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        $picture = $fields->text('picture');
        if (preg_match('/^[0-7][0-9a-hjkmnp-tv-z]{25}$/', $picture) !== 1) {
            throw Refused::because($fields->at('picture'), 'refused.no-ulid', id: $picture);
        }

        return new self(
            id: $id, at: $at, task: $fields->text('subject'), picture: $picture,
            doneness: $fields->number('doneness', 0, 1), sd: $fields->number('sd', 0.005, 1),
            seesHearts: $fields->flag('hearts', true),
        );
    }

    protected function details(): array
    {
        return [
            'subject' => $this->task, 'picture' => $this->picture, 'doneness' => $this->doneness, 'sd' => $this->sd,
            'hearts' => $this->seesHearts,
        ];
    }

    public function happenTo(State $state): bool
    {
        $seconds = $state->secondsIn($this->task, $this->at);
        if ($seconds === null) {
            return false;
        }
        $state->observations = [...array_values(array_filter(
            $state->observations, fn (Observation $one): bool => $one->picture !== $this->picture,
        )), Observation::glass($seconds, $this->picture, $this->doneness, $this->sd, $this->seesHearts)];

        return true;
    }
}

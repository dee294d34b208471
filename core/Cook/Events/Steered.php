<?php

declare(strict_types=1);

namespace Orbek\Core\Cook\Events;

use DateTimeImmutable;
use Orbek\Core\Cook\Event;
use Orbek\Core\Cook\State;
use Orbek\Core\Cook\TurnedHeat;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Fields;
use Orbek\Core\Measure\Refused;
use Orbek\Core\Plan\Work\WorkKind;
use Orbek\Core\Pot\Plate;

/**
 * The heat under a closed pot was turned as it was told: what is on stays on for some minutes, then another, for so
 * many till it is taken off; where the rice is dry, hot water over it first.
 */
final readonly class Steered extends Event
{
    protected function __construct(
        string $id, DateTimeImmutable $at, public float $setting, public string $ring, public ?string $plate,
        public float $stayMin, public float $minutes, public float $sprinkledMl,
    ) {
        parent::__construct($id, $at);
    }

    protected static function read(string $id, DateTimeImmutable $at, Fields $fields): self
    {
        return new self(
            id: $id, at: $at, setting: $fields->number('setting', 0, 100, '%'), ring: $fields->text('ring'),
            plate: $fields->has('plate') ? $fields->text('plate') : null,
            stayMin: $fields->number('stay', 0, 60, 'min', 0), minutes: $fields->number('minutes', 0, 240, 'min'),
            sprinkledMl: $fields->number('sprinkled', 0, 1000, 'ml', 0),
        );
    }

    public function inKitchen(Kitchen $kitchen): static
    {
        $kitchen->ring($this->ring, 'ring');
        $plates = $kitchen->equipment->plates;
        if ($this->plate !== null && ! isset($plates[$this->plate])) {
            throw Refused::unknown('plate', $this->plate, array_keys($plates));
        }

        return $this;
    }

    protected function details(): array
    {
        return ['setting' => $this->setting, 'ring' => $this->ring]
            + ($this->plate === null ? [] : ['plate' => $this->plate])
            + ['stay' => $this->stayMin, 'minutes' => $this->minutes]
            + ($this->sprinkledMl > 0 ? ['sprinkled' => $this->sprinkledMl] : []);
    }

    /** @param  array<string, Plate>  $plates of the kitchen, by id */
    public function flame(array $plates): Flame
    {
        return $this->setting <= 0 ? Flame::off()
            : Flame::on($this->ring, $this->setting / 100, $plates[$this->plate ?? ''] ?? null);
    }

    /**
     * The stretch of a line that is steered: its last heat.
     *
     * @param  list<Stretch>  $line
     */
    public static function low(array $line): ?int
    {
        $heats = array_keys(array_filter($line, static fn (Stretch $stretch): bool => ! $stretch->isRest()));

        return array_pop($heats);
    }

    public function happenTo(State $state): bool
    {
        $low = self::low($state->plan->potted->first()->line());
        if ($low === null || ! $state->isSealed()) {
            return false;
        }
        for ($index = 0; $index < $low; $index++) {
            $this->end($state, WorkKind::Heat->id($index), $this->stayMin);
        }
        $task = WorkKind::Heat->id($low);
        if ($state->progress[$task]->isRunning()) {
            $this->end($state, $task, $this->minutes);
        } elseif (! $state->progress[$task]->isDone()) {
            $state->lengthen($task, (int) round($this->minutes) - $state->minutes($task));
        }
        $state->lidEvents[] = $this;

        return true;
    }

    /** A stretch that is on ends so many minutes from now. */
    private function end(State $state, string $task, float $inMin): void
    {
        if (! $state->progress[$task]->isRunning()) {
            return;
        }
        if ($inMin < 0.5) {
            $state->end($task, $this->at);

            return;
        }
        $startedAt = $state->progress[$task]->startedAt ?? $this->at;
        $since = TurnedHeat::minutes($startedAt, $this->at);
        $state->lengthen($task, (int) round($since + $inMin) - $state->minutes($task));
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Clock\Hold;
use Orbek\Core\Dish\Dish;
use Orbek\Core\Dish\WorkTimes;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Measure\Note;
use Orbek\Core\Plan\Pot\Potted;

/** Where the stations put their work down, in the order in which they do. */
final class Bench
{
    public readonly Dish $dish;

    public readonly WorkTimes $times;

    /** @var list<DishTask> */
    public array $work = [];

    public function __construct(public readonly Potted $potted, public readonly Kitchen $kitchen)
    {
        $this->dish = $potted->dish;
        $this->times = $this->dish->craft->work;
    }

    public function of(WorkKind $kind, Note $name, int $index = 0): Doing
    {
        return new Doing($kind, $index, $name, $this->times);
    }

    /** @return string the id of its task */
    public function put(Doing $doing): string
    {
        $this->work[] = $work = $doing->work();

        return $work->task->id;
    }

    /** How long what a kind of work makes bears to wait. */
    public function waits(WorkKind $kind): int
    {
        return $this->times->waits($kind->value);
    }

    /** @return array{Hold, Hold} the ring and the pot that the rice is boiled in */
    public function boilHolds(): array
    {
        return [Hold::ring($this->dish->grain->water->ring), Hold::pot($this->dish->grain->water->pot)];
    }

    /** The pot that is closed. */
    public function closedPot(): Hold
    {
        return Hold::pot($this->dish->lid->pot);
    }
}

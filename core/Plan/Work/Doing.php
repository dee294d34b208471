<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Care\Caution;
use Orbek\Core\Clock\After;
use Orbek\Core\Clock\Attention;
use Orbek\Core\Clock\Hold;
use Orbek\Core\Clock\Task;
use Orbek\Core\Dish\WorkTimes;
use Orbek\Core\Measure\Note;

/** A piece of work while it is put together: what is not said of it is as the craft has it for its kind. */
final class Doing
{
    private ?int $minutes = null;

    private ?Attention $hands = null;

    /** @var list<Hold> */
    private array $holds = [];

    /** @var list<After> */
    private array $after = [];

    private ?Note $detail = null;

    private ?Note $begin = null;

    private ?Note $finish = null;

    private ?Note $keeps = null;

    private ?Caution $caution = null;

    private ?EndsBy $endsBy = null;

    public function __construct(
        private readonly WorkKind $kind, private readonly int $index, private readonly Note $name,
        private readonly WorkTimes $times,
    ) {
    }

    public function lasting(int $minutes): self
    {
        $this->minutes = $minutes;

        return $this;
    }

    public function wanting(Attention $hands): self
    {
        $this->hands = $hands;

        return $this;
    }

    public function holding(Hold ...$things): self
    {
        $this->holds = [...$this->holds, ...array_values($things)];

        return $this;
    }

    public function after(After ...$gaps): self
    {
        $this->after = [...$this->after, ...array_values($gaps)];

        return $this;
    }

    public function saying(?Note $detail): self
    {
        $this->detail = $detail;

        return $this;
    }

    /** What the cook says when it begins. */
    public function begun(Note $says): self
    {
        $this->begin = $says;

        return $this;
    }

    /** What the cook says when it is done. */
    public function done(Note $says): self
    {
        $this->finish = $says;

        return $this;
    }

    public function keeping(?Note $howLong): self
    {
        $this->keeps = $howLong;

        return $this;
    }

    public function minding(?Caution $caution): self
    {
        $this->caution = $caution;

        return $this;
    }

    public function ending(?EndsBy $by): self
    {
        $this->endsBy = $by;

        return $this;
    }

    public function work(): DishTask
    {
        return new DishTask(
            kind: $this->kind,
            index: $this->index,
            task: new Task(
                $this->kind->id($this->index), $this->minutes ?? $this->times->minutes($this->kind->value),
                $this->hands ?? $this->times->hands($this->kind->value), $this->holds, $this->after,
            ),
            name: $this->name,
            detail: $this->detail,
            begin: $this->begin ?? Note::of('work-order.start'),
            finish: $this->finish ?? Note::of('work-order.done'),
            keeps: $this->keeps,
            caution: $this->caution,
            endsBy: $this->endsBy,
        );
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Dish\Dish;
use Orbek\Core\Heat\Foretold;
use Orbek\Core\Heat\HeatPlan;
use Orbek\Core\Lid\Course;
use Orbek\Core\Measure\Note;

/** A change of a dish for next time: the cause that it meets, and what then comes of it, foretold. */
final readonly class Proposal
{
    /**
     * @param  string|null  $path null where nothing of the dish is to change, but what is done at the stove
     * @param  mixed  $value of the field at the path; null leaves it out
     */
    public function __construct(
        public Note $cause,
        public Note $change,
        public ?string $path,
        public mixed $value,
        /** As it would then be. */
        public Dish $dish,
        /** Unchanged, with the cause as it was. */
        public HeatPlan $before,
        /** Changed, with the cause as it was. */
        public HeatPlan $after,
        /** In how many of the sample's kitchens it comes out. */
        public int $right,
    ) {
    }

    public function course(): Course
    {
        return $this->after->course;
    }

    /** What it costs: minutes more under the lid; fewer where negative. */
    public function longerMin(): int
    {
        return (int) round($this->after->minutes() - $this->before->minutes());
    }

    /** @return list<Foretold> what would still go wrong */
    public function faults(): array
    {
        return Foretold::in($this->after, $this->dish->aim());
    }
}

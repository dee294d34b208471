<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Course;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;

/** A heat line under a pot, what it comes to, and how that is judged. */
final readonly class HeatPlan
{
    /**
     * @param  non-empty-list<Stretch>  $line as planned
     * @param  non-empty-list<Limit>  $limits
     */
    private function __construct(public array $line, public Course $course, public array $limits)
    {
    }

    /**
     * @param  non-empty-list<Stretch>  $line
     * @param  float  $everyS seconds between two moments that are kept
     */
    public static function of(
        SealedPot $pot, Aim $aim, array $line, float $stepS = Steaming::STEP_S, float $everyS = 60.0,
    ): self {
        $course = Course::of($pot, $line, $stepS, $everyS);

        return new self($line, $course, $aim->limits($pot, $course->end(), $course->crustMm()));
    }

    /** A course that was followed for itself, judged. */
    public static function judged(Course $course, Aim $aim): self
    {
        return new self($course->heat, $course, $aim->limits($course->pot, $course->end(), $course->crustMm()));
    }

    /** How long it comes to, min. */
    public function minutes(): float
    {
        return $this->course->end()->minute;
    }

    /** The least margin to any limit, in steps that a cook would notice; negative where one is missed. */
    public function margin(): float
    {
        return min(array_map(static fn (Limit $limit): float => $limit->margin(), $this->limits));
    }

    /** What is missed, added up; 0 where all is as wanted. */
    public function miss(): float
    {
        return array_sum(array_map(static fn (Limit $limit): float => max(0.0, -$limit->margin()), $this->limits));
    }

    public function isRight(): bool
    {
        foreach ($this->limits as $limit) {
            if (! $limit->isMet()) {
                return false;
            }
        }

        return true;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Dish\Filling;
use Orbek\Core\Dish\Step;
use Orbek\Core\Dish\Tasting;

/** What ends a piece of work beside its minutes: a look, and what is tasted. */
final readonly class EndsBy
{
    private const PRESSURE_FROM_MIN = 15;

    private function __construct(
        /** "golden", "a fork goes in"; null where only its minutes end it. */
        public ?string $look,
        public ?Tasting $tastes,
        /** From here on the look is asked for, min. */
        public int $leastMin,
        /** Later than this it has gone too far, min. */
        public int $mostMin,
        /** Meat or fish that is to be tender and safe when it is layered. */
        public bool $isTender,
    ) {
    }

    /** @return self|null null where only its minutes end it */
    public static function of(Step $step, Filling $filling): ?self
    {
        if ($step->till === null && $step->tastes === null) {
            return null;
        }
        $isLast = $filling->steps[count($filling->steps) - 1] === $step;

        return new self(
            $step->till, $step->tastes,
            $step->leastMin ?? max(1, (int) floor(Step::LOOK_LEAST * $step->minutes)),
            $step->mostMin ?? (int) ceil(Step::LOOK_MOST * $step->minutes),
            $isLast && $step->till !== null && $filling->toughest()->wantsCooking(),
        );
    }

    /** Ended by its minutes, and tasted. */
    public static function tasting(Tasting $what, int $minutes): self
    {
        return new self(null, $what, $minutes, $minutes, false);
    }

    /** A little more of it, min: a quarter of the way from the usual to the most. */
    public function moreMin(int $usual): int
    {
        return max(1, (int) round(($this->mostMin - $usual) / 4));
    }

    /** What is left of it under pressure, min; null where that is not worth the while. */
    public function underPressureMin(int $leftMin): ?int
    {
        return $this->isTender && $leftMin >= self::PRESSURE_FROM_MIN
            ? (int) ceil($leftMin / Step::PRESSURE_TIMES) : null;
    }
}

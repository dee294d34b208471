<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

/** What of a closed pot a cue tells: something that its simulation has a number for. */
enum Sign: string
{
    /** Minutes since steam first met the lid. */
    case Steam = 'steam-min';

    case Lid = 'lid-c';

    /** The face of what lies on the base, over the boil. */
    case Face = 'face-over-boil-c';

    case Browning = 'browning';

    /** Share of its own water that the lowest layer still has to give. */
    case BaseWater = 'base-water';

    /** As a pot is now; minus infinity before the first steam. */
    public function now(Steaming $steaming): float
    {
        return match ($this) {
            self::Steam => $steaming->steamAtLidS === null ? -INF : ($steaming->seconds - $steaming->steamAtLidS) / 60,
            self::Lid => $steaming->lidC,
            self::Face => $steaming->faceC - $steaming->pot->boilC,
            self::Browning => $steaming->browning,
            self::BaseWater => $steaming->baseWater(),
        };
    }

    /** As it was, or will be, in a course at a minute. */
    public function at(Course $course, float $minute): float
    {
        return $this->in($course, $course->at($minute));
    }

    public function in(Course $course, Moment $moment): float
    {
        return match ($this) {
            self::Steam => $moment->minute - ($course->steamAtLidMin() ?? INF),
            self::Lid => $moment->lidC,
            self::Face => $moment->faceC - $course->pot->boilC,
            self::Browning => $moment->browning,
            self::BaseWater => $moment->baseWater,
        };
    }

    /** What its noise is of: browning is judged by its logarithm. */
    public function scaled(float $value): float
    {
        return $this === self::Browning ? log(max(1e-4, $value)) : $value;
    }
}

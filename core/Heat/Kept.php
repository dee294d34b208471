<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\Cue;
use Orbek\Core\Lid\Flame;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Stretch;

/** A pot at some minute of its first heat, kept to be gone on from. */
final readonly class Kept
{
    public function __construct(
        public Steaming $steaming,
        public int $minutes,
        /** The minute of steam at the lid; null where it has not come. */
        public ?float $steamMin,
        public ?int $pastMin,
    ) {
    }

    /**
     * The first heat as a stretch: till steam and so much past it, or for so many minutes; none where the low heat
     * begins at once.
     *
     * @return list<Stretch>
     */
    public function stretch(Flame $first, Cue $steam): array
    {
        return match (true) {
            $this->minutes === 0 => [],
            $this->steamMin === null, $this->pastMin === null => [new Stretch((float) $this->minutes, $first)],
            default => [new Stretch(round($this->steamMin, 1), $first, $steam, (float) $this->pastMin)],
        };
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Pot;

use Orbek\Core\Heat\Heating;
use Orbek\Core\Heat\Stove;
use Orbek\Core\Kitchen\Kitchen;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Section;

/** What lies in one pot of a dish, how its lid is closed on it, and the heat it gets. */
final readonly class PotLoad
{
    /**
     * @param  SealedPot|null  $sealed null where the food would not go in
     * @param  Heating|null  $heating null where the food would not go in
     * @param  non-empty-list<Stretch>  $schoolLine the school's own heats, for this pot on its ring
     */
    public function __construct(
        public PotOnRing $place,
        public Section $section,
        public array $schoolLine,
        public ?SealedPot $sealed = null,
        public ?Heating $heating = null,
        /** What a heat is looked for on; null where none is. */
        public ?Stove $stove = null,
    ) {
    }

    /** @return non-empty-list<Stretch> as planned, cues and all */
    public function line(): array
    {
        return $this->heating?->line() ?? $this->schoolLine;
    }

    /** @return list<Note> its heats as a cook reads them, the rest left out */
    public function says(Kitchen $kitchen): array
    {
        $says = [];
        foreach ($this->line() as $at => $stretch) {
            if (! $stretch->isRest()) {
                $says[] = $kitchen->saysStretch($stretch, $this->heat()[$at], $this->place->ring->id);
            }
        }

        return $says;
    }

    /** @return non-empty-list<Stretch> as it comes out, each stretch with the minutes that it takes */
    public function heat(): array
    {
        return $this->heating?->course()->heat ?? $this->schoolLine;
    }
}

<?php

declare(strict_types=1);

namespace Orbek\Core\Cook;

use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedLayer;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\SealedRice;
use Orbek\Core\Lid\Stretch;
use Orbek\Core\Measure\Note;
use Orbek\Core\Pot\Seal;

/** One thing that may have been other than it was thought to be, and a pot followed so. */
final readonly class Otherwise
{
    /**
     * @param  float  $by of a ring or a mark its factor, of a filling water as a share of its weight, of rice its
     *     doneness, of the first heat its minutes
     */
    private function __construct(public Note $cause, public Sway $sway, public float $by, private Seal $loose)
    {
    }

    /**
     * @param  Seal  $loose what a lid that leaked is like
     * @return list<self> each cause in several strengths: a colour moves far with little heat
     */
    public static function all(Seal $loose): array
    {
        $of = static fn (Sway $sway, Note $cause, float ...$strengths): array => array_map(
            static fn (float $by): self => new self($cause, $sway, $by, $loose), array_values($strengths),
        );

        return array_merge(
            $of(Sway::Ring, Note::of('causes.more-heat'), 1.07, 1.25),
            $of(Sway::Ring, Note::of('causes.less-heat'), 0.93, 0.78),
            $of(Sway::Mark, Note::of('causes.low-mark-gave-more'), 1.15, 1.4),
            $of(Sway::Mark, Note::of('causes.low-mark-gave-less'), 0.87, 0.72),
            $of(Sway::Filling, Note::of('causes.wetter-filling'), 0.1, 0.22),
            $of(Sway::Filling, Note::of('causes.drier-filling'), -0.12),
            $of(Sway::Rice, Note::of('causes.rice-less-done'), -0.2),
            $of(Sway::Rice, Note::of('causes.rice-further-done'), 0.15),
            $of(Sway::FirstHeat, Note::of('causes.longer-first-heat'), 1.5, 4.0),
            $of(Sway::FirstHeat, Note::of('causes.shorter-first-heat'), -1.5, -4.0),
            $of(Sway::Lid, Note::of('causes.lid-leaked'), 1.0),
        );
    }

    /**
     * The first heat as it was turned, so many minutes longer than planned, or shorter.
     *
     * @param  Seal  $loose what a lid that leaked is like
     */
    public static function firstHeat(float $byMin, Seal $loose): self
    {
        return new self(
            $byMin > 0 ? Note::of('causes.longer-first-heat') : Note::of('causes.shorter-first-heat'), Sway::FirstHeat,
            $byMin, $loose,
        );
    }

    /** The pot as it then was. */
    public function pot(SealedPot $pot): SealedPot
    {
        return match ($this->sway) {
            Sway::Ring => $pot->heated($this->by),
            Sway::Mark => $pot->turning($this->by),
            Sway::Filling => $pot->changed(fn (SealedLayer $layer): SealedLayer => $layer instanceof SealedFilling
                ? $layer->wetter($this->by * $layer->stuff->kg())
                : $layer),
            Sway::Rice => $pot->changed(fn (SealedLayer $layer): SealedLayer => $layer instanceof SealedRice
                ? $layer->cooked(max(0.0, min(1.0, $layer->doneness() + $this->by)))
                : $layer),
            Sway::FirstHeat => $pot,
            Sway::Lid => $pot->under($this->loose),
        };
    }

    /**
     * Its heat as it then was.
     *
     * @param  non-empty-list<Stretch>  $heat
     * @return non-empty-list<Stretch>
     */
    public function heat(array $heat): array
    {
        return $this->sway === Sway::FirstHeat
            ? [$heat[0]->lasting(max(1.0, $heat[0]->minutes + $this->by)), ...array_slice($heat, 1)]
            : $heat;
    }
}

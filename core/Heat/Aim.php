<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Lid\LayerState;
use Orbek\Core\Lid\Moment;
use Orbek\Core\Lid\Pieces;
use Orbek\Core\Lid\SealedFilling;
use Orbek\Core\Lid\SealedPot;
use Orbek\Core\Lid\Steaming;
use Orbek\Core\Lid\Texture;
use Orbek\Core\Pot\Matter;

/** What a sealed pot is to end with: rice done and tender, filling safe and tender, the crust as wanted. */
final readonly class Aim
{
    /** A heart of a fifth of the grain is not felt. */
    public const DONE = 0.96;

    /** Above a filling's safe core, °C: the computed one is not the thermometer's. */
    public const TO_SPARE_C = 3.0;

    /** Tenderness past which pieces that are to stay whole fall apart. */
    private const FALLS_APART = 3.5;

    /** Golden from .5 to 1.2 is good from .4 to 1.6, other colours alike (section F). */
    private const SHADE_LIGHTER = 0.8;

    private const SHADE_DARKER = 4 / 3;

    /** A thinner crust tears when it is turned out, mm. */
    private const SET_MM = 0.9;

    /** Further in or out than this is all the same, in steps that a cook would notice. */
    private const FAR = 4.0;

    /** Less than any eye sees. */
    private const NO_BROWNING = 1e-3;

    private const DRIEST = 2.15;

    private const WETTEST = 2.90;

    /** Rice that is not so long in steam at its top is warmed, not steamed, min. */
    public const STEAMED_MIN = 5.0;

    private function __construct(
        public CrustColour $crust, public bool $wantsWhole, public bool $wantsSet, public bool $steams,
    ) {
    }

    /**
     * @param  bool  $whole whether pieces are to stay whole
     * @param  bool  $set whether a crust is laid that is to hold together
     * @param  bool  $steams whether the rice is finished by steam
     */
    public static function of(CrustColour $crust, bool $whole = false, bool $set = false, bool $steams = false): self
    {
        return new self($crust, $whole, $set && $crust !== CrustColour::Pale, $steams);
    }

    /**
     * @param  float  $crustMm dried thickness of the crust at the end
     * @return non-empty-list<Limit>
     */
    public function limits(SealedPot $pot, Moment $end, float $crustMm): array
    {
        $limits = [];
        foreach ($end->layers as $index => $state) {
            if ($state->matter === Matter::Rice) {
                $limits[] = new Limit(Wanted::RiceDone, 100 * $state->doneness, 100 * self::DONE, INF, $index);
                $limits[] = new Limit(Wanted::RiceWeight, $state->uptake, self::DRIEST, self::WETTEST, $index);
                $limits[] = new Limit(Wanted::FreeWater, $state->freeShare, -INF, Texture::FREE, $index);
            }
            $layer = $pot->layers[$index];
            if ($layer instanceof SealedFilling) {
                array_push($limits, ...$this->ofPieces($layer->pieces, $state, $index));
            }
        }
        if ($this->steams) {
            $limits[] = new Limit(Wanted::Steamed, $end->steamedMin, self::STEAMED_MIN, INF);
        }
        $limits[] = new Limit(Wanted::Crust, $end->browning, $this->crust->begins(), $this->mostBrowning());
        if ($this->wantsSet) {
            $limits[] = new Limit(Wanted::CrustSet, $crustMm, self::setMm($pot), INF);
        }

        return $limits;
    }

    /** How deep a crust must dry to hold together, mm: one so thin that it dries through before, as deep as it is. */
    private static function setMm(SealedPot $pot): float
    {
        return min(self::SET_MM, Steaming::driesThroughMm($pot));
    }

    /** @return list<Limit> */
    private function ofPieces(Pieces $pieces, LayerState $state, int $index): array
    {
        $limits = $pieces->safeC === null
            ? []
            : [new Limit(Wanted::SafeCore, $state->coreC, $pieces->safeC + self::TO_SPARE_C, INF, $index)];
        if ($pieces->tenderS > 0) {
            $apart = $this->wantsWhole ? max(self::FALLS_APART, 1.6 * $pieces->tenderness) : INF;
            $limits[] = new Limit(Wanted::Tender, $state->tenderness, $pieces->wanted, $pieces->most ?? $apart, $index);
        }

        return $limits;
    }

    /** A clean base may take a little colour. */
    public function darkest(): CrustColour
    {
        return $this->crust === CrustColour::Pale ? CrustColour::Straw : $this->crust;
    }

    public function mostBrowning(): float
    {
        return $this->darkest()->ends();
    }

    /** Browning at the heart of what is wanted. */
    public function wantedBrowning(): float
    {
        return $this->crust === CrustColour::Pale ? CrustColour::Straw->begins() : $this->crust->middle();
    }

    /** How far a crust is from the heart of its colour, in ln browning; a clean base is never too light. */
    public function offBy(float $browning): float
    {
        $off = log(max(self::NO_BROWNING, $browning) / $this->wantedBrowning());

        return $this->crust === CrustColour::Pale ? max(0.0, $off) : abs($off);
    }

    /** @return non-empty-list<Limit> of a pot as it is */
    public function limitsOf(Steaming $steaming): array
    {
        return $this->limits($steaming->pot, Moment::of($steaming), 1000 * $steaming->skinM);
    }

    /** A crust a shade to either side of what is wanted is a good one still. */
    public function isGood(float $browning): bool
    {
        return $browning >= self::SHADE_LIGHTER * $this->crust->begins()
            && $browning <= self::SHADE_DARKER * $this->mostBrowning();
    }

    /** What a pot misses as it is, added up over its limits; 0 where all is as wanted. */
    public function missOf(Steaming $steaming): float
    {
        return array_sum(array_map(
            static fn (Limit $limit): float => max(0.0, -$limit->margin()), $this->limitsOf($steaming),
        ));
    }

    /** The least margin of a pot as it is to any limit but the crust's colour, in steps that a cook would notice. */
    public function marginOf(Steaming $steaming): float
    {
        $margin = INF;
        foreach ($this->limitsOf($steaming) as $limit) {
            $margin = $limit->wanted === Wanted::Crust ? $margin : min($margin, $limit->margin());
        }

        return max(-self::FAR, min(self::FAR, $margin));
    }

    /** Whether all is done and the crust set, so that low heat may end. */
    public function isCooked(Steaming $steaming): bool
    {
        if ($this->wantsSet && 1000 * $steaming->skinM < self::setMm($steaming->pot)) {
            return false;
        }
        if ($this->steams && $steaming->steamedS < 60 * self::STEAMED_MIN) {
            return false;
        }
        foreach ($steaming->core as $i => $radius) {
            $layer = $steaming->pot->layers[$steaming->layerOf[$i]];
            if ($layer->matter === Matter::Rice && 1 - $radius * $radius < self::DONE) {
                return false;
            }
            if ($layer instanceof SealedFilling && ! self::areDone($layer->pieces, $steaming, $i)) {
                return false;
            }
        }

        return true;
    }

    /** Whether the pieces in a slice are safe and tender, as far as they are to become it. */
    private static function areDone(Pieces $pieces, Steaming $steaming, int $i): bool
    {
        $isSafe = $pieces->safeC === null || $steaming->centreC[$i] >= $pieces->safeC + self::TO_SPARE_C;

        return $isSafe && ($pieces->tenderS <= 0 || $steaming->tenderness[$i] >= $pieces->wanted);
    }
}

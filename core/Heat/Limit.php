<?php

declare(strict_types=1);

namespace Orbek\Core\Heat;

use Orbek\Core\Lid\CrustColour;
use Orbek\Core\Measure\Note;

/** One thing a sealed pot must end with, how it ends, and how far from the edge that is. */
final readonly class Limit
{
    /** Less than any eye sees: the logarithm's end. */
    private const NO_BROWNING = 1e-3;

    /**
     * @param  float  $from at least and
     * @param  float  $to at most; infinite where there is no such edge
     * @param  int|null  $layer of the pot, from the base up; null of the crust
     */
    public function __construct(
        public Wanted $wanted, public float $value, public float $from, public float $to, public ?int $layer = null,
    ) {
    }

    public function isMet(): bool
    {
        return $this->value >= $this->from && $this->value <= $this->to;
    }

    /**
     * How far inside its edges it ends, in steps that a cook would notice; negative where it is missed.
     * Browning grows by factors: its distance is one of logarithms.
     */
    public function margin(): float
    {
        $value = $this->measure($this->value);
        $above = $value - $this->measure($this->from);
        $below = is_finite($this->to) ? $this->measure($this->to) - $value : INF;

        return min($above, $below) / $this->wanted->step();
    }

    private function measure(float $value): float
    {
        return $this->wanted === Wanted::Crust ? log(max(self::NO_BROWNING, $value)) : $value;
    }

    /** The same a share of the way to how another pot ends, or past it. */
    public function towards(self $other, float $share): self
    {
        $value = $this->measure($this->value) + $share * ($this->measure($other->value) - $this->measure($this->value));

        return new self(
            $this->wanted, $this->wanted === Wanted::Crust ? exp($value) : $value, $this->from, $this->to, $this->layer,
        );
    }

    /** What goes wrong where it is missed; null where it is met. */
    public function fault(): ?Fault
    {
        if ($this->isMet()) {
            return null;
        }
        $isShort = $this->value < $this->from;

        return match ($this->wanted) {
            Wanted::RiceDone => Fault::HardHeart,
            Wanted::RiceWeight => $isShort ? Fault::DryRice : Fault::WetRice,
            Wanted::FreeWater => Fault::WetRice,
            Wanted::SafeCore => Fault::UnsafeCore,
            Wanted::Tender => $isShort ? Fault::Tough : Fault::FallsApart,
            Wanted::Steamed => Fault::Unsteamed,
            Wanted::CrustSet => Fault::ThinCrust,
            Wanted::Crust => match (true) {
                $isShort => Fault::Pale,
                CrustColour::of($this->value) === CrustColour::Burnt => Fault::Burns,
                default => Fault::Dark,
            },
        };
    }

    public function words(): Note
    {
        $args = ['value' => $this->value, 'from' => $this->from > 0 ? $this->from : 0.0, 'to' => is_finite(
            $this->to,
        ) ? $this->to : 0.0,
            'least' => $this->from > 0, 'most' => is_finite($this->to)];

        return match ($this->wanted) {
            Wanted::RiceDone => Note::of('limit.rice-done', ...$args),
            Wanted::RiceWeight => Note::of('limit.rice-weight', ...$args),
            Wanted::FreeWater => Note::of('limit.free-water', ...$args),
            Wanted::SafeCore => Note::of('limit.safe-core', ...$args),
            Wanted::Tender => Note::of('limit.tender', ...$args),
            Wanted::Crust => Note::of('limit.crust', ...$args),
            Wanted::Steamed => Note::of('limit.steamed', ...$args),
            Wanted::CrustSet => Note::of('limit.crust-set', ...$args),
        };
    }
}

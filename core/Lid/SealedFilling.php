<?php

declare(strict_types=1);

namespace Orbek\Core\Lid;

use Orbek\Core\Pot\Matter;

/** A layer of filling: gravy and pieces. */
final readonly class SealedFilling extends SealedLayer
{
    /** What its mass is made of (docs/model.md, section F). */
    private const DRY = 0.28;

    private const FAT = 0.05;

    private const WATER = 0.67;

    /** A raw or juicy filling conducts by its moving juice, W per m K. */
    private const WET_CONDUCTS = 2.0;

    private const BROWNS = 1.2;

    private function __construct(string $label, Stuff $stuff, float $celsius, float $conducts, public Pieces $pieces)
    {
        parent::__construct(Matter::Filling, $label, $stuff, $celsius, $conducts, self::BROWNS);
    }

    /**
     * @param  float  $freeShare of its mass that is free water
     * @param  float  $celsius of gravy and surfaces
     */
    public static function of(
        string $label, float $massKg, float $freeShare, float $kgPerLitre, float $celsius, Pieces $pieces,
    ): self {
        $free = $freeShare * $massKg;
        $stuff = new Stuff(
            self::DRY * $massKg, self::FAT * $massKg, self::WATER * $massKg - $free, $free, $massKg / $kgPerLitre,
        );

        return new self($label, $stuff, $celsius, self::conducts($freeShare, $pieces->juiceLeft), $pieces);
    }

    /** From rest to moving juice, over half as much and half more than makes it wet: a little more never jumps. */
    private static function conducts(float $freeShare, float $juiceLeft): float
    {
        $wet = max($freeShare / (Stack::WET_SHARE * self::DRY), 2 * $juiceLeft);

        return self::CONDUCTS + (self::WET_CONDUCTS - self::CONDUCTS) * max(0.0, min(1.0, $wet - 0.5));
    }

    /** Juice still to come, kg. */
    public function juiceKg(): float
    {
        return $this->pieces->juiceLeft * $this->pieces->juiceShare * $this->stuff->kg();
    }

    /** The same with more (or less) free water. */
    public function wetter(float $kg): self
    {
        return new self($this->label, $this->stuff->wetter($kg), $this->celsius, $this->conducts, $this->pieces);
    }
}

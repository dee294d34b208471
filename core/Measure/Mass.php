<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** An amount by weight, never negative. */
final readonly class Mass
{
    private const OUNCE_KG = 0.028349523125;

    private function __construct(public float $kg)
    {
    }

    public static function kilograms(float $kg): self
    {
        return new self(Sane::between('mass in kg', $kg, 0.0, 5000.0));
    }

    public static function grams(float $grams): self
    {
        return self::kilograms($grams / 1000);
    }

    public static function ounces(float $ounces): self
    {
        return self::kilograms($ounces * self::OUNCE_KG);
    }

    /**
     * What a measured volume weighs.
     *
     * @param  float  $kgPerLitre bulk density, e.g. RiceKind::bulkKgPerLitre()
     */
    public static function ofVolume(Volume $volume, float $kgPerLitre): self
    {
        return self::kilograms($volume->litres * $kgPerLitre);
    }

    /** The volume this weight fills at a bulk density in kg per litre. */
    public function volume(float $kgPerLitre): Volume
    {
        return Volume::litres($this->kg / $kgPerLitre);
    }

    public function inGrams(): float
    {
        return $this->kg * 1000;
    }

    public function inOunces(): float
    {
        return $this->kg / self::OUNCE_KG;
    }

    public function times(float $factor): self
    {
        return self::kilograms($this->kg * $factor);
    }

    public function plus(self $other): self
    {
        return self::kilograms($this->kg + $other->kg);
    }
}

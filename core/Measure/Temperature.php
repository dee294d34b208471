<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** A temperature a kitchen can have: -40 to 400 °C. */
final readonly class Temperature
{
    private function __construct(public float $celsius)
    {
    }

    public static function celsius(float $celsius): self
    {
        return new self(Sane::between('temperature', $celsius, -40.0, 400.0));
    }

    public static function fahrenheit(float $fahrenheit): self
    {
        return self::celsius(($fahrenheit - 32) / 1.8);
    }

    public function kelvin(): float
    {
        return $this->celsius + 273.15;
    }

    public function inFahrenheit(): float
    {
        return $this->celsius * 1.8 + 32;
    }
}

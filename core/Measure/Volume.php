<?php

declare(strict_types=1);

namespace Orbek\Core\Measure;

/** An amount by volume, never negative. */
final readonly class Volume
{
    private const TEASPOON_L = 0.005;

    private const TABLESPOON_L = 0.015;

    private function __construct(public float $litres)
    {
    }

    public static function litres(float $litres): self
    {
        return new self(Sane::between('volume in litres', $litres, 0.0, 20000.0));
    }

    public static function millilitres(float $millilitres): self
    {
        return self::litres($millilitres / 1000);
    }

    public static function cups(float $cups, Cup $cup): self
    {
        return self::litres($cups * $cup->millilitres() / 1000);
    }

    public static function teaspoons(float $spoons): self
    {
        return self::litres($spoons * self::TEASPOON_L);
    }

    public static function tablespoons(float $spoons): self
    {
        return self::litres($spoons * self::TABLESPOON_L);
    }

    public function inMillilitres(): float
    {
        return $this->litres * 1000;
    }

    public function inCups(Cup $cup): float
    {
        return $this->inMillilitres() / $cup->millilitres();
    }

    public function inTablespoons(): float
    {
        return $this->litres / self::TABLESPOON_L;
    }
}

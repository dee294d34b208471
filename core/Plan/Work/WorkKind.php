<?php

declare(strict_types=1);

namespace Orbek\Core\Plan\Work;

use Orbek\Core\Plan\Station;

/** What a piece of work is, whatever it is called. */
enum WorkKind: string
{
    case Rinse = 'rinse';
    case Soak = 'soak';
    case HeatWater = 'heat-water';
    case BoiledFirst = 'boiled-first';
    case Boil = 'boil';
    case Drain = 'drain';
    case TopUp = 'top-up';
    case Cook = 'cook';
    case HotFat = 'hot-fat';
    case HotPlate = 'hot-plate';
    case Marinade = 'marinade';
    case Marinates = 'marinates';
    case Yogurt = 'yogurt';
    case MarinatesOn = 'marinates-on';
    case StandsOut = 'stands-out';
    case Filling = 'filling';
    case Extra = 'extra';
    case ExtraWaits = 'extra-waits';
    case Prepare = 'prepare';
    case Dough = 'dough';
    case Layer = 'layer';
    case Heat = 'heat';
    case Second = 'second';
    case Side = 'side';
    case Smoke = 'smoke';
    case Smokes = 'smokes';
    case Open = 'open';

    /** The id of the one of its kind, or of its first, second … where there are several. */
    public function id(int $index = 0): string
    {
        $number = $index + 1;

        return match ($this) {
            self::Boil, self::Drain, self::Marinade, self::Marinates, self::Yogurt, self::MarinatesOn,
            self::StandsOut => $index === 0 ? $this->value : "{$this->value}-{$number}",
            self::BoiledFirst, self::TopUp, self::HotPlate, self::Filling, self::Extra, self::Heat, self::Second,
            self::Side, self::Prepare => "{$this->value}-{$number}",
            self::ExtraWaits => "extra-{$number}-waits",
            default => $this->value,
        };
    }

    /** Whether water is on the ring for the rice. */
    public function isWater(): bool
    {
        return in_array($this, [self::Boil, self::HeatWater, self::TopUp], true);
    }

    /** Where the hand is. */
    public function station(): ?Station
    {
        return match ($this) {
            self::Rinse => Station::Rice,
            self::Filling, self::Marinade, self::StandsOut => Station::Filling,
            self::HotFat => Station::Layers,
            self::Layer => Station::Lid,
            self::Heat => Station::Heat,
            self::Open => Station::Serve,
            default => null,
        };
    }
}

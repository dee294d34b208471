<?php

declare(strict_types=1);

namespace Orbek\Core\Filling;

use Orbek\Core\Care\Allergen;

/** What goes between the rice, as far as its heat and juice differ (docs/model.md, section C). */
enum FillingKind: string
{
    case ChickenThigh = 'chicken-thigh';
    case ChickenBreast = 'chicken-breast';
    case TurkeyThigh = 'turkey-thigh';
    case LambCubes = 'lamb-cubes';
    case MuttonCubes = 'mutton-cubes';
    case Meatballs = 'meatballs';
    case Fish = 'fish';
    case Prawns = 'prawns';
    case Egg = 'egg';
    case Paneer = 'paneer';
    case Ready = 'ready';
    case RootVegetables = 'root-vegetables';
    case TenderVegetables = 'tender-vegetables';

    public function label(): string
    {
        return match ($this) {
            self::ChickenThigh => 'chicken thigh, bone in',
            self::ChickenBreast => 'chicken breast',
            self::TurkeyThigh => 'turkey thigh',
            self::LambCubes => 'lamb or goat, young, cubes',
            self::MuttonCubes => 'mutton or beef chuck, cubes',
            self::Meatballs => 'minced meat balls',
            self::Fish => 'fish',
            self::Prawns => 'prawns',
            self::Egg => 'boiled egg',
            self::Paneer => 'paneer or tofu',
            self::Ready => 'cooked pulses, nuts, dried fruit',
            self::RootVegetables => 'root vegetables, jackfruit',
            self::TenderVegetables => 'tender vegetables, mushrooms',
        };
    }

    public function isRedMeat(): bool
    {
        return in_array($this, [self::LambCubes, self::MuttonCubes], true);
    }

    /** What guests must be told of it, whoever cooks it. */
    public function allergen(): ?Allergen
    {
        return match ($this) {
            self::Fish => Allergen::Fish,
            self::Prawns => Allergen::Crustaceans,
            self::Egg => Allergen::Egg,
            default => null,
        };
    }

    /** Share of the raw weight given off as juice when cooked through. */
    public function juiceShare(): float
    {
        return match ($this) {
            self::ChickenThigh, self::ChickenBreast, self::TurkeyThigh => 0.18,
            self::LambCubes, self::MuttonCubes, self::TenderVegetables => 0.25,
            self::Meatballs => 0.20,
            self::Fish, self::Prawns => 0.15,
            self::Ready, self::Egg, self::Paneer => 0.02,
            self::RootVegetables => 0.08,
        };
    }

    /** Core temperature that makes it safe, °C; null where there is none to reach. */
    public function safeCoreC(): ?float
    {
        return match ($this) {
            self::ChickenThigh, self::ChickenBreast, self::TurkeyThigh => 74.0,
            self::Meatballs, self::Egg => 71.0,
            self::LambCubes, self::MuttonCubes, self::Fish, self::Prawns => 63.0,
            self::Paneer, self::Ready, self::RootVegetables, self::TenderVegetables => null,
        };
    }

    /** Minutes at 95 °C until it is tender; 0 where there is nothing to wait for. */
    public function tenderMin(): float
    {
        return match ($this) {
            self::ChickenThigh => 14.0,
            self::ChickenBreast => 10.0,
            self::TurkeyThigh => 22.0,
            self::LambCubes => 60.0,
            self::MuttonCubes => 100.0,
            self::Meatballs, self::TenderVegetables => 8.0,
            self::Fish, self::Prawns => 4.0,
            self::Ready, self::Egg, self::Paneer => 0.0,
            self::RootVegetables => 18.0,
        };
    }

    /** Half the thickness of a usual piece, mm. */
    public function halfThicknessMm(): float
    {
        return match ($this) {
            self::ChickenThigh => 20.0,
            self::ChickenBreast, self::TurkeyThigh => 14.0,
            self::LambCubes, self::MuttonCubes => 12.0,
            self::Meatballs, self::RootVegetables => 10.0,
            self::Fish => 9.0,
            self::Egg => 12.0,
            self::Prawns, self::Paneer, self::Ready, self::TenderVegetables => 6.0,
        };
    }

    public function isPoultry(): bool
    {
        return in_array($this, [self::ChickenThigh, self::ChickenBreast, self::TurkeyThigh], true);
    }

    public function isMeatOrFish(): bool
    {
        return $this->safeCoreC() !== null && $this !== self::Egg;
    }

    /** Bulk density when layered, kg per litre: meat in gravy or vegetables (section E). */
    public function bulkKgPerLitre(): float
    {
        return match ($this) {
            self::RootVegetables, self::TenderVegetables => 0.75,
            self::Ready, self::Egg => 0.80,
            default => 1.0,
        };
    }
}

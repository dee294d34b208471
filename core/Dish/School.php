<?php

declare(strict_types=1);

namespace Orbek\Core\Dish;

/** The schools of the craft: how the rice is cooked, when the filling is, and how both are sealed. */
enum School: string
{
    case RawFilling = 'raw-filling';
    case CookedFilling = 'cooked-filling';
    case LongSeal = 'long-seal';
    case DrainedAndSteamed = 'drained-and-steamed';
    case OnePot = 'one-pot';
    case Cooker = 'cooker';
    case Yesterday = 'yesterday';

    /** Whether the rice takes up measured water and is not drained. */
    public function isMeasured(): bool
    {
        return in_array($this, [self::OnePot, self::Cooker, self::Yesterday], true);
    }

    public function label(): string
    {
        return match ($this) {
            self::RawFilling => 'Raw filling, sealed (kacchi)',
            self::CookedFilling => 'Cooked filling, layered (pakki)',
            self::LongSeal => 'Long seal (slow dum)',
            self::DrainedAndSteamed => 'Drained and steamed (polo)',
            self::OnePot => 'One pot by absorption (dampokht)',
            self::Cooker => 'Rice cooker, then a warm oven',
            self::Yesterday => 'Yesterday\'s filling, fresh rice',
        };
    }

    /** What the word means, for its first use on a page. */
    public function gloss(): string
    {
        return match ($this) {
            self::RawFilling => 'the meat goes in raw from its marinade and cooks under the rice',
            self::CookedFilling => 'the filling is cooked first, then layered with the rice',
            self::LongSeal => 'cooked filling, sealed with dough and steamed very low for long',
            self::DrainedAndSteamed => 'long soak, short boil, drained, then steamed as a mound over a crust',
            self::OnePot => 'measured water over filling and rice, cooked to dry craters, then sealed',
            self::Cooker => 'rice cooked alone in a cooker, put over the filling and kept in a warm oven',
            self::Yesterday => 'leftover curry let down with water, quick rice folded in',
        };
    }

    /**
     * The stock heat line.
     *
     * @return non-empty-list<array{float, float, bool, ?string, 4?: float}> minutes, W per cm² of base net of
     *                                                                       the burner's loss, on a plate or not, the cue that ends it,
     *                                                                       the oven's air in °C
     */
    public function stockHeats(): array
    {
        return match ($this) {
            self::RawFilling => [[8.0, 2.0, false, 'steam shows at the seal'], [55.0, 0.8, true, null], [10.0, 0.0, false, null]],
            self::CookedFilling => [[10.0, 1.1, false, 'steam shows at the lid'], [20.0, 0.45, false, null], [8.0, 0.0, false, null]],
            self::LongSeal => [[5.0, 1.1, true, null], [105.0, 0.7, true, null], [10.0, 0.0, false, null]],
            self::DrainedAndSteamed => [[9.0, 1.14, false, 'steam meets the lid'], [45.0, 0.49, true, null], [8.0, 0.0, false, null]],
            self::OnePot => [[22.0, 0.3, false, null], [10.0, 0.0, false, null]],
            self::Cooker => [[45.0, 0.0, false, null, 100.0], [5.0, 0.0, false, null]],
            self::Yesterday => [[5.0, 0.45, false, null], [5.0, 0.0, false, null]],
        };
    }
}
